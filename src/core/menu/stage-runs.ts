/**
 * Runs belong to stages: what a pot can’t take at once is cooked in it one part after the other, and everything that
 * is not too big happens once: both halves of a braise are crisped on one tray, and their juices make one sauce.
 */
import { findStays, type Stay } from '../cycle';
import { partAt, stagesBefore, type Dish, type Stage } from '../dish';

/** Work whose minutes are shared out among the runs. */
const SHARED: ReadonlySet<string> = new Set(['brown', 'finish', 'prep']);

/**
 * The dish with everything up to the end of each cycle done in so many even runs, and what follows once for all.
 *
 * @param runs 2 or more
 * @returns the dish itself where it has no cycle to split
 */
export function inStageRuns(dish: Dish, runs: number): Dish {
  const split = findStays(dish).flatMap((stay) => partOf(dish, stay));
  if (split.length === 0 || runs < 2) return dish;
  const ids = new Set(split.map((s) => s.id));
  const copyOf = (id: string, run: number): string => (run === 1 ? id : `${id}-run-${run}`);
  const waits = (stage: Stage, run: number): string[] =>
    stagesBefore(dish, stage).map((id) => (ids.has(id) ? copyOf(id, run) : id));
  const copied = (stage: Stage, run: number): Stage => ({
    ...stage,
    ...(SHARED.has(stage.kind) && 'minutes' in stage
      ? { minutes: Math.max(1, Math.round(stage.minutes / runs)) }
      : {}),
    id: copyOf(stage.id, run),
    runOf: stage.id,
    text: `Run ${run} of ${runs}: ${stage.text}`.slice(0, 400),
    after: waits(stage, run),
    parts: {
      ...stage.parts,
      ...Object.fromEntries(
        stage.uses.flatMap((id) => {
          const share = partAt(dish, stage, id) / runs;
          return share > 0 ? [[id, share]] : [];
        }),
      ),
    },
  });
  const first = dish.stages.findIndex((s) => ids.has(s.id));
  const all = Array.from({ length: runs }, (_, i) => i + 1);
  const before = dish.stages.slice(0, first).map((s) => ({ ...s, after: stagesBefore(dish, s) }));
  const rest = dish.stages.slice(first).filter((s) => !ids.has(s.id));
  return {
    ...dish,
    stages: [
      ...before,
      ...all.flatMap((run) => split.map((s) => copied(s, run))),
      ...rest.map((s): Stage => ({
        ...s,
        after: [
          ...new Set(
            stagesBefore(dish, s).flatMap((id) =>
              ids.has(id) ? all.map((run) => copyOf(id, run)) : [id],
            ),
          ),
        ],
      })),
    ],
  };
}

/** The stages of a stay up to its last cycle, with the work on the counter in between; none where it has no cycle. */
function partOf(dish: Dish, { place, stages }: Stay): Stage[] {
  const last = stages.findLast((s) => s.kind === 'pressure');
  if (place !== 'cooker' || !last) return [];
  const own = stages.slice(0, stages.indexOf(last) + 1);
  const needed = new Set([last.id]);
  for (const stage of dish.stages.toReversed())
    if (needed.has(stage.id)) for (const id of stagesBefore(dish, stage)) needed.add(id);
  const follows = new Set(own.map((s) => s.id));
  for (const stage of dish.stages)
    if (stagesBefore(dish, stage).some((id) => follows.has(id))) follows.add(stage.id);
  return dish.stages.filter((s) => own.includes(s) || (needed.has(s.id) && follows.has(s.id)));
}
