/** What heat does to a dish as steps: a cycle under its lid, the oven, browning. */
import {
  assemblyMinutes,
  browningBatches,
  isGrilled,
  type PressureStage,
  type Stage,
} from '../dish';
import type { Cooker } from '../kitchen';
import { isFinicky, probeStage, type CookerOffer, type Gap } from '../cycle';
import { LOW_OVEN_C } from '../facts';
import { retime } from '../recipe/retime';
import { centreCaution, kidneyBeanCaution, LID, VALVE, VENT, type Caution } from '../safety';
import { formatQuantity, formatTemperature, roundWater } from '../units';
import { browningIn, powerOf, settingsFor, topUpsOf } from './cooker-facts';
import type { RiceCookerOffer } from './rice-cooker';
import type { ProblemStep } from '../solve';
import { StepWriter } from './step-writer';
import { OVEN_UNIT } from './types';

/** Minutes of hands: lid and valve; opening; putting in and turning on. */
const HANDS = { seal: 2, open: 1, putIn: 1, turn: 1 } as const;
/** Turning may come so many minutes late. */
const TURN_WAIT = 5;
/** A natural release may be left this long before opening. */
const NATURAL_WAIT = 30;

/** A crisp lid goes no hotter than this (common practice), °C. */
const LID_MOST_C = 205;
/** Minutes under the lid for one in the oven: 12 for 20 (common practice). */
const LID_SHARE = 0.6;

/** Minutes in the oven and under a crisp lid, from those that were written for one of them. */
function minutesAbove(stage: Stage, written: number): { oven: number; lid: number } {
  const isForLid = /\b(?:crisp(?:ing)? lid|air[- ]?(?:fry|crisp))/i.test(
    stage.sentence ?? stage.text,
  );
  return isForLid
    ? { oven: Math.max(1, Math.round(written / LID_SHARE)), lid: written }
    : { oven: written, lid: Math.max(1, Math.round(written * LID_SHARE)) };
}

/** Minutes of a part; where it may go on after a check, its longest time with them. */
function lengthOf(
  minutes: number | Record<string, number>,
  length: (all: number) => number,
  more: number,
): Pick<ProblemStep, 'minutes' | 'p90'> {
  if (typeof minutes === 'number') {
    const own = length(minutes);
    return { minutes: own, ...(more > 0 && own > 0 ? { p90: own + more } : {}) };
  }
  const each = Object.entries(minutes).map(([unit, all]) => [unit, length(all)] as const);
  const plus = each.map(([unit, own]) => [unit, own > 0 ? own + more : 0] as const);
  return {
    minutes: Object.fromEntries(each),
    ...(more > 0 ? { p90: Object.fromEntries(plus) } : {}),
  };
}

/** Until a grill glows (common practice), min. */
const GRILL_HEATS = 5;
/** Covered in a low oven food loses little in half an hour, and more and more until it is dry (common practice). */
const HELD: Gap = { most: 240, soft: 30, cost: 1 };

export class HeatWriter extends StepWriter {
  /** Lid, coming to pressure, time at pressure, release, opening. */
  protected addCycle(stage: PressureStage, block: string, offers: readonly CookerOffer[]): void {
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

    const seal = HANDS.seal + assemblyMinutes(stage.text);
    this.step({ id: id('seal'), minutes: seal, hands: 1, block });
    const only = shown.length === 1 ? shown[0] : undefined;
    const text =
      only === undefined || stage.guessed
        ? stage.text
        : retime(stage.text, stage.holdMinutes, only);
    this.mean(id('seal'), stage, 'seal', text, {
      amounts: this.amountsOf(stage),
      caution: VALVE,
      because: { '': ['lid on; check valve, pin and ring (common practice)'] },
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
    this.mean(id('up'), stage, 'come-up', 'Coming to pressure', {
      because: reasons('comeUp'),
      kg: each((c) => c.kg),
      thick: cycles[0]?.[1]?.thick ?? 0,
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
        release.kind === 'timed' ? `Natural release for ${release.minutes} min` : 'Natural release';
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
        release.kind === 'quick'
          ? 'Quick release'
          : `Release the rest of the pressure (${this.scaled.dish.name})`,
        {
          because:
            release.kind === 'quick'
              ? reasons('release')
              : { '': ['the rest of the pressure is gone in a minute (common practice)'] },
          caution: VENT,
        },
      );
      this.link(before, id('vent'), isFinicky(this.scaled, stage) ? 0 : 2);
      before = id('vent');
    }
    this.step({ id: id('open'), minutes: HANDS.open, hands: 1, block });
    this.mean(id('open'), stage, 'open', 'The pin has dropped: open the lid', {
      caution: this.probed(stage) ?? LID,
      because: { '': ['lift the lid away from you and look inside (common practice)'] },
    });
    this.link(before, id('open'), release.kind === 'natural' ? NATURAL_WAIT : 2);
    this.out.edges.set(stage.id, { first: id('seal'), last: id('open') });
  }

  /** Grain and liquid in, and it cooks by itself. */
  protected addRice(stage: Stage, block: string, offer: RiceCookerOffer): void {
    const id = (part: string): string => `${this.entry.id}.${stage.id}.${part}`;
    const { system } = this.kitchen;
    const liquid = formatQuantity({ amount: roundWater(offer.ml), unit: 'ml' }, system);
    const name = offer.appliances[0]?.name ?? '';
    this.step({ id: id('in'), minutes: HANDS.seal, hands: 1, block });
    this.mean(
      id('in'),
      stage,
      'put-in',
      `Into the ${name}: ${offer.foods.join(', ')}, with ${liquid} of liquid in all; lid on, cook`,
      {
        amounts: this.amountsOf(stage),
        because: { '': ['a rice cooker loses more as steam than a sealed pot (common practice)'] },
      },
    );
    const { minutes } = offer;
    this.step({ id: id('cook'), minutes, p90: Math.ceil(minutes * 1.2), block });
    this.mean(id('cook'), stage, 'slow', `${this.scaled.dish.name} cooks in the ${name}`, {
      because: { '': [`about ${minutes} min from cold, whatever the amount (common practice)`] },
    });
    this.link(id('in'), id('cook'), 0);
    this.note('in-rice-cooker', 'info', { dish: this.scaled.dish.name, cooker: name });
    this.out.edges.set(stage.id, { first: id('in'), last: id('cook') });
  }

  /** What a thermometer must show, told where the food can be probed: after the last of its heat. */
  protected probed(stage: Stage): Caution | null {
    if (probeStage(this.scaled.dish.stages)?.id !== stage.id) return null;
    return centreCaution(this.scaled, this.kitchen.scale) ?? kidneyBeanCaution(this.scaled);
  }

  /** Cookers whose second lid crisps what these stages crisp, where it lies in one layer. */
  protected crispLids(stages: readonly Stage[]): Cooker[] {
    if (!stages.every((s) => s.kind === 'crisp')) return [];
    return this.kitchen.cookers.filter(
      (c) =>
        c.modes.includes('crisp') &&
        (this.entry.where.cooker === null || this.entry.where.cooker === c.id) &&
        stages.every((s) => browningBatches(this.scaled, s, c.diameterMm) === 1),
    );
  }

  /** Preheat, put in, bake; under a crisp lid, where that does it. @param isFirst nothing is in the oven before it */
  protected addOven(stage: Stage, block: string, isFirst: boolean, stay: readonly Stage[]): void {
    if (stage.kind !== 'oven' && stage.kind !== 'crisp') return;
    const id = (part: string): string => `${this.entry.id}.${stage.id}.${part}`;
    const isGrill = isGrilled(stage);
    const setting = formatTemperature(stage.celsius, this.kitchen.scale, 5);
    const place = isGrill ? 'Under the grill' : `In the oven at ${setting}`;
    const learned = this.learnedFor(stage);
    const written = Math.max(1, Math.round(stage.minutes * learned));
    const lids = this.crispLids(stay);
    const { oven, lid } = minutesAbove(stage, written);
    /** The same in the oven, another under each lid; one value where there is no lid. */
    const each = <T>(inOven: T, under: T): T | Record<string, T> =>
      lids.length === 0
        ? inOven
        : Object.fromEntries([
            ...(this.kitchen.oven ? [[OVEN_UNIT, inOven] as const] : []),
            ...lids.map((c) => [c.id, under] as const),
          ]);
    const lidSetting = formatTemperature(
      Math.min(stage.celsius, LID_MOST_C),
      this.kitchen.scale,
      5,
    );
    const underLid = `under the crisp lid at ${lidSetting}, ${lid} min`;
    const texts = (inOven: string, under: string): { texts?: Record<string, string> } =>
      lids.length === 0 ? {} : { texts: each(inOven, under) as Record<string, string> };
    const because = (inOven: string, under: string): Record<string, string[]> =>
      lids.length === 0 ? { '': [inOven] } : (each([inOven], [under]) as Record<string, string[]>);

    const putIn = HANDS.putIn + assemblyMinutes(stage.text);
    this.step({ id: id('in'), minutes: putIn, hands: 1, block });
    const text = retime(stage.text, stage.minutes, oven);
    this.mean(id('in'), stage, 'put-in', text, {
      amounts: this.amountsOf(stage),
      caution: this.probed(stage),
      because: because(
        'keep the oven door open as briefly as you can (common practice)',
        'the second lid goes on instead of the pressure lid',
      ),
      celsius: stage.celsius,
      ...texts(text, `${stage.text} Here: ${underLid}`),
    });
    const last = this.inParts(
      stage,
      { id: id('bake'), minutes: each(oven, lid), block },
      (part) => {
        this.mean(part, stage, stage.kind, place, {
          because: because(
            'as the recipe says; check halfway through',
            `a lid so near browns in about three fifths of the oven’s time (common practice); check halfway through`,
          ),
          celsius: stage.celsius,
          caution: this.probed(stage),
          ...texts(place, `Under the crisp lid at ${lidSetting}`),
        });
      },
    );
    this.link(id('in'), id('bake'), 0);
    if (isFirst) {
      const heat = this.kitchen.oven?.heatMinutes ?? 12;
      const minutes = isGrill
        ? GRILL_HEATS
        : Math.max(1, Math.round((heat * (stage.celsius - 20)) / 180));
      const on = isGrill ? 'Grill on, high' : `Oven on, ${setting}`;
      const p90 = Math.ceil(minutes * 1.2);
      this.step({ id: id('preheat'), minutes: each(minutes, 0), p90: each(p90, 0), block });
      this.mean(id('preheat'), stage, 'preheat', on, {
        because: because(
          isGrill
            ? `a grill is hot in about ${GRILL_HEATS} min (common practice)`
            : `${heat} min to 200 °C in this oven, in proportion to the setting`,
          'it is hot at once',
        ),
        celsius: stage.celsius,
        ...texts(on, 'Crisp lid ready, its basket in the pot'),
      });
      this.link(id('preheat'), id('in'), 10);
      this.out.ovenBlocks.push({
        id: block,
        celsius: stage.celsius,
        ...(isGrill ? { isGrill } : {}),
      });
    }
    this.out.edges.set(stage.id, { first: id('in'), last });
  }

  /**
   * From the pot into a low oven, and out of it for the last touches: hot food may stand longer there than the two hours.
   *
   * @param stage the last of the dish
   * @returns the steps that it goes in and comes out with
   */
  protected addKeepingHot(stage: Stage): { in: string; out: string } {
    const block = `${this.entry.id}.hot`;
    const setting = formatTemperature(LOW_OVEN_C, this.kitchen.scale, 5);
    const name = this.scaled.dish.name;
    const because = {
      '': ['kept at 60 °C or more it may stand longer than two hours (USDA FSIS, “Danger Zone”)'],
    };
    this.out.blocks.push({ id: block, units: [OVEN_UNIT] });
    this.out.ovenBlocks.push({ id: block, celsius: LOW_OVEN_C });
    const steps = { in: `${block}.in`, out: `${block}.out` };
    this.step({ id: steps.in, minutes: HANDS.putIn, hands: 1, block });
    this.mean(steps.in, stage, 'put-in', `Oven at ${setting}: put it in, well covered (${name})`, {
      because,
      celsius: LOW_OVEN_C,
    });
    this.step({ id: steps.out, minutes: HANDS.putIn, hands: 1, block });
    this.mean(steps.out, stage, 'finish', `Take it out of the oven (${name})`, {
      because: { '': ['it has stayed hot under its cover'] },
    });
    this.link(steps.in, steps.out, HELD);
    return steps;
  }

  /**
   * Something that cooks by itself, in as many parts as it is turned, stirred or uncovered in between.
   *
   * @param mean says what a part means, by its id
   * @returns the id of the last part
   */
  protected inParts(
    stage: Stage,
    whole: { id: string; minutes: number | Record<string, number>; block: string | undefined },
    mean: (part: string) => void,
  ): string {
    const turns = [...(stage.turns ?? [])].sort((a, b) => a.at - b.at);
    const at = { ...(whole.block ? { block: whole.block } : {}) };
    const until = [...turns.map((t) => t.at), 1];
    let part = whole.id;
    until.forEach((end, i) => {
      const begin = until[i - 1] ?? 0;
      const length = (all: number): number => Math.round(all * end) - Math.round(all * begin);
      const { minutes } = whole;
      const id = i === 0 ? whole.id : `${whole.id}-${i + 1}`;
      this.step({
        id,
        ...lengthOf(minutes, length, end === 1 ? (stage.checks?.[0]?.minutes ?? 0) : 0),
        ...at,
      });
      mean(id);
      if (i > 0) {
        const turn = `${whole.id}-turn-${i}`;
        this.step({ id: turn, minutes: HANDS.turn, hands: 1, ...at });
        this.mean(turn, stage, 'turn', turns[i - 1]?.text ?? '', {
          because: {
            '': ['as the recipe says; a few minutes later does no harm (common practice)'],
          },
        });
        this.link(part, turn, TURN_WAIT);
        this.link(turn, id, 0);
      }
      part = id;
    });
    return part;
  }

  /** Browning takes as many rounds as the bottom of the liner asks for. */
  protected addBrowning(
    stage: Extract<Stage, { kind: 'brown' }>,
    block: string | undefined,
    offers: readonly CookerOffer[],
  ): void {
    const id = `${this.entry.id}.${stage.id}`;
    const { minutes, because } = browningIn(
      stage,
      offers,
      this.paceOf(stage) * this.learnedFor(stage),
    );
    this.step({ id, minutes, hands: 1, ...(block ? { block } : {}) });
    const text =
      typeof minutes === 'number' && !stage.guessed
        ? retime(stage.text, stage.minutes, minutes)
        : stage.text;
    const caution = this.probed(stage);
    this.mean(id, stage, 'brown', text, { amounts: this.amountsOf(stage), because, caution });
    this.out.edges.set(stage.id, { first: id, last: id });
  }
}
