/** Would another pot help? A meal planned by the kitchen as it is, and with one thing more, for real. */
import { USUAL_SIZES, usualCooker, type Kitchen } from '../kitchen';
import { SURENESS, type Meal } from '../meal';
import { compileMeal } from '../plan';
import { createSearch, simulate } from '../solve';
import type { PlanQuestion } from './planning';
import { settleChoices } from './settle';
import { keepOther, surestOf, type SearchAnswer } from './surest';
import { outlookOf, type Outlook } from './ways';

export const ADDITIONS = ['small', 'middle', 'large', 'rice-cooker', 'cook'] as const;
export type Addition = (typeof ADDITIONS)[number];

const SIZES = { small: 'Small', middle: 'Middle', large: 'Large' } as const;
/** A rice cooker as most homes have one (common practice), l. */
const RICE_COOKER_L = 1.8;
const MOST_HANDS = 4;
const MOST_APPLIANCES = 6;
/** Work for each plan, see the engine for its unit: dinners are proved with less. */
const WORK = 1_500_000;
const SLICE = 125_000;
/** Both plans are given their slack and judged on many evenings: of a hundred, chances of the same plan differ by 0.04. */
const SLACK = { runs: 500, rounds: 5 };
const JUDGED = 1000;
/** A meal that was cooked is planned as if there had been so long until the table, min. */
const LEAD_MIN = 24 * 60;

export interface KitchenTrial {
  /** Null where there is no plan. */
  before: Outlook | null;
  after: Outlook | null;
}

/** What it is called in the trial, and by it in reasons: nothing of the kitchen has this id. */
const TRIAL = 'trial';

/** @returns the kitchen with it; null where it takes no more of the kind */
export function withAddition(kitchen: Kitchen, addition: Addition): Kitchen | null {
  if (addition === 'cook')
    return kitchen.hands >= MOST_HANDS ? null : { ...kitchen, hands: kitchen.hands + 1 };
  if (addition === 'rice-cooker') {
    if (kitchen.appliances.length >= MOST_APPLIANCES) return null;
    const name = 'Rice cooker on trial';
    const added = { id: TRIAL, name, kind: addition, litres: RICE_COOKER_L, watts: null };
    return { ...kitchen, appliances: [...kitchen.appliances, added] };
  }
  const size = USUAL_SIZES.find((s) => s.name === SIZES[addition]);
  if (!size) return null;
  const cooker = usualCooker({ id: TRIAL, name: `${size.name} on trial`, litres: size.litres });
  return { ...kitchen, cookers: [...kitchen.cookers, cooker] };
}

/** The meal with as many cooks more as the addition brings; what it says of its own cooks comes before the kitchen. */
const withCooks = (meal: Meal, addition: Addition): Meal =>
  addition === 'cook' && meal.hands !== null
    ? { ...meal, hands: Math.min(MOST_HANDS, meal.hands + 1) }
    : meal;

function outlook({ meal: asked, dishes: list, kitchen }: PlanQuestion): Outlook | null {
  const now = Date.parse(asked.serveAt) - LEAD_MIN * 60_000;
  const dishes = new Map(list.map((d) => [d.id, d]));
  const { meal } = settleChoices(asked, dishes, kitchen, now);
  const compiled = compileMeal(meal, dishes, kitchen, now);
  if (!compiled.ok) return null;
  const { problem } = compiled.value;
  const search = createSearch(problem);
  const onTheWay: SearchAnswer[] = [];
  while (!search.isDone && search.work < WORK) {
    search.advance(Math.min(WORK, search.work + SLICE));
    if (search.hasSchedule) keepOther(onTheWay, search.answer());
  }
  const sure = surestOf(problem, [search.answer(), ...onTheWay], SURENESS[meal.sure], SLACK);
  if (!sure) return null;
  const { onTime } = simulate(problem, sure.schedule, JUDGED);
  return { ...outlookOf(compiled.value, sure.schedule), chance: onTime };
}

/**
 * Plans a meal twice, with the same work.
 *
 * @param question `now` does not matter: also meals that were cooked are planned as from the day before
 */
export function tryAddition(question: PlanQuestion, addition: Addition): KitchenTrial {
  const kitchen = withAddition(question.kitchen, addition);
  const before = outlook(question);
  if (!kitchen) return { before, after: before };
  return {
    before,
    after: outlook({ ...question, kitchen, meal: withCooks(question.meal, addition) }),
  };
}
