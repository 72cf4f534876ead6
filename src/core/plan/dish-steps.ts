/** One dish of a meal as steps, blocks and links for the engine, with their meaning. */
import { refusal } from '../words';
import { growsWithAmount, placeOf, stagesBefore, type ScaledDish, type Stage } from '../dish';
import type { Cooker, Kitchen } from '../kitchen';
import type { MealEntry } from '../meal';
import type { Refusal } from '../reason';
import { retime } from '../recipe/retime';
import type { ProblemStep } from '../solve';
import { formatMinutes } from '../units';
import {
  askCooker,
  bestSupplied,
  type CookerOffer,
  type Gap,
  gapBetween,
  findStays,
  isHot,
  isServedHot,
  type Stay,
} from '../cycle';
import { rinseIn } from './cooker-facts';
import { riceCookerFor, type RiceCookerOffer } from './rice-cooker';
import { thawFor } from './thaw';
import { eveningBefore, eveningSoak, OVERNIGHT_MIN, type Lead } from './lead';
import { isNight, longWaits } from './nights';
import { HeatWriter } from './heat-writer';
import type { DishSteps } from './step-writer';
import { BURNER_UNIT, OVEN_UNIT } from './types';

/** Soaked at room temperature no longer than this; then in the fridge (common practice), min. */
const LONGEST_ON_COUNTER = 720;
/** Out of the oven it is finished at once, min. */
const FROM_OVEN = 10;
/** A slow cooker is filled to three quarters (common practice). */
const SLOW_FULL = 0.75;
const lengthOf = (s: Stage): number => (s.kind === 'pressure' ? s.holdMinutes : s.minutes);

/** A pot that was used the day before is rinsed then, within so long, min (common practice). */
const RINSE_WITHIN = 15;

/** Two evenings may lie in so many minutes before the table: then one of them is still to come. */
const OVERNIGHT_LEAD = 2880;
const isLeftAlone = (s: Stage): boolean => s.kind === 'soak' || s.kind === 'rest';

const NO_COOKER: Refusal = refusal('no-cooker', {});

export class DishCompiler extends HeatWriter {
  private readonly stays: Stay[];
  /** Stages of the evening before, or of some day before that. */
  private readonly dayBefore = new Set<string>();

  constructor(
    entry: MealEntry,
    scaled: ScaledDish,
    kitchen: Kitchen,
    private readonly lead: Lead,
  ) {
    super(entry, scaled, kitchen);
    this.stays = findStays(scaled.dish);
  }

  compile(): DishSteps {
    const { dish } = this.scaled;
    if (dish.stages.length === 0) {
      this.fail('has no stages, so there is nothing to plan', 'add at least one stage to it');
      return this.out;
    }
    const blockOf = new Map<Stage, { id: string; offers: CookerOffer[] }>();
    this.stays.forEach((stay, i) => {
      const id = `${this.entry.id}.${stay.place}${i + 1}`;
      const offers = this.openBlock(id, stay);
      for (const stage of stay.stages) blockOf.set(stage, { id, offers });
    });
    if (this.out.failures.length > 0) return this.out;
    for (const stage of dish.stages) {
      const block = blockOf.get(stage);
      const rice = stage.kind === 'pressure' ? this.riceCooker(this.stayOf(stage)) : null;
      if (rice) this.addRice(stage, block?.id ?? '', rice);
      else if (stage.kind === 'pressure')
        this.addCycle(stage, block?.id ?? '', block?.offers ?? []);
      else if (placeOf(stage) === 'oven')
        this.addOven(
          stage,
          block?.id ?? '',
          this.stays.some((x) => x.stages[0] === stage),
          this.stayOf(stage),
        );
      else if (stage.kind === 'brown') this.addBrowning(stage, block?.id, block?.offers ?? []);
      else this.addPlain(stage, block?.id);
    }
    this.addThaws();
    this.addOrder();
    this.setAside();
    return this.out;
  }

  /** Adds a rinse of the liner to every stay in a cooker that other food may want next. */
  addRinses(isShared: (units: readonly string[]) => boolean): void {
    for (const stay of this.stays) {
      if (stay.place !== 'cooker') continue;
      const last = stay.stages.at(-1);
      const edge = last && this.out.edges.get(last.id);
      const block = this.out.blocks.find((b) => b.id === this.blockIdOf(stay));
      if (!last || !edge || !block || !isShared(block.units)) continue;
      const id = `${this.entry.id}.${last.id}.rinse`;
      const { minutes, because } = rinseIn(block.units, this.kitchen);
      this.step({ id, minutes, hands: 1, block: block.id, aside: true });
      const isRun = last.runOf !== undefined;
      this.mean(
        id,
        last,
        'rinse',
        isRun
          ? `Lift it out and keep its juices in a bowl (${last.text.slice(0, last.text.indexOf(':'))})`
          : this.isKept(last)
            ? 'Empty the inner pot, keep what was in it, and rinse it, or take the spare one'
            : 'Empty the inner pot and rinse it, or take the spare one',
        { because },
      );
      // Nobody leaves it until the morning.
      this.link(edge.last, id, this.dayBefore.has(last.id) ? { soft: RINSE_WITHIN, cost: 1 } : {});
    }
  }

  /** Whether a later stage of the dish goes on with what was in the pot. */
  private isKept(last: Stage): boolean {
    const { stages } = this.scaled.dish;
    // Under a pan it is water.
    const isWater = last.kind === 'pressure' && last.inPan !== undefined;
    return !isWater && stages.indexOf(last) < stages.length - 1;
  }

  private blockIdOf(stay: Stay): string {
    return `${this.entry.id}.${stay.place}${this.stays.indexOf(stay) + 1}`;
  }

  /** Chooses what may hold the stay; for a cooker, asks each one. */
  private openBlock(id: string, stay: Stay): CookerOffer[] {
    if (stay.place === 'oven') {
      const lids = this.crispLids(stay.stages);
      const units = [...(this.kitchen.oven ? [OVEN_UNIT] : []), ...lids.map((c) => c.id)];
      if (units.length === 0)
        this.fail(
          'needs an oven, and the kitchen has none',
          'add an oven in Kitchen or leave the dish out',
        );
      this.out.blocks.push({ id, units });
      return [];
    }
    if (stay.stages.some((s) => s.kind === 'burner' && s.appliance === 'microwave')) {
      const units = this.kitchen.appliances.flatMap((a) => (a.kind === 'microwave' ? a.id : []));
      if (units.length === 0)
        this.fail(
          'needs a microwave, and the kitchen has none',
          'add one in Kitchen or heat it in another way',
        );
      this.out.blocks.push({ id, units });
      return [];
    }
    const inRiceCooker = stay.stages.some(
      (s) => s.kind === 'burner' && s.appliance === 'rice-cooker',
    );
    const riceCookers = this.kitchen.appliances.filter((a) => a.kind === 'rice-cooker');
    if (inRiceCooker && riceCookers.length > 0) {
      this.out.blocks.push({ id, units: riceCookers.map((a) => a.id) });
      return [];
    }
    if (inRiceCooker) this.note('no-rice-cooker', 'look', { dish: this.scaled.dish.name });
    if (stay.place === 'burner') {
      if (this.kitchen.burners === 0)
        this.fail(
          'needs a burner, and the kitchen has none',
          'add a burner in Kitchen or leave the dish out',
        );
      this.out.blocks.push({ id, units: [BURNER_UNIT] });
      return [];
    }
    const rice = this.riceCooker(stay.stages);
    if (rice) {
      this.out.blocks.push({ id, units: rice.appliances.map((a) => a.id) });
      return [];
    }
    const slow = this.slowCookersFor(stay.stages);
    if (slow.length > 0 && this.kitchen.cookers.length === 0) {
      this.out.blocks.push({ id, units: slow });
      return [];
    }
    const offers = this.offersFor(stay);
    const tools = stay.stages.flatMap((s) => (s.kind === 'pressure' ? s.tools : []));
    const known = tools.filter((t) => this.kitchen.tools.some((k) => k.id === t));
    for (const missing of tools.filter((t) => !known.includes(t)))
      this.note('tool-missing', 'look', { dish: this.scaled.dish.name, tool: missing });
    this.out.blocks.push({ id, units: [...slow, ...offers.map((o) => o.cooker.id)], tools: known });
    return offers;
  }

  private stayOf(stage: Stage): readonly Stage[] {
    return this.stays.find((x) => x.stages.includes(stage))?.stages ?? [stage];
  }

  /** Grain goes into the rice cooker, where there is one and the dish was given no pot. */
  private riceCooker(stages: readonly Stage[]): RiceCookerOffer | null {
    return this.entry.where.cooker === null
      ? riceCookerFor(this.scaled, stages, this.kitchen)
      : null;
  }

  /** Slow cookers that are large enough for what is only cooked slowly; none where it was given a cooker. */
  private slowCookersFor(stages: readonly Stage[]): string[] {
    const isSlow = stages.some((s) => s.kind === 'slow');
    const isAll = stages.every(
      (s) => s.kind === 'slow' || s.kind === 'finish' || s.kind === 'rest',
    );
    if (!isSlow || !isAll || this.entry.where.cooker !== null) return [];
    const grams = this.scaled.ingredients
      .filter(({ ingredient }) => stages.some((s) => s.uses.includes(ingredient.id)))
      .reduce((sum, i) => sum + (i.grams ?? 0), 0);
    return this.kitchen.appliances
      .filter((c) => c.kind === 'slow-cooker' && grams <= c.litres * 1000 * SLOW_FULL)
      .map((c) => c.id);
  }

  private offersFor(stay: Stay): CookerOffer[] {
    const { cookers } = this.kitchen;
    if (cookers.length === 0) {
      this.fail('needs a cooker, and the kitchen has none', 'add a cooker in Kitchen');
      return [];
    }
    const fixed = cookers.find((c) => c.id === this.entry.where.cooker);
    if (this.entry.where.cooker !== null && !fixed)
      this.note('cooker-gone', 'look', { dish: this.scaled.dish.name });
    const asked = (fixed ? [fixed] : cookers).map((c) =>
      askCooker(this.scaled, stay.stages, c, this.kitchen),
    );
    const willing = asked.filter((o) => o.refusals.length === 0);
    if (willing.length > 0) return bestSupplied(willing);
    // None takes it as it is: plan with the roomiest that can be timed at all, and say so.
    const cycles = stay.stages.filter((s) => s.kind === 'pressure').length;
    const able = asked
      .filter((o) => o.cycles.size === cycles)
      .sort((a, b) => b.cooker.litres - a.cooker.litres)[0];
    const reason = (able ?? asked[0])?.refusals[0] ?? NO_COOKER;
    if (!able) {
      this.fail(reason.message, reason.remedy);
      return [];
    }
    this.note('pot-refuses', 'stop', {
      dish: this.scaled.dish.name,
      servings: this.scaled.servings,
      cooker: able.cooker.name,
      why: { message: reason.message, remedy: reason.remedy },
    });
    return [able];
  }

  /** Everything that is one step: cutting, browning, simmering, resting, finishing. */
  private addPlain(stage: Stage, block: string | undefined): void {
    if (stage.kind === 'pressure' || stage.kind === 'oven' || stage.kind === 'crisp') return;
    const id = `${this.entry.id}.${stage.id}`;
    const grows = growsWithAmount(stage);
    const pace = this.paceOf(stage) * this.learnedFor(stage);
    const own = stage.minutes * (grows ? this.scaled.factor : 1);
    const minutes = grows || pace !== 1 ? Math.max(1, Math.round(own * pace)) : stage.minutes;
    const isHands =
      stage.kind === 'simmer' || stage.kind === 'burner'
        ? stage.attended
        : !['soak', 'rest', 'slow'].includes(stage.kind);
    if (stage.turns?.length && !isHands) {
      const last = this.inParts(stage, { id, minutes, block }, (part) => {
        this.mean(part, stage, stage.kind, stage.text, {
          amounts: part === id ? this.amountsOf(stage) : [],
          caution: this.probed(stage),
        });
      });
      this.out.edges.set(stage.id, { first: id, last });
      return;
    }
    this.step({
      id,
      minutes,
      ...(isHands ? { hands: 1 } : {}),
      ...(block ? { block } : {}),
      ...(stage.kind === 'soak' ? { aside: true } : {}),
      ...(isLeftAlone(stage) ? this.leftOvernight(stage, minutes) : {}),
      ...(this.isAhead(stage) ? this.aheadWindow(stage, minutes) : {}),
    });
    const because =
      grows && this.scaled.factor !== 1
        ? `${formatMinutes(stage.minutes)} for ${this.scaled.dish.servings}, in proportion for ${this.scaled.servings}`
        : stage.guessed
          ? 'the recipe does not say how long: this is usual'
          : 'as the dish asks for';
    const text = stage.guessed ? stage.text : retime(stage.text, stage.minutes, minutes);
    this.mean(id, stage, stage.kind, this.withFridge(text, stage, minutes), {
      amounts: this.amountsOf(stage),
      caution: this.probed(stage),
      because: {
        '': [
          because,
          ...(pace === 1
            ? []
            : [`times ${pace.toFixed(2)} for your own pace and what your evenings took`]),
        ],
      },
    });
    this.out.edges.set(stage.id, { first: id, last: id });
  }

  /** The evening before for what stands overnight, where it can; what comes before it goes with it. */
  private leftOvernight(stage: Stage, minutes: number): Partial<ProblemStep> {
    const nights = longWaits(this.scaled.dish, stage);
    // The night was another wait's; six hours in the freezer are the day after it.
    if (nights.before > 0 && minutes >= OVERNIGHT_MIN && !isNight(stage)) return { aside: true };
    const window = eveningSoak(minutes, this.lead, nights.after);
    if (window.from === undefined) {
      if (minutes >= OVERNIGHT_MIN && this.lead.earliest > -OVERNIGHT_LEAD)
        this.note('overnight-passed', 'look', { dish: this.scaled.dish.name, minutes });
      return stage.kind === 'rest' && minutes >= OVERNIGHT_MIN ? { aside: true } : {};
    }
    this.dayBefore.add(stage.id);
    return { ...window, aside: true };
  }

  /** Everything that leads to what stands overnight is done before it, and not counted to the evening. */
  private setAside(): void {
    const { stages } = this.scaled.dish;
    for (const stage of stages.toReversed())
      if (this.dayBefore.has(stage.id))
        for (const id of stagesBefore(this.scaled.dish, stage)) this.dayBefore.add(id);
    const own = new Set(
      this.out.meanings.filter((m) => this.dayBefore.has(m.stageId)).map((m) => m.id),
    );
    this.out.steps = this.out.steps.map((s) => (own.has(s.id) ? { ...s, aside: true } : s));
  }

  private withFridge(text: string, stage: Stage, minutes: number): string {
    const cold = this.inFridge(stage, minutes);
    return cold === '' ? text : `${text.replace(/[.;,\s]+$/, '')}${cold}`;
  }

  /** Whether what soaks stands in the fridge: what spoils always, pulses and grain from twelve hours on. */
  private inFridge(stage: Stage, minutes: number): string {
    if (stage.kind !== 'soak' || /fridge|refrigerat|\bchill/i.test(stage.text)) return '';
    const used = this.scaled.ingredients.filter((i) => stage.uses.includes(i.ingredient.id));
    const spoils = used.some((i) => i.kind !== null && !['plant', 'ready'].includes(i.kind.class));
    if (spoils) return ', in the fridge';
    const { stages } = this.scaled.dish;
    const later = stages.slice(stages.indexOf(stage) + 1).reduce((sum, s) => sum + lengthOf(s), 0);
    const nights = longWaits(this.scaled.dish, stage);
    const { from = null } = eveningSoak(minutes, this.lead, nights.after);
    const stands = from === null ? minutes : -from - later;
    return stands > LONGEST_ON_COUNTER ? ', in the fridge once it has stood for 12 h' : '';
  }

  /** What is to be thawed comes out in time before the stage that uses it first. */
  private addThaws(): void {
    for (const scaled of this.scaled.ingredients) {
      const { id, takes } = scaled.ingredient;
      const stage = this.scaled.dish.stages.find((s) => s.uses.includes(id));
      const thaw = takes ? null : thawFor(scaled, this.lead);
      const edge = stage && this.out.edges.get(stage.id);
      if (!thaw || !stage || !edge) continue;
      const step = `${this.entry.id}.${stage.id}.thaw-${id}`;
      this.step({ id: step, ...thaw.step, aside: true });
      this.mean(step, stage, 'soak', thaw.text, { because: { '': [thaw.because] } });
      this.link(step, edge.first, thaw.waits === undefined ? {} : { most: thaw.waits });
      if (thaw.tooLate !== null)
        this.note('thaw-too-late', 'look', {
          food: scaled.ingredient.food,
          minutes: thaw.tooLate,
        });
    }
  }

  private isAhead(stage: Stage): boolean {
    return this.entry.when.ahead && stage.ahead === true;
  }

  /** The evening before, if that still lies ahead. */
  private aheadWindow(stage: Stage, minutes: number): Partial<ProblemStep> {
    const window = eveningBefore(minutes, this.lead);
    if (window) return { ...window, aside: true };
    this.note('ahead-passed', 'look', { work: stage.text });
    return {};
  }

  /** Links between stages, and from loose ends to the last stage, which makes the dish ready. */
  private addOrder(): void {
    const { dish } = this.scaled;
    const last = dish.stages.at(-1) as Stage;
    const oven = this.isKeptHot() ? this.addKeepingHot(last) : null;
    const isServed = last.kind === 'finish' && dish.stages.length > 1;
    const followed = new Set<string>();
    const follow = (before: Stage, stage: Stage): void => {
      // What is hot goes through the oven on its way to the last touches.
      if (oven && isServed && stage === last && isHot(dish, before))
        this.linkSteps(
          this.out.edges.get(before.id)?.last,
          oven.in,
          gapBetween(dish, before, stage),
        );
      else this.linkStages(before, stage);
    };
    for (const stage of dish.stages) {
      for (const id of stagesBefore(dish, stage)) {
        const before = dish.stages.find((s) => s.id === id);
        if (!before) continue;
        followed.add(id);
        follow(before, stage);
      }
    }
    for (const stage of dish.stages)
      if (stage !== last && !followed.has(stage.id)) follow(stage, last);
    const end = this.out.edges.get(last.id);
    if (oven && isServed) this.linkSteps(oven.out, end?.first, { most: FROM_OVEN });
    else if (oven) this.linkSteps(end?.last, oven.in, { most: FROM_OVEN });
    // Two branches that go on in one pot do so one after the other.
    for (const { stages } of this.stays)
      stages.slice(1).forEach((stage, i) => {
        const [from, to] = [stages[i] as Stage, stage].map((s) => this.out.edges.get(s.id));
        if (from && to && !stagesBefore(dish, stage).includes((stages[i] as Stage).id))
          this.link(from.last, to.first);
      });
    this.out.ready = (isServed ? null : oven?.out) ?? end?.last ?? '';
  }

  /** Said so in the meal, and there is an oven, and it is eaten hot. */
  private isKeptHot(): boolean {
    const { where, what } = this.entry;
    const isWanted = where.keepHot && what.bags === null;
    return isWanted && this.kitchen.oven !== null && isServedHot(this.scaled.dish);
  }

  private linkSteps(from: string | undefined, to: string | undefined, gap: Gap): void {
    if (from && to) this.link(from, to, gap);
  }

  private linkStages(before: Stage, after: Stage): void {
    const from = this.out.edges.get(before.id);
    const to = this.out.edges.get(after.id);
    if (from && to) this.link(from.last, to.first, gapBetween(this.scaled.dish, before, after));
  }
}

/** The cooker ids a compiled dish's stays may use, for finding out which liners are shared. */
export function cookerUnits(steps: DishSteps, cookers: readonly Cooker[]): string[][] {
  const ids = new Set(cookers.map((c) => c.id));
  return steps.blocks.map((b) => b.units.filter((u) => ids.has(u))).filter((u) => u.length > 0);
}
