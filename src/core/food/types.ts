/** What the core knows of a food. */

/** Grams per 100 g of the edible part; carbohydrate is what is available, fibre apart. */
export interface Composition {
  water: number;
  protein: number;
  fat: number;
  carbohydrate: number;
  fibre: number;
  ash: number;
}

/** How it behaves in the liner: makes steam, sinks and scorches, or is a piece. */
export type Form = 'thin' | 'thick' | 'solid';

export type FoodGroup =
  | 'liquid'
  | 'fat'
  | 'grain'
  | 'pulse'
  | 'vegetable'
  | 'fruit'
  | 'meat'
  | 'poultry'
  | 'fish'
  | 'egg'
  | 'dairy'
  | 'seasoning'
  | 'baking'
  | 'nut';

export interface Food {
  id: string;
  /** As an ingredient line would call it; the first is the one shown. */
  names: readonly [string, ...string[]];
  group: FoodGroup;
  form: Form;
  composition: Composition;
  /** g/ml as measured in a cup, with the air between pieces. */
  density: number;
  /** g of one, where it is counted in pieces (an onion, an egg, a clove). */
  pieceG: number | null;
  /** Usual size of a cut piece, the smallest way through. */
  pieceMm: number;
  /** Swells or foams: the liner may be filled to half only. */
  swells: boolean;
  /** Volume after cooking for one before. */
  growth: number;
}
