/** Allergens that the words of a name tell, whatever the table knows of the food. */
import type { Allergen } from './types';
import { withoutLikeness } from './reading';

/** @source the foods that Regulation (EU) No 1169/2011, Annex II names, in kitchen words (common practice) */
const WORDS: readonly (readonly [RegExp, Allergen])[] = [
  [
    /\b(?:wheat|rye|barley|oats?|oatmeal|spelt|kamut|farro|semolina|couscous|bulgur|freekeh|seitan|bread|breads|breadcrumbs?|panko|flour|pasta|spaghetti|macaroni|noodles?|lasagn[ae]|ravioli|tortellini|pastry|filo|phyllo|cracker|crackers|biscuits?|cookies?|cake|buns?|rolls?|baguette|naan|roti|chapati|pita|malt|beer|stout|ale|lager|soy sauce|dumplings?|wontons?|gyoza|udon)\b/,
    'gluten',
  ],
  [
    /\b(?:prawns?|shrimps?|crab|crabmeat|lobster|crayfish|crawfish|langoustines?|scampi)\b/,
    'crustaceans',
  ],
  [
    /\beggs?\b|\b(?:mayonnaise|mayo|aioli|meringue|custard|omelette|frittata|quiche|hollandaise)\b/,
    'egg',
  ],
  [
    /\b(?:fish|cod|haddock|hake|salmon|trout|tuna|mackerel|sardines?|herring|anchov(?:y|ies)|worcestershire)\b/,
    'fish',
  ],
  [/\b(?:peanuts?|groundnuts?|monkey nuts?|satay)\b/, 'peanut'],
  [/\b(?:soya?|soybeans?|tofu|tempeh|edamame|miso|tamari|tvp)\b/, 'soy'],
  [
    /\b(?:milk|cream|cheese|butter|buttermilk|yogh?urt|ghee|whey|casein|curd|quark|mascarpone|ricotta|mozzarella|cheddar|parmesan|feta|brie|custard|cheesecake|bechamel)\b/,
    'milk',
  ],
  [
    /\b(?:nuts?|almonds?|hazelnuts?|walnuts?|cashews?|pecans?|pistachios?|macadamias?|brazil nuts?|marzipan|praline|nougat|frangipane|amaretti)\b/,
    'nuts',
  ],
  [/\b(?:celery|celeriac)\b/, 'celery'],
  [/\bmustard\b/, 'mustard'],
  [/\b(?:sesame|tahini|halva|za'?atar|hummus|houmous)\b/, 'sesame'],
  [/\b(?:wine|sulphites?|sulfites?|dried apricots?)\b/, 'sulphites'],
  [/\b(?:lupins?|lupini)\b/, 'lupin'],
  [
    /\b(?:mussels?|clams?|oysters?|scallops?|squid|calamari|octopus|cuttlefish|snails?|cockles?|oyster sauce)\b/,
    'molluscs',
  ],
];

/** Words that only look like one. */
const NOT_ALLERGENS: readonly RegExp[] = [
  /\b(?:coconut|oat|rice|almond|soya?|cashew|hemp|hazelnut|plant|vegan|dairy[- ]free) (?:milk|cream|yogh?urt|butter|cheese|curd)\b/g,
  /\b(?:peanut|almond|cashew|nut|apple|cocoa|shea|seed) butter\b/g,
  /\bcream of tartar\b/g,
  /\bbutter ?beans?\b|\bbutter ?nut\b/g,
  /\b(?:buckwheat|rice|glass|kelp|shirataki|zucchini|courgette) (?:noodles?|flour|pasta)\b/g,
  /\b(?:rice|corn|potato|tapioca|chickpea|gram|coconut|almond|buckwheat|lentil|soya?) flour\b/g,
  /\b(?:nutmeg|doughnut|butternut|coconut|water chestnuts?)\b/g,
  /\begg ?plants?\b/g,
  /\boyster mushrooms?\b/g,
  /\brice (?:cakes?|crackers?|paper)\b/g,
  /\bfish(?:less| mint)\b/g,
];

/** What the words before these still say: an almond milk holds almonds. */
const KEPT = /\b(?:almond|cashew|hazelnut|peanut|soya?|oat|nut)\b/g;

/** @example allergensInName('walnut oil') // ['nuts'] */
export function allergensInName(name: string): Allergen[] {
  let text = withoutLikeness(name);
  for (const pattern of NOT_ALLERGENS)
    text = text.replace(pattern, (whole) => (whole.match(KEPT) ?? []).join(' '));
  const isGlutenFree = /\bgluten[- ]?free\b/.test(text);
  return WORDS.filter(
    ([pattern, allergen]) => pattern.test(text) && !(isGlutenFree && allergen === 'gluten'),
  ).map(([, allergen]) => allergen);
}
