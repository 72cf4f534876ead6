/**
 * A plan problem as a time-indexed mixed-integer program in the LP format: another model by another
 * method for another solver, for comparison in tests. Steps must have a length.
 *
 * @source time-indexed formulation: J. Sousa, L. Wolsey, Mathematical Programming 54 (1992)
 */
import { valueFor, type Problem } from '$core/solve';

interface Column {
  name: string;
  step: number;
  /** Unit of its block; '' where it needs none. */
  unit: string;
  start: number;
  minutes: number;
}

type Term = readonly [number, string];

const sum = (terms: readonly Term[]): string =>
  terms.map(([c, v]) => `${c < 0 ? '-' : '+'} ${Math.abs(c)} ${v}`).join(' ');

/** The program for one fixed delay; moments run from the problem's earliest up to `end`. */
export function toMilp(problem: Problem, delay: number, end: number): string {
  const rows: string[] = [];
  const binaries: string[] = [];
  const row = (terms: readonly Term[], sign: '<=' | '>=' | '=', right: number): void => {
    if (terms.length > 0) rows.push(` r${rows.length}: ${sum(terms)} ${sign} ${right}`);
    else if ((sign === '>=' && right > 0) || (sign === '=' && right !== 0))
      rows.push(` r${rows.length}: zero >= 1`);
  };
  const columns = columnsOf(problem, end);
  binaries.push(...columns.map((c) => c.name));
  const of = (step: number): Column[] => columns.filter((c) => c.step === step);
  const startTerms = (i: number, sign = 1): Term[] => of(i).map((c) => [sign * c.start, c.name]);
  const endTerms = (i: number, sign = 1): Term[] =>
    of(i).map((c) => [sign * (c.start + c.minutes), c.name]);
  const index = new Map(problem.steps.map((s, i) => [s.id, i]));
  const known = new Set((problem.units ?? []).map((u) => u.id));
  const moments = Array.from({ length: end - problem.earliest }, (_, k) => problem.earliest + k);

  problem.steps.forEach((_, i) =>
    row(
      of(i).map((c): Term => [1, c.name]),
      '=',
      1,
    ),
  );
  for (const link of problem.links ?? []) {
    const [from, to] = [index.get(link.from) ?? 0, index.get(link.to) ?? 0];
    const lag = [...startTerms(to), ...endTerms(from, -1)];
    row(lag, '>=', link.min ?? 0);
    if (link.max != null) row(lag, '<=', link.max);
  }

  const stays = (problem.blocks ?? []).map((block, b) => {
    const own = problem.steps.flatMap((s, i) => (s.block === block.id ? [i] : []));
    const units = block.units.filter((u) => known.has(u));
    const chosen = new Map(units.map((u) => [u, `y${b}_${u}`]));
    binaries.push(...chosen.values());
    row(
      [...chosen.values()].map((v): Term => [1, v]),
      '=',
      1,
    );
    for (const i of own)
      for (const [unit, y] of chosen)
        row(
          [
            ...of(i)
              .filter((c) => c.unit === unit)
              .map((c): Term => [1, c.name]),
            [-1, y],
          ],
          '=',
          0,
        );
    return { block, b, own, units };
  });
  /** Held at a moment: something in it has started, and something (or its turnaround) has not ended. */
  const held = (
    stay: (typeof stays)[number],
    unit: string | null,
    at: number,
    turnaround: number,
  ): string => {
    const name = `o${stay.b}_${unit ?? 'any'}_${turnaround}_${at - problem.earliest}`;
    if (binaries.includes(name)) return name;
    binaries.push(name);
    const here = (c: Column): boolean => unit === null || c.unit === unit;
    for (const i of stay.own)
      for (const j of stay.own) {
        const started = of(i).filter((c) => here(c) && c.start <= at);
        const lasting = of(j).filter((c) => here(c) && c.start + c.minutes + turnaround > at);
        const terms = new Map<string, number>([[name, -1]]);
        for (const c of [...started, ...lasting]) terms.set(c.name, (terms.get(c.name) ?? 0) + 1);
        row(
          [...terms].map(([v, k]): Term => [k, v]),
          '<=',
          1,
        );
      }
    return name;
  };
  for (const at of moments) {
    for (const unit of problem.units ?? []) {
      const taken = (unit.busy ?? []).filter((x) => x.from <= at && at < x.to).length;
      const users = stays.filter((s) => s.units.includes(unit.id));
      row(
        users.map((s): Term => [1, held(s, unit.id, at, s.block.turnaround ?? 0)]),
        '<=',
        Math.max(0, (unit.capacity ?? 1) - taken),
      );
    }
    for (const tool of problem.tools ?? []) {
      const users = stays.map(
        (s) => [s, (s.block.tools ?? []).filter((t) => t === tool.id).length] as const,
      );
      row(
        users.filter(([, n]) => n > 0).map(([s, n]): Term => [n, held(s, null, at, 0)]),
        '<=',
        tool.count,
      );
    }
    for (const [a, b] of problem.apart ?? []) {
      const pair = stays.filter((s) => s.block.id === a || s.block.id === b);
      row(
        pair.map((s): Term => [1, held(s, null, at, 0)]),
        '<=',
        1,
      );
    }
    const running = columns.filter((c) => c.start <= at && at < c.start + c.minutes);
    const away = (problem.away ?? []).reduce(
      (n, x) => n + (x.from <= at && at < x.to ? x.hands : 0),
      0,
    );
    row(
      running.flatMap((c): Term[] =>
        problem.steps[c.step]?.hands ? [[problem.steps[c.step]?.hands ?? 0, c.name]] : [],
      ),
      '<=',
      Math.max(0, (problem.hands ?? 0) - away),
    );
    for (const resource of problem.resources ?? [])
      row(
        running.flatMap((c): Term[] => {
          const amount =
            valueFor(problem.steps[c.step]?.uses?.[resource.id] ?? 0, c.unit || undefined) ?? 0;
          return amount > 0 ? [[amount, c.name]] : [];
        }),
        '<=',
        resource.capacity,
      );
  }

  const served = problem.serveAt + delay;
  const objective: Term[] = [];
  let constant = 0;
  for (const dish of problem.dishes ?? []) {
    const ready = index.get(dish.ready) ?? 0;
    const due = (dish.dueAt ?? problem.serveAt) + delay;
    row(endTerms(ready), '<=', due);
    if (dish.holdMax != null) row(endTerms(ready), '>=', due - dish.holdMax);
    if (dish.holdSoft != null) {
      row([[1, `kept_${dish.id}`], ...endTerms(ready)], '>=', due - dish.holdSoft);
      objective.push([dish.overCost ?? 1, `kept_${dish.id}`]);
    }
    constant += (dish.holdCost ?? 1) * due;
    objective.push(...endTerms(ready, -(dish.holdCost ?? 1)));
  }
  for (const [at, link] of (problem.links ?? []).entries()) {
    if (link.soft == null) continue;
    const [from, to] = [index.get(link.from) ?? 0, index.get(link.to) ?? 0];
    row([[1, `lag_${at}`], ...startTerms(to, -1), ...endTerms(from)], '>=', -link.soft);
    objective.push([link.overCost ?? 1, `lag_${at}`]);
  }
  const span = problem.spanCost ?? 1;
  const counted = problem.steps.flatMap((s, i) => (s.aside ? [] : [i]));
  row([[1, 'last']], '>=', served);
  if (counted.length === 0) row([[1, 'first']], '<=', served);
  for (const i of counted) {
    row([[1, 'last'], ...endTerms(i, -1)], '>=', 0);
    row([[1, 'first'], ...startTerms(i, -1)], '<=', 0);
  }
  const merged = new Map<string, number>([
    ['last', span],
    ['first', -span],
    ['one', constant],
  ]);
  for (const [c, v] of objective) merged.set(v, (merged.get(v) ?? 0) + c);
  return [
    'Minimize',
    ` cost: ${sum([...merged].map(([v, c]): Term => [c, v]))}`,
    'Subject To',
    ...rows,
    'Bounds',
    ' one = 1',
    ' zero = 0',
    ' last free',
    ' first free',
    'Binaries',
    ` ${binaries.join(' ')}`,
    'End',
  ].join('\n');
}

function columnsOf(problem: Problem, end: number): Column[] {
  const known = new Set((problem.units ?? []).map((u) => u.id));
  return problem.steps.flatMap((step, i) => {
    const block = problem.blocks?.find((b) => b.id === step.block);
    const units = block ? block.units.filter((u) => known.has(u)) : [''];
    return units.flatMap((unit): Column[] => {
      const minutes = valueFor(step.minutes, unit || undefined);
      if (minutes === undefined) return [];
      const first = Math.max(problem.earliest, step.from ?? -Infinity);
      const last = Math.min(end, step.by ?? Infinity) - minutes;
      return Array.from({ length: Math.max(0, last - first + 1) }, (_, k) => ({
        name: `x${i}_${unit || 'n'}_${first + k - problem.earliest}`,
        step: i,
        unit,
        start: first + k,
        minutes,
      }));
    });
  });
}
