/** When plans are made by lists beside the search, and how much of the work that takes. */
import { groupsOf } from './groups';
import { IteratedGreedy } from './iterated-greedy';
import type { Problem } from './problem';
import type { Timetable } from './schedule';
import type { Known, SearchWishes } from './wishes';

/** From so many dishes on there are lists; fewer are proved in less time than a list takes. */
const SOME = 4;
/** From so many on they come before anything else; with fewer the search has a plan first, which they improve. */
const MANY = 8;
const SOME_FROM = 25_000;
/** Work before they are asked where the cook was told a plan, which is the better start. */
const TOLD_FROM = 60_000;
/** Work of one turn for each dish; turns grow from the first to the longest. */
const TURN_WORK = { first: 1_500, longest: 24_000 } as const;
/** Work of lists for each step of the search’s: what is too large to be searched through is better off with lists. */
const SHARE = { least: 0.15, perDish: 0.02, most: 4 } as const;
/** After so many turns without any plan the table may be late, by so many minutes and then always twice as many. */
const LATE = { after: 4, minutes: 8 } as const;

export class ListTurns {
  private lists: IteratedGreedy | null = null;
  private delay = -1;
  private readonly count: number;
  private readonly share: number;
  private readonly onlyFirst: boolean;
  private spent = 0;
  /** Turns without anything better; once there is a plan, each doubles the wait for the next. */
  private vain = 0;
  private turnWork: number = TURN_WORK.first;
  private dueAt: number;

  constructor(
    private readonly problem: Problem,
    wishes: SearchWishes,
  ) {
    this.count = groupsOf(problem).count;
    this.share = Math.min(SHARE.most, Math.max(SHARE.least, SHARE.perDish * this.count));
    // What moving costs they do not know.
    this.onlyFirst = wishes.told !== undefined;
    const isOff = wishes.firstOnly === true || this.count < SOME;
    this.dueAt = isOff ? Infinity : this.onlyFirst ? TOLD_FROM : this.count < MANY ? SOME_FROM : 0;
  }

  /** Work done, in the engine’s steps. */
  get work(): number {
    return this.spent + (this.lists?.work ?? 0);
  }

  /** @param work what the search has done */
  isDue(work: number, hasPlan: boolean): boolean {
    return work >= this.dueAt && !(this.onlyFirst && hasPlan);
  }

  /**
   * One turn.
   *
   * @param root what all due times move by at least
   * @param best the best plan known, and what they move by in it
   * @returns null where nothing better is found
   */
  next(root: number, best: { delay: number; timetable: Timetable } | null): Known | null {
    const late = this.vain - LATE.after;
    const delay = best?.delay ?? root + (late < 0 ? 0 : LATE.minutes * 2 ** late);
    if (!this.lists || delay !== this.delay) {
      this.spent = this.work;
      this.lists = new IteratedGreedy(this.problem, delay);
      this.delay = delay;
    }
    const below = best?.timetable.cost ?? Infinity;
    if (best && below < this.lists.found) this.lists.adopt(best.timetable);
    this.lists.run(this.turnWork * this.count);
    this.turnWork = Math.min(TURN_WORK.longest, 2 * this.turnWork);
    const told = this.lists.found < below ? this.lists.told() : null;
    this.vain = told ? 0 : this.vain + 1;
    this.dueAt = (this.work * (best ? 2 ** this.vain : 1)) / this.share;
    return told && { ...told, delay };
  }
}
