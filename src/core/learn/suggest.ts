/** What to change in a dish after an evening: from what the cook said of it and what its stages took. */
import { z } from 'zod';
import { says } from '../reason';
import type { Dish, Stage } from '../dish';
import type { Figure } from './types';
import { figureId } from '../kitchen';

/** What a cook can say of a dish. */
export const VERDICTS = {
  tenderness: ['too firm', 'right', 'too soft'],
  salt: ['too little', 'right', 'too much'],
  texture: ['too wet', 'right', 'too dry'],
  /** Between ready and the table. */
  wait: ['stood it', 'suffered'],
} as const;

export const verdictSchema = z.object({
  tenderness: z.enum(VERDICTS.tenderness).nullable().default(null),
  salt: z.enum(VERDICTS.salt).nullable().default(null),
  texture: z.enum(VERDICTS.texture).nullable().default(null),
  wait: z.enum(VERDICTS.wait).nullable().default(null),
  /** Would cook it again. */
  again: z.boolean().nullable().default(null),
  note: z
    .string()
    .max(1000, says('at most 1000 letters', 'the rest belongs into the dish’s notes'))
    .default(''),
});
export type Verdict = z.infer<typeof verdictSchema>;

/** A change of the dish that can be taken at once. */
export interface Suggestion {
  id: string;
  /** The figure it comes from, which then begins anew; null where it comes from what was said. */
  figure: string | null;
  /** On the button. */
  text: string;
  because: string;
  dish: Dish;
}

/** Of the hold: enough to be tasted, too little to spoil it. */
const HOLD_STEP = 0.15;
const SALT_STEP = 0.2;
const LIQUID_STEP = 0.1;
/** A stage's own minutes are changed where evenings differ by so much. */
const STAGE_SHARE = 0.15;
const STAGE_MIN = 2;
const WAIT_ROUND_MIN = 5;

/**
 * Suggestions for the dish's next version.
 *
 * @param verdicts of the last evenings with it, the latest first; the latest counts, an older one that says
 *   the same makes it sure
 * @param figures what was learned of the lengths of its stages
 */
export function suggestChanges(
  dish: Dish,
  verdicts: readonly Verdict[],
  figures: readonly Figure[],
): Suggestion[] {
  const [last, ...older] = verdicts;
  const often = (pick: (v: Verdict) => string | null): string =>
    last && older.some((v) => pick(v) === pick(last)) ? 'said more than once' : 'said last time';
  const suggestions: Suggestion[] = [];
  if (last?.tenderness && last.tenderness !== 'right')
    suggestions.push(
      ...holdChange(
        dish,
        last.tenderness,
        often((v) => v.tenderness),
      ),
    );
  if (last?.salt && last.salt !== 'right')
    suggestions.push(
      ...saltChange(
        dish,
        last.salt,
        often((v) => v.salt),
      ),
    );
  if (last?.texture && last.texture !== 'right')
    suggestions.push(
      ...liquidChange(
        dish,
        last.texture,
        often((v) => v.texture),
      ),
    );
  const isHoldSaid = suggestions.some((s) => s.id === 'hold');
  return [
    ...suggestions,
    ...(isHoldSaid ? [] : holdsLearned(dish, figures)),
    ...stageChanges(dish, figures),
    ...waitChange(dish, figures),
  ];
}

function holdChange(dish: Dish, said: 'too firm' | 'too soft', because: string): Suggestion[] {
  const cycle = dish.stages.findLast((s) => s.kind === 'pressure');
  if (cycle?.kind !== 'pressure') return [];
  const step = Math.max(1, Math.round(cycle.holdMinutes * HOLD_STEP));
  const hold = Math.max(0, cycle.holdMinutes + (said === 'too firm' ? step : -step));
  if (hold === cycle.holdMinutes) return [];
  const share = cycle.holdMinutes > 0 ? hold / cycle.holdMinutes : 1;
  return [
    {
      id: 'hold',
      figure: null,
      text: `Pressure cook ${hold} min instead of ${cycle.holdMinutes}`,
      because: `${said}, ${because}`,
      dish: withStage(dish, cycle.id, (s) =>
        s.kind === 'pressure'
          ? {
              ...s,
              holdMinutes: hold,
              ...(s.minutesPerLb === undefined ? {} : { minutesPerLb: s.minutesPerLb * share }),
            }
          : s,
      ),
    },
  ];
}

function saltChange(dish: Dish, said: 'too little' | 'too much', because: string): Suggestion[] {
  const salt = dish.ingredients.find((i) => /\bsalt\b/i.test(i.food) && i.amount !== null);
  if (!salt?.amount) return [];
  const factor = said === 'too little' ? 1 + SALT_STEP : 1 - SALT_STEP;
  return [amountChange(dish, salt.id, factor, 'salt', `${said} salt, ${because}`)];
}

function liquidChange(dish: Dish, said: 'too wet' | 'too dry', because: string): Suggestion[] {
  const liquid = dish.ingredients.find(
    (i) => i.role === 'liquid' && i.scaling !== 'with-pot' && i.amount !== null,
  );
  if (!liquid?.amount) return [];
  const factor = said === 'too dry' ? 1 + LIQUID_STEP : 1 - LIQUID_STEP;
  return [amountChange(dish, liquid.id, factor, 'liquid', `${said}, ${because}`)];
}

function amountChange(
  dish: Dish,
  id: string,
  factor: number,
  what: string,
  because: string,
): Suggestion {
  const more = factor > 1 ? 'more' : 'less';
  const food = dish.ingredients.find((i) => i.id === id)?.food ?? '';
  return {
    id: what,
    figure: null,
    text: `${Math.round(Math.abs(factor - 1) * 100)} % ${more} ${food}`,
    because,
    dish: {
      ...dish,
      ingredients: dish.ingredients.map((i) =>
        i.id === id && i.amount !== null
          ? { ...i, amount: Math.round(i.amount * factor * 100) / 100 }
          : i,
      ),
    },
  };
}

/** Opened and not done, evening after evening: the hold that would have been enough. */
function holdsLearned(dish: Dish, figures: readonly Figure[]): Suggestion[] {
  return figures.flatMap((figure): Suggestion[] => {
    const stage = dish.stages.find(
      (s) => figure.id === figureId({ kind: 'hold', key: `${dish.id}/${s.id}` }),
    );
    if (stage?.kind !== 'pressure') return [];
    const hold = Math.round(stage.holdMinutes * figure.now);
    if (hold <= stage.holdMinutes) return [];
    return [
      {
        id: `hold-${stage.id}`,
        figure: figure.id,
        text: `Pressure cook ${hold} min instead of ${stage.holdMinutes}`,
        because: `it had to be pressure-cooked again on some of ${figure.evidence.length} evenings`,
        dish: withStage(dish, stage.id, (s) =>
          s.kind === 'pressure' ? { ...s, holdMinutes: hold } : s,
        ),
      },
    ];
  });
}

/** “Brown 9 min, not 6”: what the stage really takes at this stove. */
function stageChanges(dish: Dish, figures: readonly Figure[]): Suggestion[] {
  return figures.flatMap((figure): Suggestion[] => {
    const stage = dish.stages.find(
      (s) => figure.id === figureId({ kind: 'stage', key: `${dish.id}/${s.id}` }),
    );
    if (!stage || stage.kind === 'pressure') return [];
    const minutes = Math.round(stage.minutes * figure.now);
    const differs = Math.abs(minutes - stage.minutes);
    if (differs < STAGE_MIN || differs < stage.minutes * STAGE_SHARE) return [];
    return [
      {
        id: `stage-${stage.id}`,
        figure: figure.id,
        text: `“${stage.text}”: ${minutes} min, not ${stage.minutes}`,
        because: `so long it took on ${figure.evidence.length} evenings`,
        dish: withStage(dish, stage.id, (s) => (s.kind === 'pressure' ? s : { ...s, minutes })),
      },
    ];
  });
}

/** “Keeps 25 min, not 40”: from evenings on which it stood its wait, or did not. */
function waitChange(dish: Dish, figures: readonly Figure[]): Suggestion[] {
  const figure = figures.find((f) => f.id === figureId({ kind: 'wait', dish: dish.id }));
  const written = dish.wait.maxMinutes;
  if (!figure || written === null) return [];
  const minutes = Math.max(1, Math.round((written * figure.now) / WAIT_ROUND_MIN) * WAIT_ROUND_MIN);
  if (Math.abs(minutes - written) < Math.max(WAIT_ROUND_MIN, written * STAGE_SHARE)) return [];
  const suffered = figure.evidence.filter((e) => e.stood === false).length;
  return [
    {
      id: 'wait',
      figure: figure.id,
      text: `Keeps ${minutes} min, not ${written}`,
      because: `it suffered on ${suffered} of ${figure.evidence.length} evenings that say how it waited`,
      dish: { ...dish, wait: { ...dish.wait, maxMinutes: minutes } },
    },
  ];
}

function withStage(dish: Dish, id: string, change: (stage: Stage) => Stage): Dish {
  return { ...dish, stages: dish.stages.map((s) => (s.id === id ? change(s) : s)) };
}
