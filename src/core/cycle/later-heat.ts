/** What heat after a cycle still does to the middle of a piece: only what is heat enough counts. */
import { wholeCycle, type Heater, type ReleaseKind, type Cut } from '../cooker';
import { type PressureStage, type ScaledDish, type Stage, contentsAt } from '../dish';
import { centreTheta } from '../thermal';
import { centreThrough } from '../doneness';
import { compositionFor, conductivity, solidDensity, specificHeat } from '../food';
import type { Kitchen } from '../kitchen';
import { findStays } from './stays';

/** What heats through to the food; browning heats its outside only. */
const SURROUND_C: Readonly<Partial<Record<Stage['kind'], number>>> = {
  simmer: 96,
  burner: 96,
  slow: 90,
};
/** W/(m² K) at the surface: in liquid, and in the moving air of an oven (engineering tables, from memory). */
const LIQUID_W = 1000;
const OVEN_W = 25;

export const HEATS_THROUGH: ReadonlySet<Stage['kind']> = new Set([
  'oven',
  'crisp',
  'simmer',
  'burner',
  'pressure',
  'slow',
]);

interface Piece {
  food: string;
  cut: Cut;
}

/**
 * °C in the middle of a piece after the stages that follow a cycle.
 *
 * @param centreC when the lid opened; the whole piece is taken as no warmer, which is the cautious side
 * @param later the stages after it, in order
 */
export function centreAfter(
  centreC: number,
  piece: Piece,
  later: readonly Stage[],
  scaled: ScaledDish,
  cooker: Heater,
  kitchen: Kitchen,
): number {
  return later.reduce((celsius, stage) => {
    if (stage.kind === 'pressure')
      return underPressure(celsius, piece, stage, scaled, cooker, kitchen);
    const isOven = stage.kind === 'oven' || stage.kind === 'crisp';
    const around = isOven ? stage.celsius : SURROUND_C[stage.kind];
    if (around === undefined) return celsius;
    const hotter = conducted(celsius, piece, around, stage.minutes, isOven ? OVEN_W : LIQUID_W);
    return Math.max(celsius, hotter);
  }, centreC);
}

function underPressure(
  celsius: number,
  { food, cut }: Piece,
  stage: PressureStage,
  scaled: ScaledDish,
  cooker: Heater,
  kitchen: Kitchen,
): number {
  const release: ReleaseKind =
    stage.release.kind === 'timed' ? stage.release.minutes : stage.release.kind;
  const stay = findStays(scaled.dish).find((s) => s.stages.some((x) => x.id === stage.id));
  const contents = contentsAt(scaled, stay?.stages ?? [stage], stage);
  const input = { cooker, level: stage.level, altitudeM: kitchen.altitudeM, contents };
  const cycle = wholeCycle(input, stage.holdMinutes, release);
  return cycle.ok
    ? Math.max(celsius, centreThrough(cycle.value, food, cut, celsius).openC)
    : celsius;
}

/** Transient conduction in surroundings that stay as they are. */
function conducted(
  startC: number,
  { food, cut }: Piece,
  aroundC: number,
  minutes: number,
  surfaceW: number,
): number {
  const { composition } = compositionFor(food);
  const half = cut.thicknessMm / 2000;
  const k = conductivity(composition, 60);
  const alpha = k / (solidDensity(composition, 60) * specificHeat(composition, 60) * 1000);
  const theta = centreTheta(cut.shape, (surfaceW * half) / k, (alpha * minutes * 60) / half ** 2);
  return aroundC + theta * (startC - aroundC);
}

/** Heat that the piece itself is in; a sauce that simmers on may be without it. */
const AROUND_PIECE: ReadonlySet<Stage['kind']> = new Set(['pressure', 'slow', 'oven', 'crisp']);

/** The stage after which a thermometer can be put in and nothing hot follows; null where nothing is hot. */
export function probeStage(stages: readonly Stage[]): Stage | null {
  return (
    stages.findLast((s) => AROUND_PIECE.has(s.kind)) ??
    stages.findLast((s) => HEATS_THROUGH.has(s.kind)) ??
    stages.findLast((s) => s.kind === 'brown') ??
    null
  );
}
