/**
 * A plan problem as a mixed-integer program with an order for each pair that excludes each other, in
 * the LP format: the usual way to give scheduling to a general solver, for comparison in the bench.
 * It knows what the generated kinds and plain evenings use: pots, tools of one, hands, links, windows,
 * blocks apart, work aside, hold limits.
 *
 * @source A. Manne, On the job-shop scheduling problem, Operations Research 8 (1960): big-M orders.
 */
import { valueFor, type Problem, type ProblemStep } from '$core/solve';

type Term = readonly [number, string];

interface Linear {
  terms: Term[];
  constant: number;
}

/** Rows, columns and the order of pairs, as they come up. */
class Program {
  readonly rows: string[] = [];
  readonly binaries = new Set<string>();

  /** left − right ≥ least, wherever all of `when` are 1. */
  after(left: Linear, right: Linear, least: number, when: readonly Term[], big: number): void {
    const terms = [...left.terms, ...right.terms.map(([c, v]): Term => [-c, v])];
    // Each condition (1 for v, or −1 for not v) that fails takes `big` off the right-hand side.
    let bound = least + right.constant - left.constant;
    for (const [sign, name] of when) {
      terms.push([sign > 0 ? -big : big, name]);
      if (sign > 0) bound -= big;
    }
    this.row(terms, '>=', bound);
  }

  row(terms: readonly Term[], sign: '>=' | '=', right: number): void {
    const merged = new Map<string, number>();
    for (const [c, v] of terms) merged.set(v, (merged.get(v) ?? 0) + c);
    const text = [...merged].map(([v, c]) => `${c < 0 ? '-' : '+'} ${Math.abs(c)} ${v}`).join(' ');
    if (text) this.rows.push(` r${this.rows.length}: ${text} ${sign} ${right}`);
  }

  binary(name: string): string {
    this.binaries.add(name);
    return name;
  }
}

const variable = (name: string): Linear => ({ terms: [[1, name]], constant: 0 });
const constant = (value: number): Linear => ({ terms: [], constant: value });

/**
 * The program for a fixed delay; its objective is the contract's cost.
 *
 * @throws where the problem has something this form does not cover
 */
export function toOrderMilp(problem: Problem, delay: number): string {
  if (problem.resources?.length || problem.away?.length)
    throw new Error('resources and absences are not covered');
  const program = new Program();
  // Moments count from the earliest, for columns are at least 0.
  const due = problem.serveAt + delay - problem.earliest;
  const big = due + problem.steps.reduce((sum, s) => sum + longest(s), 0);
  const blocks = problem.blocks ?? [];
  const slots = (problem.units ?? []).flatMap((unit) =>
    Array.from({ length: unit.capacity ?? 1 }, (_, k) => ({ unit: unit.id, slot: k })),
  );
  const taken = (block: number, slot: number): string => program.binary(`y${block}_${slot}`);
  const slotsOf = (block: number): number[] =>
    slots.flatMap((s, k) => (blocks[block]?.units.includes(s.unit) ? [k] : []));
  blocks.forEach((_, b) => {
    program.row(
      slotsOf(b).map((k): Term => [1, taken(b, k)]),
      '=',
      1,
    );
  });

  const objective: Term[] = [];
  /** Minutes by which `later` is more than `soft` after `earlier`: a column of its own, at its price. */
  const over = (later: Linear, earlier: Linear, soft: number, price = 1): void => {
    const name = `over${program.rows.length}`;
    const sum = { terms: [[1, name] as Term, ...earlier.terms], constant: earlier.constant };
    program.after(sum, later, -soft, [], big);
    objective.push([price, name]);
  };
  const start = (i: number): Linear => variable(`s${i}`);
  const end = (i: number): Linear => {
    const step = problem.steps[i] as ProblemStep;
    const block = blocks.findIndex((b) => b.id === step.block);
    if (typeof step.minutes === 'number') return { terms: [[1, `s${i}`]], constant: step.minutes };
    const minutes = slotsOf(block).map((k): Term => [
      valueFor(step.minutes, slots[k]?.unit) ?? big,
      taken(block, k),
    ]);
    return { terms: [[1, `s${i}`], ...minutes], constant: 0 };
  };

  problem.steps.forEach((step, i) => {
    const b = blocks.findIndex((x) => x.id === step.block);
    if (b >= 0) {
      program.after(start(i), variable(`S${b}`), 0, [], big);
      program.after(variable(`E${b}`), end(i), 0, [], big);
    }
    if (step.from != null)
      program.after(start(i), constant(step.from - problem.earliest), 0, [], big);
    if (step.by != null) program.after(constant(step.by - problem.earliest), end(i), 0, [], big);
    if (step.aside) return;
    program.after(start(i), variable('first'), 0, [], big);
    program.after(variable('last'), end(i), 0, [], big);
  });
  const index = new Map(problem.steps.map((s, i) => [s.id, i]));
  for (const link of problem.links ?? []) {
    const [from, to] = [index.get(link.from) ?? 0, index.get(link.to) ?? 0];
    program.after(start(to), end(from), link.min ?? 0, [], big);
    if (link.max != null) program.after(end(from), start(to), -link.max, [], big);
    if (link.soft != null) over(start(to), end(from), link.soft, link.overCost);
  }

  blocks.forEach((a, i) =>
    blocks.slice(i + 1).forEach((b, rest) => {
      const j = i + 1 + rest;
      const order = `o${i}_${j}`;
      const shared = slotsOf(i).filter((k) => slotsOf(j).includes(k));
      const single = (id: string): boolean =>
        (problem.tools?.find((t) => t.id === id)?.count ?? 1) === 1;
      const tool = (a.tools ?? []).some((id) => (b.tools ?? []).includes(id) && single(id));
      const conditions = shared.map((k): Term[] => [
        [1, taken(i, k)],
        [1, taken(j, k)],
      ]);
      const isApart = (problem.apart ?? []).some((p) => p.includes(a.id) && p.includes(b.id));
      if (conditions.length > 0 || tool || isApart) program.binary(order);
      for (const both of conditions) {
        const turn = [a.turnaround ?? 0, b.turnaround ?? 0] as const;
        program.after(variable(`S${j}`), variable(`E${i}`), turn[0], [...both, [1, order]], big);
        program.after(variable(`S${i}`), variable(`E${j}`), turn[1], [...both, [-1, order]], big);
      }
      if (tool || isApart) {
        program.after(variable(`S${j}`), variable(`E${i}`), 0, [[1, order]], big);
        program.after(variable(`S${i}`), variable(`E${j}`), 0, [[-1, order]], big);
      }
    }),
  );

  const handed = problem.steps.flatMap((s, i) => (s.hands ? [i] : []));
  const cooks = Array.from({ length: problem.hands ?? 0 }, (_, k) => k);
  const cook = (i: number, k: number): string => program.binary(`c${i}_${k}`);
  for (const i of handed)
    program.row(
      cooks.map((k): Term => [1, cook(i, k)]),
      '=',
      1,
    );
  handed.forEach((i, at) => {
    for (const j of handed.slice(at + 1)) {
      const order = program.binary(`h${i}_${j}`);
      for (const k of cooks) {
        const both: Term[] = [
          [1, cook(i, k)],
          [1, cook(j, k)],
        ];
        program.after(start(j), end(i), 0, [...both, [1, order]], big);
        program.after(start(i), end(j), 0, [...both, [-1, order]], big);
      }
    }
  });

  let fixed = 0;
  for (const dish of problem.dishes ?? []) {
    const ready = end(index.get(dish.ready) ?? 0);
    const at = (dish.dueAt ?? problem.serveAt) + delay - problem.earliest;
    program.after(constant(at), ready, 0, [], big);
    if (dish.holdMax != null) program.after(ready, constant(at), -dish.holdMax, [], big);
    if (dish.holdSoft != null) over(constant(at), ready, dish.holdSoft, dish.overCost);
    const weight = dish.holdCost ?? 1;
    if (weight === 0) continue;
    fixed += weight * (at - ready.constant);
    objective.push(...ready.terms.map(([c, v]): Term => [-weight * c, v]));
  }
  const span = problem.spanCost ?? 1;
  program.after(variable('last'), constant(due), 0, [], big);
  objective.push([span, 'last'], [-span, 'first'], [fixed, 'one']);
  program.row([[1, 'one']], '=', 1);
  const merged = new Map<string, number>();
  for (const [c, v] of objective) merged.set(v, (merged.get(v) ?? 0) + c);
  const goal = [...merged].map(([v, c]) => `${c < 0 ? '-' : '+'} ${Math.abs(c)} ${v}`).join(' ');
  return `Minimize\n obj: ${goal}\nSubject To\n${program.rows.join('\n')}\nBinary\n ${[...program.binaries].join('\n ')}\nEnd\n`;
}

function longest(step: ProblemStep): number {
  return typeof step.minutes === 'number' ? step.minutes : Math.max(...Object.values(step.minutes));
}
