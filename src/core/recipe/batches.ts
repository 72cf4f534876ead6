/** “In batches, 8 minutes each”: how many there are follows from what lies on the bottom of a usual pot, and is asked. */
import { shortened } from '../reason';
import {
  browningBatches,
  pieceCount,
  piecesAtATime,
  scaleDish,
  USUAL_DIAMETER_MM,
  type Dish,
  type Stage,
} from '../dish';
import { NUMBER, toNumber } from '../units';
import type { FoundStage, ImportQuestion } from './types';

/** In batches means two at the least. */
const LEAST = 2;

const EACH_ONE = /\b(?:cook|fry|brown|griddle|toast|sear) each\b(?! side)/i;
const DIVIDED = new RegExp(
  String.raw`\b(?:divide|cut|shape|form|roll|split)\b[^.]*\bin(?:to)?\s+(${NUMBER})\b`,
  'i',
);

/** “Duck legs” are named by “the legs”. */
const names = (text: string, food: string): boolean => {
  const head = food.split(' ').at(-1)?.toLowerCase() ?? '';
  return (
    head.length > 2 &&
    text
      .toLowerCase()
      .split(/[^\p{L}]+/u)
      .includes(head)
  );
};

/** “10 legs … 3 at a time” are four batches; null where either is not told. */
function atATime(stage: Stage, { ingredients, stages }: Dish): number | null {
  const text = stage.sentence ?? stage.text;
  // “Divide in 6 … cook each”
  if (EACH_ONE.test(text)) {
    const all = stages.map((s) => s.sentence ?? s.text).join(' ');
    const pieces = toNumber(DIVIDED.exec(all)?.[1] ?? '');
    return pieces > 0 ? pieces : null;
  }
  const each = piecesAtATime(text);
  const counted = ingredients.filter((i) => i.role === 'main' && pieceCount(i) !== null);
  // What was patted dry before is browned now: it is named again.
  const own =
    counted.find((i) => stage.uses.includes(i.id)) ?? counted.find((i) => names(text, i.food));
  const count = own ? pieceCount(own) : null;
  return each !== null && count ? Math.ceil(count / each) : null;
}

/** “Brown the meat in batches.”: a guess for one batch is one for each of them. */
const isUntimed = (stage: FoundStage | undefined): boolean =>
  stage?.kind === 'brown' &&
  stage.minutes === null &&
  /\bin (?:small |several )?batches\b/i.test(stage.sentences.join(' '));

/**
 * The dish with the minutes of all batches of browning whose number is not told.
 *
 * @param found the stages as told, in the dish’s order
 * @param questions how long in all is added here
 */
export function withBatches(
  dish: Dish,
  found: readonly FoundStage[],
  questions: ImportQuestion[],
): Dish {
  if (found.every((s) => s.eachBatch === undefined && !isUntimed(s))) return dish;
  const scaled = scaleDish(dish, dish.servings);
  const stages = dish.stages.map((stage, i): Stage => {
    if (isUntimed(found[i]) && 'minutes' in stage)
      return {
        ...stage,
        minutes: stage.minutes * Math.max(LEAST, browningBatches(scaled, stage, USUAL_DIAMETER_MM)),
      };
    const each = found[i]?.eachBatch;
    if (each === undefined || !('minutes' in stage)) return stage;
    const told = atATime(stage, dish);
    const batches = Math.max(LEAST, told ?? browningBatches(scaled, stage, USUAL_DIAMETER_MM));
    const minutes = Math.round(stage.minutes + each * (batches - LEAST));
    // So many pieces, so many at a time: nothing is left to ask.
    if (told !== null) return { ...stage, minutes };
    questions.push({
      id: `${stage.id}.batches`,
      about: { kind: 'minutes', stage: stage.id },
      text: `How long in all for “${shortened(stage.text)}”? ${batches} batches are counted: the recipe doesn’t say how many.`,
      taken: String(minutes),
      range: [1, 2880],
      unit: 'min',
    });
    return { ...stage, minutes };
  });
  return { ...dish, stages };
}
