/**
 * The work before the first step, which a list tells and a method leaves out: “3 onions, diced” is minutes with a
 * knife. It is a step of the dish like any other, marked as reckoned, so that it can be seen and set right.
 */
import {
  afterwardsPerKg,
  boardMinutes,
  comesBefore,
  knifeMinutes,
  preparingMinutes,
  scaleDish,
  type Dish,
  type ScaledIngredient,
  type Stage,
} from '../dish';

const ID = 'prepare';
const LATER_ID = 'prepare-later';
const LONGEST_TEXT = 400;

/** What it weighs or comes in, and nothing of the knife: “about 1.3 kg”, “2 cans”, “1 in all”. */
const IS_AMOUNT =
  /\bin all\b|\d\W*(?:to \d+\W*)?(?:kg|kilos?|g|grams?|oz|ounces?|lbs?|pounds?|ml|l|lit(?:re|er)s?|cups?|cans?|tins?|packs?|each)\b/i;

/** How it is cut, without what it weighs: “1 in all, about 1.3 kg, jointed” is “jointed”. */
const sayHow = (preparation: string): string =>
  preparation
    .split(/\s*,\s*/)
    .filter((part) => !IS_AMOUNT.test(part) && /\p{L}/u.test(part))
    .join(', ');

const CUTS: readonly (readonly [string, string])[] = [
  ['peel', 'peeled'],
  ['dice', 'diced'],
  ['cube', 'diced'],
  ['chop', 'chopped'],
  ['slice', 'sliced'],
  ['grate', 'grated'],
  ['trim', 'trimmed'],
];
/** Work on the heat: what is cut in its sentence is cut before it. */
const ON_HEAT: ReadonlySet<Stage['kind']> = new Set([
  'brown',
  'pressure',
  'slow',
  'simmer',
  'burner',
  'oven',
]);

/** Each verb with the four words that may name what is cut; made once, for it is asked of every ingredient. */
const FOLLOWED = CUTS.map(
  ([verb, how]) =>
    [new RegExp(String.raw`\b${verb}\s+((?:[\p{L}-]+\s+){0,3}[\p{L}-]+)`, 'giu'), how] as const,
);

/** “Peel the potatoes, boil them”: cut in the method, where the list says nothing of it. */
function asTold(scaled: ScaledIngredient, stages: readonly Stage[]): ScaledIngredient {
  const { ingredient } = scaled;
  const head = ingredient.food
    .toLowerCase()
    .match(/[\p{L}]{3,}/gu)
    ?.at(-1);
  if (ingredient.preparation !== '' || !head) return scaled;
  const word = head.replace(/(?:es|s)$/, '');
  // “Slice the octopus” behind its own cycle is carving: only the first heat has the knife before it.
  const first = stages.find((s) => ON_HEAT.has(s.kind) && s.uses.includes(ingredient.id));
  const texts = first ? [first.text.toLowerCase()] : [];
  const found = FOLLOWED.find(([verb]) =>
    texts.some((text) =>
      [...text.matchAll(verb)].some(([, next = '']) =>
        next.split(/\s+/).some((w) => w.startsWith(word)),
      ),
    ),
  );
  return found ? { ...scaled, ingredient: { ...ingredient, preparation: found[1] } } : scaled;
}

/** “Prepare: onions (diced), garlic (minced).” */
function sayPreparing(cut: readonly ScaledIngredient[]): string {
  const words = cut.map(({ ingredient: i }) =>
    sayHow(i.preparation) === '' ? i.food : `${i.food} (${sayHow(i.preparation)})`,
  );
  return `Prepare: ${words.join(', ')}`.slice(0, LONGEST_TEXT);
}

/**
 * The dish with its minutes of hands: a step for what is cut in no step of the text, and minutes for work that has
 * none. What the text gives stays. What goes in only when the pot has done its part is cut meanwhile.
 */
export function withPreparing(dish: Dish): Dish {
  const { ingredients } = scaleDish(dish, dish.servings);
  const stages = dish.stages.map((stage) => withHands(stage, ingredients));
  const prepared = new Set(dish.stages.flatMap((s) => (s.kind === 'prep' ? s.uses : [])));
  const open = ingredients
    .filter((i) => !prepared.has(i.ingredient.id))
    .map((i) => asTold(i, dish.stages));
  const cut = open.filter((i) => knifeMinutes(i) > 0);
  if (cut.length === 0 || stages.length === 0) return { ...dish, stages };
  const later = cutLater(stages, cut);
  const first = cut.filter((i) => !later.includes(i));
  const made = withFirstKnife(
    { ...dish, stages },
    knifeStep(dish, ID, first, preparingMinutes(open.filter((i) => !later.includes(i)))),
  );
  return later.length === 0
    ? made
    : withLaterKnife(made, knifeStep(made, LATER_ID, later, preparingMinutes(later)));
}

function knifeStep(
  dish: Dish,
  wanted: string,
  cut: readonly ScaledIngredient[],
  minutes: number,
): Stage {
  const isTaken = [...dish.ingredients, ...dish.stages].some((x) => x.id === wanted);
  return {
    id: isTaken ? `${wanted}-2` : wanted,
    text: sayPreparing(cut),
    uses: cut.map((i) => i.ingredient.id),
    guessed: true,
    kind: 'prep',
    minutes,
  };
}

function withFirstKnife(dish: Dish, step: Stage): Dish {
  const { stages } = dish;
  const before = knifeAt(stages, step.uses);
  const meanwhile = duringWait(stages, before);
  const waits = (s: Stage, i: number): Stage =>
    meanwhile && i === 0 && s.after === undefined
      ? { ...s, after: [stages[before - 1]?.id ?? '', step.id] }
      : s;
  return behindTheKnife(
    {
      ...dish,
      stages: [
        ...stages.slice(0, before),
        meanwhile ? { ...step, after: meanwhile } : step,
        ...stages.slice(before).map(waits),
      ],
    },
    step.id,
    step.uses,
  );
}

/** Less than this is cut with the rest, min. */
const WORTH_LATER_MIN = 3;
/** While these go on, hands are free to cut. */
const leavesFree = (s: Stage): boolean =>
  s.kind === 'pressure' ||
  s.kind === 'slow' ||
  ((s.kind === 'rest' || s.kind === 'soak' || s.kind === 'oven') && s.minutes >= SHORT_WAIT_MIN);

/** What is used first only behind a stage that leaves hands free; none where that is all, or hardly any work. */
function cutLater(
  stages: readonly Stage[],
  cut: readonly ScaledIngredient[],
): readonly ScaledIngredient[] {
  const free = stages.findIndex(leavesFree);
  const firstUse = ({ ingredient }: ScaledIngredient): number =>
    stages.findIndex((s) => s.uses.includes(ingredient.id));
  const later = free < 0 ? [] : cut.filter((i) => firstUse(i) > free);
  const isWorth = later.length < cut.length && preparingMinutes(later) >= WORTH_LATER_MIN;
  return isWorth ? later : [];
}

/** Cut at any time before the stage that takes it. */
function withLaterKnife(dish: Dish, step: Stage): Dish {
  const { stages } = dish;
  const at = stages.findIndex(
    (s) => s.kind !== 'prep' && s.uses.some((id) => step.uses.includes(id)),
  );
  const above = stages[at - 1]?.id;
  const next = stages[at];
  if (!next || above === undefined) return dish;
  return behindTheKnife(
    {
      ...dish,
      stages: [
        ...stages.slice(0, at),
        { ...step, after: [] },
        { ...next, after: [...(next.after ?? [above]), step.id] },
        ...stages.slice(at + 1),
      ],
    },
    step.id,
    step.uses,
  );
}

/** Whatever takes what is cut waits for the knife, even where it names what else it waits for. */
function behindTheKnife(dish: Dish, knife: string, cut: readonly string[]): Dish {
  const from = dish.stages.findIndex((s) => s.id === knife) + 1;
  return dish.stages.slice(from).reduce((made, { id, uses }): Dish => {
    if (!uses.some((used) => cut.includes(used)) || comesBefore(made, knife, id)) return made;
    const stages = made.stages.map((s, i) =>
      s.id === id ? { ...s, after: [...(s.after ?? [made.stages[i - 1]?.id ?? '']), knife] } : s,
    );
    return { ...made, stages };
  }, dish);
}

/**
 * What the knife waits for where a short wait stands before it: what stood before that wait, for hands are free while
 * the meat lies in its salt. Null where it comes in its turn.
 */
function duringWait(stages: readonly Stage[], before: number): string[] | null {
  const wait = stages[before - 1];
  if (!wait || !isWait(wait) || wait.minutes >= LONG_MIN) return null;
  if (stages.slice(0, before).some((s) => s.after !== undefined)) return null;
  const work = stages[before - 2];
  return work ? [work.id] : [];
}

/** Left to itself for long enough to cut something meanwhile, min. */
const SHORT_WAIT_MIN = 20;
const isWait = (s: Stage): s is Stage & { kind: 'rest' | 'soak' } =>
  s.kind === 'soak' || (s.kind === 'rest' && s.minutes >= SHORT_WAIT_MIN);

/** Left for so long, it is another day. */
const LONG_MIN = 240;

/**
 * Where cutting comes among the stages: what soaks or lies overnight does so before anybody takes a knife, unless it
 * needs what is cut.
 */
function knifeAt(stages: readonly Stage[], cut: readonly string[]): number {
  const heat = stages.findIndex((s) => ON_HEAT.has(s.kind) || s.kind === 'crisp');
  const cold = stages.slice(0, heat < 0 ? stages.length : heat);
  const night = cold.findLastIndex(isWait);
  const needs = cold.slice(0, night + 1).some((s) => s.uses.some((id) => cut.includes(id)));
  if (night >= 0 && !needs) return night + 1;
  const first = stages.findIndex((s) => s.kind !== 'soak');
  return first < 0 ? stages.length : first;
}

/** Whether a step is what the list alone would give: then it need not be written out. */
export function isReckoned(dish: Dish, stage: Stage): boolean {
  if (!isKnife(stage)) return false;
  const without = { ...dish, stages: dish.stages.filter((s) => !isKnife(s)) };
  return withPreparing(without).stages.some((s) => JSON.stringify(s) === JSON.stringify(stage));
}

const isKnife = (stage: Stage): boolean =>
  stage.kind === 'prep' && stage.guessed === true && stage.sentence === undefined;

/** Minutes for hands that nobody has timed, by what they do and how much of it. */
function withHands(stage: Stage, ingredients: readonly ScaledIngredient[]): Stage {
  if (!stage.guessed) return stage;
  const used = ingredients.filter((i) => stage.uses.includes(i.ingredient.id));
  if (stage.kind === 'prep') {
    const board = boardMinutes(stage.sentence ?? stage.text);
    return used.some((i) => knifeMinutes(i) > 0)
      ? { ...stage, minutes: preparingMinutes(used) + board }
      : { ...stage, minutes: Math.max(stage.minutes, board) };
  }
  if (stage.kind !== 'finish') return stage;
  const mains = used.length > 0 ? used : ingredients;
  const kg =
    mains.filter((i) => i.ingredient.role === 'main').reduce((sum, i) => sum + (i.grams ?? 0), 0) /
    1000;
  const minutes = Math.round(afterwardsPerKg(stage.text) * kg);
  return minutes > stage.minutes ? { ...stage, minutes } : stage;
}
