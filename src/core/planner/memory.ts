/**
 * What is kept between two questions about a meal, so that a small change begins with the plan that was shown: what was
 * chosen, the plan before any slack, and how much slack it took.
 */
import type { Meal, MealEntry } from '../meal';
import type { Finding } from '../reason';
import { knownFrom, type ChancePlan, type Known, type Problem } from '../solve';
import type { SearchAnswer } from './surest';

/** A meal as it was planned. */
interface Planned {
  /** As it was asked, and with what it left open settled, and why. */
  asked: Meal;
  settled: Meal;
  reasons: readonly Finding[];
  /** With its slack. */
  shown: ChancePlan;
}

/** All of it but when one may begin at the earliest, which moves with the clock. */
const textOf = (problem: Problem): string => JSON.stringify({ ...problem, earliest: 0 });

export class PlanMemory {
  private last: (Planned & { known: Known; cost: number; problem: string }) | null = null;

  /** @param answer the plan before any slack */
  keep(planned: Planned, problem: Problem, answer: SearchAnswer): void {
    const cost = answer.cost ?? Infinity;
    this.last = { ...planned, known: knownFrom(answer), cost, problem: textOf(problem) };
  }

  /** The plan that was shown last, where it answers this problem as well: the table was moved, and nothing else. */
  shownFor(meal: Meal, problem: Problem): ChancePlan | null {
    const { last } = this;
    if (last?.asked.id !== meal.id || last.asked.sure !== meal.sure) return null;
    if (last.problem !== textOf(problem)) return null;
    const isInTime = last.shown.schedule.steps.every((s) => s.start >= problem.earliest);
    return isInTime ? last.shown : null;
  }

  /** What that plan cost; Infinity where none is known. */
  costFor(meal: Meal): number {
    return this.last?.asked.id === meal.id ? this.last.cost : Infinity;
  }

  /** The plan that was found last for this meal, as it was then; undefined where there is none. */
  knownFor(meal: Meal): Known | undefined {
    return this.last?.asked.id === meal.id ? this.last.known : undefined;
  }

  /** The slack of that plan; undefined where none is known. */
  shareFor(meal: Meal): number | undefined {
    return this.last?.asked.id === meal.id ? (this.last.shown.share ?? undefined) : undefined;
  }

  /** The meal with what was chosen last for every entry that has not changed, and why. */
  withLastChoices(meal: Meal): { meal: Meal; reasons: Finding[] } {
    const { last } = this;
    if (last?.asked.id !== meal.id) return { meal, reasons: [] };
    const isSame = (entry: MealEntry): boolean =>
      JSON.stringify(last.asked.entries.find((e) => e.id === entry.id)) === JSON.stringify(entry);
    const settledOf = (id: string): MealEntry | undefined =>
      last.settled.entries.find((e) => e.id === id);
    const unchanged = meal.entries.filter(isSame).map((e) => e.id);
    // Above a dish that has changed or gone nothing is stacked any more.
    const same = unchanged.filter((id) => {
      const over = settledOf(id)?.where.over ?? null;
      return over === null || unchanged.includes(over);
    });
    const chosen = (entry: MealEntry): MealEntry =>
      (same.includes(entry.id) ? settledOf(entry.id) : undefined) ?? entry;
    return {
      meal: { ...meal, entries: meal.entries.map(chosen) },
      reasons: last.reasons.filter(
        ({ subject }) => subject.kind === 'entry' && same.includes(subject.id),
      ),
    };
  }
}
