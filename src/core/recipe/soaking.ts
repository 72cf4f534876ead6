/**
 * Soaking that only the list tells: “250 g dried beans, soaked overnight”. It is a step of the dish like any other, or
 * nobody would think of it the evening before.
 */
import type { Dish, Ingredient, Stage } from '../dish';
import { findDurations } from './durations';
import { freshId, type ReadIngredient } from './ingredients';
import type { FoundStage, ImportQuestion } from './types';

const SOAKED = /\b(?:pre-?)?soak(?:ed)?\b/i;
const NOT =
  /\b(?:not|no|un|without|if|don(?:'|’)t)[- ]?(?:pre-?)?soak|\bno need (?:to|for)\b|\bneed(?:s)? no\b/i;
const OVERNIGHT =
  /\b(?:overnight|last night|yesterday)\b|\b(?:night|evening|day) before\b|\bsince (?:last night|yesterday|the (?:night|evening|day) before)\b/i;
/** A night, and what is usual where nothing is said (common practice). */
const NIGHT_MIN = 480;
const SHORT_MIN = 30;
/** What is soaked for hours: dry pulses and whole grains. */
const FOR_HOURS =
  /\b(?:beans?|peas?|chickpeas?|pulses|borlotti|cannellini|haricots?|navy|pinto|kidney|garbanzos?|urad|chana|rajma|barley|farro|wheat|rye|spelt)\b/i;

/** Minutes as the words say them; null where they give none. */
export function soakMinutes(words: string): number | null {
  const [time] = findDurations(words);
  if (time && time.from >= 5) return Math.round(time.from);
  return OVERNIGHT.test(words) ? NIGHT_MIN : null;
}

/** What the list says is soaked: “drain the soaked pulses” names none of them. @returns ids */
export const soakedInList = (ingredients: readonly ReadIngredient[]): string[] =>
  ingredients.flatMap(({ ingredient: i }) => (isSoaked(i) ? [i.id] : []));

const isSoaked = ({ food, preparation }: Ingredient): boolean => {
  const words = `${food}, ${preparation}`;
  return SOAKED.test(words) && !NOT.test(words);
};

/** “Soak time: overnight”, at the head. */
export const SOAK_TIME =
  /(?:^|[|•·,;]\s*)soak(?:ing)?(?: time)?\s*[:–-]\s*((?:overnight|\d[^|•·,;\n]{0,24}\bh(?:(?:ou)?rs?)?\b)[^|•·,;\n]{0,20})/im;
const CANNED = /\b(?:can(?:s|ned)?|tin(?:s|ned)?|jar|cooked|frozen|fresh|green)\b/i;

/**
 * The dish with a step for what its list or its head says is soaked and its method does not.
 *
 * @param heads what it says of itself at the head
 * @param questions how long, where nobody says, is added here
 */
export function withSoaking(
  dish: Dish,
  heads: readonly string[],
  questions: ImportQuestion[],
): Dish {
  const isTold = (id: string): boolean =>
    dish.stages.some((s) => s.kind === 'soak' && (s.uses.length === 0 || s.uses.includes(id)));
  const head = heads.flatMap((line) => SOAK_TIME.exec(line)?.[1] ?? [])[0];
  const isSoakedByHead = ({ food, preparation, unit }: Ingredient): boolean =>
    head !== undefined &&
    FOR_HOURS.test(food) &&
    !CANNED.test(`${food} ${preparation} ${unit ?? ''}`) &&
    !dish.stages.some((s) => s.kind === 'soak');
  const soaked = dish.ingredients.filter(
    (i) => (isSoaked(i) || isSoakedByHead(i)) && !isTold(i.id),
  );
  if (soaked.length === 0 || dish.stages.length === 0) return dish;
  const taken = new Set([...dish.ingredients, ...dish.stages].map((x) => x.id));
  const steps = soaked.map(({ id, food, preparation }): Stage => {
    const own = freshId('soak', taken);
    taken.add(own);
    const said = soakMinutes(`${food}, ${preparation}`) ?? soakMinutes(head ?? '');
    const minutes = said ?? (FOR_HOURS.test(food) ? NIGHT_MIN : SHORT_MIN);
    const name = food.replace(/\b(?:pre-?)?soaked\b\s*/i, '').trim() || food;
    if (said === null)
      questions.push({
        id: `${own}.minutes`,
        about: { kind: 'minutes', stage: own },
        text: `How long are the ${name} soaked?`,
        taken: String(minutes),
        range: [1, 2880],
        unit: 'min',
      });
    return {
      id: own,
      kind: 'soak',
      text: `Soak the ${name}`,
      uses: [id],
      minutes,
      ...(said === null ? { guessed: true } : {}),
    };
  });
  return { ...dish, stages: [...steps.map(begun), ...dish.stages.map(waiting)] };

  /** What soaks waits for nothing. */
  function begun(step: Stage, i: number): Stage {
    return i === 0 ? step : { ...step, after: [] };
  }
  /** The first stage that takes up what was soaked waits for it; the others follow as before. */
  function waiting(stage: Stage, i: number): Stage {
    const own = steps.filter((s) => firstUser(s.uses[0] ?? '') === stage.id).map((s) => s.id);
    if (i === 0 && stage.after === undefined) return { ...stage, after: own };
    if (own.length === 0) return stage;
    const before = stage.after ?? [dish.stages[i - 1]?.id ?? ''].filter(Boolean);
    return { ...stage, after: [...new Set([...before, ...own])] };
  }
  function firstUser(id: string): string | undefined {
    return dish.stages.find((s) => s.uses.includes(id))?.id;
  }
}

/** “Drain the soaked beans” tells of a soak that is over: the step says what is done before. */
export function soakText(
  words: string,
  uses: readonly string[],
  ingredients: readonly ReadIngredient[],
): string {
  if (
    /\b(?:soak|soaking|marinat|brine|bloom|soften|leave|cover)/i.test(
      words.replace(/\bsoaked\b/gi, ''),
    )
  )
    return words;
  const names = ingredients.flatMap(({ ingredient: i }) => (uses.includes(i.id) ? [i.food] : []));
  return names.length > 0 ? `Soak the ${names.join(' and the ')}. ${words}` : words;
}

/** Minutes of a soak that the method leaves to the list. */
export function soakAsListed(
  stage: FoundStage,
  uses: readonly string[],
  ingredients: readonly ReadIngredient[],
): FoundStage {
  if (stage.kind !== 'soak' || stage.minutes !== null) return stage;
  const listed = ingredients.flatMap(({ ingredient: i }) =>
    uses.includes(i.id) && isSoaked(i) ? (soakMinutes(i.preparation) ?? []) : [],
  );
  return listed.length > 0 ? { ...stage, minutes: Math.max(...listed) } : stage;
}
