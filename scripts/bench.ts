/**
 * `npm run bench`: how fast the engine and the heat balance are on this machine, as ratios within
 * one run (to the time of a fixed piece of arithmetic), so that machines can be compared.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { comeUp } from '$core/cooker';
import { compileMeal } from '$core/plan';
import { parseProblem, simulate, solve, type Problem } from '$core/solve';
import { demoHousehold } from '../src/demo/household';

const FOLDER = 'tests/reference/plan-problems';
const REPEATS = 5;

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

/** A fixed piece of work: ten million multiply-adds. */
const unit = timeOf(() => {
  let x = 1;
  for (let i = 0; i < 1e7; i++) x = (x * 1.0000001 + i) % 1000;
  if (x < 0) throw new Error('never');
});

function row(name: string, steps: number | string, first: number | null, done: number): void {
  const cell = (text: string | number, width: number): string => String(text).padStart(width);
  console.log(
    `${name.padEnd(28)}${cell(steps, 6)}${cell(first === null ? '' : first.toFixed(1), 12)}${cell(done.toFixed(1), 10)}${cell((done / unit).toFixed(2), 10)}`,
  );
}

function firstAndDone(problem: Problem): [number, number] {
  const firsts: number[] = [];
  const done = timeOf(() => {
    const start = performance.now();
    let first = 0;
    solve(problem, { onImproved: () => (first ||= performance.now() - start) });
    firsts.push(first);
  });
  return [median(firsts), done];
}

console.log(`fixed work: ${unit.toFixed(1)} ms; every ratio is to that\n`);
console.log(
  `${'what'.padEnd(28)}${'steps'.padStart(6)}${'first, ms'.padStart(12)}${'done, ms'.padStart(10)}${'ratio'.padStart(10)}`,
);
for (const file of readdirSync(FOLDER).filter((f) => f.endsWith('.problem.json'))) {
  const parsed = parseProblem(JSON.parse(readFileSync(`${FOLDER}/${file}`, 'utf8')));
  if (!parsed.ok) continue;
  const [first, done] = firstAndDone(parsed.problem);
  row(file.replace('.problem.json', ''), parsed.problem.steps.length, first, done);
}

const now = Date.now();
const household = demoHousehold(now);
const dishes = new Map(household.dishes.map((d) => [d.id, d]));
for (const meal of household.meals) {
  const compile = timeOf(() => void compileMeal(meal, dishes, household.kitchen, now));
  row(`compile: ${meal.name}`, '', null, compile);
  const compiled = compileMeal(meal, dishes, household.kitchen, now);
  if (!compiled.ok) continue;
  const [first, done] = firstAndDone(compiled.value.problem);
  row(`plan: ${meal.name}`, compiled.value.problem.steps.length, first, done);
  const schedule = solve(compiled.value.problem);
  row(
    `simulate × 500: ${meal.name}`.slice(0, 28),
    '',
    null,
    timeOf(() => void simulate(compiled.value.problem, schedule, 500)),
  );
}
row(
  'come-up of one pot',
  '',
  null,
  timeOf(
    () =>
      void comeUp({
        cooker: { litres: 5.7, watts: 1000 },
        level: 'high',
        altitudeM: 0,
        contents: [
          { food: 'broth', grams: 700, celsius: 10 },
          { food: 'lamb-shoulder', grams: 1000, celsius: 6, pieceMm: 50 },
        ],
      }),
  ),
);
