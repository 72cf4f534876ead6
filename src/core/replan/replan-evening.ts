/** The rest of a live evening, planned again after what has happened. */
import { inTurn, replan, stillHolds, type Happening, type Problem, type Schedule } from '../solve';
import { effective, isPast, strandedIn, type Evening, type LiveState, type RunEvent } from '../run';
import { sayReplan, type Teller } from './say-replan';
import { asItStands, bare, handsOff, relaxed } from './standing';

const MINUTE = 60_000;

export interface EveningReplan {
  schedule: Schedule;
  /** What changes; '' where nothing does that a cook would notice. */
  text: string;
  /** What was told still holds, and stays as it is. */
  isKept: boolean;
}

/**
 * @param now ms since the epoch
 * @param patience how much the search may try before it is cut short, in steps of its own
 * @returns null where there is no plan at all any more
 */
export function replanEvening(
  evening: Evening,
  state: LiveState,
  now: number,
  kitchen: Teller,
  patience: { work?: number } = {},
): EveningReplan | null {
  const minute = (at: number): number => Math.round((at - evening.serveAt) / MINUTE);
  const happenings = state.steps.flatMap((s): Happening[] =>
    isPast(s)
      ? [
          {
            step: s.operation.id,
            start: minute(s.start),
            end: Math.max(minute(s.start), minute(s.end)),
          },
        ]
      : s.status === 'running' || s.status === 'over'
        ? [{ step: s.operation.id, start: minute(s.start) }]
        : [],
  );
  const at = Math.floor((now - evening.serveAt) / MINUTE);
  const problem = asItStands(state, evening, at);
  const known = new Set(problem.steps.map((s) => s.id));
  const begun = new Set(happenings.map((h) => h.step));
  // What has not begun moves with the table; only what is moved further is a change of its own.
  const shift = state.guestsLater - state.guestsTold;
  const told = {
    ...state.schedule,
    steps: state.schedule.steps
      .filter((s) => known.has(s.id))
      .map((s) =>
        begun.has(s.id)
          ? s
          : {
              ...s,
              start: Math.max(at, s.start + shift),
              end: Math.max(at, s.start + shift) + s.end - s.start,
            },
      ),
  };
  const real = happenings.filter((h) => known.has(h.step));
  // Moved as a whole it is another plan, however well it holds.
  const stranded = strandedIn(state).steps;
  const isWhole = state.steps.every((s) => !stranded.has(s.operation.id));
  if (shift === 0 && isWhole && stillHolds(problem, told, real, at))
    return { schedule: state.schedule, text: '', isKept: true };
  const worst = bare(relaxed(problem), state);
  const attempt = (to: Problem, options = patience): Schedule =>
    replan(to, told, real, at, options).schedule;
  const attempts: (() => Schedule)[] = [
    ...(shift === 0 ? [] : [() => attempt(withTable(problem, told, begun))]),
    () => attempt(problem),
    () => attempt(relaxed(problem)),
    () => attempt(worst),
    // A pot that failed is never left with food in it for want of a better plan.
    () => attempt(inTurn(worst, told), {}),
    () => attempt(inTurn(handsOff(worst), told), {}),
  ];
  for (const find of attempts) {
    const found = find();
    const schedule = withPast(found, state);
    if (schedule.cost === null) continue;
    if (isWhole && isSame(schedule, state.schedule, begun))
      return { schedule: state.schedule, text: '', isKept: true };
    return { schedule, text: sayReplan(evening, state, schedule, begun, kitchen), isKept: false };
  }
  return null;
}

/** With the stays that are over: where they were is what an evening teaches by. What never began leaves with its dish. */
function withPast(found: Schedule, state: LiveState): Schedule {
  const known = new Set(found.blocks.map((b) => b.id));
  const wasThere = new Set(state.steps.flatMap((s) => (isPast(s) ? [s.operation.stay] : [])));
  const past = state.schedule.blocks.filter((b) => !known.has(b.id) && wasThere.has(b.id));
  return { ...found, blocks: [...found.blocks, ...past] };
}

/** Whether a plan tells the cook nothing new: what has not begun is where it was, in the same pots. */
function isSame(found: Schedule, told: Schedule, begun: ReadonlySet<string>): boolean {
  const startOf = new Map(told.steps.map((s) => [s.id, s.start]));
  const unitOf = new Map(told.blocks.map((b) => [b.id, b.unit]));
  return (
    found.delay === told.delay &&
    found.steps.every((s) => begun.has(s.id) || startOf.get(s.id) === s.start) &&
    found.blocks.every((b) => unitOf.get(b.id) === b.unit)
  );
}

/**
 * A new plan as the event that says so.
 *
 * @param events all that has happened, what asks for a new plan included
 * @param id of the new event
 * @returns null where what was told still holds, or nothing can be planned
 */
export function planAgain(
  evening: Evening,
  state: LiveState,
  {
    id,
    events,
    causes,
    now,
    kitchen,
  }: {
    id: string;
    events: readonly RunEvent[];
    causes: readonly RunEvent[];
    now: number;
    kitchen: Teller;
  },
): Extract<RunEvent, { kind: 'replanned' }> | null {
  const again = replanEvening(evening, state, now, kitchen);
  if (!again || again.isKept) return null;
  const counted = new Set(effective(events).map((e) => e.id));
  return {
    ...{ id, at: now, by: 'plan', kind: 'replanned' },
    ...{ schedule: again.schedule, text: again.text, guests: state.guestsLater },
    because: causes.filter((e) => counted.has(e.id)).map((e) => e.id),
  };
}

/** What has not begun, and hangs on nothing that has, exactly where it is when it moves with the table. */
function withTable(problem: Problem, told: Schedule, begun: ReadonlySet<string>): Problem {
  const blocks = new Set(problem.steps.filter((s) => begun.has(s.id)).map((s) => s.block));
  const bound = new Set(
    (problem.links ?? []).flatMap((l) => (l.max != null && begun.has(l.from) ? [l.to] : [])),
  );
  const time = new Map(told.steps.map((s) => [s.id, s]));
  return {
    ...problem,
    steps: problem.steps.map((s) => {
      const at = time.get(s.id);
      const isFree = begun.has(s.id) || bound.has(s.id) || s.aside === true || at === undefined;
      if (isFree || (s.block != null && blocks.has(s.block))) return s;
      return { ...s, from: Math.max(s.from ?? -Infinity, at.start), by: at.end };
    }),
  };
}

/** Minutes by which the table may be later for a dish that comes in; beyond that it is refused. */
const LATER_FOR_A_DISH = 20;

/**
 * Whether an evening can take in what is to be added to it.
 *
 * @param state with the new dish
 * @returns null where it can; else when it would all be on the table, ms since the epoch
 */
export function tooLateFor(
  evening: Evening,
  state: LiveState,
  now: number,
  kitchen: Teller,
): number | null {
  const again = replanEvening(evening, state, now, kitchen);
  const delay = again?.schedule.delay ?? Infinity;
  if (delay - (state.schedule.delay ?? 0) <= LATER_FOR_A_DISH) return null;
  return evening.serveAt + (state.compiled.problem.serveAt + state.guestsLater + delay) * MINUTE;
}
