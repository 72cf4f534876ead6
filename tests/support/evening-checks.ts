/** What must be true of a live evening at every moment, whatever has happened. */
import { isPast, type Evening, type LiveState } from '$core/run';

const MINUTE = 60_000;

/**
 * @param now ms since the epoch
 * @returns what is wrong, in words; empty where nothing is
 */
export function clashesIn(evening: Evening, state: LiveState, now: number): string[] {
  const wrong: string[] = [];
  const ids = state.steps.map((s) => s.operation.id);
  if (new Set(ids).size < ids.length) wrong.push('a step stands there twice');
  const at = (now - evening.serveAt) / MINUTE;
  const capacity = new Map(
    (state.compiled.problem.units ?? []).map((u) => [u.id, u.capacity ?? 1]),
  );
  const byId = new Map(state.steps.map((s) => [s.operation.id, s]));
  // Of what is still to come: one thing in a pot, none in a pot that failed.
  const ahead = state.plan.stays.filter((stay) => {
    const own = state.steps.filter((s) => s.operation.stay === stay.id);
    return own.length > 0 && own.every((s) => s.status === 'ahead' || s.status === 'due');
  });
  for (const a of ahead) {
    if (state.lost.has(a.unit)) wrong.push(`${a.id} is planned in ${a.unit}, which has failed`);
    for (const b of ahead) {
      const isOne = a.id < b.id && a.unit === b.unit && (capacity.get(a.unit) ?? 1) === 1;
      if (isOne && a.start < b.end && b.start < a.end)
        wrong.push(`${a.id} and ${b.id} in ${a.unit}`);
    }
  }
  // Nothing that has not begun is planned before now by more than it was late already, nor before what it needs.
  for (const step of state.steps) {
    if (step.status !== 'ahead') continue;
    for (const before of step.operation.after) {
      const earlier = byId.get(before);
      if (earlier?.status === 'ahead' && earlier.operation.end > step.operation.start + 0.01) {
        const link = state.compiled.problem.links?.find(
          (l) => l.from === before && l.to === step.operation.id,
        );
        if ((link?.min ?? 0) >= 0) wrong.push(`${step.operation.id} before ${before} is over`);
      }
    }
  }
  const table =
    evening.serveAt +
    (state.compiled.problem.serveAt + state.guestsTold + (state.schedule.delay ?? 0)) * MINUTE;
  if (state.readyAt !== table) wrong.push('two tables');
  // Each dish is ready by the table of the plan that is shown, or is no longer in it.
  for (const dish of state.plan.dishes) {
    const open = state.steps.some((s) => s.operation.entryId === dish.entryId && !isPast(s));
    if (open && dish.waits < -0.01 && dish.ready > at) wrong.push(`${dish.name} after the table`);
  }
  return wrong;
}
