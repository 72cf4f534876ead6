/** Simulated households with hidden true cookers and hands: what five evenings teach. */
import { comeUp, defaultParameters, type CycleInput, type HeatParameters } from '$core/cooker';
import { learn, priorFor, withLearned, type Observation } from '$core/learn';
import type { Kitchen } from '$core/kitchen';

export interface HouseholdResult {
  /** Median absolute error of the way up over fresh cycles, as a share: before any evening, and after. */
  before: number;
  after: number;
}

/** Hidden spread of cookers about their labels, and of one cycle about its cooker (logarithms). */
const HIDDEN = { power: 0.16, loss: 0.3, cycle: 0.04 } as const;
/** A tap comes so much early or late, min. */
const TAP_MIN = 0.4;
/** Share of cycles at which something else happened. */
const OUTLIERS = 0.05;
const CYCLES_EACH_EVENING = 2;
const FRESH = 12;

/** Numbers from 0 up to 1, the same for the same seed (mulberry32, public domain). */
export function numbers(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = a;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

function normal(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

function potful(kitchen: Kitchen, index: number, random: () => number): CycleInput {
  const cooker = kitchen.cookers[index] as Kitchen['cookers'][number];
  const share = 0.2 + 0.35 * random();
  const grams = cooker.litres * 1000 * share;
  return {
    cooker,
    level: 'high',
    altitudeM: kitchen.altitudeM,
    hotStart: random() < 0.4,
    contents: [
      { food: 'water', grams: grams * (0.4 + 0.3 * random()), celsius: 10 + 10 * random() },
      { food: 'carrot', grams: grams * 0.4, celsius: 8 },
    ],
  };
}

function minutesOf(input: CycleInput, parameters: HeatParameters): number {
  const up = comeUp(input, parameters);
  return up.ok ? up.value.minutes : Number.NaN;
}

/**
 * @param evenings that the household cooks
 * @returns the error of the way up, of the middle one of fresh cycles over all its cookers
 */
export function playHousehold(kitchen: Kitchen, seed: number, evenings: number): HouseholdResult {
  const random = numbers(seed);
  const truth = kitchen.cookers.map((c): HeatParameters => {
    const usual = defaultParameters(c);
    return {
      ...usual,
      efficiency: usual.efficiency * Math.exp(HIDDEN.power * normal(random)),
      lossWPerK: usual.lossWPerK * Math.exp(HIDDEN.loss * normal(random)),
    };
  });
  const prior = priorFor(kitchen);
  const observations: Observation[] = [];
  let known = kitchen;
  for (let evening = 0; evening < evenings; evening++) {
    for (let index = 0; index < kitchen.cookers.length; index++)
      for (let cycle = 0; cycle < CYCLES_EACH_EVENING; cycle++) {
        const input = potful(kitchen, index, random);
        const used = heatOf(known, index);
        const planned = Math.max(1, Math.round(minutesOf(input, used)));
        const outlier = random() < OUTLIERS ? 1.7 : 1;
        const real = Math.max(
          1,
          Math.round(
            minutesOf(input, truth[index] as HeatParameters) *
              Math.exp(HIDDEN.cycle * normal(random)) *
              outlier +
              TAP_MIN * normal(random),
          ),
        );
        const cooker = input.cooker as Kitchen['cookers'][number];
        observations.push({
          figure: `power.${cooker.id}`,
          kind: 'power',
          about: cooker.name,
          evening: String(evening),
          eveningName: String(evening),
          at: evening,
          planned,
          real,
          log: Math.log(used.efficiency) - Math.log(real / planned),
        });
      }
    known = withLearned(kitchen, learn(observations, prior));
  }
  const [before, after] = [kitchen, known].map((k) => errorOf(k, truth, numbers(seed + 1)));
  return { before: before ?? Number.NaN, after: after ?? Number.NaN };
}

function heatOf(kitchen: Kitchen, index: number): HeatParameters {
  const cooker = kitchen.cookers[index] as Kitchen['cookers'][number];
  return { ...defaultParameters(cooker), ...cooker.heat };
}

function errorOf(kitchen: Kitchen, truth: readonly HeatParameters[], random: () => number): number {
  const errors = Array.from({ length: FRESH }, (_, i) => {
    const index = i % kitchen.cookers.length;
    const input = potful(kitchen, index, random);
    const real = minutesOf(input, truth[index] as HeatParameters);
    return Math.abs(minutesOf(input, heatOf(kitchen, index)) / real - 1);
  }).sort((a, b) => a - b);
  return errors[FRESH >> 1] ?? Number.NaN;
}

/** What the households come to together. */
export function summarise(results: readonly HouseholdResult[]): {
  before: number;
  after: number;
  ratio: number;
  notWorse: number;
} {
  const middle = (values: number[]): number =>
    values.sort((a, b) => a - b)[values.length >> 1] ?? Number.NaN;
  const before = middle(results.map((r) => r.before));
  const after = middle(results.map((r) => r.after));
  const notWorse = results.filter((r) => r.after <= r.before + 0.005).length / results.length;
  return { before, after, ratio: after / before, notWorse };
}
