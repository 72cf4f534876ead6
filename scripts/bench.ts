/**
 * `npm run bench`: how fast the engine and the heat balance are. Times are of this machine; the
 * last column is the ratio to a fixed piece of arithmetic in the same run, for comparing machines.
 * `--days` adds generated batch days, which take minutes.
 */
import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { comeUp } from '$core/cooker';
import { compileMeal } from '$core/plan';
import { parseProblem, planFor, replan, simulate, solve, type Problem } from '$core/solve';
import { householdSchema } from '$core/exchange';
import { demoHousehold } from '../src/demo/household';
import { FT10, TEN_BY_FIVE, toProblem } from '../tests/support/job-shops';

const FOLDER = 'tests/reference/plan-problems';
const REPEATS = 5;
const GENERATED = 10;
/** Work for problems that are not expected to be proved. */
const LONG = 60_000_000;

interface Timing {
  steps: number;
  /** ms to the first schedule, to within 1 % of the last, and to the end. */
  first: number;
  near: number;
  done: number;
  isProved: boolean;
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[sorted.length >> 1] ?? Number.NaN;
}

/** Median ms of several runs after one to warm up. */
function timeOf(run: () => void): number {
  run();
  return median(
    Array.from({ length: REPEATS }, () => {
      const start = performance.now();
      run();
      return performance.now() - start;
    }),
  );
}

/** Ten million multiply-adds. */
const unit = timeOf(() => {
  let x = 1;
  for (let i = 0; i < 1e7; i++) x = (x * 1.0000001 + i) % 1000;
  if (x < 0) throw new Error('never');
});

function measure(problem: Problem, work?: number): Timing {
  const start = performance.now();
  const found: [number, number][] = [];
  const answer = solve(problem, {
    ...(work === undefined ? {} : { work }),
    onImproved: (s) => found.push([performance.now() - start, s.cost ?? Infinity]),
  });
  const best = answer.cost ?? 0;
  return {
    steps: problem.steps.length,
    first: found[0]?.[0] ?? Number.NaN,
    near: found.find(([, cost]) => cost <= best * 1.01)?.[0] ?? Number.NaN,
    done: performance.now() - start,
    isProved: answer.status === 'optimal' || answer.status === 'impossible',
  };
}

function print(name: string, timings: readonly Timing[], target: string): void {
  const pick = (key: 'first' | 'near' | 'done'): string =>
    median(timings.map((t) => t[key])).toFixed(1);
  const steps = timings.map((t) => t.steps);
  const size = `${Math.min(...steps)}–${Math.max(...steps)}`;
  const proved = `${timings.filter((t) => t.isProved).length}/${timings.length}`;
  const ratio = (median(timings.map((t) => t.done)) / unit).toFixed(2);
  console.log(
    name.padEnd(22) +
      size.padStart(9) +
      pick('first').padStart(9) +
      pick('near').padStart(9) +
      pick('done').padStart(9) +
      proved.padStart(8) +
      ratio.padStart(8) +
      `  ${target}`,
  );
}

function readProblem(text: string): Problem {
  const parsed = parseProblem(JSON.parse(text));
  if (!parsed.ok) throw new Error(parsed.message);
  return parsed.problem;
}

function samples(kind: string): Problem[] {
  const given = readdirSync(FOLDER)
    .filter((f) => f.endsWith('.problem.json') && f.includes(kind))
    .map((f) => readProblem(readFileSync(`${FOLDER}/${f}`, 'utf8')));
  const more = Array.from(
    { length: kind === 'batchday' && !process.argv.includes('--days') ? 0 : GENERATED },
    (_, i) =>
      readProblem(
        execFileSync('node', [`${FOLDER}/gen.mjs`, String(100 + i), kind], { encoding: 'utf8' }),
      ),
  );
  return [...given, ...more];
}

console.log(`fixed work: ${unit.toFixed(1)} ms; medians in ms\n`);
console.log(
  'kind'.padEnd(22) +
    'steps'.padStart(9) +
    'first'.padStart(9) +
    'within1%'.padStart(9) +
    'done'.padStart(9) +
    'proved'.padStart(8) +
    'ratio'.padStart(8) +
    '  to reach',
);
const TARGETS: Record<string, string> = {
  weeknight: 'proof ≤ 30',
  dinner: 'within 1 % ≤ 60, proof ≤ 300',
  sequential: 'within 1 % ≤ 60, proof ≤ 500',
  batchday: 'within 2 % ≤ 2000, within 1 % ≤ 8000',
};
for (const [kind, target] of Object.entries(TARGETS)) {
  const problems = samples(kind);
  // Once for the compiler's sake, then measured.
  problems.slice(0, 3).forEach((p) => measure(p, 2_000_000));
  print(
    kind,
    problems.map((p) => measure(p, kind === 'batchday' ? LONG : undefined)),
    target,
  );
}
print(
  'job shops 10×5',
  TEN_BY_FIVE.map((shop) => measure(toProblem(shop))),
  'known optima',
);
print('job shop 10×10', [measure(toProblem(FT10), LONG)], `known optimum ${FT10.optimum}`);

console.log('\n' + 'what'.padEnd(40) + 'ms'.padStart(9) + 'ratio'.padStart(8) + '  to reach');
function row(name: string, ms: number, target = ''): void {
  console.log(
    name.padEnd(40) +
      ms.toFixed(1).padStart(9) +
      (ms / unit).toFixed(2).padStart(8) +
      `  ${target}`,
  );
}
const dinner = readProblem(readFileSync(`${FOLDER}/dinner-1.problem.json`, 'utf8'));
const told = solve(dinner);
const first = [...told.steps].sort((a, b) => a.start - b.start)[0] ?? { id: '', start: 0, end: 0 };
row(
  're-plan of a dinner after a slip',
  timeOf(
    () =>
      void replan(
        dinner,
        told,
        [{ step: first.id, start: first.start, end: first.end + 5 }],
        first.end + 5,
      ),
  ),
  '≤ 30',
);
row(
  'simulate, 40 steps × 5,000',
  timeOf(() => void simulate(dinner, told, 5000)),
  '≤ 100',
);
row(
  'plan for 80 %, a dinner',
  timeOf(() => void planFor(dinner, told, 0.8)),
  '≤ 250',
);

const now = Date.now();
const household = householdSchema.parse(demoHousehold(now));
const dishes = new Map(household.dishes.map((d) => [d.id, d]));
for (const meal of household.meals) {
  row(
    `compile: ${meal.name}`,
    timeOf(() => void compileMeal(meal, dishes, household.kitchen, now)),
  );
  const compiled = compileMeal(meal, dishes, household.kitchen, now);
  if (compiled.ok)
    row(
      `plan, proved: ${meal.name}`,
      timeOf(() => void solve(compiled.value.problem)),
    );
}
const pot = {
  cooker: { litres: 5.7, watts: 1000 },
  level: 'high' as const,
  altitudeM: 0,
  contents: [
    { food: 'broth', grams: 700, celsius: 10 },
    { food: 'lamb-shoulder', grams: 1000, celsius: 6, pieceMm: 50 },
  ],
};
row(
  'come-up of one pot',
  timeOf(() => void comeUp(pot)),
  '≤ 10',
);
