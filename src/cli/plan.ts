import { parseHousehold, type Household } from '$core/exchange';
import { checkServingTime, SURENESS, type Meal } from '$core/meal';
import { compileMeal, planOf, totalsOf, type CompiledMeal } from '$core/plan';
import { explainConflict } from '$core/review';
import { settleChoices } from '$core/planner';
import { describeProblem } from '$core/reason';
import { toRunSheet, type SheetLine } from '$core/run';
import { isImpossibleWithAllHands, planFor, solve, type Schedule } from '$core/solve';
import { formatDay, formatMinutes, formatTime } from '$core/units';
import { sayFinding } from '$core/words';
import { readArguments, readText, UsageError, type Command } from './command';

const usage = `usage: npm run -s olive -- plan household.json "MEAL" [--json]

Plans a meal of a household file and prints its schedule.
  --json   the problem and the schedule instead
Exit 0 planned, 3 impossible, 4 unknown, 2 not plannable as it is.`;

function findMeal(household: Household, name: string): Meal {
  const meal = household.meals.find(
    (m) => m.name.toLowerCase() === name.toLowerCase() || m.id === name,
  );
  if (meal) return meal;
  const names = household.meals.map((m) => `“${m.name}”`).join(', ');
  throw new UsageError(
    `meal: there is none called “${name}”; ${names ? `choose one of ${names}` : 'the file has no meals'}`,
  );
}

function printSheet(
  meal: Meal,
  household: Household,
  compiled: CompiledMeal,
  schedule: Schedule,
): void {
  const { kitchen } = household;
  const serveAt = Date.parse(meal.serveAt);
  const totals = totalsOf(compiled.problem, schedule);
  const clock = (minute: number): string => formatTime(serveAt + minute * 60_000, kitchen);
  console.log(
    `${meal.name}: ${formatDay(serveAt, kitchen)}, ${meal.servings} people, ready ${clock(totals.ready)}`,
  );
  if (totals.ready > 0) console.log(`${clock(0)} can’t be met: ${totals.ready} min late.`);
  console.log(`Start at ${clock(totals.firstStart)}; ${formatMinutes(totals.handsOn)} hands-on.\n`);
  const lines = toRunSheet(planOf(compiled, schedule), kitchen, serveAt);
  const day = (minute: number): string => formatDay(serveAt + minute * 60_000, kitchen);
  let shown = day(totals.ready);
  for (const line of lines.filter((l) => l.at < totals.ready)) {
    // What is done the day before says so.
    if (day(line.at) !== shown) console.log(`${(shown = day(line.at))}:`);
    printLine(line, clock);
  }
  console.log(`${clock(totals.ready).padEnd(7)}on the table`);
  for (const line of lines.filter((l) => l.at >= totals.ready)) printLine(line, clock);
  if (compiled.notes.length > 0) console.log('\nNeeds a look:');
  for (const note of compiled.notes) {
    const { text, remedy } = sayFinding(note, kitchen);
    console.log(`- ${text}${remedy === null ? '' : ` ${remedy}`}`);
  }
}

function printLine(line: SheetLine, clock: (minute: number) => string): void {
  const minutes = line.isHands && line.minutes > 0 ? ` (${line.minutes} min)` : '';
  console.log(`${clock(line.at).padEnd(7)}${(line.place ?? '').padEnd(9)}${line.action}${minutes}`);
  const rest = [
    `${line.dish}${line.amounts.length ? `: ${line.amounts.join(', ')}` : ''}`,
    [line.setting, line.detail].filter(Boolean).join('; '),
    line.caution ? `! ${line.caution.text} (${line.caution.source})` : '',
  ];
  for (const text of rest.filter(Boolean)) console.log(`${' '.repeat(16)}${text}`);
}

export const planCommand: Command = {
  about: 'a meal of a household file as a schedule',
  usage,
  run: (args) => {
    const { values, positionals } = readArguments(args, { json: { type: 'boolean' } }, usage);
    const [path, name, ...more] = positionals;
    if (path === undefined || name === undefined || more.length > 0)
      throw new UsageError(
        `a household file and a meal’s name are needed; ${usage.split('\n')[0]}`,
      );
    const household = parseHousehold(readText(path));
    if (!household.ok)
      throw new UsageError(
        household.problems.map((p) => `${path}: ${describeProblem(p)}`)[0] ?? path,
      );
    const meal = findMeal(household.value, name);
    const now = Date.now();
    const ahead = checkServingTime(meal.serveAt, now);
    if (!ahead.ok) throw new UsageError(ahead.problems.map(describeProblem)[0] ?? 'serveAt');
    const dishes = new Map(household.value.dishes.map((d) => [d.id, d]));
    const { kitchen } = household.value;
    const settled = settleChoices(meal, dishes, kitchen, now);
    const compiled = compileMeal(settled.meal, dishes, kitchen, now);
    if (!compiled.ok) throw new UsageError(compiled.problems.map(describeProblem).join('\n'));
    const tight = solve(compiled.value.problem, { clock: () => performance.now() });
    const schedule =
      tight.cost === null
        ? tight
        : planFor(compiled.value.problem, tight, SURENESS[meal.sure]).schedule;
    if (values.json) console.log(JSON.stringify({ problem: compiled.value.problem, schedule }));
    if (schedule.status === 'impossible') {
      const { conflict } = schedule;
      const needsHands = !isImpossibleWithAllHands(compiled.value.problem, conflict);
      const lines = explainConflict(compiled.value, kitchen, conflict, needsHands).map(
        ({ text }) => text,
      );
      if (!values.json) console.log(['These contradict each other:', ...lines].join('\n- '));
      return 3;
    }
    if (schedule.status === 'unknown') return 4;
    if (!values.json) printSheet(meal, household.value, compiled.value, schedule);
    return 0;
  },
};
