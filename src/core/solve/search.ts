/**
 * The search: first the least delay, then the least cost, with restarts, learned clauses and the
 * best schedule found as a guide. It can be advanced bit by bit and asked for its answer any time.
 */
import { ChoiceHeap } from './choice-heap';
import { hasPositiveCycle } from './cycles';
import { Engine } from './engine';
import { Filling } from './filling';
import { assumptionsOf, hintsFrom } from './hints';
import type { Bound } from './integers';
import { ListTurns } from './list-turns';
import { luby } from './luby';
import { Model } from './model';
import { Neighbourhoods } from './neighbourhood';
import { PartialSchedule } from './partial-schedule';
import type { Problem } from './problem';
import { movingCost, type Known, type SearchWishes } from './wishes';
import { toTimetable, type Assignment, type Schedule, type Timetable } from './schedule';

/** Conflicts before the first restart; later ones follow Luby's sequence times this. */
const RESTART_UNIT = 64;
/** Conflicts that the first filling may have; then it is tried dish by dish. */
const FIRST_FILL = 16;
/** Work of one turn of the whole, once a plan is known; longer ones follow Luby’s sequence. */
const TURN_WORK = 150_000;
/** Work before parts of the best plan are tried; small problems are proved by then. */
const PARTS_FROM = 25_000;
/** Conflicts that one part is worth. */
const PART_CONFLICTS = 40;
/** Share of the work that stays with the search of the whole: it proves, and learns from far off. */
const WHOLE_SHARE = 0.25;

/** A schedule without the time it took, which is the caller's to measure. */
export type SearchResult = Omit<Schedule, 'milliseconds'>;

type Objective = 'delay' | 'cost' | 'done';

interface Best {
  assignment: Assignment;
  timetable: Timetable;
  /** Its cost with what moving costs, if that counts. */
  total: number;
  /** Value of each yes/no choice in it. */
  choices: Map<Bound, number>;
}

export class Search {
  private readonly engine: Engine;
  private readonly model: Model;
  private readonly heap: ChoiceHeap;
  private stage: Objective = 'delay';
  private best: Best | null = null;
  /** No schedule at all, proved. */
  private impossible = false;
  private restarts = 0;
  private conflictsLeft = FIRST_FILL;
  /** Choices taken from the heap since the last conflict. */
  private readonly taken: Bound[] = [];
  private readonly neighbourhoods: Neighbourhoods;
  private readonly filling: Filling;
  /** The part of the best plan that is searched; null for the whole. */
  private part: PartialSchedule | null = null;
  private readonly lists: ListTurns;
  /** What is tried before anything else: a plan that is known. */
  private readonly tries: PartialSchedule[] = [];
  private wholeWork = 0;
  private workAtRestart = 0;
  /** What the cook was told, as values of choices: where the first plan starts from. */
  private readonly hints: ReadonlyMap<Bound, number>;
  private readonly handsOf: ReadonlyMap<string, number>;

  constructor(
    readonly problem: Problem,
    private readonly wishes: SearchWishes = {},
  ) {
    // The heap exists only once the model has made its choices; conflicts come later still.
    let heap: ChoiceHeap | null = null;
    this.engine = new Engine((bound) => heap?.bump(bound));
    this.model = new Model(problem, this.engine, wishes);
    this.neighbourhoods = new Neighbourhoods(this.model);
    this.filling = new Filling(this.engine, this.model);
    this.hints = hintsFrom(this.model, wishes);
    this.lists = new ListTurns(problem, wishes);
    if (this.lists.isDue(0, false)) this.conflictsLeft = 0;
    this.handsOf = new Map(problem.steps.map((s) => [s.id, s.hands ?? 0]));
    heap = new ChoiceHeap(this.model.choices.bounds);
    this.heap = heap;
    const { differences, ints } = this.engine;
    const isHopeless = this.engine.refuted || hasPositiveCycle(differences, ints.lower.length);
    if (isHopeless || !this.settleRoot()) this.finishRefuted();
    else if (wishes.known) this.follow(wishes.known);
  }

  /**
   * A plan is tried to the minute, then with its units and orders as they are liked, then with its units alone, filled as
   * near to its moments as that goes.
   */
  private follow(plan: Known): void {
    const units = assumptionsOf(this.model, { ...plan, starts: new Map() });
    const asLate = { bound: this.model.delay ^ 1, threshold: 0 - plan.delay };
    this.tries.push(
      this.toFollow(plan),
      new PartialSchedule([asLate], PART_CONFLICTS, true),
      new PartialSchedule(units, PART_CONFLICTS),
    );
    this.conflictsLeft = 0;
  }

  get isDone(): boolean {
    return this.stage === 'done';
  }

  get hasSchedule(): boolean {
    return this.best !== null;
  }

  get isImpossible(): boolean {
    return this.impossible;
  }

  /** Work done so far, in the engine's own steps. */
  get work(): number {
    return this.engine.work + this.lists.work;
  }

  /**
   * Searches on until `until` steps of work have been done in all, a better schedule was found, or
   * nothing is left to do.
   *
   * @returns true where a better schedule was found
   */
  advance(until: number): boolean {
    while (this.stage !== 'done' && this.work < until) {
      if (this.engine.ints.level === 0 && this.isDelayProved()) this.startCostStage();
      if (this.isDone) return false;
      if (!this.engine.propagate()) {
        this.onConflict();
        continue;
      }
      if (this.conflictsLeft <= 0 || this.isLongEnough()) {
        if (this.part) {
          this.neighbourhoods.learnFrom('given-up');
          this.endPart();
        }
        this.restart();
        continue;
      }
      const standing = this.part?.assume(this.engine) ?? 'held';
      if (standing === 'broken') {
        this.neighbourhoods.learnFrom('exhausted');
        this.endPart();
      }
      if (standing !== 'held') continue;
      if (!this.decide()) {
        this.onSolution();
        return true;
      }
    }
    return false;
  }

  /** The answer as it stands, with bounds that are true whenever it is asked. */
  answer(): SearchResult {
    const format = 'olive-clock/schedule@1' as const;
    const nothing = { steps: [], blocks: [], dishes: [], conflict: [] };
    if (this.impossible || !this.best)
      return {
        format,
        status: this.impossible ? 'impossible' : 'unknown',
        delay: this.impossible ? 0 : null,
        delayBound: this.impossible ? 0 : this.delayBound(),
        cost: null,
        bound: null,
        ...nothing,
      };
    const { timetable, assignment } = this.best;
    // With moving in the cost, what is proved is the sum; nothing is claimed for the cost alone.
    const optimal = this.stage === 'done' && !this.wishes.told;
    return {
      format,
      status: optimal ? 'optimal' : 'feasible',
      delay: assignment.delay,
      delayBound: optimal ? assignment.delay : this.delayBound(),
      cost: timetable.cost,
      bound: optimal ? timetable.cost : this.costBound(assignment.delay),
      steps: timetable.steps,
      blocks: timetable.blocks,
      dishes: timetable.dishes,
      conflict: [],
    };
  }

  private rootDelay = 0;
  private rootCost = 0;

  private delayBound(): number {
    return this.rootDelay;
  }

  /** A bound on the cost for a given delay; before the delay is settled only the root's is known. */
  private costBound(delay: number): number {
    if ((this.stage !== 'cost' && this.rootDelay !== delay) || this.wishes.told) return 0;
    return Math.min(Math.max(0, this.rootCost), this.best?.timetable.cost ?? Infinity);
  }

  /** Keeps what is known without any decision. */
  private noteRoot(): void {
    if (this.engine.ints.level !== 0) return;
    this.rootDelay = this.engine.ints.at(this.model.delay);
    this.rootCost = this.engine.ints.at(this.model.cost);
  }

  private settleRoot(): boolean {
    const ok = this.engine.propagateAll();
    if (ok) this.noteRoot();
    return ok;
  }

  private finishRefuted(): void {
    if (!this.best) this.impossible = true;
    this.stage = 'done';
  }

  private onConflict(): void {
    this.conflictsLeft--;
    this.heap.decay();
    const floor =
      this.part?.floor ?? (this.isFilling ? this.filling.floorAfterFailure() : undefined);
    const learned = this.engine.learn(floor);
    this.part?.afterBacktrack(this.engine.ints.level);
    this.refill();
    if (!learned) this.finishRefuted();
  }

  /** Puts the choices taken from the heap back, for backtracking may have reopened them. */
  private refill(): void {
    for (const bound of this.taken) this.heap.push(bound);
    this.taken.length = 0;
  }

  private restart(): void {
    this.engine.backtrack(0);
    this.engine.clauses.tidy();
    this.refill();
    if (!this.engine.propagate()) {
      this.onConflict();
      return;
    }
    this.noteRoot();
    const { work } = this.engine;
    if (!this.part) this.wholeWork += work - this.workAtRestart;
    this.workAtRestart = work;
    const isPartsTurn = work >= PARTS_FROM && this.wholeWork >= WHOLE_SHARE * work;
    const isOpen = this.best === null;
    const given = isOpen ? this.tries.shift() : undefined;
    this.part = given ?? (this.isListTurn(work) ? this.fromLists() : null);
    if (this.part) this.conflictsLeft = this.part.budget;
    else if (this.stage === 'cost' && this.best && isPartsTurn) {
      const { timetable, total, choices } = this.best;
      const budget = PART_CONFLICTS * luby(this.neighbourhoods.failures + 1);
      this.part = new PartialSchedule(this.neighbourhoods.next(timetable, total, choices), budget);
      this.conflictsLeft = budget;
      // Neither way of filling is the better one for every part.
      this.filling.byDish = !this.filling.byDish;
    } else {
      this.restarts++;
      this.filling.byDish = true;
      this.conflictsLeft = RESTART_UNIT * luby(this.restarts + 1);
    }
  }

  /** Until the delay is proved, lists are asked for some plan; then for cheaper ones. */
  private isListTurn(work: number): boolean {
    const isOpen = this.stage === 'cost' || !this.best;
    return isOpen && this.lists.isDue(work, this.best !== null);
  }

  /** A plan made by lists, to be followed to the minute; null where it is no better than the best one. */
  private fromLists(): PartialSchedule | null {
    const best = this.best && {
      delay: this.best.assignment.delay,
      timetable: this.best.timetable,
    };
    const plan = this.lists.next(this.rootDelay, best);
    return plan && this.toFollow(plan);
  }

  private toFollow(plan: Known): PartialSchedule {
    return new PartialSchedule(
      [
        { bound: this.model.delay ^ 1, threshold: 0 - plan.delay },
        ...assumptionsOf(this.model, plan),
      ],
      PART_CONFLICTS,
    );
  }

  /** The next restart takes another part. */
  private endPart(): void {
    this.workAtRestart = this.engine.work;
    this.part = null;
    this.conflictsLeft = 0;
  }

  /**
   * Until a plan is known, every other restart fills anew, then dish by dish: what was learned keeps it from the
   * same dead end.
   */
  private get isFilling(): boolean {
    const isTurn = this.restarts === 0 || this.restarts % 2 === 1;
    return this.best === null && this.part === null && isTurn;
  }

  /**
   * Whether the search of the whole has had its turn by work: on a large day a conflict is so dear that its parts would
   * wait for minutes.
   */
  private isLongEnough(): boolean {
    if (this.part || !this.best) return false;
    return this.engine.work - this.workAtRestart > TURN_WORK * luby(this.restarts + 1);
  }

  /** Makes the next decision; false where everything is decided. */
  private decide(): boolean {
    const { ints } = this.engine;
    if (ints.level === 0 && !ints.isFixed(this.model.delay)) {
      this.decideDelay();
      return true;
    }
    // A part is first filled as at the outset, latest first; choices follow once that has failed.
    const isFirstDive = this.part?.budget === this.conflictsLeft && !this.part.isGuided;
    const isTold = this.wishes.told !== undefined && this.hints.size > 0;
    const hasGuide = !this.isFilling || isTold;
    if (hasGuide && !isFirstDive) {
      for (let bound = this.heap.pop(); bound !== undefined; bound = this.heap.pop()) {
        this.taken.push(bound);
        if (ints.isFixed(bound)) continue;
        const liked = this.best?.choices.get(bound) ?? this.hints.get(bound) ?? 0;
        this.engine.choose(bound, liked);
        return true;
      }
    }
    return this.filling.decide();
  }

  /**
   * Least delay first. Once that has failed and a schedule is known, halve the gap between what is
   * proved and what is found. Only an assumption: what fails is learned as a fact about the delay.
   */
  private decideDelay(): void {
    const { ints } = this.engine;
    const low = ints.at(this.model.delay);
    const failed = low > 0 || this.restarts > 0;
    let aim = low;
    if (this.best) aim = low + Math.floor((this.best.assignment.delay - 1 - low) / 2);
    // Each restart without a plan allows twice as much: some plan comes soon, however late it is.
    else if (failed)
      aim = Math.min(ints.upper(this.model.delay), 2 * low + 8 * 2 ** Math.min(this.restarts, 12));
    this.engine.decide(this.model.delay ^ 1, 0 - aim);
  }

  private onSolution(): void {
    this.keep();
    if (this.wishes.firstOnly) {
      this.stage = 'done';
      return;
    }
    if (this.part) {
      this.neighbourhoods.learnFrom('improved');
      // The part has changed; the next one is chosen from the better plan.
      this.endPart();
    } else {
      // Parts come down faster than the whole does, minute by minute.
      if (this.stage === 'cost' && this.engine.work >= PARTS_FROM) this.conflictsLeft = 0;
    }
    this.engine.backtrack(0);
    const best = this.best as Best;
    if (this.stage === 'delay') {
      this.refill();
      if (this.isDelayProved()) this.startCostStage();
      return;
    }
    this.limitCost(best.total - 1);
  }

  /** From now on only schedules of at most `limit` count. */
  private limitCost(limit: number): void {
    this.engine.addFact(this.model.cost ^ 1, 0 - limit);
    this.refill();
    if (this.engine.refuted || !this.engine.propagate()) this.finishRefuted();
    else this.noteRoot();
  }

  private isDelayProved(): boolean {
    if (this.stage !== 'delay' || !this.best) return false;
    return this.best.assignment.delay <= this.engine.ints.at(this.model.delay);
  }

  /** The delay is proved the least: it becomes a fact, and the cost of the best one a limit. */
  private startCostStage(): void {
    const best = this.best as Best;
    this.stage = 'cost';
    this.engine.backtrack(0);
    this.engine.addFact(this.model.delay ^ 1, 0 - best.assignment.delay);
    this.engine.addFact(this.model.delay, best.assignment.delay);
    this.limitCost(best.total - 1);
  }

  private keep(): void {
    const { ints } = this.engine;
    const assignment: Assignment = {
      delay: ints.at(this.model.delay) + 0,
      starts: this.model.steps.map((s) => ints.at(s.start) + 0),
      units: this.model.blocks.map(
        (b) => b.choices.find((c) => ints.at(c.chosen) >= 1)?.unit ?? '',
      ),
    };
    const timetable = toTimetable(this.problem, assignment);
    const total = timetable.cost + movingCost(this.wishes, timetable.steps, this.handsOf);
    const choices = new Map(this.model.choices.bounds.map((b) => [b, ints.at(b)]));
    if (this.best && this.best.assignment.delay === assignment.delay && this.best.total <= total)
      this.best.choices = choices;
    else this.best = { assignment, timetable, total, choices };
  }
}
