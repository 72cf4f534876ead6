/** What a virtual pot shows at a moment of a practice evening. */
import { seeded, type Mishap, type Practice, cycleOf } from './practice';
import type { RunEvent } from './events';
import type { LiveState, LiveStep } from './live';

const MINUTE = 60_000;
/** An overheating pot stops at this share of its way up, and needs so long again once it is seen to. */
const OVERHEATS_AT = 0.55;
const MENDING_MIN = 6;
/** Steam goes out of an open valve for as long as nobody looks. */
const BOILING_C = 100;
const WORKING_C = 118;
const COLD_C = 20;
/** Readings scatter as a cheap probe does, K. */
const NOISE_K = 0.8;

export type PotPhase =
  'idle' | 'heating' | 'stopped' | 'steaming' | 'counting' | 'releasing' | 'venting' | 'open';

/** One message of a cooker: what it measures, and what it says of itself. */
export interface Reading {
  format: 'olive-clock/reading@1';
  /** Cooker id in the kitchen. */
  cooker: string;
  /** ms since the epoch on the evening's clock. */
  at: number;
  phase: PotPhase;
  /** When that phase began. */
  since: number;
  celsius: number;
  pin: 'up' | 'down';
  /** On its display; null where it shows none. */
  minutesLeft: number | null;
  fault: 'overheating' | null;
}

/** The pot's own clockwork in one cycle, ms since the epoch; null where it has not come to that. */
interface Timeline {
  lidOn: number;
  up: number | null;
  beep: number | null;
  down: number | null;
  stoppedFrom: number | null;
  isSteaming: boolean;
  vented: number | null;
  open: number | null;
}

/** @returns null where the pot is not under its lid */
export function readPot(
  practice: Practice,
  state: LiveState,
  events: readonly RunEvent[],
  unit: string,
  now: number,
): Reading | null {
  const seal = state.steps.findLast(
    (s) =>
      s.operation.unit === unit &&
      s.operation.phase === 'seal' &&
      s.status === 'done' &&
      s.end <= now,
  );
  if (!seal) return null;
  const cycle = cycleOf(seal.operation);
  const truth = practice.truth[cycle];
  const part = (name: string): LiveStep | undefined =>
    state.steps.find((s) => s.operation.id === `${cycle}.${name}`);
  if (!truth) return null;
  const comeUp = (truth.comeUp[unit] ?? Object.values(truth.comeUp)[0] ?? 10) * MINUTE;
  const release = (truth.release[unit] ?? Object.values(truth.release)[0] ?? 10) * MINUTE;
  const line = timeline({
    lidOn: seal.end,
    comeUp,
    hold: holdOf(part('hold')),
    release,
    mishap: truth.mishap,
    mended: mendedAt(events, `${cycle}.up`, truth.mishap),
    vented: tapped(part('vent')),
    open: tapped(part('open')),
    isNatural: part('vent') === undefined,
    now,
  });
  return readingFrom(line, { unit, now, comeUp, release, seed: practice.seed });
}

const holdOf = (step: LiveStep | undefined): number => (step ? step.end - step.start : 0);

/** When a step of the hands was really done. */
function tapped(step: LiveStep | undefined): number | null {
  return step?.status === 'done' && !step.isAssumed ? step.end : null;
}

/** When the cook saw to it: told by the tap that names the trouble. */
function mendedAt(events: readonly RunEvent[], step: string, mishap: Mishap | null): number | null {
  const undone = new Set(events.flatMap((e) => (e.kind === 'undone' ? [e.of] : [])));
  const tap = events.find(
    (e) => e.kind === 'trouble' && e.step === step && e.what === mishap && !undone.has(e.id),
  );
  return tap?.at ?? null;
}

function timeline(facts: {
  lidOn: number;
  comeUp: number;
  hold: number;
  release: number;
  mishap: Mishap | null;
  mended: number | null;
  vented: number | null;
  open: number | null;
  isNatural: boolean;
  now: number;
}): Timeline {
  const { lidOn, comeUp, mishap, mended, now } = facts;
  const line: Timeline = {
    lidOn,
    up: lidOn + comeUp,
    beep: null,
    down: null,
    stoppedFrom: null,
    isSteaming: false,
    vented: facts.vented,
    open: facts.open,
  };
  if (mishap === 'overheating') {
    const stops = lidOn + comeUp * OVERHEATS_AT;
    // A pot says so itself; it goes on once somebody has seen to it.
    line.stoppedFrom = stops;
    line.up = mended === null ? null : mended + MENDING_MIN * MINUTE + comeUp * (1 - OVERHEATS_AT);
    if (mended !== null && now >= mended + MENDING_MIN * MINUTE) line.stoppedFrom = null;
  }
  if (mishap === 'valve') {
    line.isSteaming = mended === null;
    // What boiled already needs only the rest of the way.
    line.up = mended === null ? null : Math.max(mended, lidOn) + comeUp * 0.4;
  }
  if (line.up === null) return line;
  line.beep = line.up + facts.hold;
  const vent = facts.vented !== null && facts.vented >= line.beep ? facts.vented : null;
  line.down = facts.isNatural ? line.beep + facts.release : vent;
  return line;
}

function readingFrom(
  line: Timeline,
  {
    unit,
    now,
    comeUp,
    release,
    seed,
  }: Record<'now' | 'comeUp' | 'release' | 'seed', number> & {
    unit: string;
  },
): Reading {
  const noise = (seeded(seed + Math.floor(now / 5000))() - 0.5) * 2 * NOISE_K;
  const reading = (
    phase: PotPhase,
    since: number,
    celsius: number,
    more: Partial<Reading> = {},
  ): Reading => ({
    format: 'olive-clock/reading@1',
    cooker: unit,
    at: now,
    phase,
    since: Math.round(since),
    celsius: Math.round((celsius + noise) * 10) / 10,
    pin: 'down',
    minutesLeft: null,
    fault: null,
    ...more,
  });
  const rising = (share: number): number =>
    COLD_C + (WORKING_C - COLD_C) * Math.min(1, Math.max(0, share));
  if (line.open !== null && now >= line.open) return reading('open', line.open, 90);
  if (line.stoppedFrom !== null && now >= line.stoppedFrom)
    return reading('stopped', line.stoppedFrom, BOILING_C + 8, { fault: 'overheating' });
  const share = (now - line.lidOn) / comeUp;
  if (line.isSteaming && share > 0.75)
    return reading('steaming', line.lidOn + comeUp * 0.75, BOILING_C);
  if (line.up === null || now < line.up)
    return reading('heating', line.lidOn, Math.min(rising(share), WORKING_C - 2), {
      pin: share > 0.85 && !line.isSteaming ? 'up' : 'down',
    });
  if (line.beep === null || now < line.beep)
    return reading('counting', line.up, WORKING_C, {
      pin: 'up',
      minutesLeft: Math.ceil(((line.beep ?? now) - now) / MINUTE),
    });
  if (line.down !== null && now >= line.down) return reading('idle', line.down, 97);
  const fallen = Math.min(1, (now - line.beep) / Math.max(1, release));
  return reading('releasing', line.beep, WORKING_C - 18 * fallen, { pin: 'up' });
}
