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

/** Where it stands in a shop, in the order in which one walks through it (common practice). */
export const AISLES = [
  'vegetables',
  'fruit',
  'herbs and spices',
  'meat',
  'fish',
  'dairy',
  'dry goods',
  'larder',
  'baking',
  'frozen',
] as const;
export type Aisle = (typeof AISLES)[number];

/**
 * What has to be declared in the European Union.
 *
 * @source Regulation (EU) No 1169/2011, Annex II
 */
export const ALLERGENS = [
  'gluten',
  'crustaceans',
  'egg',
  'fish',
  'peanut',
  'soy',
  'milk',
  'nuts',
  'celery',
  'mustard',
  'sesame',
  'sulphites',
  'lupin',
  'molluscs',
] as const;
export type Allergen = (typeof ALLERGENS)[number];

/** What doneness a piece is cooked to. */
export type DonenessTarget = 'crisp' | 'soft' | 'slice' | 'shred';

/**
 * Classes that differ in what makes them safe. `ready` is eaten as it is or was cooked before; `plant` is
 * everything that grows, dry goods and fats among it.
 */
export const FOOD_CLASSES = [
  'poultry',
  'ground',
  'whole-cut',
  'game',
  'fish',
  'shellfish',
  'egg',
  'casserole',
  'ready',
  'plant',
] as const;
export type FoodClass = (typeof FOOD_CLASSES)[number];

export interface Softening {
  /**
   * Minutes at the ordinary level (116 °C) in which three fifths of a thin piece have turned soft, by doneness.
   * Fitted to the anchors of common practice by `npm run holds`.
   */
  doses: Readonly<Partial<Record<DonenessTarget, number>>>;
  /** °C that its middle must reach besides, by doneness. */
  reaches: Readonly<Partial<Record<DonenessTarget, number>>>;
  /** Holds under this are not set, min: what must simmer together, starch that must swell. */
  leastMin: number;
}

/** Rows of the keeping chart; see `keeping.ts`. */
export type KeepingKind =
  | 'ground-meat'
  | 'meat'
  | 'giblets'
  | 'poultry'
  | 'poultry-pieces'
  | 'whole-poultry'
  | 'sausage'
  | 'bacon'
  | 'ham'
  | 'lunch-meat'
  | 'hot-dogs'
  | 'fish'
  | 'fatty-fish'
  | 'shellfish'
  | 'egg'
  | 'cooked-egg'
  | 'raw-egg'
  | 'salad'
  | 'pizza'
  | 'casserole'
  | 'soup'
  | 'cooked-meat'
  | 'cooked-fish'
  | 'cooked-rice'
  | 'cooked-pulse'
  | 'cooked-vegetable'
  | 'dairy'
  | 'cultured'
  | 'stuffed'
  | 'baby-food'
  | 'opened'
  | 'in-oil'
  | 'cut-produce'
  | 'butter'
  | 'hard-cheese'
  | 'vegetable'
  | 'leafy'
  | 'root'
  | 'herb'
  | 'bread'
  | 'dry'
  | 'unknown';

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
  /** g in a pack as it is usually sold; null where it is sold loose or in every size. */
  packG: number | null;
  /** Usual size of a cut piece, the smallest way through. */
  pieceMm: number;
  /** Swells or foams: the liner may be filled to half only. */
  swells: boolean;
  /** Volume after cooking for one before. */
  growth: number;
  /** g of water that 1 g takes up until it is done; 0 where it takes none to speak of. */
  takes: number;
  /** ml for 1 g that only cover it while it cooks, and are poured off, or are its broth or sauce. */
  cover: number;
  /** g of juice that 1 g gives off in a cycle. */
  gives: number;
  /** Overcooks within minutes. */
  finicky: boolean;
  /** How much heat makes it soft. */
  softening: Softening;
  /**
   * Share of its thickness that heat has to go through: steam gets between leaves and florets, of a cob only the
   * kernels count. 1 where it is solid.
   */
  through: number;
  /** Heat never goes through more than this, mm: the wall of a squash, the stalk of a head; Infinity where it is solid. */
  mostMm: number;
  /** Set where its class for safety is another than its group’s: ravioli are no grain. */
  safety: FoodClass | null;
  /** Its row of the keeping chart, raw and as bought. */
  keep: KeepingKind;
  aisle: Aisle;
  allergens: readonly Allergen[];
  /** What is in it depends on who makes it: the label says, and what it lacks is not known. */
  varies: boolean;
  /** Of an animal, though its group is not: fish sauce, goose fat, meat sauce. */
  fromFlesh: boolean;
  /** Where its numbers come from; the table's file says what the short form means. */
  source: string;
}
