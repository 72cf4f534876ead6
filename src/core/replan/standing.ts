/** The problem of a live evening as it stands: what was left out, what takes longer, what failed or moved. */
import { valueFor, type Problem, type ProblemStep } from '../solve';
import { isPast, strandedIn, type Evening, type LiveState, type LiveStep } from '../run';

const MINUTE = 60_000;

/** @param now minutes on the plan's axis */
export function asItStands(state: LiveState, evening: Evening, now: number): Problem {
  const { problem, meanings } = state.compiled;
  const stranded = strandedIn(state);
  // A plan that was made again has no operations of what was left out before; the problem still has its steps.
  const gone = new Set([
    ...stranded.steps,
    ...meanings.flatMap((m) => (state.dropped.has(m.entryId) ? [m.id] : [])),
  ]);
  const live = new Map(state.steps.map((s) => [s.operation.id, s]));
  const isRestarted = (s: ProblemStep): boolean => state.restarted.has(s.block ?? '');
  const left = doneWithIt(problem, live, isRestarted);
  const out = outOfTheirPot(problem, state, live);
  const steps = problem.steps
    .filter((s) => !gone.has(s.id))
    .map((s): ProblemStep => {
      const own = live.get(s.id);
      const { block: _, ...free } = s;
      if (left.has(s.id)) return { ...free, minutes: 0, p90: 0, hands: 0, uses: {} };
      // What is over took the hands and sockets that it took.
      if (own && isPast(own)) return { ...s, hands: 0, uses: {} };
      if (out.has(s.id)) return { ...free, minutes: minutesOf(s, state), p90: minutesOf(s, state) };
      const rest = state.left.get(s.id);
      if (own?.status !== 'running' && own?.status !== 'over')
        return rest === undefined ? s : { ...s, minutes: rest, p90: rest };
      const minutes = Math.max(1, Math.round((own.end - own.start) / MINUTE));
      // Under the lid again, nobody has to stand beside it.
      return { ...s, minutes, p90: minutes, ...(own.isAgain ? { hands: 0, uses: {} } : {}) };
    });
  const wasMoved = (id: string): boolean =>
    left.has(id) && state.restarted.has(problem.steps.find((s) => s.id === id)?.block ?? '');
  const blocks = new Set(steps.map((s) => s.block));
  const back = state.awayUntil === null ? null : (state.awayUntil - evening.serveAt) / MINUTE;
  return {
    ...problem,
    ...(back === null
      ? {}
      : { away: [...(problem.away ?? []), { from: now, to: Math.ceil(back), hands: 1 }] }),
    serveAt: problem.serveAt + state.guestsLater,
    steps,
    blocks: (problem.blocks ?? [])
      .filter((b) => blocks.has(b.id))
      .map((b) => ({ ...b, units: unitsOf(b, state) })),
    apart: (problem.apart ?? []).filter(([a, b]) => blocks.has(a) && blocks.has(b)),
    links: (problem.links ?? [])
      .filter((l) => !gone.has(l.from) && !gone.has(l.to))
      // What was browned in the pot that is gone waits for the other pot, however long that takes.
      .map(({ max, soft, ...l }) =>
        wasMoved(l.from)
          ? l
          : { ...l, ...(max == null ? {} : { max }), ...(soft == null ? {} : { soft }) },
      ),
    dishes: (problem.dishes ?? [])
      .map((d) => ({ ...d, ready: lastKept(problem, d.ready, gone, state) }))
      .filter((d) => !gone.has(d.ready))
      .map((d) => (d.dueAt == null ? d : { ...d, dueAt: d.dueAt + state.guestsLater })),
  };
}

/** The step that a dish is ready with: where that one can't be done any more, the last before it that can. */
function lastKept(
  { links = [] }: Problem,
  ready: string,
  gone: ReadonlySet<string>,
  state: LiveState,
): string {
  const seen = new Set([ready]);
  const queue = [ready];
  const kept: string[] = [];
  for (let to = queue.pop(); to !== undefined; to = queue.pop()) {
    if (!gone.has(to)) {
      kept.push(to);
      continue;
    }
    const before = links.flatMap((l) => (l.to === to && !seen.has(l.from) ? [l.from] : []));
    for (const from of before) {
      seen.add(from);
      queue.push(from);
    }
  }
  const endOf = (id: string): number => state.plan.byId.get(id)?.end ?? -Infinity;
  return kept.toSorted((a, b) => endOf(b) - endOf(a))[0] ?? ready;
}

function minutesOf({ minutes, block }: ProblemStep, state: LiveState): number {
  return valueFor(minutes, state.schedule.blocks.find((b) => b.id === block)?.unit) ?? 0;
}

/**
 * Work of the hands that is still open where something else has begun in the same pot since: the food was put
 * elsewhere, whoever forgot to say so.
 */
function outOfTheirPot(
  { blocks = [], steps, units = [] }: Problem,
  state: LiveState,
  live: ReadonlyMap<string, LiveStep>,
): Set<string> {
  const single = new Set(units.filter((u) => (u.capacity ?? 1) === 1).map((u) => u.id));
  const stays = blocks.flatMap(({ id }) => {
    const unit = state.schedule.blocks.find((b) => b.id === id)?.unit;
    const own = steps.filter((s) => s.block === id);
    const begun = own
      .flatMap((s) => live.get(s.id) ?? [])
      .filter((s) => s.status !== 'ahead' && s.status !== 'due');
    if (unit === undefined || !single.has(unit) || begun.length === 0) return [];
    const open = own.filter((s) => !begun.some((b) => b.operation.id === s.id));
    return [{ unit, open, begun, start: Math.min(...begun.map((s) => s.start)) }];
  });
  const out = new Set<string>();
  for (const stay of stays) {
    const isIdle = stay.begun.every(isPast) && stay.open.every((s) => (s.hands ?? 0) > 0);
    const isTaken = stays.some(
      (other) => other !== stay && other.unit === stay.unit && other.start > stay.start,
    );
    if (isIdle && isTaken) for (const { id } of stay.open) out.add(id);
  }
  return out;
}

/**
 * Past steps that hold no pot any more: of stays that are over, of food that has left its pot, and all but the
 * last of what goes on. When they were is partly taken from what came later, and must not stand in each other's way.
 */
function doneWithIt(
  problem: Problem,
  live: ReadonlyMap<string, LiveStep>,
  isRestarted: (s: ProblemStep) => boolean,
): Set<string> {
  const out = new Set<string>();
  for (const { id } of problem.blocks ?? []) {
    const own = problem.steps.flatMap((s) => (s.block === id ? [{ s, live: live.get(s.id) }] : []));
    const past = own
      .filter((o) => o.live !== undefined && isPast(o.live))
      .sort((a, b) => (a.live?.end ?? 0) - (b.live?.end ?? 0));
    const isOver = past.length === own.length;
    const isOn = own.some((o) => o.live?.status === 'running' || o.live?.status === 'over');
    const last = past.at(-1);
    for (const o of past) if (isOver || isOn || isRestarted(o.s) || o !== last) out.add(o.s.id);
  }
  return out;
}

/** Where a stay may be: the pot that somebody chose, else every one that has not failed; what has begun stays in its own. */
function unitsOf(block: { id: string; units: string[] }, state: LiveState): string[] {
  const isBegun = state.steps.some(
    (s) => s.operation.stay === block.id && s.status !== 'ahead' && s.status !== 'due',
  );
  const own = state.schedule.blocks.find((b) => b.id === block.id)?.unit;
  if (isBegun && own !== undefined && !state.restarted.has(block.id)) return [own];
  const chosen = state.moved.get(block.id);
  if (chosen !== undefined && !state.lost.has(chosen)) return [chosen];
  const there = block.units.filter((u) => !state.lost.has(u));
  return there.length > 0 ? there : block.units;
}

/** Where a hold window can't be kept any more: everything may wait, at its cost. */
export function relaxed(problem: Problem): Problem {
  return {
    ...problem,
    links: (problem.links ?? []).map(({ max: _, ...link }) => link),
    dishes: (problem.dishes ?? []).map(({ holdMax: _, ...dish }) => dish),
  };
}

/** Where more goes on at once than there are hands or watts for: it does go on, and is a fact. */
export function bare(problem: Problem, state: LiveState): Problem {
  const running = new Set(
    state.steps.filter((s) => s.status === 'running').map((s) => s.operation.id),
  );
  return {
    ...problem,
    apart: [],
    away: [],
    steps: problem.steps.map((s) => (running.has(s.id) ? { ...s, hands: 0, uses: {} } : s)),
  };
}

/** Where nobody can do everything that is due: the pots decide, and the cook takes one thing after the other. */
export function handsOff(problem: Problem): Problem {
  return { ...problem, steps: problem.steps.map((s) => ({ ...s, hands: 0, uses: {} })) };
}
