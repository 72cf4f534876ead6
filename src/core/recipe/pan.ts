/**
 * Food in a pan, tin or basin above the pot's own water, or on a rack: how large the vessel is, and which water is the
 * pot's. What the text does not say is taken as usual and asked.
 */
import type { Dish, Ingredient, PressureStage, Stage } from '../dish';
import { UNITS } from '../units';
import type { ReadIngredient } from './ingredients';
import { inThePan } from './pan-uses';
import type { FoundStage, ImportQuestion } from './types';

/** A pan for the pot of most homes: 7 in wide, 3 in high (common practice). */
const USUAL = { diameterMm: 180, heightMm: 75 } as const;
/** A basin is about so much higher than it is wide (common practice). */
const BASIN_SHAPE = 0.6;
/** A low rack (common practice), mm. */
const RACK_MM = 25;
const MM_PER_INCH = 25.4;

const WIDE =
  /(\d{1,2}(?:\.\d)?)\s*-?\s*(inch(?:es)?|in\b|["”″]|cm\b)(?=[^.;]{0,30}\b(?:pan|tin|dish|bowl|basin|spring-?form|push-?pan|mou?ld|round)\b)/i;
/** “Bowl (7", stainless)”. */
const IN_BRACKETS =
  /\b(?:pan|tin|dish|bowl|basin|mou?ld)\s*\(\s*(\d{1,2}(?:\.\d)?)\s*-?\s*(inch(?:es)?|in\b|["”″]|cm\b)/i;
const HOLDS =
  /(\d(?:\.\d{1,2})?|\d{3,4})\s*-?\s*(l\b|lit(?:re|er)s?|ml|pints?|quarts?|qt\b)(?=[^.;]{0,20}\b(?:basin|bowl|pudding|dish|mou?ld)\b)/i;
/** “Let the steam out” is no rack, “steam the sprouts over water” is one. */
const ON_RACK =
  /\b(?:trivet|rack|steamer|basket|steaming insert)\b|(?<!\bthe )\bsteam\s+(?:the|them|it|over|above|whole)\b(?!\s+(?:release|valve|vent|out|off))/i;
const UNDERNEATH =
  /\bwater\b[^.;]{0,40}\b(?:in(?:to)?|to) the (?:bottom|pot|cooker|inner|base|multi)|\b(?:pot|cooker|trivet|rack|above|over|steam\w*)\b[^.;]{0,40}\bwater\b|\bwater\b[^.;]{0,16}\b(?:trivet|rack)\b/i;

/** Width and height of the vessel that the words name; null where they name neither width nor volume. */
export function panIn(text: string): { diameterMm: number; heightMm: number } | null {
  const wide = WIDE.exec(text) ?? IN_BRACKETS.exec(text);
  if (wide) {
    const size = Number(wide[1]) * (/^c/i.test(wide[2] ?? '') ? 10 : MM_PER_INCH);
    return size >= 80 && size <= 320
      ? { diameterMm: Math.round(size), heightMm: USUAL.heightMm }
      : null;
  }
  const holds = HOLDS.exec(text);
  if (!holds) return null;
  const unit = (holds[2] ?? '').toLowerCase();
  const each =
    unit === 'ml'
      ? 1
      : unit.startsWith('p')
        ? UNITS.pint.size
        : unit.startsWith('q')
          ? UNITS.quart.size
          : 1000;
  const mm3 = Number(holds[1]) * each * 1000;
  const diameterMm = Math.round(Math.cbrt(mm3 / ((Math.PI / 4) * BASIN_SHAPE)));
  return diameterMm >= 80 && diameterMm <= 320
    ? { diameterMm, heightMm: Math.round(diameterMm * BASIN_SHAPE) }
    : null;
}

const isWater = ({ food }: Ingredient): boolean =>
  /^(?:cold |hot |warm |boiling |just-boiled )?water$/i.test(food);

/** Which water of a stage is the pot's: the one of the method, or the only one where its words say so. */
function waterBelow(stage: PressureStage, dish: Dish, told: ReadonlySet<string>): string | null {
  const until = dish.stages.slice(0, dish.stages.indexOf(stage) + 1);
  const waters = dish.ingredients.filter(
    (i) => isWater(i) && until.some((s) => s.uses.includes(i.id)),
  );
  const [only] = waters;
  if (waters.length > 1) return (waters.find((w) => told.has(w.id)) ?? waters.at(-1))?.id ?? null;
  if (!only) return null;
  return told.has(only.id) || until.some((s) => UNDERNEATH.test(s.sentence ?? s.text))
    ? only.id
    : null;
}

/**
 * The dish with the pans and racks of its cycles.
 *
 * @param found the stages as told, in the dish's order
 * @param told.inMethod ids of what only the method names
 * @param told.ingredients the ingredients as read
 * @param told.tools what the text says that is needed: “an 18 cm tin”
 * @param questions how wide the pan is, where nobody says, is added here
 */
export function withPans(
  dish: Dish,
  found: readonly FoundStage[],
  {
    inMethod,
    tools,
    ingredients: ingredientsRead,
  }: {
    inMethod: ReadonlySet<string>;
    tools: readonly string[];
    ingredients: readonly ReadIngredient[];
  },
  questions: ImportQuestion[],
): Dish {
  const below = new Set<string>();
  const inside = new Set<string>();
  const stages = dish.stages.map((stage, i): Stage => {
    if (stage.kind !== 'pressure') return stage;
    const text = dish.stages
      .slice(0, i + 1)
      .map((s) => s.sentence ?? s.text)
      .join(' ');
    const isPan = found[i]?.cycle?.pan === true;
    if (!isPan && !ON_RACK.test(stage.sentence ?? stage.text)) return stage;
    const water = waterBelow(stage, dish, inMethod);
    if (water !== null) below.add(water);
    for (const id of stage.uses) if (id !== water) inside.add(id);
    if (!isPan) return water === null ? stage : { ...stage, rackMm: RACK_MM };
    const pan = panIn(text) ?? panIn(tools.join('. '));
    if (pan === null)
      questions.push({
        id: `${stage.id}.pan`,
        about: { kind: 'pan', stage: stage.id },
        text: 'How wide is the pan that it cooks in?',
        taken: `${USUAL.diameterMm / 10} cm`,
        range: [80, 320],
        unit: 'cm or in',
      });
    const panUses = inThePan(stage, dish.stages.slice(0, i), ingredientsRead);
    return {
      ...stage,
      inPan: pan ?? { ...USUAL },
      rackMm: RACK_MM,
      ...(panUses ? { panUses } : {}),
    };
  });
  const ingredients = dish.ingredients.map((i): Ingredient => {
    if (below.has(i.id)) return { ...i, scaling: 'with-pot' };
    return inside.has(i.id) && i.scaling === 'with-pot' ? { ...i, scaling: 'proportional' } : i;
  });
  return { ...dish, stages, ingredients };
}
