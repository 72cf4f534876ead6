/** What heat does to a dish as steps: a cycle under its lid, the oven, browning. */
import type { PressureStage, Stage } from '../dish';
import { isFinicky, probeStage, type CookerOffer } from '../cycle';
import { retime } from '../recipe/retime';
import { centreCaution, kidneyBeanCaution, LID, VALVE, VENT, type Caution } from '../safety';
import { formatTemperature } from '../units';
import { browningIn, powerOf, settingsFor, topUpsOf } from './cooker-facts';
import { StepWriter } from './step-writer';

/** Minutes of hands: lid and valve; opening; putting in and turning on. */
const HANDS = { seal: 2, open: 1, putIn: 1 } as const;
/** A natural release may be left this long before opening. */
const NATURAL_WAIT = 30;

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

    this.step({ id: id('seal'), minutes: HANDS.seal, hands: 1, block });
    const only = shown.length === 1 ? shown[0] : undefined;
    const text = only === undefined ? stage.text : retime(stage.text, stage.holdMinutes, only);
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

  /** What a thermometer must show, told where the food can be probed: after the last of its heat. */
  protected probed(stage: Stage): Caution | null {
    if (probeStage(this.scaled.dish.stages)?.id !== stage.id) return null;
    return centreCaution(this.scaled, this.kitchen.scale) ?? kidneyBeanCaution(this.scaled);
  }

  /** Preheat, put in, bake. @param isFirst nothing is in the oven before it */
  protected addOven(stage: Stage, block: string, isFirst: boolean): void {
    if (stage.kind !== 'oven' && stage.kind !== 'crisp') return;
    const id = (part: string): string => `${this.entry.id}.${stage.id}.${part}`;
    const setting = formatTemperature(stage.celsius, this.kitchen.scale, 5);
    this.step({ id: id('in'), minutes: HANDS.putIn, hands: 1, block });
    const learned = this.learnedFor(stage);
    const baked = learned === 1 ? stage.minutes : Math.max(1, Math.round(stage.minutes * learned));
    this.mean(id('in'), stage, 'put-in', retime(stage.text, stage.minutes, baked), {
      amounts: this.amountsOf(stage),
      caution: this.probed(stage),
      because: { '': ['keep the oven door open as briefly as you can (common practice)'] },
      celsius: stage.celsius,
    });
    this.step({ id: id('bake'), minutes: baked, block });
    this.mean(id('bake'), stage, stage.kind, `In the oven at ${setting}`, {
      because: { '': ['as the recipe says; check halfway through'] },
      celsius: stage.celsius,
      caution: this.probed(stage),
    });
    this.link(id('in'), id('bake'), 0);
    if (isFirst) {
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
  protected addBrowning(
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
}
