/** A meal being planned: the document, its history, its plan, and saving both. */
import { editMeal } from '$core/menu';
import { dishKey, type Dish, type DishRef } from '$core/dish';
import type { Kitchen } from '$core/kitchen';
import {
  boxesOf,
  changedEntry,
  checkServingTime,
  newEntry,
  type EntryChange,
  type Meal,
  type MealEntry,
} from '$core/meal';
import type { SavedPlan } from '$core/plan';
import { toInstant } from '$lib/client/moments';
import { startPlanner, type Planner } from '$lib/client/planner';
import {
  describeSaved,
  type EarlierStart,
  type PlanAnswer,
  type PlanQuestion,
} from '../../../core/planner';
import { History } from './history';
import { isSamePlan, refreshed, takeAnswer } from './incoming';

export type SaveState =
  'saved' | 'waiting' | 'saving' | 'changed-elsewhere' | 'offline' | 'refused';

/** Pause after the last change before it is sent, ms. */
const SAVE_AFTER_MS = 350;
const RETRY_AFTER_MS = 4000;
/** Moments that are proposed fall on five minutes. */
const ROUND_MS = 5 * 60_000;
const LAST_ANSWER_MS = 300;
const SOONEST_TRIES = 4;

/** What may go on after its page is closed is at most 64 KiB (Fetch standard); a large plan is sent without that. */
const KEEPALIVE_LIMIT = 60_000;

interface Loaded {
  meal: Meal;
  plan: SavedPlan | null;
  revision: number;
  dishes: Dish[];
  kitchen: Kitchen;
  /** Free in all freezers, where it is a batch day. */
  freeLitres: number | null;
  /** By entry: what dishes of the household take of it, where it is cooked in bulk. */
  bulkSizes: Record<string, { name: string; grams: number }[]>;
}

export class MealState {
  meal = $state.raw<Meal>() as Meal;
  answer = $state.raw<PlanAnswer | null>(null);
  isThinking = $state(false);
  /** Whether the page answers to taps yet: what the server sent does not. */
  isLive = $state(false);
  /** A better plan than the one shown, found later; null where there is none. */
  better = $state.raw<Extract<PlanAnswer, { kind: 'plan' }> | null>(null);
  saveState = $state<SaveState>('saved');
  saveMessage = $state('');
  canUndo = $state(false);
  canRedo = $state(false);
  /** Those of the meal, and what each could be changed into. */
  dishes = $state.raw<Dish[]>([]);
  readonly kitchen: Kitchen;
  readonly bulkSizes: Loaded['bulkSizes'];

  private readonly history = new History<Meal>();
  private planner: Planner | null = null;
  private revision: number;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private sending = false;
  private shownAt = -Infinity;
  /** The meal that the answer on the page belongs to. */
  private answered: Meal | null = null;
  /** The plan that the server has, or is being sent; a save before the first answer carries none. */
  private kept = $state.raw<PlanAnswer | null>(null);

  constructor(loaded: Loaded) {
    this.meal = loaded.meal;
    this.dishes = loaded.dishes;
    this.kitchen = loaded.kitchen;
    this.bulkSizes = loaded.bulkSizes;
    this.revision = loaded.revision;
    if (!loaded.plan) return;
    this.answer = describeSaved(loaded.plan, loaded.meal);
    this.answered = loaded.meal;
    this.kept = this.answer;
  }

  /** Whether the meal lies behind; then its plan is shown as it was and not made again. */
  get isPast(): boolean {
    return !checkServingTime(this.meal.serveAt, Date.now()).ok;
  }

  /** As it is told: a meal that the server has without the plan being made for it is not saved yet. */
  get saveShown(): SaveState {
    return this.saveState === 'saved' && this.isThinking && !this.kept ? 'waiting' : this.saveState;
  }

  /** Starts planning in the browser; returns what stops it. */
  start(): () => void {
    this.isLive = true;
    this.planner = startPlanner();
    this.replan(false);
    return () => {
      this.planner?.close();
      this.planner = null;
      clearTimeout(this.timer);
      if (this.saveState === 'waiting') void this.save();
    };
  }

  /** Applies a change, plans again and saves. */
  change(make: (meal: Meal) => Meal): void {
    const next = make(this.meal);
    if (next === this.meal) return;
    this.history.remember(this.meal);
    this.replace(next);
  }

  changeEntry(id: string, change: EntryChange): void {
    this.change((meal) => ({
      ...meal,
      entries: meal.entries.map((e) => (e.id === id ? changedEntry(e, change) : e)),
    }));
  }

  /**
   * Puts a dish or a bag into the meal.
   *
   * @returns why it can't be, with the remedy; null where it is in
   */
  async addDish(dish: DishRef): Promise<string | null> {
    const problem = await this.bring(dish);
    if (problem !== null) return problem;
    this.change((meal) => {
      const taken = meal.entries.map((e) => e.id);
      const own = dishKey(dish);
      let id = own;
      for (let n = 2; taken.includes(id); n++) id = `${own}-${n}`;
      return {
        ...meal,
        entries: [...meal.entries, this.entryFor(id, dish, meal)],
      };
    });
    return null;
  }

  /** Fetches a dish that was known by its name only; returns why that can't be. */
  private async bring(dish: DishRef): Promise<string | null> {
    const key = dishKey(dish);
    if (this.dishes.some((d) => d.id === key)) return null;
    try {
      const asked = encodeURIComponent(JSON.stringify(dish));
      const response = await fetch(
        `/api/plannable?dish=${asked}&meal=${encodeURIComponent(this.meal.id)}`,
      );
      const body = (await response.json()) as { dishes?: Dish[]; message?: string };
      if (!response.ok || !body.dishes) return body.message ?? 'The server refused it; try again.';
      const fresh = body.dishes.filter((d) => !this.dishes.some((k) => k.id === d.id));
      this.dishes = [...this.dishes, ...fresh];
      return null;
    } catch {
      return 'The server can’t be reached; try again.';
    }
  }

  /** A dish of the meal as it was changed elsewhere; the plan follows. */
  exchangeDish(dish: Dish): void {
    this.dishes = this.dishes.map((d) => (d.id === dish.id ? dish : d));
    this.replan(true);
  }

  /** Of a bag no more is planned than there is. */
  private entryFor(id: string, dish: DishRef, meal: Meal): MealEntry {
    const key = dishKey(dish);
    const stock = dish.kind === 'bag' ? this.dishes.find((d) => d.id === key)?.servings : undefined;
    if (stock !== undefined)
      return newEntry(id, dish, { forWhom: { servings: Math.min(stock, meal.servings) } });
    return newEntry(
      id,
      dish,
      meal.batch && boxesOf(meal) === null
        ? { what: { bags: { copies: 3, state: 'cooked', shape: 'flat', inFridge: 0 } } }
        : {},
    );
  }

  removeEntry(id: string): void {
    this.change((meal) => editMeal(meal, { kind: 'leave-out', entry: id, dish: '' }) ?? meal);
  }

  /** Puts a step to a moment of its own, minutes from serving. */
  pin(entryId: string, part: string, minute: number | null): void {
    this.change((meal) => ({
      ...meal,
      entries: meal.entries.map((e) => {
        if (e.id !== entryId) return e;
        const { [part]: _, ...rest } = e.when.pins;
        const pins = minute === null ? rest : { ...rest, [part]: minute };
        return changedEntry(e, { when: { pins } });
      }),
    }));
  }

  /** Ways to fix it of this meal's trouble, each really tried; null where there is no planner. */
  async waysOut(): Promise<Awaited<ReturnType<Planner['ways']>> | null> {
    return this.planner ? this.planner.ways(this.question()) : null;
  }

  /** What earlier starts buy; null where a newer question came in between. */
  async earlier(): Promise<EarlierStart[] | null> {
    if (!this.planner || this.answer?.kind !== 'plan') return null;
    const { totals, chance } = this.answer;
    const shown = { start: totals.firstStart, chance: chance.onTime };
    return this.planner.earlier(this.question(), shown);
  }

  /**
   * Puts the table to the soonest moment that can be kept with the wanted sureness, if work begins now.
   *
   * @returns why there is none; null where it is done, or something newer came in between
   */
  async beginNow(): Promise<string | null> {
    let at = Math.ceil(Date.now() / ROUND_MS + 1) * ROUND_MS;
    this.isThinking = true;
    let found: PlanAnswer | null = null;
    // A plan for a later hour is another one, with other slack: it is looked at once more whether it keeps it.
    for (let i = 0; i < SOONEST_TRIES; i++) {
      found = await this.answerTo({ ...this.meal, serveAt: toInstant(at) });
      if (found?.kind !== 'plan') break;
      const late = (found.schedule.delay ?? 0) + (found.isSureEnough ? 0 : found.sureAfter);
      if (late === 0) break;
      at += Math.ceil((late * 60_000) / ROUND_MS) * ROUND_MS;
    }
    if (found?.kind === 'plan') {
      this.change((m) => ({ ...m, serveAt: toInstant(at) }));
      return null;
    }
    this.replan(false);
    return found === null ? null : 'It can’t be planned as it is, at any time; see below.';
  }

  /** The last word on a meal that is not shown; null where something newer came in between. */
  private answerTo(meal: Meal): Promise<PlanAnswer | null> {
    return new Promise((resolve) => {
      const onAnswer = (answer: PlanAnswer): void => {
        if (answer.kind !== 'plan' || answer.final) resolve(answer);
      };
      // The worker's last answer and its return come by different ways, in either order.
      const giveUp = (): unknown => setTimeout(() => resolve(null), LAST_ANSWER_MS);
      void (this.planner?.ask(this.question(meal), onAnswer) ?? Promise.resolve()).then(giveUp);
    });
  }

  private question(meal = this.meal): PlanQuestion {
    const { dishes, kitchen } = this;
    const used = meal.entries.map((e) => dishKey(e.what.dish));
    return {
      meal,
      dishes: dishes.filter((d) => used.includes(d.id)),
      kitchen,
      now: Date.now(),
    };
  }

  /** Shows the better plan that was found, and saves it. */
  takeBetter(): void {
    if (!this.better) return;
    this.answer = this.better;
    this.better = null;
    this.saveSoon();
  }

  undo(): void {
    const before = this.history.undo(this.meal);
    if (before) this.replace(before);
  }

  redo(): void {
    const after = this.history.redo(this.meal);
    if (after) this.replace(after);
  }

  private replace(meal: Meal): void {
    this.meal = meal;
    this.canUndo = this.history.canUndo;
    this.canRedo = this.history.canRedo;
    this.replan(true);
  }

  private replan(isChange: boolean): void {
    if (isChange) this.saveSoon();
    if (this.isPast || !this.planner) return;
    this.isThinking = true;
    this.better = null;
    const { meal } = this;
    void this.planner.ask(this.question(), (answer) => {
      if (meal !== this.meal) return;
      const taken = takeAnswer(
        {
          answer: this.answer,
          isOfThisMeal: this.answered === meal,
          shownFor: performance.now() - this.shownAt,
        },
        answer,
      );
      if (taken === 'ignored') return;
      if (taken !== 'shown') this.answer = refreshed(this.answer, answer);
      if (taken === 'refreshes') return;
      if (taken === 'offered' && answer.kind === 'plan') {
        this.isThinking = false;
        if (!isSamePlan(this.answer, answer)) this.better = answer;
        if (!isSamePlan(this.kept, this.answer)) this.saveSoon();
        return;
      }
      this.shownAt = performance.now();
      this.answer = answer;
      this.answered = meal;
      this.isThinking = answer.kind === 'plan' && !answer.final;
      // The first plan for a meal that was saved without one is kept at once; a better one when it is final.
      const isFirst = this.kept === null && answer.kind === 'plan' && !answer.isWritten;
      if ((isFirst || !this.isThinking) && !isSamePlan(this.kept, answer)) this.saveSoon();
    });
  }

  private saveSoon(): void {
    if (this.saveState === 'changed-elsewhere') return;
    this.saveState = 'waiting';
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.save(), SAVE_AFTER_MS);
  }

  /** Sends the meal with the plan shown. Only one request at a time, for each needs the last revision. */
  private async save(): Promise<void> {
    if (this.sending) {
      this.saveSoon();
      return;
    }
    this.sending = true;
    this.saveState = 'saving';
    const { meal, answer } = this;
    const plan: SavedPlan | null =
      answer?.kind === 'plan' && this.answered === meal
        ? {
            format: 'olive-clock/saved-plan@2',
            compiled: answer.compiled,
            schedule: answer.schedule,
          }
        : null;
    this.kept = plan && answer;
    const body = JSON.stringify({ meal, plan, revision: this.revision });
    try {
      const response = await fetch(`/api/meals/${encodeURIComponent(meal.id)}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body,
        keepalive: body.length < KEEPALIVE_LIMIT,
      });
      await this.onSaved(response);
    } catch {
      this.saveState = 'offline';
      this.saveMessage =
        'Not saved: the server can’t be reached. Trying again; keep this page open.';
      this.timer = setTimeout(() => void this.save(), RETRY_AFTER_MS);
    } finally {
      this.sending = false;
    }
  }

  private async onSaved(response: Response): Promise<void> {
    const body = (await response.json()) as { revision?: number; message?: string };
    if (response.ok && body.revision !== undefined) {
      this.revision = body.revision;
      if (this.saveState === 'saving') this.saveState = 'saved';
      return;
    }
    this.saveState = response.status === 409 ? 'changed-elsewhere' : 'refused';
    this.saveMessage = body.message ?? 'Not saved: the server refused it.';
  }
}
