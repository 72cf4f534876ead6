/** What each finding says to a cook, and what helps. */
import type { Choice, Edit, Finding, FindingValues, Gain } from '../reason';
import { formatMinutes, shortDay, weekday } from '../units';
import { kg, length, ml, timeOfDay } from './amounts';
import type { Conventions } from './conventions';
import { count, inProse, list, sentence } from './grammar';

/** A finding in words. */
export interface Said {
  text: string;
  /** What helps, where anything does. */
  remedy: string | null;
}

type Words = {
  [C in keyof FindingValues]: (values: FindingValues[C], by: Conventions) => Said;
};

const said = (text: string, remedy: string | null = null): Said => ({ text, remedy });

const some = (servings: number): string => `${Math.round(servings * 10) / 10}`;
/** A day among others of its week: “Wed 2 Dec”. */
const sayDay = (day: string): string => `${weekday(day)} ${shortDay(day, day)}`;

const SEE_DISH = 'Say on the dish’s page what it is.';

const FINDINGS: Words = {
  'stack-refused': ({ upper, lower, why }) =>
    said(`${upper} can’t go above ${lower}: ${why}.`, 'Each gets its own cycle.'),
  'stack-kept': ({ dish, because }) => said(`${dish}, in one cycle: ${because.join('; ')}.`),
  'past-use-by': ({ dish, eatBy }) =>
    said(
      `${dish} is past its date by then: use by ${shortDay(eatBy, eatBy)}.`,
      'Eat it before then, or freeze it in time; after that date, throw it away.',
    ),
  'more-than-in-stock': ({ dish, wanted, free, areOthersTaken }) =>
    said(
      `${dish}: the meal needs ${wanted} portions; ${free} are in stock${areOthersTaken ? ', the others are in another meal' : ''}.`,
      'Take fewer of it, or add another dish.',
    ),
  'stock-too-small': ({ dish, servings, enoughFor }) =>
    said(
      `${dish} for ${servings}: what is in stock is enough for ${enoughFor}.`,
      'Make it from scratch (under “More”), or for fewer people.',
    ),
  'kept-warm': ({ dish, portions, later }) =>
    said(
      `${count(portions, 'portion')} of ${dish} for ${formatMinutes(later)} later: it keeps warm that long.`,
      'Keep it over 60 °C (140 °F; USDA FSIS).',
    ),
  'kept-too-long': ({ dish, portions, later, keeps }) =>
    said(
      `${count(portions, 'portion')} of ${dish} for ${formatMinutes(later)} later: it keeps only ${formatMinutes(keeps)}.`,
      'Chill it within two hours and heat it to 74 °C (165 °F; USDA FSIS).',
    ),
  'taught-pressure-time': ({ dish, minutes, written }) =>
    said(
      `${dish}: ${minutes} min at pressure instead of ${written}; it had to be pressure-cooked again on earlier evenings.`,
      'See the evenings in Log; you can reset it there, or put it into the dish.',
    ),
  'cut-smaller': ({ dish, fromMm, toMm, minutes, written }, h) =>
    said(
      `${dish} is cut to ${length(toMm, h)} instead of ${length(fromMm, h)}: as soft after ${minutes} min at pressure as after ${written}.`,
    ),
  'part-of-a-tin': ({ dish, servings, whole }) =>
    said(
      `${dish} is made in a tin: for ${some(servings)} its amounts are a part of one, eggs and all.`,
      `Make it for ${some(whole)}, and have ${count(Math.round((whole - servings) * 10) / 10, 'portion')} over.`,
    ),
  'in-runs': ({ dish, servings, runs }) =>
    said(
      `${dish} for ${servings} is cooked in ${runs} runs, for no pot takes it at once; what comes before and after is done once.`,
    ),
  'cut-of-no-use': ({ dish }) =>
    said(`${dish}: cutting it smaller makes nothing quicker; it is planned as written.`),
  'food-unknown': ({ dish, foods }) =>
    said(
      `${dish}: what ${list(foods)} is, is not known, so nothing says when it is safe.`,
      SEE_DISH,
    ),
  'ingredient-nowhere': ({ dish, foods }) =>
    said(
      foods.length === 1
        ? `${dish}: ${list(foods)} goes into no step, so the plan does not call for it.`
        : `${dish}: ${list(foods)} go into no step, so the plan does not call for them.`,
      'Put it into a step on the dish’s page.',
    ),
  'hold-untold': ({ dish, step }) =>
    said(
      `${dish}: for how long “${step}” is under pressure is not told, so the plan has no minutes for it.`,
      'Say the minutes on the dish’s page.',
    ),
  'text-unread': ({ dish, pieces }) =>
    said(
      pieces === 1
        ? `${dish}: a piece of its text is not read.`
        : `${dish}: ${pieces} pieces of its text are not read.`,
      'Look at the dish’s page: a step or an ingredient may be missing.',
    ),
  'part-cooked-meat': ({ dish, foods }) =>
    said(
      `${dish}: ${list(foods)} would be browned, chilled and finished later. Part-cooked meat is not advised: what survives the browning grows while it cools (USDA FSIS).`,
      'Pack it raw or cook it through. If you brown it, cool it at once and freeze it.',
    ),
  'altitude-longer': ({ altitudeM, factor }, { system }) =>
    said(
      `At ${system === 'us' ? `${(Math.round(altitudeM / 0.3048 / 100) * 100).toLocaleString('en')} ft` : `${Math.round(altitudeM)} m`} pressure times are ${Math.round((factor - 1) * 100)} % longer than written: 5 % for each 1,000 ft above 2,000 (extension services’ rule).`,
      'Are its times already for this kitchen? Say so on the dish’s page.',
    ),
  'no-freezer': () =>
    said(
      'There are bags to freeze, but the kitchen has no freezer.',
      'Add one in Kitchen, or keep the bags in the fridge and use them by their date.',
    ),
  'freezer-slow': ({ kg: all, kgADay, days, mostDays }, h) =>
    said(
      `${kg(all, h)} for the freezer at once; it freezes about ${kg(kgADay, h)} in a day (2 lb for each cubic foot, National Center for Home Food Preservation).`,
      days <= mostDays
        ? `Cool everything in the fridge first, and freeze it over ${days} days, the oldest first.`
        : `Cool everything in the fridge first, freeze ${kg(kgADay, h)} a day, and plan no more than ${kg(kgADay * mostDays, h)} for one day: cooked food keeps three days in the fridge at most before it is frozen (USDA FSIS).`,
    ),
  'bag-too-big': ({ dish, servings, most }) =>
    said(
      most > 0
        ? `${dish}: no pot takes a bag for ${some(servings)} when it is cooked; one takes ${some(most)}.`
        : `${dish}: no pot takes a bag of it when it is cooked.`,
      most > 0 ? 'Make smaller bags and more of them.' : SEE_DISH,
    ),
  'bag-needs-water': ({ dish, ml: water }, h) =>
    said(
      `${dish}: what is in a bag brings too little liquid for a cycle; its label says to add ${ml(water, h)} water.`,
    ),
  'bag-too-wide': ({ dish, acrossMm }, h) =>
    said(
      `${dish}: a flat bag is about ${length(acrossMm, h)} square and does not lie down in a pot while it is hard.`,
      'Freeze it round, or thaw it until it bends.',
    ),
  'no-room': ({ litres, freeLitres }) =>
    said(
      `About ${Math.ceil(litres)} l go into the freezer, and ${Math.floor(freeLitres)} l are free.`,
      'Make room, pack fewer bags, or keep some in the fridge by their date.',
    ),
  'lunch-too-late': ({ dish, days, lastDay }) =>
    said(
      `${dish} for ${list(days.map(sayDay))}: it keeps in the fridge until ${sayDay(lastDay)} and does not freeze.`,
      'Choose other days for it, or cook it nearer to them.',
    ),
  'lunch-before': ({ days }) =>
    said(
      `Lunches for ${list(days.map(sayDay))} are eaten before they are cooked.`,
      'Untick these days, or cook earlier.',
    ),
  'eater-cannot': ({ eater, dish, foods, breaks, contains, apartBefore }) =>
    said(
      `${eater} can’t eat ${dish}: ${list([...breaks.map(brokenDiet), ...contains.map((a) => `contains ${a}`)])} (${list(foods)}).`,
      apartBefore === null
        ? 'Plan something else for them, or swap it on the dish’s page.'
        : `Keep a portion apart before “${apartBefore}”.`,
    ),
  'eater-label': ({ eater, dish, wants, without, foods }) =>
    said(`For ${eater} (${needs(wants, without)}) the label decides in ${dish}: ${list(foods)}.`),
  'eater-unknown': ({ eater, dish, wants, without, foods }) =>
    said(
      `For ${eater} (${needs(wants, without)}) it is not known whether ${dish} will do: ${foods.length > 0 ? list(foods) : 'it has no ingredients'}.`,
      'Say on the dish’s page what is in it.',
    ),
  'tool-missing': ({ dish, tool }) =>
    said(
      `${dish} needs “${tool}”, which is not in the kitchen.`,
      'Add it in Kitchen, or use something like it.',
    ),
  'cooker-gone': ({ dish }) =>
    said(
      `The cooker that ${dish} was given is no longer in the kitchen; the plan chooses another.`,
      'Choose a cooker for it, or leave it open.',
    ),
  'pot-refuses': ({ dish, servings, cooker, why }) =>
    said(`${dish} for ${servings} in the ${cooker}: ${why.message}.`, sentence(why.remedy)),
  'thaw-too-late': ({ food, minutes }) =>
    said(
      `${food}: too late to thaw in the fridge, which takes ${formatMinutes(minutes)}.`,
      'The plan uses cold water; or cook it from frozen, at pressure for longer.',
    ),
  'overnight-passed': ({ dish, minutes }) =>
    said(
      `${dish} is best left overnight; no evening is left before this meal, so its ${formatMinutes(minutes)} begin on the day itself.`,
      'Choose a later day, or another dish.',
    ),
  'no-rice-cooker': ({ dish }) =>
    said(
      `${dish} is written for a rice cooker, and the kitchen has none: it simmers in a covered pan on the stove, for the same time.`,
      'Add a rice cooker in Kitchen, or look at it a few minutes early.',
    ),
  'in-rice-cooker': ({ dish, cooker }) =>
    said(
      `${dish} is cooked in the ${cooker}, which leaves the pots free.`,
      'To cook it under pressure, give it a cooker in the meal.',
    ),
  'before-waking': ({ dish, minute, wakes }, by) =>
    said(
      `${dish} needs hands at ${timeOfDay(minute, by)}, before your day begins at ${timeOfDay(wakes * 60, by)}.`,
      'Do its first steps the evening before, serve later, or change your day in Kitchen.',
    ),
  'waits-too-long': ({ dish, minutes, best }) =>
    said(
      `${dish} waits ${formatMinutes(minutes)}; it is best within ${formatMinutes(best)}.`,
      'Serve it later than the others, or see what helps below.',
    ),
  'ahead-passed': ({ work }) =>
    said(
      `“${work}” was to be done the day before, and that has passed.`,
      'It is planned for the day.',
    ),
  'product-short': ({ dish, from, food, wantedMl, givenMl }, h) =>
    said(
      `${dish} needs ${ml(wantedMl, h)} ${food}; ${from} gives about ${ml(givenMl, h)}.`,
      `Make up the missing ${ml(wantedMl - givenMl, h)} with stock or water.`,
    ),
  'product-taken': ({ dish, from, food, wantedMl, givenMl }, h) =>
    said(
      `${dish} takes ${ml(wantedMl, h)} ${food} from ${from}, which gives about ${ml(givenMl, h)}.`,
    ),
  'pudding-after-savoury': ({ dish, before, cooker }) =>
    said(
      `${dish} goes under the ring that smells of ${before} in the ${cooker}.`,
      'Use another cooker or a second ring, if you have one.',
    ),
  'pot-still-hot': ({ dish, before, cooker, minutes }) =>
    said(
      `${dish} may reach pressure ${minutes} min sooner: the ${cooker} is still hot from ${before}. The plan does not rely on that.`,
    ),
  'pot-needs-water': ({ dish, cooker, leastMl, thinMl, moreMl }, h) =>
    said(
      `${dish}: the ${cooker} needs ${ml(leastMl, h)} of thin liquid; the recipe has ${ml(thinMl, h)}. The plan counts on ${ml(moreMl, h)} more water.`,
    ),
  'hands-no-rest': ({ hands, minutes, restMin }) =>
    said(
      `${hands === 1 ? 'One cook works' : 'All cooks work'} for ${formatMinutes(minutes)} without ${restMin} minutes’ rest.`,
      'Look at the fixes: another cook, work done the day before, or a dish less.',
    ),
  'plan-chose': ({ choice, gain }) =>
    said(
      `${sayChoice(choice)}: ${sayGain(gain)}.`,
      'The plan chose this; change it under the dish.',
    ),
  'not-plannable': ({ message, remedy }) => said(sentence(message), sentence(remedy)),
  'said-before': ({ text, remedy }) => ({ text, remedy }),
};

/** A finding in words, with amounts in the household’s own units. */
export function sayFinding(finding: Finding, by: Conventions): Said {
  // The code and its values belong together by type; the table is keyed by the same codes.
  const say = FINDINGS[finding.code] as (values: unknown, by: Conventions) => Said;
  return say(finding.values, by);
}

const RELEASED = {
  natural: 'released naturally',
  quick: 'quick-released',
  timed: 'released naturally for a while, then quickly',
} as const;

/** What was chosen for a dish. */
export function sayChoice(choice: Choice): string {
  switch (choice.kind) {
    case 'release':
      return `${choice.dish} is ${RELEASED[choice.release]}, as the dish allows`;
    case 'level':
      return `${choice.dish} cooks at ${choice.level} pressure, ${choice.minutes} min instead of ${choice.wasMinutes} at ${choice.wasLevel}`;
    case 'keep-hot':
      return `${list(choice.dishes)} ${choice.dishes.length === 1 ? 'is' : 'are'} kept hot in the oven until served`;
    case 'stack':
      return `${choice.upper} goes above ${choice.lower}, in one cycle`;
  }
}

function sayGain(gain: Gain): string {
  switch (gain.kind) {
    case 'only-way':
      return 'without it there is no plan';
    case 'ready-sooner':
      return `everything is ready ${formatMinutes(gain.minutes)} sooner`;
    case 'starts-later':
      return `work begins ${formatMinutes(gain.minutes)} later`;
  }
}

/** A remedy at one tap, as it stands on its button. */
export function sayEdit(edit: Edit, by: Conventions): string {
  switch (edit.kind) {
    case 'add-water':
      return `Add ${ml(edit.ml, by)} water to the dish`;
    case 'servings':
      return `Make it for ${inProse(edit.servings)}`;
    case 'leave-out':
      return `Leave out ${edit.dish}`;
    case 'own-cycle':
      return `Give ${edit.dish} its own cycle`;
    case 'pack-as':
      return edit.state === 'raw' ? 'Pack it raw' : 'Cook it through';
    case 'open-dish':
      return 'Open the dish';
  }
}

/** “no milk” is broken by what contains it; the others by not being so. */
function brokenDiet(diet: string): string {
  return diet.startsWith('no ') ? `contains ${diet.slice(3)}` : `not ${diet}`;
}

const needs = (wants: readonly string[], without: readonly string[]): string =>
  [...wants, ...without.map((a) => `no ${a}`)].join(', ');
