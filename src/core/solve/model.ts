/**
 * A plan problem written as variables and rules for the engine.
 *
 * Variables: a start for each step (and an end where its length depends on the unit), a yes/no for
 * each unit a block may take, a yes/no for each pair that cannot run at the same time, the delay,
 * and the first start and last end for the cost. Rules: see the methods, one for each part of the
 * contract.
 */
import { Choices } from './choices';
import type { Engine } from './engine';
import type { Bound } from './integers';
import { Exclusions, type Claim } from './exclusion';
import { horizonOf } from './horizon';
import { leastSpan } from './least-span';
import { leastWaits } from './least-waits';
import { LinearLimit, mergeTerms, type WeightedTerm } from './linear';
import { moveCostOf, type SearchWishes } from './wishes';
import { addAfter, type Term } from './term';
import { valueFor, type Problem, type ProblemBlock, type ProblemStep } from './problem';

interface StepVariables {
  start: Bound;
  end: Term;
  /** Least minutes over the units still open at the outset. */
  least: number;
}

interface BlockVariables {
  /** One yes/no for each unit it may take, in the block's order. */
  choices: { unit: string; chosen: Bound; minutes: number }[];
  start: Term;
  end: Term;
  /** Yes/no: it holds anything at all; null where it always does. */
  holds: Bound | null;
}

export class Model {
  readonly delay: Bound;
  readonly choices: Choices;
  readonly steps: StepVariables[] = [];
  readonly blocks: BlockVariables[] = [];
  /** The cost of a schedule, at its lower value. */
  readonly cost: Bound;
  /** Least at its lower value: the last end counted. */
  readonly lastEnd: Bound;
  /** By start: what the cook has been told, or a plan that is known has. */
  readonly toldStarts = new Map<Bound, number>();
  /** Step starts that want to be late, and bounds that want to be low. */
  readonly late: Bound[] = [];
  readonly early: Bound[] = [];

  private readonly zero: Bound;
  private readonly exclusions: Exclusions;
  private readonly stepIndex: Map<string, number>;
  private readonly blockIndex: Map<string, number>;

  constructor(
    readonly problem: Problem,
    private readonly engine: Engine,
    private readonly wishes: Pick<SearchWishes, 'told' | 'known' | 'moveCosts' | 'mostDelay'> = {},
  ) {
    this.stepIndex = new Map(problem.steps.map((s, i) => [s.id, i]));
    this.blockIndex = new Map((problem.blocks ?? []).map((b, i) => [b.id, i]));
    const horizon = horizonOf(problem);
    this.zero = engine.ints.add(0, 0);
    this.choices = new Choices(engine);
    this.exclusions = new Exclusions(engine, this.choices, this.zero);
    const firstDue = Math.min(
      problem.serveAt,
      ...(problem.dishes ?? []).map((d) => d.dueAt ?? problem.serveAt),
    );
    const mostDelay = Math.min(Math.max(0, horizon - firstDue), wishes.mostDelay ?? Infinity);
    this.delay = engine.ints.add(0, mostDelay);
    (problem.blocks ?? []).forEach((block) => this.addUnitChoice(block));
    problem.steps.forEach((step) => this.addStep(step, horizon));
    (problem.blocks ?? []).forEach((block, i) => this.addStay(block, i));
    this.addLinks();
    this.addUnits();
    this.addTools();
    this.addResources();
    this.addHands();
    this.addApart();
    const [cost, lastEnd] = this.addDishesAndCost(horizon);
    this.cost = cost;
    this.lastEnd = lastEnd;
    this.sortDirections();
  }

  private stepsOf(blockId: string): number[] {
    return this.problem.steps.flatMap((s, i) => (s.block === blockId ? [i] : []));
  }

  /** A block takes exactly one of the units that exist and that every one of its steps can use. */
  private addUnitChoice(block: ProblemBlock): void {
    const known = new Set((this.problem.units ?? []).map((u) => u.id));
    const own = this.problem.steps.filter((s) => s.block === block.id);
    const open = [...new Set(block.units)].filter(
      (unit) => known.has(unit) && own.every((s) => valueFor(s.minutes, unit) !== undefined),
    );
    const choices = open.map((unit) => ({
      unit,
      chosen:
        open.length === 1
          ? this.one()
          : this.choices.yesNo({ steps: this.stepsOf(block.id), stay: { block: block.id, unit } }),
      minutes: own.reduce((sum, s) => sum + (valueFor(s.minutes, unit) ?? 0), 0),
    }));
    if (open.length === 0) this.engine.refuted = true;
    if (open.length > 1) {
      this.engine.addClause(choices.flatMap((c) => [c.chosen, 1]));
      choices.forEach((a, i) =>
        choices
          .slice(i + 1)
          .forEach((b) => this.engine.addClause([a.chosen ^ 1, 0, b.chosen ^ 1, 0])),
      );
    }
    const blank = { bound: this.zero, offset: 0 };
    this.blocks.push({ choices, start: blank, end: blank, holds: null });
  }

  private one(): Bound {
    return this.engine.ints.add(1, 1);
  }

  private blockOf(step: ProblemStep): BlockVariables | undefined {
    return step.block == null ? undefined : this.blocks[this.blockIndex.get(step.block) ?? -1];
  }

  /** Start and end of a step within its window; an end of its own where its length may vary. */
  private addStep(step: ProblemStep, horizon: number): void {
    const { ints, differences } = this.engine;
    const choices = this.blockOf(step)?.choices;
    const lengths = (choices ?? []).map((c) => valueFor(step.minutes, c.unit) as number);
    if (lengths.length === 0) lengths.push(typeof step.minutes === 'number' ? step.minutes : 0);
    const least = Math.min(...lengths);
    const most = Math.max(...lengths);
    const low = Math.max(this.problem.earliest, step.from ?? -Infinity);
    const high = Math.min(horizon, step.by ?? Infinity);
    if (low + least > high) {
      this.engine.refuted = true;
      this.steps.push({ start: this.zero, end: { bound: this.zero, offset: 0 }, least });
      return;
    }
    const start = ints.add(low, high - least);
    if (least === most) {
      this.steps.push({ start, end: { bound: start, offset: least }, least });
      return;
    }
    const end = ints.add(low + least, high);
    differences.add(start, end, least);
    differences.add(end, start, -most);
    choices?.forEach((choice, i) => {
      differences.add(start, end, lengths[i] as number, [choice.chosen]);
      differences.add(end, start, -(lengths[i] as number), [choice.chosen]);
    });
    this.early.push(end);
    this.steps.push({ start, end: { bound: end, offset: 0 }, least });
  }

  private startOf(i: number): Term {
    return { bound: (this.steps[i] as StepVariables).start, offset: 0 };
  }

  private endOf(i: number): Term {
    return (this.steps[i] as StepVariables).end;
  }

  /**
   * The span a block holds its unit. A step that all others follow is its first; otherwise the span
   * has a start of its own at or before every step (and an end at or after every one).
   */
  private addStay(block: ProblemBlock, i: number): void {
    const variables = this.blocks[i] as BlockVariables;
    const own = this.stepsOf(block.id);
    const heads = own.filter((at) => !this.hasOwnNeighbour(own, at, 'before'));
    const tails = own.filter((at) => !this.hasOwnNeighbour(own, at, 'after'));
    const { ints } = this.engine;
    if (heads.length === 1) variables.start = this.startOf(heads[0] as number);
    else {
      const bound = ints.add(
        Math.min(...own.map((at) => ints.at(this.startOf(at).bound))),
        Math.max(...own.map((at) => ints.upper(this.startOf(at).bound))),
      );
      variables.start = { bound, offset: 0 };
      for (const at of own) addAfter(this.engine.differences, variables.start, this.startOf(at), 0);
      this.late.push(bound);
    }
    if (tails.length === 1) variables.end = this.endOf(tails[0] as number);
    else {
      const ends = own.map((at) => this.endOf(at));
      const bound = ints.add(
        Math.min(...ends.map((t) => ints.at(t.bound) + t.offset)),
        Math.max(...ends.map((t) => ints.upper(t.bound) + t.offset)),
      );
      variables.end = { bound, offset: 0 };
      for (const end of ends) addAfter(this.engine.differences, end, variables.end, 0);
      this.early.push(bound);
    }
    if (own.every((at) => (this.steps[at] as StepVariables).least === 0)) {
      const holds = this.choices.yesNo({ steps: own });
      variables.holds = holds;
      // Holding nothing means that everything in it happens in one moment.
      const nothing = this.choices.opposite(holds);
      addAfter(this.engine.differences, variables.end, variables.start, 0, [nothing]);
    }
  }

  /** Whether a link from (or to) another step of the same block keeps this one from an edge. */
  private hasOwnNeighbour(own: readonly number[], at: number, side: 'before' | 'after'): boolean {
    const step = this.problem.steps[at] as ProblemStep;
    return (this.problem.links ?? []).some((link) => {
      if ((side === 'before' ? link.to : link.from) !== step.id) return false;
      const other = this.stepIndex.get(side === 'before' ? link.from : link.to) ?? -1;
      return other !== at && own.includes(other) && (link.min ?? 0) >= 0;
    });
  }

  private addLinks(): void {
    for (const link of this.problem.links ?? []) {
      const from = this.endOf(this.stepIndex.get(link.from) ?? 0);
      const to = this.startOf(this.stepIndex.get(link.to) ?? 0);
      addAfter(this.engine.differences, from, to, link.min ?? 0);
      if (link.max != null) addAfter(this.engine.differences, to, from, -link.max);
    }
  }

  private presence(i: number, chosen?: Bound): Bound[] {
    const { holds } = this.blocks[i] as BlockVariables;
    return [chosen, holds].filter((b): b is Bound => b != null);
  }

  private addUnits(): void {
    for (const unit of this.problem.units ?? []) {
      const claims: Claim[] = [];
      (this.problem.blocks ?? []).forEach((block, i) => {
        const { choices, start, end } = this.blocks[i] as BlockVariables;
        const choice = choices.find((c) => c.unit === unit.id);
        if (!choice) return;
        const present = this.presence(i, choices.length === 1 ? undefined : choice.chosen);
        const freed = { bound: end.bound, offset: end.offset + (block.turnaround ?? 0) };
        claims.push({
          key: `block ${i}`,
          steps: this.stepsOf(block.id),
          task: { start, end: freed, demand: 1, present },
        });
      });
      for (const [i, span] of (unit.busy ?? []).entries())
        claims.push(this.exclusions.fixedClaim(`busy ${unit.id} ${i}`, span.from, span.to, 1));
      this.exclusions.limit(claims, unit.capacity ?? 1);
    }
  }

  private addTools(): void {
    for (const tool of this.problem.tools ?? []) {
      const claims: Claim[] = [];
      (this.problem.blocks ?? []).forEach((block, i) => {
        const demand = (block.tools ?? []).filter((id) => id === tool.id).length;
        if (demand === 0) return;
        const { start, end } = this.blocks[i] as BlockVariables;
        claims.push({
          key: `block ${i}`,
          steps: this.stepsOf(block.id),
          task: { start, end, demand, present: this.presence(i) },
        });
      });
      this.exclusions.limit(claims, tool.count);
    }
  }

  /** One claim for each amount a step may take; several where that depends on the unit. */
  private stepClaims(i: number, amount: (unit: string | undefined) => number): Claim[] {
    const step = this.problem.steps[i] as ProblemStep;
    const { start, end } = this.steps[i] as StepVariables;
    const choices = this.blockOf(step)?.choices ?? [];
    const options = choices.length
      ? choices.map((c) => ({
          demand: (valueFor(step.minutes, c.unit) ?? 0) > 0 ? amount(c.unit) : 0,
          present: [c.chosen],
        }))
      : [{ demand: step.minutes === 0 ? 0 : amount(undefined), present: [] as Bound[] }];
    const same = options.every((o) => o.demand === options[0]?.demand);
    return (same ? options.slice(0, 1).map((o) => ({ ...o, present: [] })) : options)
      .filter((o) => o.demand > 0)
      .map((option) => ({
        key: `step ${i}`,
        steps: [i],
        task: { start: { bound: start, offset: 0 }, end, ...option },
      }));
  }

  private addResources(): void {
    for (const resource of this.problem.resources ?? []) {
      const claims = this.problem.steps.flatMap((step, i) => {
        const uses = step.uses?.[resource.id];
        return uses === undefined ? [] : this.stepClaims(i, (unit) => valueFor(uses, unit) ?? 0);
      });
      this.exclusions.limit(claims, resource.capacity);
    }
  }

  private addHands(): void {
    const claims = this.problem.steps.flatMap((step, i) =>
      step.hands ? this.stepClaims(i, () => step.hands ?? 0) : [],
    );
    for (const [i, span] of (this.problem.away ?? []).entries())
      claims.push(this.exclusions.fixedClaim(`away ${i}`, span.from, span.to, span.hands));
    this.exclusions.limit(claims, this.problem.hands ?? 0);
  }

  /** Strict even for a stay of no length: it is not put into the middle of the other. */
  private addApart(): void {
    for (const [a, b] of this.problem.apart ?? []) {
      const pair = [a, b].map((id) => {
        const i = this.blockIndex.get(id) ?? -1;
        const { start, end } = this.blocks[i] as BlockVariables;
        return {
          key: `block ${i}`,
          steps: this.stepsOf(id),
          task: { start, end, demand: 1, present: [] },
        };
      });
      if (a === b) continue;
      this.exclusions.limit(pair, 1);
    }
  }

  /** Due times, hold limits and the cost of a schedule. */
  private addDishesAndCost(horizon: number): [Bound, Bound] {
    const { ints } = this.engine;
    const { problem } = this;
    const terms: WeightedTerm[] = [];
    let constant = 0;
    let delayWeight = 0;
    for (const dish of problem.dishes ?? []) {
      const ready = this.endOf(this.stepIndex.get(dish.ready) ?? 0);
      const due = { bound: this.delay, offset: dish.dueAt ?? problem.serveAt };
      addAfter(this.engine.differences, ready, due, 0);
      if (dish.holdMax != null) addAfter(this.engine.differences, due, ready, -dish.holdMax);
      if (dish.holdSoft != null)
        terms.push(...this.addOver(ready, due, dish.holdSoft, dish.overCost, horizon));
      const weight = dish.holdCost ?? 1;
      if (weight === 0) continue;
      terms.push({ bound: ready.bound ^ 1, weight });
      constant += weight * (due.offset - ready.offset);
      delayWeight += weight;
    }
    const counted = problem.steps.flatMap((s, i) => (s.aside ? [] : [i]));
    const lastEnd = ints.add(Math.min(problem.earliest, problem.serveAt), horizon);
    addAfter(
      this.engine.differences,
      { bound: this.delay, offset: problem.serveAt },
      { bound: lastEnd, offset: 0 },
      0,
    );
    const firstStart = ints.add(Math.min(problem.earliest, problem.serveAt), horizon);
    for (const i of counted) {
      addAfter(this.engine.differences, this.endOf(i), { bound: lastEnd, offset: 0 }, 0);
      addAfter(this.engine.differences, { bound: firstStart, offset: 0 }, this.startOf(i), 0);
    }
    if (counted.length === 0)
      addAfter(
        this.engine.differences,
        { bound: firstStart, offset: 0 },
        { bound: this.delay, offset: problem.serveAt },
        0,
      );
    const span = problem.spanCost ?? 1;
    if (span > 0) {
      terms.push({ bound: lastEnd, weight: span }, { bound: firstStart ^ 1, weight: span });
      this.late.push(firstStart);
    }
    if (delayWeight > 0) terms.push({ bound: this.delay, weight: delayWeight });
    terms.push(...this.addMoving(horizon), ...this.addSoftLags(horizon));
    // What sums alone say is known from the start; as rules of their own they only led the search astray.
    const least = (span > 0 ? span * leastSpan(problem) : 0) + leastWaits(problem);
    const cost = ints.add(least, Number.MAX_SAFE_INTEGER);
    terms.push({ bound: cost ^ 1, weight: 1 });
    this.engine.addPropagator(new LinearLimit(ints, mergeTerms(terms), 0 - constant));
    return [cost, lastEnd];
  }

  private addSoftLags(horizon: number): WeightedTerm[] {
    return (this.problem.links ?? []).flatMap((link) => {
      if (link.soft == null) return [];
      const from = this.endOf(this.stepIndex.get(link.from) ?? 0);
      const to = this.startOf(this.stepIndex.get(link.to) ?? 0);
      return this.addOver(from, to, link.soft, link.overCost, horizon);
    });
  }

  /** Minutes by which `to` lies more than `soft` after `from`, with what each of them costs. */
  private addOver(from: Term, to: Term, soft: number, weight = 1, horizon: number): WeightedTerm[] {
    if (weight === 0) return [];
    const { ints } = this.engine;
    const over = ints.add(0, Math.max(0, 2 * (horizon - this.problem.earliest) - soft));
    // to − from − over ≤ soft
    this.engine.addPropagator(
      new LinearLimit(
        ints,
        mergeTerms([
          { bound: to.bound, weight: 1 },
          { bound: from.bound ^ 1, weight: 1 },
          { bound: over ^ 1, weight: 1 },
        ]),
        soft + from.offset - to.offset,
      ),
    );
    this.early.push(over);
    return [{ bound: over, weight }];
  }

  /** Minutes by which each start lies before or after what the cook was told. */
  private addMoving(horizon: number): WeightedTerm[] {
    const { told, known, moveCosts } = this.wishes;
    if (known)
      this.problem.steps.forEach(({ id }, i) => {
        const start = known.starts.get(id);
        if (start !== undefined) this.toldStarts.set(this.startOf(i).bound, start);
      });
    if (!told || !moveCosts) return [];
    return this.problem.steps.flatMap((step, i) => {
      const start = told.starts.get(step.id);
      if (start === undefined) return [];
      this.toldStarts.set(this.startOf(i).bound, start);
      const range = horizon - this.problem.earliest + Math.abs(start);
      const price = moveCostOf(moveCosts, start, step.hands ?? 0);
      const isMoved = price.once > 0 ? this.engine.ints.add(0, 1) : null;
      if (isMoved !== null) this.early.push(isMoved);
      const minutes = [1, -1].map((side): WeightedTerm => {
        const moved = this.engine.ints.add(0, range);
        // moved ≥ start − told, and moved ≥ told − start, each as a difference of two variables.
        const now = this.startOf(i);
        if (side > 0) this.engine.differences.add(now.bound, moved, -start);
        else this.engine.differences.add(now.bound ^ 1, moved, start);
        this.early.push(moved);
        if (isMoved !== null) this.engine.addClause([moved ^ 1, 0, isMoved, 1]);
        return { bound: moved, weight: price.minute };
      });
      return isMoved === null ? minutes : [...minutes, { bound: isMoved, weight: price.once }];
    });
  }

  /** Steps on the way to a dish start as late as they can; what comes after, as early. */
  private sortDirections(): void {
    const before = new Map<string, string[]>();
    for (const link of this.problem.links ?? [])
      before.set(link.to, [...(before.get(link.to) ?? []), link.from]);
    const leading = new Set<string>();
    const queue = (this.problem.dishes ?? []).map((d) => d.ready);
    for (let id = queue.pop(); id !== undefined; id = queue.pop()) {
      if (leading.has(id)) continue;
      leading.add(id);
      queue.push(...(before.get(id) ?? []));
    }
    this.problem.steps.forEach((step, i) => {
      const { start } = this.steps[i] as StepVariables;
      if (leading.has(step.id)) this.late.push(start);
      else this.early.push(start);
    });
    this.early.push(this.lastEnd, this.delay, this.cost);
  }
}
