/**
 * In what sizes a shop in the United States sells what comes in packs, cans and bottles. Common practice; from memory,
 * and the label decides.
 */
import type { Quantity } from '../units';

const OZ = 28.35;
const FL_OZ = 29.57;

/** By id of a food: how many ounces of weight, or fluid ounces, one holds. */
const BY_WEIGHT: Readonly<Record<string, number>> = {
  ...of(80, 'flour whole-flour'),
  ...of(64, 'sugar'),
  ...of(32, 'brown-sugar rice brown-rice basmati sushi-rice yoghurt raisins'),
  ...of(
    16,
    'butter cornstarch pasta linguine rigatoni orzo pasta-shells elbow-macaroni wholewheat-pasta soup-pasta lasagne-sheets barley bulgur quinoa semolina couscous',
  ),
  ...of(16, 'chickpea black-bean kidney-bean white-bean cannellini-bean pinto-bean butter-bean'),
  ...of(16, 'mung-bean split-pea red-lentil lentil chana-dal toor-dal urad-dal red-bean polenta'),
  ...of(16, 'ground-beef ground-lamb ground-pork sausage bacon brussels sour-cream tahini'),
  ...of(18, 'oats prunes'),
  ...of(12, 'risotto-rice egg-noodles honey prawns peas kale peanut-butter'),
  ...of(15, 'cooked-chickpea cooked-beans breadcrumbs ricotta'),
  ...of(14.5, 'canned-tomatoes'),
  ...of(14, 'tofu condensed-milk'),
  ...of(24, 'pasta-sauce passata'),
  ...of(20, 'ketchup'),
  ...of(13.5, 'coconut-milk'),
  ...of(12.5, 'evaporated-milk'),
  ...of(
    8,
    'cream-cheese mascarpone cheddar provolone swiss-cheese hard-cheese feta mozzarella paneer mustard mushroom',
  ),
  ...of(10, 'spinach cherry-tomato'),
  ...of(6, 'tomato-paste almonds cut-almonds walnuts cashews berries raspberries dried-apricots'),
  ...of(5, 'tuna'),
  ...of(4, 'curry-paste chocolate'),
  ...of(2, 'anchovies pine-nuts'),
};
const BY_VOLUME: Readonly<Record<string, number>> = {
  ...of(32, 'broth buttermilk'),
  ...of(64, 'milk oat-milk juice orange-juice'),
  ...of(16, 'cream vinegar'),
  ...of(16.9, 'olive-oil'),
  ...of(12, 'stout cider maple-syrup'),
  ...of(25.4, 'wine'),
  ...of(10, 'soy-sauce'),
};

function of(size: number, ids: string): Record<string, number> {
  return Object.fromEntries(ids.split(' ').map((id) => [id, size]));
}

/** What one pack holds there, and as its label has it; null where nothing is known: it is sold as anywhere. */
export function usPack(id: string): { each: Quantity; label: string } | null {
  const ounces = BY_WEIGHT[id];
  if (ounces !== undefined)
    return { each: { amount: Math.round(ounces * OZ), unit: 'g' }, label: weightLabel(ounces) };
  const fluid = BY_VOLUME[id];
  return fluid === undefined
    ? null
    : { each: { amount: Math.round(fluid * FL_OZ), unit: 'ml' }, label: `${fluid} fl oz` };
}

/** @example weightLabel(80) // '5 lb' */
const weightLabel = (ounces: number): string =>
  ounces >= 16 && ounces % 16 === 0 ? `${ounces / 16} lb` : `${ounces} oz`;
