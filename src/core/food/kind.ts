/** What a food is, as far as safety, keeping and diets ask. */
import type { FoodClass, KeepingKind } from './types';

/** Whether a name says that the food was cooked; `unsaid` is not `raw`. */
export type Doneness = 'raw' | 'cooked' | 'unsaid';

export interface FoodKind {
  class: FoodClass;
  doneness: Doneness;
  /** Its row of the keeping chart. */
  keep: KeepingKind;
  /** A food of the table whose make-up stands for this one’s where heat is reckoned; null: none is near. */
  like: string | null;
  /** What says so: the table, the words of the name, or somebody who chose the group. */
  by: 'table' | 'name' | 'group';
}

/** A group that somebody can choose for a food that is not known. */
export interface FoodGroupChoice {
  /** The word that questions take as `food` and dishes keep. */
  word: string;
  kind: FoodKind;
  /** Grown or made of flesh, egg or milk: what diets ask. */
  comesFrom: 'flesh' | 'egg' | 'milk' | 'plant' | 'unknown';
}

const group = (
  word: string,
  foodClass: FoodClass,
  keep: KeepingKind,
  like: string | null,
  comesFrom: FoodGroupChoice['comesFrom'],
): FoodGroupChoice => ({
  word,
  comesFrom,
  kind: { class: foodClass, doneness: 'unsaid', keep, like, by: 'group' },
});

/**
 * The groups to choose from. Each keeps as the strictest row of what it may hold, and its make-up is that of a
 * usual food of the group.
 */
export const FOOD_GROUPS: readonly FoodGroupChoice[] = [
  group('poultry', 'poultry', 'poultry', 'chicken-thigh', 'flesh'),
  group('ground meat', 'ground', 'ground-meat', 'ground-beef', 'flesh'),
  group('whole cut', 'whole-cut', 'meat', 'beef-chuck', 'flesh'),
  group('game', 'game', 'ground-meat', 'venison', 'flesh'),
  group('fish', 'fish', 'fish', 'white-fish', 'flesh'),
  group('shellfish', 'shellfish', 'shellfish', 'prawns', 'flesh'),
  group('egg dish', 'egg', 'casserole', 'egg', 'egg'),
  group('casserole', 'casserole', 'casserole', null, 'unknown'),
  group('root vegetable', 'plant', 'root', 'potato', 'plant'),
  group('leafy greens', 'plant', 'leafy', 'cabbage', 'plant'),
  group('other vegetable or fruit', 'plant', 'vegetable', 'courgette', 'plant'),
  group('dry pulses', 'plant', 'dry', 'white-bean', 'plant'),
  group('dry grain', 'plant', 'dry', 'rice', 'plant'),
  group('dairy', 'ready', 'dairy', 'milk', 'milk'),
  group('sauce', 'ready', 'opened', null, 'unknown'),
  group('baked goods', 'egg', 'casserole', null, 'unknown'),
  group('seasoning', 'plant', 'dry', null, 'unknown'),
  group('plant', 'plant', 'vegetable', null, 'plant'),
];

const BY_WORD = new Map(FOOD_GROUPS.map((g) => [g.word, g]));

/** The choice of that word; null where there is none. */
export function groupChoice(word: string): FoodGroupChoice | null {
  return BY_WORD.get(word.trim().toLowerCase()) ?? null;
}

/** What an answer offers where a food is not known. */
export const ASK_GROUPS: readonly string[] = FOOD_GROUPS.map((g) => g.word);
