/** Writes the steps, links and notes of one dish of a meal, with their meaning. */
import { foodByNumber } from '../food';
import { isParted, partAt, sayPart, type ScaledDish, type Stage, refOf } from '../dish';
import { paceFor, WORK_KINDS, type Kitchen } from '../kitchen';
import type { MealEntry } from '../meal';
import type { ProblemBlock, ProblemLink, ProblemStep } from '../solve';
import type { Gap } from '../cycle';
import { formatQuantity } from '../units';
import type { Phase, StepMeaning } from './types';
import { finding, type Finding, type FindingValues } from '../reason';

export interface DishSteps {
  steps: ProblemStep[];
  blocks: ProblemBlock[];
  links: ProblemLink[];
  meanings: StepMeaning[];
  notes: Finding[];
  /** Oven blocks with their setting, for keeping different temperatures apart. */
  ovenBlocks: { id: string; celsius: number; isGrill?: boolean }[];
  /** First and last step of each stage. */
  edges: Map<string, { first: string; last: string }>;
  ready: string;
  /** Why it can't be planned at all; empty where it can. */
  failures: { message: string; remedy: string }[];
}

/** Steps of a stage after which it still goes on, or that are none of its own. */
const BEFORE_ITS_END: ReadonlySet<Phase> = new Set([
  'seal',
  'come-up',
  'hold',
  'release',
  'vent',
  'preheat',
  'put-in',
  'turn',
  'rinse',
]);

export class StepWriter {
  protected readonly out: DishSteps = {
    steps: [],
    blocks: [],
    links: [],
    meanings: [],
    notes: [],
    ovenBlocks: [],
    edges: new Map(),
    ready: '',
    failures: [],
  };

  constructor(
    protected readonly entry: MealEntry,
    protected readonly scaled: ScaledDish,
    protected readonly kitchen: Kitchen,
  ) {}

  protected fail(message: string, remedy: string): void {
    this.out.failures.push({ message: `${this.scaled.dish.name}: ${message}`, remedy });
  }

  protected note<C extends keyof FindingValues>(
    code: C,
    severity: Finding['severity'],
    values: FindingValues[C],
  ): void {
    this.out.notes.push(finding(code, severity, this.entry.id, values));
  }

  protected step(step: ProblemStep): void {
    const pin = this.entry.when.pins[step.id.slice(this.entry.id.length + 1)];
    const most =
      typeof step.minutes === 'number' ? step.minutes : Math.max(...Object.values(step.minutes));
    const cook = (step.hands ?? 0) > 0 ? this.cook : undefined;
    this.out.steps.push({
      ...step,
      ...(pin === undefined ? {} : { from: pin, by: pin + most }),
      ...(cook ? { uses: { ...step.uses, [cookResource(cook.id)]: 1 } } : {}),
    });
  }

  /** Who was given this dish; undefined where it is anybody's. */
  protected get cook(): Kitchen['cooks'][number] | undefined {
    return this.kitchen.cooks.find((c) => c.id === this.entry.where.cook);
  }

  /** The factor on a stage's minutes of work: whose hands, and what evenings have told of the stage. */
  protected paceOf(stage: Stage): number {
    const work = WORK_KINDS.find((k) => k === stage.kind);
    return work ? paceFor(this.kitchen, this.cook?.id ?? 'all', work) : 1;
  }

  /** The factor on a stage's own minutes that evenings have told; 1 where they told nothing. */
  protected learnedFor(stage: Stage): number {
    return this.kitchen.learned?.stages[`${this.scaled.dish.id}/${stage.runOf ?? stage.id}`] ?? 1;
  }

  /** @param gap how long `to` may be kept waiting: at most, or with what it costs */
  protected link(from: string, to: string, gap: number | Gap = {}): void {
    const { most, soft, cost }: Gap = typeof gap === 'number' ? { most: gap } : gap;
    this.out.links.push({
      from,
      to,
      ...(most === undefined ? {} : { max: most }),
      ...(soft === undefined ? {} : { soft, overCost: cost ?? 1 }),
    });
  }

  protected mean(
    id: string,
    stage: Stage,
    phase: Phase,
    text: string,
    more: Partial<
      Pick<
        StepMeaning,
        | 'because'
        | 'caution'
        | 'amounts'
        | 'celsius'
        | 'settings'
        | 'kg'
        | 'thick'
        | 'topUps'
        | 'texts'
      >
    > = {},
  ): void {
    const isHands = (this.out.steps.find((s) => s.id === id)?.hands ?? 0) > 0;
    this.out.meanings.push({
      id,
      entryId: this.entry.id,
      dishId: this.scaled.dish.id,
      ref: refOf(this.scaled.dish),
      dishName: this.scaled.dish.name,
      wholeName: this.scaled.dish.wholeName ?? this.scaled.dish.name,
      stageId: stage.id,
      phase,
      text,
      amounts: more.amounts ?? [],
      because: more.because ?? {},
      caution: more.caution ?? null,
      isHands,
      ...(isHands && this.cook ? { cook: this.cook.id } : {}),
      ...(stage.checks && !BEFORE_ITS_END.has(phase) ? { checks: stage.checks } : {}),
      ...(more.celsius === undefined ? {} : { celsius: more.celsius }),
      ...(more.settings === undefined ? {} : { settings: more.settings }),
      ...(more.kg === undefined ? {} : { kg: more.kg }),
      ...(more.thick ? { thick: more.thick } : {}),
      ...(more.topUps === undefined ? {} : { topUps: more.topUps }),
      ...(more.texts === undefined ? {} : { texts: more.texts }),
    });
  }

  /** Amounts of what is used here for the first time; later on it is at hand already. */
  protected amountsOf(stage: Stage): string[] {
    const { stages } = this.scaled.dish;
    const earlier = new Set(stages.slice(0, stages.indexOf(stage)).flatMap((s) => s.uses));
    const { dish } = this.scaled;
    return this.scaled.ingredients
      .filter(
        ({ ingredient: { id } }) =>
          stage.uses.includes(id) && (isParted(dish, id) || !earlier.has(id)),
      )
      .flatMap(({ quantity, ingredient }) => {
        const part = partAt(dish, stage, ingredient.id);
        if (part === 0) return [];
        const amount = quantity
          ? formatQuantity({ ...quantity, amount: quantity.amount * part }, this.kitchen.system)
          : '';
        const food =
          quantity?.unit === 'piece'
            ? foodByNumber(ingredient.food, quantity.amount * part, amount)
            : ingredient.food;
        const whole = `${amount} ${food}`.trim();
        return [part < 1 ? `${whole} (${sayPart(part)} of it)` : whole];
      });
  }
}

/** The resource that one cook is, for work that only they do. */
export function cookResource(cookId: string): string {
  return `cook:${cookId}`;
}
