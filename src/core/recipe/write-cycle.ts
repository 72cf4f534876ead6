/** A cycle as the text tells it: level, minutes at pressure and release; what it leaves open is asked. */
import type { PressureStage, ReleaseChoice } from '../dish';
import { G_PER_LB, LONGEST_PRESSURE_MIN } from '../facts';
import { findDurations } from './durations';
import { heaviest, heaviestGiven } from './guesses';
import type { ReadIngredient } from './ingredients';
import { shortened } from '../reason';
import type { FoundCycle, ImportQuestion } from './types';

/** The stage that a question is about, with its words. */
interface StageWords {
  id: string;
  text: string;
  sentence: string;
}

/** Minutes at pressure for a piece of so many grams, where the text gives them by weight. */
export const holdByWeight = (cycle: FoundCycle, grams: number): number =>
  ((cycle.perPound ?? 0) * grams) / G_PER_LB + (cycle.extra ?? 0);

/** The hold in whole minutes: the lower end of a range, or by weight where the text says so. */
export function holdOf(
  cycle: FoundCycle,
  base: StageWords,
  ingredients: readonly ReadIngredient[],
  questions: ImportQuestion[],
): number {
  let minutes = cycle.holdMinutes;
  const isToldZero = minutes === 0 && findDurations(base.sentence).some((d) => d.from === 0);
  if (isToldZero) return 0;
  if (Number.isNaN(minutes) || minutes === 0) {
    questions.push({
      id: `${base.id}.hold`,
      about: { kind: 'hold', stage: base.id },
      text: Number.isNaN(minutes)
        ? `How long does it pressure cook in “${shortened(base.text)}”?`
        : 'Is it opened as soon as it is at pressure (0 min)?',
      taken: Number.isNaN(minutes) ? '' : '0',
      range: [0, LONGEST_PRESSURE_MIN],
      unit: 'min',
    });
    return 0;
  }
  if (cycle.perPound !== null) {
    const given = heaviestGiven(ingredients);
    const grams = given ?? heaviest(ingredients);
    minutes = holdByWeight(cycle, grams ?? G_PER_LB);
    if (given === null)
      questions.push({
        id: `${base.id}.weight`,
        about: { kind: 'weight', stage: base.id },
        text: `What does the piece weigh? The recipe says ${cycle.perPound} min for each pound.`,
        taken: grams === null ? '1' : (grams / G_PER_LB).toFixed(1),
        range: [0.1, 40],
        perUnit: cycle.perPound,
        unit: 'lb',
      });
  }
  if (cycle.holdTo !== null)
    questions.push({
      id: `${base.id}.hold`,
      about: { kind: 'hold', stage: base.id },
      text: `At pressure for ${cycle.holdMinutes} or up to ${cycle.holdTo} min?`,
      taken: String(cycle.holdMinutes),
      range: [0, LONGEST_PRESSURE_MIN],
      unit: 'min',
    });
  if (minutes > LONGEST_PRESSURE_MIN)
    questions.push({
      id: `${base.id}.long`,
      about: { kind: 'hold', stage: base.id },
      text: `The text says ${Math.round(minutes)} min at pressure; no cooker counts over ${LONGEST_PRESSURE_MIN}. How long is it?`,
      taken: String(LONGEST_PRESSURE_MIN),
      range: [0, LONGEST_PRESSURE_MIN],
      unit: 'min',
    });
  return Math.min(LONGEST_PRESSURE_MIN, Math.max(0, Math.round(minutes)));
}

/** Where the text names none it is asked; high is what most pots start with. */
export function levelOf(
  cycle: FoundCycle,
  base: StageWords,
  questions: ImportQuestion[],
): PressureStage['level'] {
  if (cycle.level !== null) return cycle.level;
  questions.push({
    id: `${base.id}.level`,
    about: { kind: 'level', stage: base.id },
    text: `High or low pressure for “${shortened(base.text)}”?`,
    taken: 'high',
    range: [0, 0],
    unit: '',
    choices: [
      ['high', 'high'],
      ['low', 'low'],
    ],
  });
  return 'high';
}

/** Answers to how the pressure is released; minutes are those of the natural release before the valve is opened. */
const RELEASE_CHOICES = [
  ['natural', 'natural'],
  ['5', 'natural for 5 min, then quick'],
  ['10', 'natural for 10 min, then quick'],
  ['15', 'natural for 15 min, then quick'],
  ['quick', 'quick'],
] as const;

export function releaseOf(
  cycle: FoundCycle,
  base: StageWords,
  questions: ImportQuestion[],
): ReleaseChoice {
  const { release } = cycle;
  if (release.kind === 'timed')
    return release.minutes > 0 && release.minutes <= 120
      ? release
      : release.minutes === 0
        ? { kind: 'quick' }
        : { kind: 'natural' };
  if (release.kind === 'natural' || release.kind === 'quick') return { kind: release.kind };
  // Both are allowed: the dish keeps both, and the plan chooses.
  if (release.kind === 'either') return { kind: 'natural' };
  questions.push({
    id: `${base.id}.release`,
    about: { kind: 'release', stage: base.id },
    text: Number.isNaN(cycle.holdMinutes)
      ? 'How is the pressure released?'
      : `How is the pressure released after the ${Math.round(cycle.holdMinutes)} min?`,
    taken: 'natural',
    range: [1, 120],
    unit: '',
    choices: RELEASE_CHOICES,
  });
  return { kind: 'natural' };
}
