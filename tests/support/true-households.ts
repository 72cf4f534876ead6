/** Households with pots, hands and habits of their own, over many evenings: what they tap, and what was true. */
import type { CycleInput } from '$core/cooker';
import type { Kitchen } from '$core/kitchen';
import { exponential, normal, numbers, type Random } from './numbers';
import { cook, drawPot, type TrueFood, type TruePot } from './true-pots';

type Cooker = Kitchen['cookers'][number];

/** One way up or one release, as planned from the recipe and as it was. */
export interface Passage {
  evening: number;
  kind: 'up' | 'release';
  cooker: Cooker;
  /** What the plan takes to be in the pot. */
  input: CycleInput;
  holdMinutes: number;
  /** Minutes, to the second. */
  real: number;
  /** Minutes between two taps; null where one of them is missing. */
  tapped: number | null;
}

export interface Habits {
  /** Share of taps that never come. */
  missing: number;
  /** From this evening on the element gives so much less, as a share. */
  weaker?: { evening: number; share: number };
}

/** What a food is in a plan and in truth: g by share of the pot, J/(g K), mm through. */
const FOODS = [
  { food: 'carrot', jPerGK: 3.9, mm: 20, celsius: 5 },
  { food: 'beef', jPerGK: 3.4, mm: 40, celsius: 5 },
  { food: 'potato', jPerGK: 3.5, mm: 30, celsius: 18 },
  { food: 'onion', jPerGK: 3.9, mm: 10, celsius: 18 },
] as const;
const THICK = { food: 'canned-tomatoes', jPerGK: 3.95, celsius: 20 } as const;
/** Of evenings whose pot is mostly something thick. */
const THICK_SHARE = 0.25;
const FRESH = 24;

export class TrueHousehold {
  private readonly random: Random;
  private readonly pots: { cooker: Cooker; pot: TruePot }[];
  private readonly roomC: number;
  /** Mean minutes by which a tap comes late; what ends by a beep is seen sooner or later as well. */
  private readonly late: number;
  private readonly fresh: Random;

  constructor(
    kitchen: Kitchen,
    seed: number,
    private readonly habits: Habits,
  ) {
    this.random = numbers(seed * 7919 + 11);
    this.fresh = numbers(seed * 104_729 + 5);
    const mains = Math.exp(0.05 * normal(this.random));
    this.pots = kitchen.cookers.map((cooker) => {
      const pot = drawPot(cooker.litres, cooker.watts, this.random);
      return { cooker, pot: { ...pot, watts: pot.watts * mains } };
    });
    this.roomC = 17 + 8 * this.random();
    this.late = 0.3 + 1.2 * this.random();
  }

  /** One to three pots on that evening. */
  evening(index: number): Passage[] {
    const cycles = 1 + Math.floor(2.2 * this.random());
    const mood = this.mood(this.random);
    return Array.from({ length: cycles }, () => this.passages(index, mood, this.random)).flat();
  }

  /** Cycles of evenings to come, each its own evening: what is to be foretold. */
  comingEvenings(after: number): Passage[] {
    return Array.from({ length: FRESH }, () =>
      this.passages(after, this.mood(this.fresh), this.fresh),
    ).flat();
  }

  /** What all of one evening shares: mains, room, how cold the water and the fridge are. */
  private mood(random: Random): { mains: number; roomC: number; waterC: number; coldC: number } {
    return {
      mains: Math.exp(0.025 * normal(random)),
      roomC: this.roomC + 1.5 * normal(random),
      waterC: 13 + 3.5 * normal(random),
      coldC: 6 + 2 * normal(random),
    };
  }

  private passages(
    evening: number,
    mood: ReturnType<TrueHousehold['mood']>,
    random: Random,
  ): Passage[] {
    const at = Math.floor(random() * this.pots.length);
    const { cooker, pot } = this.pots[at] as (typeof this.pots)[number];
    const isThick = random() < THICK_SHARE;
    const grams = cooker.litres * 1000 * (0.22 + 0.33 * random());
    const solid = FOODS[Math.floor(random() * FOODS.length)] as (typeof FOODS)[number];
    const water = Math.max(150, grams * (isThick ? 0.12 : 0.25 + 0.45 * random()));
    const thick = isThick ? grams * 0.55 : 0;
    const rest = Math.max(100, grams - water - thick);
    const holdMinutes = 4 + Math.floor(30 * random());
    const isHotStart = random() < 0.4;
    const input: CycleInput = {
      cooker,
      level: 'high',
      altitudeM: 0,
      hotStart: isHotStart,
      contents: [
        { food: 'water', grams: water, celsius: 15 },
        { food: solid.food, grams: rest, celsius: solid.celsius, pieceMm: solid.mm },
        ...(thick > 0 ? [{ food: THICK.food, grams: thick, celsius: THICK.celsius }] : []),
      ],
    };
    // Cooks weigh roughly, and what stood in the fridge is as cold as that.
    const measured = (g: number): number => g * Math.exp(0.07 * normal(random));
    const foods: TrueFood[] = [
      { grams: measured(water), jPerGK: 4.18, celsius: mood.waterC, halfMm: 0, isThick: false },
      {
        grams: measured(rest),
        jPerGK: solid.jPerGK,
        celsius: solid.celsius < 10 ? mood.coldC : mood.roomC,
        halfMm: (solid.mm / 2) * Math.exp(0.15 * normal(random)),
        isThick: false,
      },
      ...(thick > 0
        ? [{ grams: measured(thick), jPerGK: 3.95, celsius: mood.roomC, halfMm: 0, isThick: true }]
        : []),
    ];
    const { weaker } = this.habits;
    const left = weaker && evening >= weaker.evening ? 1 - weaker.share : 1;
    const odd = random() < 0.04 ? 1.25 + 0.5 * random() : 1;
    const truth = cook(
      { ...pot, watts: pot.watts * mood.mains * left },
      { foods, roomC: mood.roomC, isHotStart, holdMinutes },
    );
    if (!truth) return [];
    const common = { evening, cooker, input, holdMinutes };
    return (['up', 'release'] as const).map((kind): Passage => {
      const real = kind === 'up' ? truth.up * odd : truth.release;
      const isTapped = random() >= this.habits.missing;
      const from = exponential(random, this.late * 0.5);
      const to = exponential(random, this.late);
      return {
        ...common,
        kind,
        real,
        tapped: isTapped ? Math.max(1, Math.round(real + to - from)) : null,
      };
    });
  }
}
