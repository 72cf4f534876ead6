/** What to do better next time, by what really made the evening late: three things at most, in a cook's words. */
import { formatMinutes } from '../units';
import type { Account } from './account-types';
import type { Cause, CauseKind } from './causes';
import { TROUBLES } from './events';

/** Less than that is no reason to change anything, min. */
const WORTH_SAYING = 3;
/** A table so much later than asked for is worth a word by itself, min. */
const LATE = 2;
const MOST = 3;

const WORK: Readonly<Record<string, string>> = {
  prep: 'Cutting and preparing',
  brown: 'Browning',
  loosen: 'Deglazing',
  finish: 'Finishing',
};

const LESS: Readonly<Record<string, string>> = {
  prep: 'do it ahead, or plan with a second cook',
  brown: 'a hotter pot and fewer pieces at once brown sooner',
};

/** What each cause asks for. */
const SAY: Readonly<Record<CauseKind, (cause: Cause) => string>> = {
  valve: ({ operation }) =>
    `The pot of ${operation.dishName} leaked: look at the valve, the pin and the ring before you walk away; an open valve costs the whole time to pressure.`,
  'weak-pot': ({ operation, planned, real }) =>
    `The pot of ${operation.dishName} took ${real} min to come to pressure, not ${planned}, and was slow each time that evening: a worn ring or a plate that is not clean does that, or less power than its label says. A few evenings more, and plans take it as it is.`,
  'cold-food': ({ planned, real }) =>
    `Every pot was slow to come to pressure (${real} min, not ${planned}): food or water was colder than planned, or the mains were weak. Hot water from a kettle shortens it.`,
  'slow-pot': ({ operation, planned, real }) =>
    `The pot of ${operation.dishName} took ${real} min to come to pressure, not ${planned}: more in it, or colder, than planned. Hot liquid instead of cold shortens it.`,
  'slow-release': ({ operation, planned, real }) =>
    `The pressure of ${operation.dishName} took ${real} min to go, not ${planned}: switch keep-warm off when it beeps, and plan fuller pots earlier.`,
  work: ({ operation, planned, real }) =>
    `${WORK[operation.phase] ?? 'The work'} took longer than planned (${operation.dishName}: ${real} min, not ${planned}): ${LESS[operation.phase] ?? 'plan with a second cook'}. Plans learn your pace.`,
  stage: ({ operation, planned, real }) =>
    `“${operation.text}” took ${real} min, not ${planned}: the recipe’s minutes are short for your stove.`,
  'not-done': ({ operation, minutes }) =>
    `${operation.dishName} was not done when it should have been, and took ${formatMinutes(Math.round(minutes))} more: give it more time next time, or smaller pieces.`,
  'begun-late': ({ operation, minutes }) =>
    `“${operation.text}” was begun ${formatMinutes(Math.round(minutes))} late, and nothing kept it waiting: do the small jobs while something cooks by itself, or let Cook call you.`,
  away: ({ minutes }) =>
    `A cook was away for it: ${formatMinutes(Math.round(minutes))}. Tell the plan beforehand, and it works around that.`,
  lost: ({ operation, minutes }) =>
    `A pot or the oven failed with ${operation.dishName} in it: that alone took ${formatMinutes(Math.round(minutes))}. Nothing in the plan was wrong.`,
};

/** @param causes of the delay, the largest first */
export function adviseOn(
  account: Omit<Account, 'advice' | 'causes'>,
  causes: readonly Cause[],
): string[] {
  const { overdone, troubles, dishes, late } = account;
  const told = causes.filter((c) => c.minutes >= WORTH_SAYING);
  const lines = told.map((cause) => SAY[cause.kind](cause));
  const overheld = dishes.filter((d) => d.isOverheld);
  const others: [boolean, () => string][] = [
    [
      troubles.some((t) => t.what === TROUBLES.valve.name) && !told.some((c) => c.kind === 'valve'),
      () =>
        'Look at the valve, the pin and the ring before you walk away: an open valve costs the whole time to pressure.',
    ],
    [
      troubles.some((t) => t.what === TROUBLES.overheating.name),
      () =>
        'Scrape the bottom clean after browning, and put thick things on top: then it does not overheat.',
    ],
    [
      overdone.length > 0 && !told.some((c) => c.operation.text === overdone[0]?.text),
      () =>
        `“${overdone[0]?.text}” was over the heat ${formatMinutes(overdone[0]?.minutes ?? 0)} longer than planned: set a clock for half of it and look.`,
    ],
    [
      overheld.length > 0,
      () =>
        `${overheld.map((d) => `${d.name} was kept warm ${formatMinutes(d.waited ?? 0)}`).join(', ')}: longer than it keeps; start it later, or park it in a low oven.`,
    ],
    [
      late !== null && late > LATE && told.length === 0,
      () =>
        `The last of it was ready ${formatMinutes(late ?? 0)} late, a few minutes here and there: plan it with “sure”, which starts earlier.`,
    ],
  ];
  return [...lines, ...others.filter(([is]) => is).map(([, say]) => say())].slice(0, MOST);
}
