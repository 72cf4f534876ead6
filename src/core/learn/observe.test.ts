import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { householdSchema } from '../exchange';
import { waitFor, type Kitchen } from '../kitchen';
import { mealSchema, newEntry } from '../meal';
import { compileMeal } from '../plan';
import { accountOf, type Evening, type RunEvent } from '../run';
import { solve } from '../solve';
import { learn, observe, priorFor, suggestChanges, withLearned, type Observation } from './index';

const NOW = Date.UTC(2026, 10, 25, 9);
const MINUTE = 60_000;
const household = householdSchema.parse(demoHousehold(NOW));
const dishes = new Map(household.dishes.map((d) => [d.id, d]));
const two: Kitchen = {
  ...household.kitchen,
  hands: 2,
  cooks: [
    { id: 'ada', name: 'Ada', pace: 2 },
    { id: 'tom', name: 'Tom', pace: 1 },
  ],
};

/** An evening that goes exactly as planned, each tap on the screen that `tappedBy` names. */
function play(
  kitchen: Kitchen,
  given: string | null,
  tappedBy: (kind: 'started' | 'done') => string | undefined,
): { evening: Evening; events: RunEvent[] } {
  const serveAt = NOW + 10 * 3_600_000;
  const meal = mealSchema.parse({
    format: 'olive-clock/meal@2',
    id: 'm',
    name: 'M',
    serveAt: new Date(serveAt).toISOString(),
    zone: 'Europe/Athens',
    servings: 4,
    entries: [newEntry('red-cabbage', 'red-cabbage', { where: { cook: given } })],
  });
  const compiled = compileMeal(meal, dishes, kitchen, NOW);
  if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
  const schedule = { ...solve(compiled.value.problem), milliseconds: 0 };
  const evening = { id: 'e', mealId: 'm', name: 'M', serveAt, compiled: compiled.value, schedule };
  const events = schedule.steps.flatMap((s) =>
    (['started', 'done'] as const).map((kind): RunEvent => {
      const minute = kind === 'started' ? s.start : s.end;
      const cook = tappedBy(kind);
      return {
        id: `${kind}.${s.id}`,
        at: serveAt + minute * MINUTE,
        by: 'screen',
        kind,
        step: s.id,
        ...(cook === undefined ? {} : { cook }),
      };
    }),
  );
  events.push({ id: 'served', at: serveAt, by: 'screen', kind: 'served' });
  return { evening, events };
}
const seenIn = (kitchen: Kitchen, { evening, events }: ReturnType<typeof play>): Observation[] =>
  observe(
    evening,
    accountOf(evening, events, dishes, evening.serveAt + MINUTE),
    kitchen,
    new Map(),
  );
const pacesIn = (seen: readonly Observation[]): string[] => [
  ...new Set(seen.filter((o) => o.kind === 'pace').map((o) => o.figure)),
];

describe('whose hands it was', () => {
  it('what is tapped on somebody’s screen says something of them, and of the household', () => {
    const seen = seenIn(
      two,
      play(two, null, () => 'tom'),
    );
    expect(pacesIn(seen)).toEqual(expect.arrayContaining(['pace.all.prep', 'pace.tom.prep']));
    expect(pacesIn(seen).some((f) => f.startsWith('pace.ada'))).toBe(false);
    // Planned at the mean of the two, 1.5, and just as long: that is what the hands took.
    const own = seen.find((o) => o.figure === 'pace.tom.prep');
    expect(Math.exp(own?.log ?? 0)).toBeCloseTo(1.5, 6);
  });

  it('a dish that was given to a cook is read against their own pace', () => {
    const seen = seenIn(
      two,
      play(two, 'ada', () => undefined),
    );
    const own = seen.find((o) => o.figure === 'pace.ada.prep');
    expect(Math.exp(own?.log ?? 0)).toBeCloseTo(2, 6);
  });

  it('begun by one and finished by the other, or on everybody’s screen, it is nobody’s own', () => {
    const handedOver = play(two, null, (kind) => (kind === 'started' ? 'ada' : 'tom'));
    for (const evening of [handedOver, play(two, null, () => undefined)])
      expect(pacesIn(seenIn(two, evening)).every((f) => f.startsWith('pace.all.'))).toBe(true);
  });

  it('of a cook who is alone in the kitchen, everything is learned as the household’s', () => {
    const alone = { ...two, hands: 1, cooks: two.cooks.slice(0, 1) };
    const seen = seenIn(
      alone,
      play(alone, null, () => 'ada'),
    );
    expect(pacesIn(seen).every((f) => f.startsWith('pace.all.'))).toBe(true);
    const learned = withLearned(
      alone,
      learn([...seen, ...seen.map((o) => ({ ...o, evening: 'f' }))], priorFor(alone)),
    );
    const given = compileMeal(
      mealSchema.parse({
        format: 'olive-clock/meal@2',
        id: 'n',
        name: 'N',
        serveAt: new Date(NOW + 36_000_000).toISOString(),
        zone: 'Europe/Athens',
        servings: 4,
        entries: [newEntry('red-cabbage', 'red-cabbage', { where: { cook: 'ada' } })],
      }),
      dishes,
      learned,
      NOW,
    );
    expect(given.ok && given.value.basis?.paces.ada?.prep).toBeCloseTo(
      learned.learned?.paces.all?.prep ?? Number.NaN,
      6,
    );
  });
});

describe('a hold that was not enough', () => {
  const id = 'hold.beef-cheek-stout/cook';
  /** Opened after the dish's 50 minutes; put back for `more` of them where it was not done. */
  const evening = (more: number, at: number): Observation[] =>
    (more > 0 ? [[50, false] as const, [50 + more, true] as const] : [[50, true] as const]).map(
      ([real, stood]) => ({
        figure: id,
        kind: 'hold',
        about: 'Beef cheek in stout',
        evening: String(at),
        eveningName: String(at),
        at,
        planned: 50,
        real,
        log: Math.log(real / 50),
        stood,
      }),
    );
  const compile = (kitchen: Kitchen) => {
    const meal = mealSchema.parse({
      format: 'olive-clock/meal@2',
      id: 'm',
      name: 'M',
      serveAt: new Date(NOW + 36_000_000).toISOString(),
      zone: 'Europe/Athens',
      servings: 6,
      entries: [newEntry('beef-cheek-stout', 'beef-cheek-stout')],
    });
    const compiled = compileMeal(meal, dishes, kitchen, NOW);
    if (!compiled.ok) throw new Error(compiled.problems[0]?.message);
    const hold = compiled.value.problem.steps.find((s) => s.id.endsWith('.hold'))?.minutes;
    const minutes = typeof hold === 'object' ? Math.max(...Object.values(hold)) : (hold ?? 0);
    return { ...compiled.value, minutes };
  };

  it('is longer in the next plan, which says so; and is never shorter than the dish says', () => {
    const { kitchen } = household;
    const figures = learn([...evening(10, 1), ...evening(10, 2), ...evening(12, 3)], () => 1);
    const taught = compile(withLearned(kitchen, figures));
    expect(taught.minutes).toBeGreaterThan(compile(kitchen).minutes + 3);
    expect(taught.minutes).toBeLessThanOrEqual(62);
    expect(taught.notes.some((n) => n.code === 'taught-pressure-time')).toBe(true);
    // What such an evening says is said of the dish as written.
    expect(taught.basis?.holds?.['beef-cheek-stout/cook']).toBeCloseTo(figures[0]?.now ?? 0, 9);
    const enough = learn([...evening(0, 1), ...evening(0, 2)], () => 1);
    expect(compile(withLearned(kitchen, enough)).minutes).toBe(compile(kitchen).minutes);
  });
});

describe('how long a dish stands', () => {
  const dish = dishes.get('red-cabbage');
  if (!dish) throw new Error('no dish');
  const limited = { ...dish, wait: { maxMinutes: 40, cost: 1 } };
  const wait = (minutes: number, stood: boolean, at = minutes): Observation => ({
    figure: `wait.${dish.id}`,
    kind: 'wait',
    about: dish.name,
    evening: String(at),
    eveningName: String(at),
    at,
    planned: 40,
    real: minutes,
    log: Math.log(minutes / 40),
    stood,
  });
  const factor = (seen: readonly Observation[]): number => learn(seen, () => 1)[0]?.now ?? 1;

  it('is asked of those that waited, and the evening’s verdict counts', () => {
    const { evening, events } = play(household.kitchen, null, () => undefined);
    const account = accountOf(evening, events, dishes, evening.serveAt + MINUTE);
    const waited = {
      ...account,
      dishes: account.dishes.map((d) => ({ ...d, waited: 25, stands: 40 })),
    };
    const said = (wait: 'suffered' | null) => new Map([['red-cabbage', { wait }]]);
    const seen = observe(evening, waited, household.kitchen, said('suffered'));
    expect(seen.filter((o) => o.kind === 'wait')).toMatchObject([
      { figure: 'wait.red-cabbage', planned: 40, real: 25, stood: false },
    ]);
    for (const verdicts of [said(null), new Map()])
      expect(
        observe(evening, waited, household.kitchen, verdicts).some((o) => o.kind === 'wait'),
      ).toBe(false);
  });

  it('suffering early shortens it, standing long lengthens it, and one odd verdict breaks nothing', () => {
    const early = [wait(15, false), wait(18, false), wait(20, false), wait(8, true)];
    expect(factor(early)).toBeLessThan(0.6);
    expect(factor(early)).toBeGreaterThan(0.2);
    const long = [wait(50, true), wait(60, true), wait(70, true)];
    expect(factor(long)).toBeGreaterThan(1.3);
    const steady = Array.from({ length: 8 }, (_, i) => wait(38 + i, true, i));
    expect(factor([...steady, wait(10, false, 99)])).toBeGreaterThan(0.85 * factor(steady));
    // A short wait that was stood says next to nothing.
    expect(factor([wait(6, true), wait(7, true)])).toBeCloseTo(1, 1);
  });

  it('plans take it, within bounds; as a suggestion it goes into the dish', () => {
    const figures = learn([wait(15, false), wait(18, false), wait(20, false)], () => 1);
    const learned = withLearned(household.kitchen, figures);
    const stands = waitFor(learned, limited) ?? 0;
    expect(stands).toBeLessThan(25);
    expect(stands).toBeGreaterThanOrEqual(10);
    expect(waitFor(household.kitchen, limited)).toBe(40);
    expect(waitFor(learned, { ...dish, wait: { maxMinutes: null } })).toBeNull();
    const [suggestion] = suggestChanges(limited, [], figures);
    expect(suggestion).toMatchObject({ id: 'wait', figure: `wait.${dish.id}` });
    expect(suggestion?.because).toContain('3 of 3');
    expect(suggestion?.dish.wait.maxMinutes).toBeLessThan(30);
    expect(
      suggestChanges(
        limited,
        [],
        learn([wait(6, true), wait(7, true)], () => 1),
      ),
    ).toEqual([]);
  });
});
