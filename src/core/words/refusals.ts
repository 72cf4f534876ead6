/** What is refused, and what helps: every refusal that is not a pot's, by its code. */
import type { Fault, Refusal } from '../reason';

/** What each refusal says, by its code. SI inside. */
interface RefusalValues {
  'unit-unknown': { text: string; known: readonly string[] };
  'stick-of-butter': { food: string };
  'question-unknown': { name: string; known: readonly string[] };
  'celsius-beyond-steam': { low: number; high: number; given: number };
  'kpa-beyond-steam': { low: number; high: number; given: number };
  'pin-time-odd': { minutes: number; watts: number; ml: number };
  'drop-time-odd': { minutes: number; ml: number };
  'heater-too-weak': { watts: number };
  'nothing-to-release': { watts: number };
  'never-at-pressure': { watts: number };
  'no-thin-liquid': object;
  'no-saute': { cooker: string; step: string };
  'no-such-level': { cooker: string; level: string };
  'no-cooker': object;
  'cooker-gone': object;
  'pressure-minutes-odd': { most: number };
  'release-odd': object;
  'servings-odd': object;
  'pot-cannot-be-timed': object;
  'takes-no-water': { food: string };
  'food-not-in-table': { name: string };
  'no-slow-hours': { dish: string };
  'too-many-cycles-for-slow': { dish: string; cycles: number };
  'stage-gone': object;
  'serving-time-unreadable': object;
  'serving-time-past': object;
  'dish-gone': object;
  'no-dishes': object;
  'dishes-need-each-other': { dishes: readonly string[] };
  'not-made-with': { item: string; dish: string; choose: 'bag' | 'pack' };
  'saves-no-work': { dish: string; food: string };
  'cannot-be-made-with': { dish: string; item: string };
  'too-little-in-stock': { item: string; dish: string };
  'raw-is-no-dish': { item: string };
  'kit-without-dish': { item: string };
  'freezes-badly': { food: string };
  'past-its-fridge-day': object;
}

export type RefusalCode = keyof RefusalValues;

const STRONGER = 'use a stronger cooker or less food';
const AS_WRITTEN = 'cook it as it is written';
const WATER_FOODS = 'ask for a grain or a pulse: rice, barley, chickpea, lentil …';

const WORDS: { [C in RefusalCode]: (values: RefusalValues[C]) => Refusal } = {
  'unit-unknown': ({ text, known }) => ({
    message: `“${text}” is not a unit this knows`,
    remedy: `use one of ${known.join(', ')}`,
  }),
  'stick-of-butter': ({ food }) => ({
    message: `a stick is a measure of butter, not of ${food}`,
    remedy: 'give a weight or a volume instead',
  }),
  'question-unknown': ({ name, known }) => ({
    message: `“${name}” is not a question this answers`,
    remedy: `ask one of ${known.join(', ')}`,
  }),
  'celsius-beyond-steam': ({ low, high, given }) => ({
    message: `water and steam are together only from ${low} to ${high} °C; received ${given}`,
    remedy: 'give a temperature in that range',
  }),
  'kpa-beyond-steam': ({ low, high, given }) => ({
    message: `water and steam are together only from ${low} to ${high} kPa; received ${given}`,
    remedy: 'give an absolute pressure in that range',
  }),
  'pin-time-odd': ({ minutes, watts, ml }) => ({
    message: `${minutes} min until the pin rises does not go with ${watts} W and ${ml} ml`,
    remedy: 'check the watts on the label and the amount of water, and time it again',
  }),
  'drop-time-odd': ({ minutes, ml }) => ({
    message: `${minutes} min until the pin drops does not go with ${ml} ml`,
    remedy: 'switch keep-warm off, leave the valve closed, and time it again',
  }),
  'heater-too-weak': ({ watts }) => ({
    message: `${watts} W never bring this to pressure: the room takes as much as the heater gives`,
    remedy: STRONGER,
  }),
  'nothing-to-release': ({ watts }) => ({
    message: `${watts} W never bring this to pressure, so there is nothing to release`,
    remedy: STRONGER,
  }),
  'never-at-pressure': ({ watts }) => ({
    message: `${watts} W never bring this to pressure`,
    remedy: STRONGER,
  }),
  'no-thin-liquid': () => ({
    message: 'there is no thin liquid, and only that makes steam',
    remedy: 'add water, broth or wine',
  }),
  'no-saute': ({ cooker, step }) => ({
    message: `the ${cooker} has no sauté, and “${step}” needs it`,
    remedy: 'use another cooker',
  }),
  'no-such-level': ({ cooker, level }) => ({
    message: `the ${cooker} has no ${level} pressure`,
    remedy: 'use another cooker, or another level',
  }),
  'no-cooker': () => ({ message: 'no cooker can take it', remedy: 'choose another cooker' }),
  'cooker-gone': () => ({
    message: 'this cooker is not in the kitchen',
    remedy: 'choose one of those shown',
  }),
  'pressure-minutes-odd': ({ most }) => ({
    message: `the pressure time is a whole number of minutes from 0 to ${most}`,
    remedy: 'give the minutes that you key in',
  }),
  'release-odd': () => ({
    message: 'the release is natural, timed or quick',
    remedy: 'choose one',
  }),
  'servings-odd': () => ({
    message: 'the number of people is more than 0',
    remedy: 'say for how many it is',
  }),
  'pot-cannot-be-timed': () => ({
    message: 'this pot can’t be timed this way',
    remedy: 'choose another cooker or other minutes',
  }),
  'takes-no-water': ({ food }) => ({
    message: `${food} takes up no water`,
    remedy: WATER_FOODS,
  }),
  'food-not-in-table': ({ name }) => ({
    message: `“${name}” is not in the table`,
    remedy: WATER_FOODS,
  }),
  'no-slow-hours': ({ dish }) => ({
    message: `${dish} names no hours for a slow cooker`,
    remedy: 'write them into the dish',
  }),
  'too-many-cycles-for-slow': ({ dish, cycles }) => ({
    message: `${dish} has ${cycles} cycles, and a slow cooker has no such steps`,
    remedy: 'write the slow-cooked dish by hand',
  }),
  'stage-gone': () => ({
    message: 'this stage or ingredient is no longer there',
    remedy: 'choose another',
  }),
  'serving-time-unreadable': () => ({
    message: 'the serving time is not a date and a time',
    remedy: 'choose a day and a time',
  }),
  'serving-time-past': () => ({
    message: 'the serving time is in the past',
    remedy: 'choose a later day or time',
  }),
  'dish-gone': () => ({
    message: 'a dish of this meal no longer exists',
    remedy: 'take it out of the meal',
  }),
  'no-dishes': () => ({ message: 'this meal has no dishes yet', remedy: 'add a dish' }),
  'dishes-need-each-other': ({ dishes }) => ({
    message: `${dishes.join(' and ')} each need something from the other`,
    remedy: 'let one of them use stock or water instead, or leave one out',
  }),
  'not-made-with': ({ item, dish, choose }) => ({
    message: `${item} is nothing that ${dish} is made with`,
    remedy: `choose another ${choose}`,
  }),
  'saves-no-work': ({ dish, food }) => ({
    message: `${dish} has no work with ${food} alone that this would save`,
    remedy: AS_WRITTEN,
  }),
  'cannot-be-made-with': ({ dish, item }) => ({
    message: `${dish} can’t be made with ${item}`,
    remedy: AS_WRITTEN,
  }),
  'too-little-in-stock': ({ item, dish }) => ({
    message: `there is too little of ${item} for ${dish}`,
    remedy: 'buy some, or choose another pack',
  }),
  'raw-is-no-dish': ({ item }) => ({
    message: `${item} is raw food and no dish`,
    remedy: 'choose it under “made from” of a dish that takes it',
  }),
  'kit-without-dish': ({ item }) => ({
    message: `${item} is still to cook, and its dish is no longer here`,
    remedy: 'add the dish again, or cook it by its label',
  }),
  'freezes-badly': ({ food }) => ({
    message: `freezing does ${food} no good`,
    remedy: 'keep it in the fridge',
  }),
  'past-its-fridge-day': () => ({
    message: 'its day in the fridge is past, and freezing does not make it good again',
    remedy: 'throw it away',
  }),
};

/** @returns what is refused and what helps, each to stand in a sentence */
export function refusal<C extends RefusalCode>(code: C, values: RefusalValues[C]): Refusal {
  return WORDS[code](values);
}

/** The same of a field of what was given. */
export function fault<C extends RefusalCode>(
  field: string,
  code: C,
  values: RefusalValues[C],
): Fault {
  return { field, ...refusal(code, values) };
}
