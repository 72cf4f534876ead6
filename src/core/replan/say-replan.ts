/** What a new plan changes, in one sentence with before and after. */
import type { Kitchen } from '../kitchen';
import { planOf, type Operation, type Plan, type PlannedDish } from '../plan';
import type { Schedule } from '../solve';
import { formatMinutes, formatTime } from '../units';
import { placeName, strandedIn, type Evening, type LiveState } from '../run';

/** What a sentence needs of a household: its clock, and the names of its pots. */
export type Teller = Pick<Kitchen, 'zone' | 'hours' | 'cookers' | 'appliances'>;

const MINUTE = 60_000;
/** Moves of less are not worth a word, min. */
const SMALL = 3;

/**
 * @param begun steps that have begun: they are where they are
 * @returns '' where nothing changes that a cook would notice
 */
export function sayReplan(
  evening: Evening,
  state: LiveState,
  schedule: Schedule,
  begun: ReadonlySet<string>,
  kitchen: Teller,
): string {
  const clock = (minute: number): string => formatTime(evening.serveAt + minute * MINUTE, kitchen);
  const plan = planOf(state.compiled, schedule);
  const serveAt = state.compiled.problem.serveAt;
  const before = serveAt + state.guestsTold + (state.schedule.delay ?? 0);
  const after = serveAt + state.guestsLater + (schedule.delay ?? 0);
  const table =
    Math.abs(after - before) >= SMALL
      ? [`table at ${clock(after)} instead of ${clock(before)}`]
      : [];
  const parts = [
    ...table,
    ...sayPots(state.plan, plan, begun, kitchen),
    ...saySteps(state, plan, begun, clock),
    ...sayWaits(state.plan, plan),
    ...sayStranded(state),
  ];
  return parts.join('; ').slice(0, 500);
}

/** Dishes that lose what they go into, said once: by the next plan they are out of it. */
function sayStranded(state: LiveState): string[] {
  const { steps, dishes } = strandedIn(state);
  const isNew = (entry: string): boolean =>
    state.plan.operations.some((o) => o.entryId === entry && steps.has(o.id));
  return [...dishes].flatMap(([entry, { name, text, isWhole }]) =>
    !isNew(entry)
      ? []
      : isWhole
        ? [`nothing that is left takes ${name}: finish it by hand or leave it out`]
        : [`nothing that is left takes “${text}” of ${name}: do that by hand or leave it out`],
  );
}

/** Shown work that moves, the first of it by name; a dish that is new, as a whole. */
function saySteps(
  state: LiveState,
  plan: Plan,
  begun: ReadonlySet<string>,
  clock: (minute: number) => string,
): string[] {
  const shown = plan.operations
    .filter((o) => o.isHands && o.phase !== 'rinse' && !begun.has(o.id))
    .sort((a, b) => a.start - b.start);
  const isNew = (o: Operation): boolean => !state.plan.byId.has(o.id);
  const firsts = shown.filter(
    (o, i) => isNew(o) && shown.findIndex((x) => x.entryId === o.entryId) === i,
  );
  const moved = shown.flatMap((o) => {
    const from = state.plan.byId.get(o.id)?.start;
    return from !== undefined && Math.abs(o.start - from) >= SMALL ? [{ o, from }] : [];
  });
  const [first] = moved;
  const others = moved.length - 1;
  return [
    ...firsts.map((o) => `${o.dishName} begins at ${clock(o.start)}`),
    ...(first
      ? [
          `“${first.o.text}” at ${clock(first.o.start)} instead of ${clock(first.from)}${
            others === 0 ? '' : `, and ${others} more ${others === 1 ? 'step' : 'steps'} after it`
          }`,
        ]
      : []),
  ];
}

/** Dishes that change their pot, with the one that they go into. */
function sayPots(before: Plan, after: Plan, begun: ReadonlySet<string>, kitchen: Teller): string[] {
  const said = new Set<string>();
  return after.operations.flatMap((o) => {
    const from = before.byId.get(o.id)?.unit;
    if (begun.has(o.id) || from == null || o.unit === null || from === o.unit) return [];
    if (said.has(o.entryId)) return [];
    said.add(o.entryId);
    return [`${o.dishName} goes into the ${placeName(o.unit, kitchen) ?? 'other pot'}`];
  });
}

/** Dishes that now wait longer, those that are past what they keep together, with what to do about it. */
function sayWaits(before: Plan, { dishes }: Plan): string[] {
  const waitOf = (id: string): number => before.dishes.find((d) => d.entryId === id)?.waits ?? 0;
  const longer = dishes.filter((d) => d.waits - waitOf(d.entryId) >= SMALL);
  const isTooLong = (d: PlannedDish): boolean => d.waits > (d.mayWait ?? Infinity);
  const say = (d: PlannedDish): string => `${d.name} waits ${formatMinutes(Math.round(d.waits))}`;
  const over = longer.filter(isTooLong).map(say).join(', ');
  return [
    ...longer.filter((d) => !isTooLong(d)).map(say),
    ...(over ? [`${over}, longer than it keeps: cover it, keep it warm, serve it first`] : []),
  ];
}
