/**
 * `npm run bench`: how fast the engine and the heat balance are, each target with its verdict. Times are
 * of this machine; ratios are to a general solver on the same problems in the same run, or to a fixed
 * piece of arithmetic. `--days` adds generated batch days, which take minutes; `--large` feasts and batch days of many
 * dishes, which take half an hour. `--seed N` takes fresh problems.
 */
import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import loadHighs from 'highs';
import { comeUp, wholeCycle } from '$core/cooker';
import { centreThrough, holdFor } from '$core/doneness';
import { compileMeal } from '$core/plan';
import { parseProblem, planFor, replan, simulate, solve, type Problem } from '$core/solve';
import { householdSchema } from '$core/exchange';
import { tryWaysOut } from '../src/core/planner';
import { demoHousehold } from '../src/demo/household';
import { FT10, TEN_BY_FIVE, toProblem } from '../tests/support/job-shops';
import { toOrderMilp } from '../tests/support/order-milp';
import { benchLarge } from './bench-large';

const FOLDER = 'tests/reference/plan-problems';
const REPEATS = 5;
const GENERATED = 10;
const seedArgument = process.argv.indexOf('--seed');
const SEED = seedArgument < 0 ? 100 : Number(process.argv[seedArgument + 1]);
if (!Number.isInteger(SEED)) throw new Error('--seed: give a whole number after it');
/** Work for problems that are not expected to be proved. */
const LONG = 40_000_000;
/** The 10×10 job shop is proved within this; it takes most of a minute. */
const PROOF_OF_FT10 = 1_000_000_000;
/** Seconds that the general solver gets for each problem, and problems of a kind that it gets. */
const GENERAL_SECONDS = 20;
const GENERAL_PROBLEMS = 3;

interface Timing {
  steps: number;
  /** ms to the first schedule, to within 2 and 1 % of the best known, and to the end. */
  first: number;
  within2: number;
  within1: number;
  done: number;
  /** What is proved of the cost found, as a share. */
  bound: number;
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

/** @param known a cost known from elsewhere, where it may be better than what is found */
function measure(problem: Problem, work?: number, known = Infinity): Timing {
  const start = performance.now();
  const found: [number, number][] = [];
  const answer = solve(problem, {
    ...(work === undefined ? {} : { work }),
    onImproved: (s) => found.push([performance.now() - start, s.cost ?? Infinity]),
  });
  const best = Math.min(known, answer.cost ?? 0);
  const reached = (share: number): number =>
    found.find(([, cost]) => cost <= best * share)?.[0] ?? Infinity;
  return {
    steps: problem.steps.length,
    first: found[0]?.[0] ?? Number.NaN,
    within2: reached(1.02),
    within1: reached(1.01),
    done: performance.now() - start,
    bound: answer.cost ? (answer.bound ?? 0) / answer.cost : 1,
    isProved: answer.status === 'optimal' || answer.status === 'impossible',
  };
}

/** ms that HiGHS takes to prove the same optimum on a model of its own; Infinity at its limit. */
async function measureGeneral(problem: Problem, delay: number): Promise<number> {
  const program = toOrderMilp(problem, delay);
  const highs = await loadHighs();
  const start = performance.now();
  const answer = highs.solve(program, { time_limit: GENERAL_SECONDS });
  return answer.Status === 'Optimal' ? performance.now() - start : Infinity;
}

type Timed = 'first' | 'within2' | 'within1' | 'done';
type Targets = Partial<Record<Timed, number>>;

const NAMES: Record<Timed, string> = {
  first: 'first',
  within2: 'within 2 %',
  within1: 'within 1 %',
  done: 'proof',
};

const ms = (value: number, width = 9): string =>
  (Number.isFinite(value) ? value.toFixed(1) : '–').padStart(width);

const verdict = (value: number, target: number): string =>
  `≤ ${target} ${value <= target ? 'met' : 'NOT MET'}`;

/** Medians of a kind; `general`: what the general solver took for the first of them. */
function print(
  name: string,
  timings: readonly Timing[],
  targets: Targets,
  general: readonly number[] = [],
): void {
  const of = (key: Timed): number => median(timings.map((t) => t[key]));
  const steps = timings.map((t) => t.steps);
  const own = median(timings.slice(0, general.length).map((t) => t.done));
  const other = median(general);
  const atLeast = other === Infinity ? '> ' : '';
  const ratio = Math.min(other, GENERAL_SECONDS * 1000) / own;
  const verdicts = (Object.entries(targets) as [Timed, number][]).map(
    ([key, target]) => `${NAMES[key]} ${verdict(of(key), target)}`,
  );
  console.log(
    name.padEnd(16) +
      `${Math.min(...steps)}–${Math.max(...steps)}`.padStart(8) +
      ms(of('first')) +
      ms(of('within2')) +
      ms(of('within1')) +
      ms(of('done')) +
      `${(100 * median(timings.map((t) => t.bound))).toFixed(0)} %`.padStart(7) +
      `${timings.filter((t) => t.isProved).length}/${timings.length}`.padStart(8) +
      (general.length === 0
        ? ''.padStart(18)
        : ms(other) + `${atLeast}${ratio.toFixed(0)}×`.padStart(9)) +
      `  ${verdicts.join('; ')}`,
  );
}

function readProblem(text: string): Problem {
  const parsed = parseProblem(JSON.parse(text));
  if (!parsed.ok) throw new Error(parsed.message);
  return parsed.problem;
}

interface Sample {
  problem: Problem;
  /** A cost known from elsewhere. */
  known?: number;
}

function samples(kind: string): Sample[] {
  const given = readdirSync(FOLDER)
    .filter((f) => f.endsWith('.problem.json') && f.startsWith(kind))
    .map((f): Sample => {
      const answer = readFileSync(`${FOLDER}/${f.replace('.problem.', '.answer.')}`, 'utf8');
      const { cost } = JSON.parse(answer) as { cost: number | null };
      return {
        problem: readProblem(readFileSync(`${FOLDER}/${f}`, 'utf8')),
        known: cost ?? Infinity,
      };
    });
  const more = Array.from(
    { length: kind === 'batchday' && !process.argv.includes('--days') ? 2 : GENERATED },
    (_, i): Sample => ({
      problem: readProblem(
        execFileSync('node', [`${FOLDER}/gen.mjs`, String(SEED + i), kind], { encoding: 'utf8' }),
      ),
    }),
  );
  return [...given, ...more];
}

console.log(`fixed work: ${unit.toFixed(1)} ms; medians in ms, on one thread\n`);
console.log(
  'kind'.padEnd(16) +
    'steps'.padStart(8) +
    'first'.padStart(9) +
    'in 2 %'.padStart(9) +
    'in 1 %'.padStart(9) +
    'done'.padStart(9) +
    'bound'.padStart(7) +
    'proved'.padStart(8) +
    'HiGHS'.padStart(9) +
    'ratio'.padStart(9) +
    '  to reach',
);
const TARGETS: Record<string, Targets> = {
  weeknight: { done: 30 },
  dinner: { within1: 60, done: 300 },
  sequential: { within1: 60, done: 500 },
  batchday: { within2: 2000, within1: 8000 },
};
for (const [kind, targets] of Object.entries(TARGETS)) {
  const problems = samples(kind);
  // Once for the compiler's sake, then measured.
  problems.slice(0, 3).forEach(({ problem }) => measure(problem, 2_000_000));
  const timings = problems.map(({ problem, known }) =>
    measure(problem, kind === 'batchday' ? LONG : undefined, known),
  );
  const general: number[] = [];
  // A hundred steps make a program that HiGHS finds no schedule for in any time worth waiting.
  if (kind !== 'batchday')
    for (const { problem } of problems.slice(0, GENERAL_PROBLEMS))
      general.push(await measureGeneral(problem, solve(problem).delay ?? 0));
  print(kind, timings, targets, general);
}
print(
  'job shops 10×5',
  TEN_BY_FIVE.map((shop) => measure(toProblem(shop), undefined, shop.optimum)),
  {},
);
print('job shop 10×10', [measure(toProblem(FT10), PROOF_OF_FT10, FT10.optimum)], {});

if (process.argv.includes('--large')) benchLarge(`${FOLDER}/gen.mjs`, SEED);

console.log('\n' + 'what'.padEnd(40) + 'ms'.padStart(9) + 'ratio'.padStart(8) + '  to reach');
function row(name: string, time: number, target?: number): void {
  console.log(
    name.padEnd(40) +
      ms(time) +
      (time / unit).toFixed(2).padStart(8) +
      (target === undefined ? '' : `  ${verdict(time, target)}`),
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
  30,
);
row(
  'simulate, 40 steps × 5,000',
  timeOf(() => void simulate(dinner, told, 5000)),
  100,
);
row(
  'plan for 80 %, a dinner',
  timeOf(() => void planFor(dinner, told, 0.8)),
  250,
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
const supper = household.meals.find((m) => m.id === 'harvest-supper');
for (const [what, minutes, servings] of [
  ['much too late', 75, 8],
  ['over the line, no plan at all', 600, 20],
] as const) {
  if (!supper) break;
  const serveAt = new Date(now + minutes * 60_000).toISOString();
  const meal = { ...supper, servings, serveAt };
  row(
    `fixes of six dishes ${what}`,
    timeOf(() => void tryWaysOut({ ...household, meal, now })),
    2000,
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
  'a whole cycle with the middle of a piece',
  timeOf(() => {
    const cycle = wholeCycle(pot, 45, 'natural');
    if (cycle.ok)
      centreThrough(cycle.value, 'lamb-shoulder', { shape: 'sphere', thicknessMm: 50 }, 6);
  }),
  10,
);
row(
  'hold of a piece, the Bench’s longest question',
  timeOf(() => {
    holdFor({
      food: 'lamb-shoulder',
      cut: { shape: 'sphere', thicknessMm: 80 },
      grams: 1400,
      state: 'chilled',
      target: 'shred',
      level: 'high',
      altitudeM: 1500,
      cooker: pot.cooker,
      release: 'natural',
    });
  }),
);
row(
  'come-up of one pot',
  timeOf(() => void comeUp(pot)),
  10,
);
