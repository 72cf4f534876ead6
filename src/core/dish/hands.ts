/**
 * Minutes with the knife: what it takes to prepare an ingredient, from the words that say how, its pieces and its
 * weight. A cook's own pace is learned and applied by the plan.
 *
 * @source common practice: an onion peeled and diced takes a good minute, a kilogram of carrots peeled and cut a
 *   good ten, a kilogram of meat in cubes five
 */
import type { Food } from '../food';
import type { Stage } from './document';
import type { ScaledIngredient } from './scaled';

interface Work {
  says: RegExp;
  /** min for each piece, and for each kilogram. */
  perPiece: number;
  perKg: number;
}

const work = (says: RegExp, perPiece: number, perKg: number): Work => ({ says, perPiece, perKg });

const PEEL = work(/\b(?:peel(?:ed|ing)?|skinned)\b/i, 0.3, 1.5);
const WORKS: readonly Work[] = [
  PEEL,
  work(
    /\b(?:finely|fine(?:ly)?|small) (?:chop|dice|slice|cut)|\bminc(?:ed|e)\b|\bbrunoise\b|\bjulienne/i,
    0.45,
    5,
  ),
  work(/\b(?:chopp?|dic|cub|chunk|cut|bite[- ]sized?|torn|broken)\w*/i, 0.25, 3),
  work(/\b(?:slic|shav|ring|strip|wedge|round|baton|crosswise|lengthwise)\w*/i, 0.2, 2.5),
  work(/\b(?:halv|quarter|split)\w*/i, 0.1, 0.5),
  work(/\b(?:grat|shredd?|crumbl|riced)\w*/i, 0.2, 9),
  work(/\bzest\w*/i, 0.8, 0),
  work(/\b(?:segment|supr[eê]m)\w*/i, 2, 0),
  work(/\bpodded\b/i, 0, 12),
  work(/\b(?:juic|squeez)\w*/i, 0.5, 0),
  work(
    /\b(?:cored|seeded|deseeded|seeds removed|pitted|stoned|hulled|stemmed|ribs removed)\b/i,
    0.3,
    0.5,
  ),
  work(/\b(?:trim|clean|scrub|string|pick|strip|top(?:ped)? and tail)\w*/i, 0.1, 2.5),
  work(/\b(?:devein|shell|peel and devein|debeard)\w*/i, 0.15, 6),
  work(/\b(?:boned|deboned|filleted|skin removed|jointed|spatchcock)\w*/i, 0.5, 4),
  work(/\b(?:crush|smash|bash|bruise|pound)\w*/i, 0.15, 2),
  work(/\b(?:wash|rins|drain|pat dry|patted dry|thaw|beaten|whisk|melt|soften|toast)\w*/i, 0, 0.6),
];

/** Peeled before anything else is done with them, whether somebody says so or not. */
const PEELED_FIRST: ReadonlySet<string> = new Set(
  'onion sweet-onion baby-onion shallot garlic ginger galangal celeriac swede squash pumpkin potato carrot parsnip beetroot'.split(
    ' ',
  ),
);
const CUTS = /\b(?:chopp?|dic|minc|slic|cub|grat|crush|quarter|halv|wedge|chunk|cut)\w*/i;
/** A clove is done in half the strokes of an onion. */
const SMALL_G = 10;
const SMALL_SHARE = 0.4;
/** Leaves of a herb are chopped by the handful, whatever they weigh, min. */
const HERB_MIN = 0.8;
/** To take out and measure one ingredient, or to open its can, min. */
const MEASURE_MIN = 0.25;
/** Bought so: nothing is left to do with it. */
const DONE_BEFORE =
  /\b(?:cans?|tins?|canned|tinned|jarred|frozen|store[- ]bought|pre-?cut|ready|powder|ground|dried|paste|sauce|stock|broth)\b/i;

/** A cut of the butcher’s, which nobody makes at home: “English cut”, “cut by the butcher into three”. */
const BOUGHT_CUT =
  /\b(?:english|flanken|cross|cent(?:er|re)|thick|thin|steel|crinkle|first|second)[- ]cut\b|\b(?:cut|sawn|chopped|boned|jointed|trimmed|rolled|tied)\b[^,;]*\bby (?:the|your) (?:butcher|fishmonger)\b[^,;]*|\b(?:ask|get|have) (?:the|your) (?:butcher|fishmonger)\b[^,;]*/gi;

/** Work with the knife on one ingredient, min; 0 where nothing says that there is any. */
export function knifeMinutes({ ingredient, food, quantity, grams }: ScaledIngredient): number {
  const said = `${ingredient.preparation.replace(BOUGHT_CUT, ' ')} ${/\b(?:chopped|diced|minced|sliced|peeled|grated|cubed|shredded|crushed)\b/i.exec(ingredient.food)?.[0] ?? ''}`;
  if (
    !/\p{L}/u.test(said) ||
    DONE_BEFORE.test(`${ingredient.food} ${ingredient.preparation}`) ||
    ingredient.unit === 'can'
  )
    return 0;
  const found = WORKS.filter((w) => w.says.test(said));
  // Shells come off in one go with the vein.
  const first = found.filter((w) => w !== PEEL || food?.group !== 'fish').slice(0, 2);
  const isPeeled = food !== null && PEELED_FIRST.has(food.id) && CUTS.test(said);
  if (isPeeled && !found.includes(PEEL)) first.push(PEEL);
  if (first.length === 0) return 0;
  if (food?.keep === 'herb') return HERB_MIN;
  const counted = quantity?.unit === 'piece' ? quantity.amount : null;
  const { pieces, kg } = amountOf(food, counted, grams);
  const small = food?.pieceG != null && food.pieceG < SMALL_G ? SMALL_SHARE : 1;
  return first.reduce((sum, w) => sum + w.perPiece * small * pieces + w.perKg * kg, 0);
}

function amountOf(
  food: Food | null,
  counted: number | null,
  grams: number | null,
): { pieces: number; kg: number } {
  const kg = (grams ?? 0) / 1000;
  if (counted !== null) return { pieces: counted, kg };
  // What has no usual piece is cut from one large one.
  return { pieces: food?.pieceG ? kg / (food.pieceG / 1000) : 1, kg };
}

/**
 * Everything until the pot can be filled: the knife, and taking out and measuring.
 *
 * @returns whole minutes, at least 1
 */
export function preparingMinutes(ingredients: readonly ScaledIngredient[]): number {
  const minutes = ingredients.reduce((sum, i) => sum + knifeMinutes(i) + MEASURE_MIN, 0);
  return Math.max(1, Math.round(minutes));
}

/** Work on what was cooked that takes longer the more there is, min for each kilogram. */
const AFTERWARDS: readonly (readonly [RegExp, number])[] = [
  [/\b(?:shred|pull)(?:s|ding|ing)?\b(?! off)/i, 4],
  [/\b(?:debone|bone|pick the meat|take (?:the meat )?off the bones?)\b/i, 6],
  [/\b(?:carve|slice|cut up|cut into)\b/i, 3],
  [/\b(?:peel|skin)\b/i, 4],
  [/\b(?:mash|rice)\b/i, 3],
];

/** Putting a dish together before it goes in: a minute or so for each of these (common practice). */
const ASSEMBLY: readonly RegExp[] = [
  /\blayer(?:ing)?\b/i,
  /\bspread\b/i,
  /\b(?:roll|fill|stuff|wrap|tie|stud)\b/i,
  /\bwells\b|\bcrack\b/i,
  /\b(?:whisk|beat|knead)\b|\bcream (?:the|together|butter)\b/i,
  /\b(?:ramekins|moulds|glasses|jars|cups) ?[.,]|\bdivide\b[^.]*\b(?:between|among|into)\b/i,
  /\b(?:cover|wrap|seal)\b[^.]*\b(?:foil|parchment|paper|string)\b/i,
  /\b(?:brush|baste|glaze|rub)\b/i,
];
const MOST_ASSEMBLY = 8;

/** Minutes of hands that a stage's words add to putting it in: layering, filling, wrapping in foil. */
export function assemblyMinutes(text: string): number {
  return Math.min(MOST_ASSEMBLY, ASSEMBLY.filter((says) => says.test(text)).length);
}

/** Work in a bowl or at the board that no list tells of, min for a dish of the usual size (common practice). */
const AT_THE_BOARD: readonly (readonly [RegExp, number])[] = [
  [/\b(?:stuff|fill|roll|shape|form|wrap|pack|thread|skewer)\b/i, 10],
  [/\bknead\b/i, 8],
  [/\b(?:dredge|dust|coat|bread)\b/i, 3],
  [/\b(?:cream|beat|whisk|whip)\b/i, 3],
  [/\bpress\b[^.]*\b(?:tin|pan|base|dish|sides)\b/i, 3],
  [/\b(?:blitz|blend|process|whizz|pulse|pur[eé]e|grind|liquidi[sz]e|pound)\b/i, 2],
  [/\b(?:rub|massage)\b/i, 2],
  [/\bfold\b/i, 2],
  [/\bone (?:at a time|by one)\b/i, 2],
  [/\b(?:grease|butter|oil|line) (?:the|an?|your|it|its)\b/i, 2],
  [/\b(?:foil|parchment|string|tie)\b/i, 2],
  [/\b(?:mix|combine|stir|toss|rinse|wash|drain|season|pat)\b/i, 1],
];

/** Minutes of hands that the words of a step before the heat name, beside the knife. */
export const boardMinutes = (text: string): number =>
  AT_THE_BOARD.reduce((sum, [says, minutes]) => sum + (says.test(text) ? minutes : 0), 0);

/** min for each kilogram of what a stage's words do by hand to cooked food; 0 where nothing grows with it. */
export function afterwardsPerKg(text: string): number {
  return AFTERWARDS.find(([says]) => says.test(text))?.[1] ?? 0;
}

/** Whether a stage takes the longer, the more there is: cutting always, of the rest what is done piece by piece. */
export function growsWithAmount(stage: Stage): boolean {
  return stage.kind === 'prep' || (stage.kind === 'finish' && afterwardsPerKg(stage.text) > 0);
}
