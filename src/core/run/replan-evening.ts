/** The rest of a live evening, planned again after what has happened, told in one line. */
import { planOf, type Plan } from '../plan';
import { replan, type Happening, type Problem, type Schedule } from '../solve';
import { formatMinutes, formatTime, type ClockStyle } from '../units';
import type { Evening, LiveState } from './live';

const MINUTE = 60_000;
/** Moves of less are not worth a word, min. */
const SMALL = 2;

export interface EveningReplan {
  schedule: Schedule;
  /** What changes; '' where nothing does that a cook would notice. */
  text: string;
}

/** @param now ms since the epoch */
export function replanEvening(
  evening: Evening,
  state: LiveState,
  now: number,
  style: ClockStyle,
): EveningReplan | null {
  const minute = (at: number): number => Math.round((at - evening.serveAt) / MINUTE);
  const happenings = state.steps.flatMap((s): Happening[] =>
    s.status === 'done'
      ? [
          {
            step: s.operation.id,
            start: minute(s.start),
            end: Math.max(minute(s.start), minute(s.end)),
          },
        ]
      : s.status === 'running'
        ? [{ step: s.operation.id, start: minute(s.start) }]
        : [],
  );
  const problem = asItStands(evening.compiled.problem, state, evening, minute(now));
  const known = new Set(problem.steps.map((s) => s.id));
  const at = Math.floor((now - evening.serveAt) / MINUTE);
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
  const kept = shift === 0 ? null : replan(withTable(problem, told, begun), told, real, at);
  const strict =
    kept !== null && kept.schedule.cost !== null ? kept : replan(problem, told, real, at);
  const again = (p: Problem): ReturnType<typeof replan> => replan(p, told, real, at);
  const loose = strict.schedule.cost === null ? again(relaxed(problem)) : strict;
  const found = loose.schedule.cost === null ? again(bare(relaxed(problem), state)) : loose;
  if (found.schedule.cost === null) return null;
  const isRelaxed = found !== strict;
  const before = new Map(state.schedule.steps.map((s) => [s.id, s.start]));
  const moves = found.schedule.steps.flatMap((s) => {
    const from = before.get(s.id);
    return begun.has(s.id) || from === undefined || from === s.start
      ? []
      : [{ step: s.id, from, to: s.start }];
  });
  return {
    schedule: found.schedule,
    text: inOneLine(
      evening,
      state,
      found.schedule,
      moves.toSorted((a, b) => a.to - b.to),
      { style, isRelaxed },
    ),
  };
}

/** The problem without what was left out, with what takes longer, for guests who come later. */
function asItStands(problem: Problem, state: LiveState, evening: Evening, now: number): Problem {
  // A plan that was made again has no operations of what was left out before; the problem still has its steps.
  const gone = new Set(
    evening.compiled.meanings.filter((m) => state.dropped.has(m.entryId)).map((m) => m.id),
  );
  const steps = problem.steps
    .filter((s) => !gone.has(s.id))
    .map((s) => {
      const live = state.steps.find((x) => x.operation.id === s.id);
      // What is over took the hands and sockets that it took.
      if (live?.status === 'done') return { ...s, hands: 0, uses: {} };
      if (live?.status !== 'running') return s;
      const minutes = Math.max(1, Math.round((live.end - live.start) / MINUTE));
      // Under the lid again, nobody has to stand beside it.
      return { ...s, minutes, p90: minutes, ...(live.isAgain ? { hands: 0, uses: {} } : {}) };
    });
  const blocks = new Set(steps.map((s) => s.block));
  const back = state.awayUntil === null ? null : (state.awayUntil - evening.serveAt) / MINUTE;
  return {
    ...problem,
    ...(back === null
      ? {}
      : { away: [...(problem.away ?? []), { from: now, to: Math.ceil(back), hands: 1 }] }),
    serveAt: problem.serveAt + state.guestsLater,
    steps,
    blocks: (problem.blocks ?? []).filter((b) => blocks.has(b.id)),
    apart: (problem.apart ?? []).filter(([a, b]) => blocks.has(a) && blocks.has(b)),
    links: (problem.links ?? []).filter((l) => !gone.has(l.from) && !gone.has(l.to)),
    dishes: (problem.dishes ?? [])
      .filter((d) => !gone.has(d.ready))
      .map((d) => (d.dueAt == null ? d : { ...d, dueAt: d.dueAt + state.guestsLater })),
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

/** Where a hold window can't be kept any more: everything may wait, at its cost. */
function relaxed(problem: Problem): Problem {
  return {
    ...problem,
    links: (problem.links ?? []).map(({ max: _, ...link }) => link),
    dishes: (problem.dishes ?? []).map(({ holdMax: _, ...dish }) => dish),
  };
}

/** Where more goes on at once than there are hands or watts for: it does go on, and is a fact. */
function bare(problem: Problem, state: LiveState): Problem {
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

function inOneLine(
  evening: Evening,
  state: LiveState,
  schedule: Schedule,
  moves: readonly { step: string; from: number; to: number }[],
  { style, isRelaxed }: { style: ClockStyle; isRelaxed: boolean },
): string {
  const clock = (minute: number): string => formatTime(evening.serveAt + minute * MINUTE, style);
  const plan = planOf(evening.compiled, schedule);
  const told = moves.filter((m) => {
    const what = plan.byId.get(m.step);
    return Math.abs(m.to - m.from) >= SMALL && what?.isHands && what.phase !== 'rinse';
  });
  const [first] = told;
  const table = (s: Schedule, later: number): number =>
    evening.compiled.problem.serveAt + later + (s.delay ?? 0);
  const [before, after] = [
    table(state.schedule, state.guestsTold),
    table(schedule, state.guestsLater),
  ];
  const parts = [
    ...(first
      ? [
          `“${plan.byId.get(first.step)?.text}” ${formatMinutes(first.to - first.from)} ${first.to > first.from ? 'later' : 'sooner'}, at ${clock(first.to)}`,
        ]
      : []),
    ...(told.length > 1 ? [`${told.length - 1} more steps move`] : []),
    ...(before === after ? [] : [`on the table at ${clock(after)}`]),
    ...(isRelaxed ? waitsTooLong(plan) : []),
  ];
  return parts.join('; ');
}

/** Which dishes wait longer than they stand, and what to do about it. */
function waitsTooLong({ dishes }: Plan): string[] {
  const names = dishes.filter((d) => d.waits > (d.mayWait ?? Infinity)).map((d) => d.name);
  const who = names.length > 0 ? names.join(', ') : 'something';
  return [
    names.length > 1
      ? `${who} would be kept longer than they should be: serve them first, or keep them warm in another pot`
      : `${who} would be kept longer than it should be: serve it first, or keep it warm in another pot`,
  ];
}
