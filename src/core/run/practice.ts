/**
 * Practice: an evening with pots that are simulated. What a pot shows follows from what was tapped, so
 * nothing has to be kept beside the events, and the same evening can be taken up at any moment.
 */
import { defaultParameters } from '../cooker';
import type { Kitchen } from '../kitchen';
import type { CompiledMeal } from '../plan';
import { valueFor } from '../solve';

/** What may go wrong with a pot. */
export const MISHAPS = ['valve', 'overheating', 'weak-seal', 'slow-element'] as const;
export type Mishap = (typeof MISHAPS)[number];

/** What really happens in a cycle, hidden from the plan. Minutes by cooker id. */
export interface PotTruth {
  comeUp: Record<string, number>;
  release: Record<string, number>;
  mishap: Mishap | null;
}

export interface Practice {
  /** By cycle: the id of its steps up to the last part, `lamb.cook`. */
  truth: Record<string, PotTruth>;
  /** Steps of the hands are tapped by the program too. */
  isByItself: boolean;
  /** How the cook's pace differs from the plan's: 1.2 is slower. */
  pace: number;
  seed: number;
}

/** Heat lost by a weak seal, and the power of a tired element, as shares of what it should be (estimates). */
const WEAK_SEAL_LOSS = 3;
const SLOW_ELEMENT = 0.72;

/** Small, fast, seeded: the same evening every time (mulberry32). */
export function seeded(seed: number): () => number {
  let a = seed;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** The same kitchen with cookers that differ from what is known of them, each in its own way. */
export function hiddenKitchen(
  kitchen: Kitchen,
  random: () => number,
  mishap: Mishap | null = null,
): Kitchen {
  return {
    ...kitchen,
    cookers: kitchen.cookers.map((cooker) => {
      const usual = { ...defaultParameters(cooker), ...cooker.heat };
      const power = 0.88 + 0.2 * random();
      const loss = 0.8 + 0.5 * random();
      return {
        ...cooker,
        heat: {
          efficiency: usual.efficiency * power * (mishap === 'slow-element' ? SLOW_ELEMENT : 1),
          lossWPerK: usual.lossWPerK * loss * (mishap === 'weak-seal' ? WEAK_SEAL_LOSS : 1),
          on: 'practice',
        },
      };
    }),
  };
}

/** Minutes of every cycle in a plan that was compiled for hidden cookers. */
export function truthOf(compiled: CompiledMeal): Record<string, PotTruth> {
  const { steps, blocks = [] } = compiled.problem;
  const truth: Record<string, PotTruth> = {};
  for (const meaning of compiled.meanings) {
    if (meaning.phase !== 'come-up') continue;
    const cycle = cycleOf(meaning);
    const step = (part: string) => steps.find((s) => s.id === `${cycle}.${part}`);
    const units = blocks.find((b) => b.id === step('up')?.block)?.units ?? [];
    const minutes = (part: string): Record<string, number> =>
      Object.fromEntries(
        units.map((unit) => [unit, valueFor(step(part)?.minutes ?? 0, unit) ?? 0]),
      );
    const natural = step('release');
    truth[cycle] = {
      comeUp: minutes('up'),
      release: minutes(natural ? 'release' : 'vent'),
      mishap: null,
    };
  }
  return truth;
}

/** The id of the cycle that a step belongs to: `lamb.cook` of the lamb’s coming to pressure. */
export function cycleOf({ entryId, stageId }: { entryId: string; stageId: string }): string {
  return `${entryId}.${stageId}`;
}
