/** What cooks go by where they do not agree: shown beside the model, never instead of it. */
import { G_PER_LB } from '../facts';
import { findFood, type Food } from '../food';
import { altitudeRule } from './rates';

export interface School {
  name: string;
  /** Hold, min. */
  minutes: number;
}

export interface SchoolQuestion {
  food: string;
  /** Of all pieces together, and how many they are. */
  grams: number;
  pieces?: number | undefined;
  thicknessMm: number;
  state: 'frozen' | 'chilled' | 'room';
  target: string;
  altitudeM: number;
}

const LARGE_MM = 60;
const MIN_PER_LB = 8;
/** For a bird that is whole and hollow. */
const WHOLE_MIN_PER_LB = 6;

/** Which rules of thumb speak to a question, with what each says (common practice). */
export function schoolsFor(question: SchoolQuestion, seaLevelMinutes: number | null): School[] {
  const food = findFood(question.food);
  return [
    ...largePoultry(question, food),
    ...pulledMeat(question, food),
    ...frozenMince(question, food),
    ...altitude(question, seaLevelMinutes),
  ];
}

function largePoultry(
  { grams, pieces = 1, thicknessMm }: SchoolQuestion,
  food: Food | null,
): School[] {
  if (food?.group !== 'poultry' || thicknessMm < LARGE_MM) return [];
  if (food.keep === 'whole-poultry')
    return [WHOLE_MIN_PER_LB, MIN_PER_LB].map((each) => ({
      name: `whole birds by weight, ${each} min for each lb`,
      minutes: (each * grams) / pieces / G_PER_LB,
    }));
  return [
    { name: 'by weight, 8 min for each lb', minutes: (MIN_PER_LB * grams) / G_PER_LB },
    { name: 'flat, at least 30 min for one that fits', minutes: 30 },
  ];
}

/** To pull, by thickness, mm: chunks have the shorter times, whole shoulders the longest. */
const PULLED: readonly (readonly [from: number, to: number, School])[] = [
  [45, 75, { name: 'to pull, the shorter time', minutes: 45 }],
  [55, 95, { name: 'to pull, up to 3 lb or chunks', minutes: 60 }],
  [80, Infinity, { name: 'to pull, thick pieces', minutes: 90 }],
];

function pulledMeat({ target, thicknessMm }: SchoolQuestion, food: Food | null): School[] {
  if (food?.group !== 'meat' || target !== 'shred' || food.keep === 'ground-meat') return [];
  return PULLED.filter(([from, to]) => thicknessMm >= from && thicknessMm < to).map(([, , s]) => s);
}

function frozenMince({ state }: SchoolQuestion, food: Food | null): School[] {
  if (food?.keep !== 'ground-meat' || state !== 'frozen') return [];
  return [
    { name: 'frozen mince, then quick', minutes: 18 },
    { name: 'frozen mince, then natural for 10–15 min', minutes: 25 },
  ];
}

function altitude({ altitudeM }: SchoolQuestion, seaLevel: number | null): School[] {
  const factor = altitudeRule(altitudeM);
  if (factor === 1 || seaLevel === null) return [];
  return [
    { name: 'altitude rule, 5 % for each 1000 ft above 2000 ft', minutes: seaLevel * factor },
  ];
}
