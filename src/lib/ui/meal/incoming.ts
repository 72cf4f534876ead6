/** What becomes of an answer of the planner beside the one on the page: somebody may be reading that one already. */
import type { PlanAnswer } from '$core/planner';

type Planned = Extract<PlanAnswer, { kind: 'plan' }>;

/** After so long with a plan on the page, another is offered instead of swapped in. */
export const LATE_ANSWER_MS = 1500;

export interface OnPage {
  answer: PlanAnswer | null;
  /** Whether it belongs to the meal as it is now. */
  isOfThisMeal: boolean;
  /** Milliseconds since it came; Infinity for the plan that was kept with the meal. */
  shownFor: number;
}

/**
 * - `ignored`: nothing changes;
 * - `refreshes`: the plan stays, what there is to look at is taken from the answer;
 * - `offered`: the plan stays, the better one is offered;
 * - `shown`: it takes the place of the one on the page.
 */
export type Incoming = 'ignored' | 'refreshes' | 'offered' | 'shown';

/** How an answer is taken. @param onPage what is shown now @param answer the one that came */
export function takeAnswer(onPage: OnPage, answer: PlanAnswer): Incoming {
  const { answer: before, isOfThisMeal, shownFor } = onPage;
  if (answer.kind !== 'plan' || before?.kind !== 'plan' || !isOfThisMeal) return 'shown';
  // A first look is for where nothing is seen yet.
  if (answer.isWritten) return 'ignored';
  if (!answer.final) return before.final && asksTheSame(before, answer) ? 'refreshes' : 'shown';
  // One that was kept is no answer where the dishes or the cookers have changed since.
  const isOutdated = shownFor === Infinity && !asksTheSame(before, answer);
  if (before.isWritten || isOutdated || shownFor <= LATE_ANSWER_MS) return 'shown';
  return 'offered';
}

/** The plan of the first answer, with what there is to look at from the second where both answer the same problem. */
export function refreshed(before: PlanAnswer | null, answer: PlanAnswer): PlanAnswer | null {
  const isOf = before?.kind === 'plan' && answer.kind === 'plan' && asksTheSame(before, answer);
  return isOf ? { ...before, compiled: answer.compiled } : before;
}

/** Two answers without a plan are the same: there is nothing of them to keep. */
export function isSamePlan(a: PlanAnswer | null, b: PlanAnswer | null): boolean {
  if (a?.kind !== 'plan' && b?.kind !== 'plan') return true;
  if (a?.kind !== 'plan' || b?.kind !== 'plan') return false;
  return (
    JSON.stringify([a.schedule.steps, a.schedule.blocks]) ===
    JSON.stringify([b.schedule.steps, b.schedule.blocks])
  );
}

/** Whether two plans are of one and the same problem; the moment from which on it was asked moves on by itself. */
function asksTheSame(a: Planned, b: Planned): boolean {
  const asked = ({ compiled }: Planned): string =>
    JSON.stringify({ ...compiled.problem, earliest: 0 });
  return asked(a) === asked(b);
}
