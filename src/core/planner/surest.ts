/** Which of the plans that a search found can be made as sure as was asked. */
import {
  planFor,
  type ChancePlan,
  type createSearch,
  type PlanForOptions,
  type Problem,
} from '../solve';

export type SearchAnswer = ReturnType<ReturnType<typeof createSearch>['answer']>;

/** Evenings played, and how slack is looked for. */
export type Effort = Pick<PlanForOptions, 'runs' | 'rounds' | 'firstShare' | 'isEnough'>;

/** So many plans are looked at where the tightest cannot be made sure enough. */
const MOST_TRIED = 4;

/** Keeps what the search has found, the latest first and each once. */
export function keepOther(found: SearchAnswer[], answer: SearchAnswer): void {
  if (found[0]?.cost === answer.cost && found[0].delay === answer.delay) return;
  found.unshift(answer);
}

/**
 * The tightest plan found, given as much slack as was asked for. Where its order leaves no room for that, one that
 * the search passed on its way may have it: a little dearer, and sure.
 *
 * @param found the tightest first
 * @param wanted chance of every dish being ready in time, 0 to 1
 * @returns the first that reaches it, else the surest; null where nothing was found
 */
export function surestOf(
  problem: Problem,
  found: readonly SearchAnswer[],
  wanted: number,
  effort: Effort,
): ChancePlan | null {
  const [tightest] = found;
  if (!tightest || tightest.cost === null) return null;
  let surest: ChancePlan | null = null;
  for (const answer of found.filter((a) => a.delay === tightest.delay).slice(0, MOST_TRIED)) {
    const plan = planFor(problem, { ...answer, milliseconds: 0 }, wanted, effort);
    if (plan.reached) return plan;
    if (!surest || plan.simulation.onTime > surest.simulation.onTime) surest = plan;
  }
  return surest;
}
