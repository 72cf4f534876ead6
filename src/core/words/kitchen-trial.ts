/** What a kitchen with one thing more would have been like, in words. */
import { formatMinutes } from '../units';
import { count, inWords, sentence } from './grammar';

/** Of one meal: as it stands and with the addition; null where there is no plan. */
export interface Tried {
  before: Figures | null;
  after: Figures | null;
}

export interface Figures {
  /** Minutes from the wanted serving time; under 0 is before it. */
  start: number;
  delay: number;
  handsOn: number;
  longestWork: number;
  chance: number;
  stops: number;
  waits: Readonly<Record<string, number>>;
}

/** Less is not worth saying: a tap, a chance of a hundred evenings. */
const WORTH = { minutes: 5, chance: 0.05 - 1e-9 } as const;

const waited = ({ waits }: Figures): number => Object.values(waits).reduce((sum, w) => sum + w, 0);

/** What is different, the gravest first; empty where nothing is worth saying. */
export function sayTried({ before, after }: Tried): string[] {
  if (!before) return after ? ['can be planned at all'] : [];
  if (!after) return ['can no longer be planned'];
  const said: string[] = [];
  const differ = (
    by: number,
    worth: number,
    less: (by: string) => string,
    more: (by: string) => string,
  ): void => {
    if (Math.abs(by) >= worth) said.push((by < 0 ? less : more)(formatMinutes(Math.abs(by))));
  };
  if (after.stops !== before.stops)
    said.push(
      after.stops < before.stops
        ? `${before.stops - after.stops} fewer in the way`
        : `${after.stops - before.stops} more in the way`,
    );
  differ(
    after.delay - before.delay,
    1,
    (by) => `on the table ${by} sooner`,
    (by) => `on the table ${by} later`,
  );
  differ(
    after.start - before.start,
    WORTH.minutes,
    (by) => `begins ${by} earlier`,
    (by) => `begins ${by} later`,
  );
  differ(
    waited(after) - waited(before),
    WORTH.minutes,
    (by) => `food waits ${by} less`,
    (by) => `food waits ${by} more`,
  );
  differ(
    after.longestWork - before.longestWork,
    WORTH.minutes,
    (by) => `${by} less at a stretch`,
    (by) => `${by} more at a stretch`,
  );
  const sooner = after.chance - before.chance;
  if (Math.abs(sooner) >= WORTH.chance)
    said.push(
      `on time in ${Math.round(after.chance * 100)} of 100, not ${Math.round(before.chance * 100)}`,
    );
  return said;
}

/** Whether a meal is better for it (1), worse (−1), or much the same. */
export function verdictOn(tried: Tried): number {
  const { before, after } = tried;
  if (!before || !after) return Number(after !== null) - Number(before !== null);
  const worth = (by: number): number => (Math.abs(by) >= WORTH.minutes ? by : 0);
  const by = [
    before.stops - after.stops,
    before.delay - after.delay,
    Math.abs(after.chance - before.chance) >= WORTH.chance ? after.chance - before.chance : 0,
    // An hour less of waiting is worth beginning a little earlier.
    worth(after.start - before.start) + worth(waited(before) - waited(after)),
  ];
  return Math.sign(by.find((value) => value !== 0) ?? 0);
}

/**
 * @param verdicts of each meal, see `verdictOn`
 * @example sayTrial('A second cook', [1, 0, 0]) // 'A second cook helps with 1 of 3 meals and leaves 2 as they are.'
 */
export function sayTrial(what: string, verdicts: readonly number[]): string {
  const meals = verdicts.length;
  const better = verdicts.filter((v) => v > 0).length;
  const worse = verdicts.filter((v) => v < 0).length;
  const same = meals - better - worse;
  if (meals === 0) return 'There is no meal to try it with yet.';
  if (better === 0 && worse === 0)
    return `${what} changes nothing worth saying in ${count(meals, 'meal')}.`;
  const parts = [
    better > 0
      ? `helps with ${better} of ${count(meals, 'meal')}`
      : `helps with none of ${count(meals, 'meal')}`,
    ...(worse > 0 ? [`makes ${worse} worse`] : []),
    ...(same > 0 ? [`leaves ${same} as ${same === 1 ? 'it is' : 'they are'}`] : []),
  ];
  return sentence(`${what} ${inWords(parts)}`);
}
