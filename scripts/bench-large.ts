/**
 * Large days: feasts of 9 to 30 dishes and batch days of 20 to 60 runs, put together from generated ones, and how near
 * the best known plan is after so much work. Used by `npm run bench -- --large`, fresh ones with `--seed N`.
 */
import { execFileSync } from 'node:child_process';
import { createSearch, parseProblem, type Problem } from '$core/solve';

/** Steps of work after which the plan is looked at; the last one is the measure of the others. */
const LOOKS = [100_000, 400_000, 2_000_000, 8_000_000, 40_000_000] as const;
const EACH = 3;

/**
 * Days of the generator as one, on one kitchen.
 *
 * @param from seed of the first of them
 * @param dishes how many dishes there are at least
 */
function asOneDay(
  generator: string,
  kind: 'dinner' | 'batchday',
  from: number,
  dishes: number,
  hands: number,
): Problem {
  const days: Problem[] = [];
  const counted = (): number => days.reduce((sum, d) => sum + (d.dishes ?? []).length, 0);
  for (let seed = from; counted() < dishes; seed++) {
    const text = execFileSync('node', [generator, String(seed), kind], { encoding: 'utf8' });
    const parsed = parseProblem(JSON.parse(text));
    if (parsed.ok) days.push(parsed.problem);
  }
  const units = new Map(days.flatMap((d) => (d.units ?? []).map((u) => [u.id, u])));
  const tools = new Map(days.flatMap((d) => (d.tools ?? []).map((t) => [t.id, t])));
  const all = <T>(of: (day: Problem, name: (id: string) => string) => readonly T[]): T[] =>
    days.flatMap((day, i) => of(day, (id) => `${i}.${id}`));
  return {
    format: 'olive-clock/problem@1',
    serveAt: 0,
    earliest: -90 * dishes,
    hands,
    spanCost: 1,
    units: [...units.values()],
    tools: [...tools.values()],
    blocks: all((d, name) => (d.blocks ?? []).map((b) => ({ ...b, id: name(b.id) }))),
    steps: all((d, name) =>
      d.steps.map((s) => ({
        ...s,
        id: name(s.id),
        ...(s.block == null ? {} : { block: name(s.block) }),
      })),
    ),
    links: all((d, name) =>
      (d.links ?? []).map((l) => ({ ...l, from: name(l.from), to: name(l.to) })),
    ),
    // What one evening keeps warm for half an hour is kept longer where three of them are cooked.
    dishes: all((d, name) =>
      (d.dishes ?? []).map((dish) => ({
        ...dish,
        id: name(dish.id),
        ready: name(dish.ready),
        holdMax: Math.max(30, dish.holdMax ?? 0) * Math.ceil(dishes / 3),
      })),
    ),
  };
}

function costsOf(problem: Problem): number[] {
  const search = createSearch(problem);
  return LOOKS.map((work) => {
    while (!search.isDone && search.work < work) search.advance(work);
    const { delay, cost } = search.answer();
    return delay === 0 && cost !== null ? cost : Infinity;
  });
}

/** Prints how much dearer the plan is at each look than the best known, medians. */
export function benchLarge(generator: string, seed: number): void {
  console.log(
    `\nlarge days, seed ${seed}: dearer than the best known, after so many steps of work\n` +
      'kind'.padEnd(28) +
      LOOKS.map((w) => `${w / 1e6} M`.padStart(9)).join(''),
  );
  const families = [
    ...[9, 12, 16, 20, 30].flatMap((dishes) =>
      [1, 2, 3].map((hands) => ({ kind: 'dinner' as const, dishes, hands })),
    ),
    ...[20, 30, 60].map((dishes) => ({ kind: 'batchday' as const, dishes, hands: 2 })),
  ];
  for (const { kind, dishes, hands } of families) {
    const runs = Array.from({ length: EACH }, (_, i) =>
      costsOf(asOneDay(generator, kind, seed + 100 * i, dishes, hands)),
    );
    const dearer = LOOKS.map((_, look) => {
      const sorted = runs
        .map((costs) => (costs[look] ?? Infinity) / Math.min(...costs) - 1)
        .sort((a, b) => a - b);
      return sorted[sorted.length >> 1] ?? NaN;
    });
    console.log(
      `${kind} of ${dishes}, ${hands} cook${hands > 1 ? 's' : ''}`.padEnd(28) +
        dearer
          .map((d) => (Number.isFinite(d) ? `${(100 * d).toFixed(1)} %` : '–').padStart(9))
          .join(''),
    );
  }
}
