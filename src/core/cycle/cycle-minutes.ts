/** Minutes of one cycle in one cooker: way up, hold, release. */
import {
  comeUp,
  defaultParameters,
  LEVEL_KPA,
  naturalRelease,
  quickRelease,
  thickShare,
  type CurvePoint,
  type CycleInput,
  type HeatParameters,
  type Portion,
} from '../cooker';
import type { PressureStage } from '../dish';
import { holdCredit } from '../doneness';
import type { Cooker, Kitchen } from '../kitchen';
import { success, type Outcome } from '../reason';
import { insideTemperature } from '../steam';

export interface CycleMinutes {
  comeUp: number;
  comeUpP90: number;
  /** The displayed time: as the dish asks for, less what a longer way up has cooked. */
  hold: number;
  release: number;
  releaseP90: number;
  /** What is in the pot. */
  kg: number;
  /** How much of what flows in it is thick, 0 to 1. */
  thick: number;
  because: { comeUp: string[]; hold: string[]; release: string[] };
}

/** Cycles worked out before: a meal is planned again at every change, and most pots stay as they were. */
const known = new Map<string, Outcome<CycleMinutes>>();
const MOST_KNOWN = 2000;

interface CycleQuestion {
  stage: PressureStage;
  contents: readonly Portion[];
  /** What the pot holds at the dish's own servings, for finicky food; null where it makes no difference. */
  usual: readonly Portion[] | null;
  cooker: Cooker;
  kitchen: Kitchen;
  hotStart: boolean;
  /** How the hold came about, where it goes by weight. */
  byWeight: string | null;
}

/** Worked out once for each question; a meal that is planned again asks most of them again. */
export function cycleMinutes(question: CycleQuestion): Outcome<CycleMinutes> {
  const { stage, cooker, kitchen } = question;
  const key = JSON.stringify([
    cooker.litres,
    cooker.watts,
    cooker.heat,
    cooker.staysWarm,
    kitchen.altitudeM,
    stage.level,
    stage.holdMinutes,
    stage.release,
    question.hotStart,
    question.contents,
    question.usual,
    question.byWeight,
  ]);
  let found = known.get(key);
  if (found === undefined) {
    found = workOutCycle(question);
    if (known.size >= MOST_KNOWN) known.clear();
    known.set(key, found);
  }
  return found;
}

/** The hold on this cooker's display, with the reason where it is not the dish's own. */
function holdOf(
  { stage, usual, kitchen, byWeight }: CycleQuestion,
  input: CycleInput,
  actual: readonly CurvePoint[],
  parameters: HeatParameters,
): { hold: number; because: string[] } {
  const own = {
    hold: stage.holdMinutes,
    because: [byWeight ?? 'the pressure time of the recipe'],
  };
  if (!usual) return own;
  const written = comeUp({ ...input, contents: usual }, parameters);
  if (!written.ok) return own;
  const workC = insideTemperature(LEVEL_KPA[stage.level], kitchen.altitudeM);
  const credit = holdCredit(stage.holdMinutes, written.value.curve, actual, workC);
  if (credit === 0) return own;
  return {
    hold: stage.holdMinutes - credit,
    because: [
      `the recipe says ${stage.holdMinutes} min; the fuller pot cooks for ${credit} min of that on its longer time to pressure (softening at each temperature added up)`,
    ],
  };
}

/** Minutes of one cycle in one cooker, rounded to what a plan can hold; or why there are none. */
function workOutCycle(question: CycleQuestion): Outcome<CycleMinutes> {
  const { stage, contents, cooker, kitchen, hotStart } = question;
  const parameters = { ...defaultParameters(cooker), ...cooker.heat };
  const input = { cooker, level: stage.level, altitudeM: kitchen.altitudeM, contents, hotStart };
  const up = comeUp(input, parameters);
  if (!up.ok) return up;
  const rise = Math.max(1, Math.round(up.value.minutes));
  const { hold, because } = holdOf(question, input, up.value.curve, parameters);
  const { evenings } = cooker.heat ?? {};
  const told = evenings ? `learned from ${evenings} evenings` : 'calibrated';
  const own = cooker.heat ? [`${cooker.name} as it was ${told}`] : [];
  const result = {
    kg: Math.round(contents.reduce((sum, p) => sum + p.grams, 0) / 10) / 100,
    thick: Math.round(thickShare(contents) * 100) / 100,
    comeUp: rise,
    comeUpP90: Math.max(rise, Math.round(up.value.p90)),
    hold,
    because: { comeUp: [...up.value.because, ...own], hold: because, release: [] as string[] },
  };
  if (stage.release.kind === 'timed') {
    const because = [`the recipe says ${stage.release.minutes} min of natural release, then quick`];
    const wait = stage.release.minutes;
    return success({
      ...result,
      release: wait,
      releaseP90: wait,
      because: { ...result.because, release: because },
    });
  }
  if (stage.release.kind === 'quick') {
    const minutes = Math.ceil(quickRelease(contents));
    const because = ['the steam takes 1–3 min to get out through the valve (common practice)'];
    return success({
      ...result,
      release: minutes,
      releaseP90: minutes + 1,
      because: { ...result.because, release: because },
    });
  }
  const down = naturalRelease({ ...input, keepWarm: cooker.staysWarm }, hold, parameters);
  if (!down.ok) return down;
  const fall = Math.max(1, Math.round(down.value.minutes));
  return success({
    ...result,
    release: fall,
    releaseP90: Math.max(fall, Math.round(down.value.p90)),
    because: { ...result.because, release: [...down.value.because, ...own] },
  });
}
