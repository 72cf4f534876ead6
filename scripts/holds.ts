/**
 * How well holds follow what cooks set, and which doses they ask for: `npm run holds`.
 *
 * Each anchor says between which doses its food lies: those that its shortest and its longest usual hold give.
 * The dose of a class is the one most of its anchors share, nearest to their middle; where a food is left out of
 * its class, what the others say of it is the error to expect for a food that has no anchor.
 */
import { doseGiven, holdFor } from '../src/core/doneness';
import { findFood, kindOf } from '../src/core/food';
import { holdAnchors, type HoldAnchor } from '../tests/support/hold-anchors';

/** Figures are whole minutes: half of one is no error. */
const ROUNDING_MIN = 0.5;
const SOAKED_SHARE = 0.4;

interface Judged extends HoldAnchor {
  said: [number, number];
  /** Logarithm of how far the middle of what is said lies outside the range; 0 inside. */
  error: number;
}

function judge(anchor: HoldAnchor): Judged {
  const advice = holdFor(anchor.question);
  const said =
    advice.ok && 'minutes' in advice.value && advice.value.minutes ? advice.value.minutes : null;
  if (!said) throw new Error(`no hold for ${anchor.question.food}`);
  const middle = (said[0] + said[1]) / 2;
  const [from, to] = anchor.range;
  const error =
    middle < from - ROUNDING_MIN
      ? Math.log((middle + 1) / (from + 1))
      : middle > to + ROUNDING_MIN
        ? Math.log((middle + 1) / (to + 1))
        : 0;
  return { ...anchor, said, error };
}

const percent = (x: number): string => `${Math.round(100 * x)} %`;
const rootMeanSquare = (xs: readonly number[]): number =>
  Math.sqrt(xs.reduce((sum, x) => sum + x * x, 0) / Math.max(1, xs.length));

/** Group of foods with the same doses, and the doneness. */
function classOf({ question }: HoldAnchor): string {
  const like = kindOf(question.food)?.like;
  const food = findFood(like ?? question.food);
  return `${food?.group} ${JSON.stringify(food?.softening.doses)} ${question.target}`;
}

/** The dose that lies in most intervals, nearest to the middle of all. */
function shared(intervals: readonly [number, number][]): number {
  const candidates = intervals.flat().concat(intervals.map(([a, b]) => (a + b) / 2));
  const middle = intervals.reduce((sum, [a, b]) => sum + (a + b) / 2, 0) / intervals.length;
  const inside = (d: number): number => intervals.filter(([a, b]) => d >= a && d <= b).length;
  return candidates.reduce((best, d) =>
    inside(d) > inside(best) ||
    (inside(d) === inside(best) && Math.abs(d - middle) < Math.abs(best - middle))
      ? d
      : best,
  );
}

const judged = holdAnchors().map(judge);
const classes = new Map<string, Judged[]>();
for (const j of judged) classes.set(classOf(j), [...(classes.get(classOf(j)) ?? []), j]);
let [leftOut, kept] = [0, 0];
for (const [name, anchors] of classes) {
  console.log(`\n${name}`);
  const intervals = anchors.map(({ question, range: [from, to] }): [number, number] => {
    const soaked = question.treated === 'soaked' ? SOAKED_SHARE : 1;
    return [(doseGiven(question, from) ?? 0) / soaked, (doseGiven(question, to) ?? 0) / soaked];
  });
  anchors.forEach(({ question: q, range, said, error }, i) => {
    const [a, b] = intervals[i] as [number, number];
    console.log(
      `  ${error === 0 ? ' ' : '×'} ${`${q.food} ${q.cut.thicknessMm} mm ${q.state} ${q.treated ?? ''}`.padEnd(38)} says ${said.join('–')} for ${range.join('–')}   dose ${a.toFixed(1)}–${b.toFixed(1)}`,
    );
  });
  if (name.endsWith(' safe')) continue;
  console.log(`    dose that fits: ${shared(intervals).toFixed(1)}`);
  if (anchors.length < 2) continue;
  intervals.forEach(([a, b], i) => {
    const other = shared(intervals.filter((_, k) => k !== i));
    if (other >= a && other <= b) kept++;
    else leftOut++;
  });
}
const right = judged.filter((j) => j.error === 0).length;
console.log(
  `\n${judged.length} anchors: ${percent(right / judged.length)} inside what cooks set; outside by ${percent(rootMeanSquare(judged.map((j) => j.error)))} (root mean square)`,
);
console.log(
  `leaving one out: the others of its class place ${percent(kept / (kept + leftOut))} of ${kept + leftOut} inside`,
);
