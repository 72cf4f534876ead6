/** A simulated cook: begins what is due, finishes it at a pace of their own, notices trouble after a while. */
import { cycleOf, seeded, type Practice } from './practice';
import type { RunEvent } from './events';
import { isPast, needsSomebody, type LiveState, type LiveStep } from './live';

const MINUTE = 60_000;
/** How long it takes until somebody notices a pot that only steams, min. */
const NOTICES_MIN = 4;

type HandTap = Extract<RunEvent, { kind: 'started' | 'done' | 'trouble' | 'served' }>;

/** What the cook taps at this moment. */
export function handTaps(practice: Practice, state: LiveState, now: number): HandTap[] {
  if (state.isPaused || state.awayUntil !== null) return [];
  const tap = <K extends HandTap['kind']>(kind: K, key: string) => ({
    id: `hands.${key}.${kind}`,
    at: now,
    by: 'hands',
    kind,
  });
  const open = state.steps.filter((s) => !isPast(s));
  const byId = new Map(state.steps.map((s) => [s.operation.id, s]));
  const isWork = (s: LiveStep): boolean =>
    s.operation.isHands || s.operation.phase === 'preheat' || needsSomebody(s, byId);
  if (open.every((s) => s.operation.phase === 'rinse')) return [tap('served', 'table')];
  const taps: HandTap[] = [];
  for (const step of open) {
    const { id, phase } = step.operation;
    const luck = seeded(practice.seed + id.length * 31 + id.charCodeAt(0))();
    if (phase === 'rinse' || !isWork(step)) continue;
    if (step.status === 'due' && now - step.start > luck * MINUTE)
      taps.push({ ...tap('started', id), step: id });
    // It is hot and smells ready: out it comes.
    else if (step.status === 'over') taps.push({ ...tap('done', id), step: id });
    else if (
      step.status === 'running' &&
      now - step.start >= (step.end - step.start) * practice.pace * (0.85 + 0.3 * luck)
    )
      taps.push({ ...tap('done', id), step: id });
  }
  return [...taps.slice(0, 1), ...troublesSeen(practice, state, now, tap)];
}

/** An open valve says nothing of itself: the pot is late, and somebody looks. */
function troublesSeen(
  practice: Practice,
  state: LiveState,
  now: number,
  tap: (
    kind: 'trouble',
    key: string,
  ) => Omit<Extract<HandTap, { kind: 'trouble' }>, 'step' | 'what'>,
): HandTap[] {
  return state.steps.flatMap((s): HandTap[] => {
    const truth = practice.truth[cycleOf(s.operation)];
    const expected = (truth?.comeUp[s.operation.unit ?? ''] ?? 0) * MINUTE;
    const isLate =
      s.operation.phase === 'come-up' &&
      s.status === 'running' &&
      now - s.start > expected + NOTICES_MIN * MINUTE;
    return truth?.mishap === 'valve' && isLate
      ? [{ ...tap('trouble', s.operation.id), step: s.operation.id, what: 'valve' as const }]
      : [];
  });
}
