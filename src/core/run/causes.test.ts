import { describe, expect, it } from 'vitest';
import { demoStarts, household } from '../../../tests/support/demo-evenings';
import { playForward } from '../../../tests/support/play-evening';
import { valueFor } from '../solve';
import { accountOf, type Account, type Evening, type RunEvent } from './index';

const MINUTE = 60_000;
const dishes = new Map(household.dishes.map((d) => [d.id, d]));
const found = demoStarts().find((e) => e.id === 'harvest-supper');
if (!found) throw new Error('no supper');
const supper: Evening = found;

interface Played {
  /** Times what was planned, by step. */
  slower?: (step: string, unit: string | null) => number;
  /** Minutes that nobody began it, by step. */
  idle?: Readonly<Record<string, number>>;
  events?: readonly RunEvent[];
  away?: { from: number; to: number };
}

/** The supper as it went, each step tapped when it began and when it was over. */
function play({ slower = () => 1, idle = {}, events = [], away }: Played): Account {
  const { compiled, schedule, serveAt } = supper;
  const unitOf = new Map(schedule.blocks.map((b) => [b.id, b.unit]));
  const lengths = new Map(
    compiled.problem.steps.map((s) => {
      const unit = unitOf.get(s.block ?? '') ?? null;
      const usual = valueFor(s.minutes, unit ?? undefined) ?? 0;
      return [s.id, Math.round(usual * slower(s.id, unit)) + (idle[s.id] ?? 0)] as const;
    }),
  );
  const problem = away ? { ...compiled.problem, away: [{ ...away, hands: 1 }] } : compiled.problem;
  const starts = playForward(problem, schedule, lengths);
  const taps = [...starts].flatMap(([step, start]) =>
    (['started', 'done'] as const).map((kind): RunEvent => {
      const minute = start + (kind === 'started' ? (idle[step] ?? 0) : (lengths.get(step) ?? 0));
      return { id: `${kind} ${step}`, at: serveAt + minute * MINUTE, by: '', kind, step };
    }),
  );
  const all = [...taps, ...events].sort((a, b) => a.at - b.at);
  const end = (all.at(-1)?.at ?? serveAt) + MINUTE;
  return accountOf(
    supper,
    [...all, { id: 'served', at: end, by: '', kind: 'served' }],
    dishes,
    end,
  );
}
const startOf = (step: string): number =>
  supper.schedule.steps.find((s) => s.id === step)?.start ?? Number.NaN;
const ends =
  (suffix: string, factor: number) =>
  (step: string): number =>
    step.endsWith(suffix) ? factor : 1;
const kinds = ({ causes }: Account): string[] =>
  causes.filter((c) => c.minutes >= 3).map((c) => c.kind);

/** Ten evenings that went wrong in ten ways, each known. */
describe('why an evening was late', () => {
  it('as planned, nothing is said', () => {
    expect(play({})).toMatchObject({ causes: [], advice: [] });
  });

  it('a pot that is slow each time', () => {
    const account = play({
      slower: (s, unit) => (s.endsWith('.up') && unit === 'large' ? 1.6 : 1),
    });
    expect(kinds(account)).toEqual(['weak-pot']);
    expect(account.advice[0]).toMatch(/slow each time/);
  });

  it('every pot slow: colder food, and no pot’s fault', () => {
    const account = play({ slower: ends('.up', 1.6) });
    expect(kinds(account)).toEqual(['cold-food']);
    expect(account.advice[0]).toMatch(/colder than planned/);
  });

  it('one pot slow once: what was in it', () => {
    const account = play({ slower: ends('chickpeas-lemon.cook.up', 1.7) });
    expect(kinds(account)).toEqual(['slow-pot']);
  });

  it('an open valve', () => {
    const step = 'chickpeas-lemon.cook.up';
    const at = supper.serveAt + (startOf(step) + 10) * MINUTE;
    const account = play({
      slower: ends(step, 1.7),
      events: [{ id: 'leak', at, by: '', kind: 'trouble', step, what: 'valve' }],
    });
    expect(kinds(account)).toEqual(['valve']);
    expect(account.advice.filter((a) => /valve/.test(a))).toHaveLength(1);
  });

  it('pressure that went slowly', () => {
    expect(kinds(play({ slower: ends('chickpeas-lemon.cook.release', 1.6) }))).toEqual([
      'slow-release',
    ]);
  });

  it('cutting that took longer, whatever waited for it', () => {
    const account = play({ slower: (s) => (/\.(cut|chop|scrub|mix)$/.test(s) ? 2 : 1) });
    expect(kinds(account)[0]).toBe('work');
    expect(account.advice[0]).toMatch(/^Cutting and preparing took longer/);
    expect(kinds(account)).not.toContain('begun-late');
  });

  it('a sauce that took its time', () => {
    const account = play({ slower: ends('lamb-apricots.reduce', 4) });
    expect(kinds(account)).toEqual(['stage']);
    expect(account.advice[0]).toMatch(/“Reduce the sauce/);
  });

  it('something that nobody began', () => {
    const account = play({ idle: { 'lamb-apricots.brown': 20 } });
    expect(kinds(account)).toEqual(['begun-late']);
    expect(account.advice[0]).toMatch(/“Brown the lamb.*nothing kept it waiting/);
  });

  it('a cook who was away', () => {
    const from = startOf('lamb-apricots.brown') - 1;
    const account = play({
      away: { from, to: from + 25 },
      events: [{ id: 'a', at: supper.serveAt + from * MINUTE, by: '', kind: 'away', minutes: 25 }],
    });
    expect(kinds(account)).toContain('away');
    expect(account.causes[0]?.kind).toBe('away');
  });

  it('a pause counts for what it held up, and for nothing after it', () => {
    const brown = startOf('lamb-apricots.brown');
    const pause = (from: number, to: number): RunEvent[] =>
      (['paused', 'resumed'] as const).map((kind, i) => ({
        id: kind,
        at: supper.serveAt + (i === 0 ? from : to) * MINUTE,
        by: '',
        kind,
      }));
    const idle = { 'lamb-apricots.brown': 20 };
    expect(kinds(play({ idle, events: pause(brown, brown + 19) }))).toEqual(['away']);
    expect(kinds(play({ idle, events: pause(brown - 12, brown - 8) }))).toEqual(['begun-late']);
  });

  it('guests who came later make nothing late', () => {
    const at = supper.serveAt - 60 * MINUTE;
    const account = play({ events: [{ id: 'g', at, by: '', kind: 'guests', minutes: 25 }] });
    expect(account.causes).toEqual([]);
    // Nothing was planned again here: what was ready waited, and that alone is said.
    expect(account.advice.every((a) => a.includes('was kept warm'))).toBe(true);
  });
});
