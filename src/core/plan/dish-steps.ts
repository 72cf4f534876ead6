/** One dish of a meal as steps, blocks and links for the engine, with their meaning. */
import type { PressureStage, ScaledDish, Stage } from '../dish';
import type { Cooker, Kitchen } from '../kitchen';
import type { MealEntry } from '../meal';
import { retime } from '../recipe/retime';
import { centreCaution, kidneyBeanCaution, LID, VALVE, VENT, type Caution } from '../safety';
import type { ProblemStep } from '../solve';
import { formatMinutes, formatTemperature } from '../units';
import { askCooker, bestSupplied, isFinicky, type CookerOffer } from './cycle-steps';
import { browningIn, powerOf, rinseIn, settingsFor, topUpsOf } from './cooker-facts';
import { longestGap } from './gaps';
import { probeStage } from './later-heat';
import { thawFor } from './thaw';
import { eveningBefore, eveningSoak, type Lead } from './lead';
import { StepWriter, type DishSteps } from './step-writer';
import { findStays, placeOf, stagesBefore, type Stay } from './stays';
import { BURNER_UNIT, OVEN_UNIT } from './types';

/** Minutes of hands: lid and valve; opening; putting in and turning on. */
const HANDS = { seal: 2, open: 1, putIn: 1 } as const;
/** Soaked at room temperature no longer than this; then in the fridge (common practice), min. */
const LONGEST_ON_COUNTER = 720;
const lengthOf = (s: Stage): number => (s.kind === 'pressure' ? s.holdMinutes : s.minutes);
/** A natural release may be left this long before opening. */
const NATURAL_WAIT = 30;

export class DishCompiler extends StepWriter {
  private readonly stays: Stay[];

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
      if (stage.kind === 'pressure') this.addCycle(stage, block?.id ?? '', block?.offers ?? []);
      else if (placeOf(stage) === 'oven') this.addOven(stage, block?.id ?? '');
      else if (stage.kind === 'brown') this.addBrowning(stage, block?.id, block?.offers ?? []);
      else this.addPlain(stage, block?.id);
    }
    this.addThaws();
    this.addOrder();
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
      this.mean(id, last, 'rinse', 'Empty the liner and rinse it, or take the spare one', {
        because,
      });
      this.link(edge.last, id);
    }
  }

  private blockIdOf(stay: Stay): string {
    return `${this.entry.id}.${stay.place}${this.stays.indexOf(stay) + 1}`;
  }

  /** Chooses what may hold the stay; for a cooker, asks each one. */
  private openBlock(id: string, stay: Stay): CookerOffer[] {
    if (stay.place === 'oven') {
      if (!this.kitchen.oven)
        this.fail(
          'needs an oven, and the kitchen has none',
          'add an oven in Kitchen or leave the dish out',
        );
      this.out.blocks.push({ id, units: [OVEN_UNIT] });
      return [];
    }
    if (stay.place === 'burner') {
      if (this.kitchen.burners === 0)
        this.fail(
          'needs a burner, and the kitchen has none',
          'add a burner in Kitchen or leave the dish out',
        );
      this.out.blocks.push({ id, units: [BURNER_UNIT] });
      return [];
    }
    const offers = this.offersFor(stay);
    const tools = stay.stages.flatMap((s) => (s.kind === 'pressure' ? s.tools : []));
    const known = tools.filter((t) => this.kitchen.tools.some((k) => k.id === t));
    for (const missing of tools.filter((t) => !known.includes(t)))
      this.note(
        'look',
        `${this.scaled.dish.name} needs “${missing}”, which is not in the kitchen.`,
        'Add it in Kitchen, or use something like it.',
      );
    this.out.blocks.push({ id, units: offers.map((o) => o.cooker.id), tools: known });
    return offers;
  }

  private offersFor(stay: Stay): CookerOffer[] {
    const { cookers } = this.kitchen;
    if (cookers.length === 0) {
      this.fail('needs a cooker, and the kitchen has none', 'add a cooker in Kitchen');
      return [];
    }
    const fixed = cookers.find((c) => c.id === this.entry.cooker);
    if (this.entry.cooker !== null && !fixed)
      this.note(
        'look',
        `The cooker that ${this.scaled.dish.name} was given is no longer in the kitchen; the plan chooses another.`,
        'Choose a cooker for it, or leave it open.',
      );
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
    const reason = (able ?? asked[0])?.refusals[0] ?? 'no cooker can take it';
    if (!able) {
      this.fail(reason.split('; ')[0] ?? reason, reason.split('; ')[1] ?? 'choose another cooker');
      return [];
    }
    this.note(
      'stop',
      `${this.scaled.dish.name} for ${this.scaled.servings} in the ${able.cooker.name}: ${reason.split('; ')[0]}.`,
      sentence(reason.split('; ')[1] ?? ''),
    );
    return [able];
  }

  /** Lid, come-up, hold, release, opening. */
  private addCycle(stage: PressureStage, block: string, offers: readonly CookerOffer[]): void {
    const id = (part: string): string => `${this.entry.id}.${stage.id}.${part}`;
    const cycles = offers.map((o) => [o.cooker, o.cycles.get(stage.id)] as const);
    const each = (
      pick: (c: NonNullable<(typeof cycles)[number][1]>) => number,
    ): Record<string, number> =>
      Object.fromEntries(cycles.flatMap(([cooker, c]) => (c ? [[cooker.id, pick(c)]] : [])));
    const reasons = (part: 'comeUp' | 'hold' | 'release'): Record<string, string[]> =>
      Object.fromEntries(
        cycles.flatMap(([cooker, c]) => (c ? [[cooker.id, c.because[part]]] : [])),
      );
    const { release, level } = stage;
    const holds = each((c) => c.hold);
    const shown = [...new Set(Object.values(holds))];

    this.step({ id: id('seal'), minutes: HANDS.seal, hands: 1, block });
    const only = shown.length === 1 ? shown[0] : undefined;
    const text = only === undefined ? stage.text : retime(stage.text, stage.holdMinutes, only);
    this.mean(id('seal'), stage, 'seal', text, {
      amounts: this.amountsOf(stage),
      caution: VALVE,
      because: { '': ['lid on, valve, pin and ring looked at (common practice)'] },
      settings: settingsFor(offers, stage, holds),
      ...topUpsOf(offers, stage),
      ...(only === undefined
        ? {
            texts: Object.fromEntries(
              Object.entries(holds).map(([unit, minutes]) => [
                unit,
                retime(stage.text, stage.holdMinutes, minutes),
              ]),
            ),
          }
        : {}),
    });
    this.step({
      id: id('up'),
      minutes: each((c) => c.comeUp),
      p90: each((c) => c.comeUpP90),
      block,
      ...powerOf(offers, this.kitchen),
    });
    this.mean(id('up'), stage, 'come-up', 'Coming up to pressure', {
      because: reasons('comeUp'),
      kg: each((c) => c.kg),
    });
    this.step({ id: id('hold'), minutes: shown.length === 1 ? (shown[0] ?? 0) : holds, block });
    this.mean(
      id('hold'),
      stage,
      'hold',
      `${level[0]?.toUpperCase()}${level.slice(1)} pressure${shown.length === 1 ? `, ${shown[0]} min` : ''}`,
      { because: reasons('hold') },
    );
    this.link(id('seal'), id('up'), 0);
    this.link(id('up'), id('hold'), 0);

    let before = id('hold');
    if (release.kind !== 'quick') {
      const minutes = each((c) => c.release);
      this.step({ id: id('release'), minutes, p90: each((c) => c.releaseP90), block });
      const text =
        release.kind === 'timed'
          ? `Let it fall for ${release.minutes} min`
          : 'Letting go by itself';
      this.mean(id('release'), stage, 'release', text, { because: reasons('release') });
      this.link(before, id('release'), 0);
      before = id('release');
    }
    if (release.kind !== 'natural') {
      const minutes = release.kind === 'quick' ? each((c) => c.release) : 1;
      this.step({ id: id('vent'), minutes, hands: 1, block });
      this.mean(
        id('vent'),
        stage,
        'vent',
        release.kind === 'quick' ? 'Vent at once' : 'Vent what is left',
        {
          because:
            release.kind === 'quick'
              ? reasons('release')
              : { '': ['what pressure is left goes in a minute (common practice)'] },
          caution: VENT,
        },
      );
      this.link(before, id('vent'), isFinicky(this.scaled, stage) ? 0 : 2);
      before = id('vent');
    }
    this.step({ id: id('open'), minutes: HANDS.open, hands: 1, block });
    this.mean(id('open'), stage, 'open', 'Pin down: open', {
      caution: this.probed(stage) ?? LID,
      because: { '': ['lid off, away from you, and a look inside (common practice)'] },
    });
    this.link(before, id('open'), release.kind === 'natural' ? NATURAL_WAIT : 2);
    this.out.edges.set(stage.id, { first: id('seal'), last: id('open') });
  }

  /** What a thermometer must show, told where the food can be probed: after the last of its heat. */
  private probed(stage: Stage): Caution | null {
    if (probeStage(this.scaled.dish.stages)?.id !== stage.id) return null;
    return centreCaution(this.scaled, this.kitchen.scale) ?? kidneyBeanCaution(this.scaled);
  }

  /** Preheat, put in, bake. */
  private addOven(stage: Stage, block: string): void {
    if (stage.kind !== 'oven' && stage.kind !== 'crisp') return;
    const id = (part: string): string => `${this.entry.id}.${stage.id}.${part}`;
    const setting = formatTemperature(stage.celsius, this.kitchen.scale, 5);
    const stay = this.stays.find((s) => s.stages.includes(stage));
    this.step({ id: id('in'), minutes: HANDS.putIn, hands: 1, block });
    const learned = this.learnedFor(stage);
    const baked = learned === 1 ? stage.minutes : Math.max(1, Math.round(stage.minutes * learned));
    this.mean(id('in'), stage, 'put-in', retime(stage.text, stage.minutes, baked), {
      amounts: this.amountsOf(stage),
      caution: this.probed(stage),
      because: { '': ['door open no longer than it takes (common practice)'] },
      celsius: stage.celsius,
    });
    this.step({ id: id('bake'), minutes: baked, block });
    this.mean(id('bake'), stage, stage.kind, `In the oven at ${setting}`, {
      because: { '': ['as the dish asks for; look at half of it'] },
      celsius: stage.celsius,
      caution: this.probed(stage),
    });
    this.link(id('in'), id('bake'), 0);
    if (stay?.stages[0] === stage) {
      const heat = this.kitchen.oven?.heatMinutes ?? 12;
      const minutes = Math.max(1, Math.round((heat * (stage.celsius - 20)) / 180));
      this.step({ id: id('preheat'), minutes, p90: Math.ceil(minutes * 1.2), block });
      this.mean(id('preheat'), stage, 'preheat', `Oven on, ${setting}`, {
        because: { '': [`${heat} min to 200 °C in this oven, in proportion to the setting`] },
        celsius: stage.celsius,
      });
      this.link(id('preheat'), id('in'), 10);
      this.out.ovenBlocks.push({ id: block, celsius: stage.celsius });
    }
    this.out.edges.set(stage.id, { first: id('in'), last: id('bake') });
  }

  /** Browning takes as many rounds as the bottom of the liner asks for. */
  private addBrowning(
    stage: Extract<Stage, { kind: 'brown' }>,
    block: string | undefined,
    offers: readonly CookerOffer[],
  ): void {
    const id = `${this.entry.id}.${stage.id}`;
    const { minutes, p90, because } = browningIn(
      stage,
      offers,
      this.paceOf(stage) * this.learnedFor(stage),
    );
    this.step({ id, minutes, p90, hands: 1, ...(block ? { block } : {}) });
    const text =
      typeof minutes === 'number' && !stage.guessed
        ? retime(stage.text, stage.minutes, minutes)
        : stage.text;
    const caution = this.probed(stage);
    this.mean(id, stage, 'brown', text, { amounts: this.amountsOf(stage), because, caution });
    this.out.edges.set(stage.id, { first: id, last: id });
  }

  /** Everything that is one step: cutting, browning, simmering, resting, finishing. */
  private addPlain(stage: Stage, block: string | undefined): void {
    if (stage.kind === 'pressure' || stage.kind === 'oven' || stage.kind === 'crisp') return;
    const id = `${this.entry.id}.${stage.id}`;
    const grows = stage.kind === 'prep';
    const pace = this.paceOf(stage) * this.learnedFor(stage);
    const own = stage.minutes * (grows ? this.scaled.factor : 1);
    const minutes = grows || pace !== 1 ? Math.max(1, Math.round(own * pace)) : stage.minutes;
    const isHands =
      stage.kind === 'simmer' || stage.kind === 'burner'
        ? stage.attended
        : !['soak', 'rest', 'slow'].includes(stage.kind);
    const spread = isHands ? { p90: Math.ceil(minutes * 1.3) } : {};
    this.step({
      id,
      minutes,
      ...spread,
      ...(isHands ? { hands: 1 } : {}),
      ...(block ? { block } : {}),
      ...(stage.kind === 'soak' ? { aside: true } : {}),
      ...(stage.kind === 'soak' ? eveningSoak(minutes, this.lead) : {}),
      ...(this.isAhead(stage) ? this.aheadWindow(stage, minutes) : {}),
    });
    const because =
      grows && this.scaled.factor !== 1
        ? `${formatMinutes(stage.minutes)} for ${this.scaled.dish.servings}, in proportion for ${this.scaled.servings}`
        : stage.guessed
          ? 'nobody said how long it takes: this is usual'
          : 'as the dish asks for';
    const text = stage.guessed ? stage.text : retime(stage.text, stage.minutes, minutes);
    this.mean(id, stage, stage.kind, `${text}${this.inFridge(stage, minutes)}`, {
      amounts: this.amountsOf(stage),
      caution: this.probed(stage),
      because: {
        '': [
          because,
          ...(pace === 1
            ? []
            : [`times ${pace.toFixed(2)} for the pace of your hands and what your evenings took`]),
        ],
      },
    });
    this.out.edges.set(stage.id, { first: id, last: id });
  }

  /** Whether what soaks stands in the fridge: what spoils always, pulses and grain from twelve hours on. */
  private inFridge(stage: Stage, minutes: number): string {
    if (stage.kind !== 'soak' || /fridge|refrigerat|\bchill/i.test(stage.text)) return '';
    const used = this.scaled.ingredients.filter((i) => stage.uses.includes(i.ingredient.id));
    const spoils = used.some((i) => i.kind !== null && !['plant', 'ready'].includes(i.kind.class));
    if (spoils) return ', in the fridge';
    const { stages } = this.scaled.dish;
    const later = stages.slice(stages.indexOf(stage) + 1).reduce((sum, s) => sum + lengthOf(s), 0);
    const { from = null } = eveningSoak(minutes, this.lead);
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
      this.link(step, edge.first, thaw.waits);
      if (thaw.note) this.note('look', thaw.note.text, thaw.note.remedy);
    }
  }

  private isAhead(stage: Stage): boolean {
    return this.entry.ahead && stage.ahead === true;
  }

  /** The evening before, if that still lies ahead. */
  private aheadWindow(stage: Stage, minutes: number): Partial<ProblemStep> {
    const window = eveningBefore(minutes, this.lead);
    if (window) return { ...window, aside: true };
    this.note(
      'look',
      `“${stage.text}” was to be done the day before, and that has passed.`,
      'It is planned for the day itself.',
    );
    return {};
  }

  /** Links between stages, and from loose ends to the last stage, which makes the dish ready. */
  private addOrder(): void {
    const { dish } = this.scaled;
    const last = dish.stages.at(-1) as Stage;
    const followed = new Set<string>();
    for (const stage of dish.stages) {
      for (const id of stagesBefore(dish, stage)) {
        const before = dish.stages.find((s) => s.id === id);
        if (!before) continue;
        followed.add(id);
        this.linkStages(before, stage);
      }
    }
    for (const stage of dish.stages)
      if (stage !== last && !followed.has(stage.id)) this.linkStages(stage, last);
    this.out.ready = this.out.edges.get(last.id)?.last ?? '';
  }

  private linkStages(before: Stage, after: Stage): void {
    const from = this.out.edges.get(before.id);
    const to = this.out.edges.get(after.id);
    if (from && to) this.link(from.last, to.first, longestGap(before, after));
  }
}

function sentence(text: string): string {
  return text === '' ? '' : `${text[0]?.toUpperCase()}${text.slice(1)}.`;
}

/** The cooker ids a compiled dish's stays may use, for finding out which liners are shared. */
export function cookerUnits(steps: DishSteps, cookers: readonly Cooker[]): string[][] {
  const ids = new Set(cookers.map((c) => c.id));
  return steps.blocks.map((b) => b.units.filter((u) => ids.has(u))).filter((u) => u.length > 0);
}
