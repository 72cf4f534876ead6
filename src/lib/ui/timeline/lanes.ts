/** A plan sorted into lanes: what each cooker, the oven, the burners and each cook do when. */
import type { Kitchen } from '$core/kitchen';
import { BURNER_UNIT, OVEN_UNIT, type CompiledMeal, type Phase } from '$core/plan';
import type { Schedule } from '$core/solve';
import type { Cook } from '$core/run';

export interface LanePiece {
  stepId: string;
  entryId: string;
  stageId: string;
  phase: Phase;
  start: number;
  end: number;
  /** Minutes by which the end may slip in one evening of ten. */
  slack: number;
  dish: string;
  text: string;
  isHands: boolean;
}

export interface Lane {
  kind: 'ahead' | 'cooker' | 'oven' | 'burner' | 'hands';
  id: string;
  name: string;
  detail: string;
  /** For cookers: size for the drawing. */
  litres: number;
  pieces: LanePiece[];
  /** Dishes that wait here, ready. */
  waits: { from: number; to: number; dish: string }[];
}

/**
 * @param cooks who cooks, one lane each
 * @param shares cook's number by step id
 */
export function toLanes(
  compiled: CompiledMeal,
  schedule: Schedule,
  kitchen: Kitchen,
  cooks: readonly Cook[],
  shares: ReadonlyMap<string, number>,
): Lane[] {
  const stepOf = new Map(compiled.problem.steps.map((s) => [s.id, s]));
  const timeOf = new Map(schedule.steps.map((s) => [s.id, s]));
  const unitOf = new Map(schedule.blocks.map((b) => [b.id, b.unit]));
  const pieces = compiled.meanings.flatMap((m) => {
    const time = timeOf.get(m.id);
    const step = stepOf.get(m.id);
    if (!time || !step || m.phase === 'soak') return [];
    const unit = step.block == null ? undefined : unitOf.get(step.block);
    const p90 = typeof step.p90 === 'object' ? step.p90[unit ?? ''] : step.p90;
    const piece: LanePiece = {
      stepId: m.id,
      entryId: m.entryId,
      stageId: m.stageId,
      phase: m.phase,
      start: time.start,
      end: time.end,
      slack: Math.max(0, (p90 ?? 0) - (time.end - time.start)),
      dish: m.dishName,
      text: m.text,
      isHands: m.isHands,
    };
    return [{ piece, unit, block: step.block }];
  });
  const shown = pieces.filter(
    ({ piece, block }) => piece.phase !== 'rinse' || isFollowed(block, schedule),
  );
  const on = (unit: string): LanePiece[] =>
    shown.filter((p) => p.unit === unit).map((p) => p.piece);
  const lanes: Lane[] = kitchen.cookers.map((c) => ({
    kind: 'cooker' as const,
    id: c.id,
    name: c.name,
    detail: sizeOf(c.litres, kitchen.system),
    litres: c.litres,
    pieces: on(c.id),
    waits: waitsIn(c.id, compiled, schedule),
  }));
  const oven = on(OVEN_UNIT);
  if (oven.length > 0)
    lanes.push({
      kind: 'oven',
      id: OVEN_UNIT,
      name: 'Oven',
      detail: shelves(kitchen),
      litres: 0,
      pieces: oven,
      waits: [],
    });
  const burner = on(BURNER_UNIT);
  if (burner.length > 0)
    lanes.push({
      kind: 'burner',
      id: BURNER_UNIT,
      name: 'Burner',
      detail: '',
      litres: 0,
      pieces: burner,
      waits: [],
    });
  return [
    ...lanes,
    ...handLanes(
      shown.map((p) => p.piece),
      cooks,
      shares,
    ),
  ];
}

/** What lies in water, in a marinade or thawing: it goes on by itself, mostly days before. */
export function aheadLane(compiled: CompiledMeal, schedule: Schedule): Lane {
  const timeOf = new Map(schedule.steps.map((s) => [s.id, s]));
  return {
    kind: 'ahead',
    id: 'ahead',
    name: 'By itself',
    detail: 'soak, thaw',
    litres: 0,
    pieces: compiled.meanings.flatMap((m) => {
      const time = timeOf.get(m.id);
      if (!time || m.phase !== 'soak') return [];
      const { id: stepId, entryId, stageId, phase, dishName: dish, text, isHands } = m;
      const { start, end } = time;
      return [{ stepId, entryId, stageId, phase, start, end, slack: 0, dish, text, isHands }];
    }),
    waits: [],
  };
}

function isFollowed(block: string | null | undefined, schedule: Schedule): boolean {
  const own = schedule.blocks.find((b) => b.id === block);
  return schedule.blocks.some(
    (b) => own && b.id !== own.id && b.unit === own.unit && b.start >= own.end,
  );
}

/** A ready dish stays in its pot until it is due, or until the pot is wanted. */
function waitsIn(unit: string, compiled: CompiledMeal, schedule: Schedule): Lane['waits'] {
  const { problem } = compiled;
  return schedule.dishes.flatMap((dish) => {
    const ready = problem.dishes?.find((d) => d.id === dish.id)?.ready;
    const step = problem.steps.find((s) => s.id === ready);
    const block = schedule.blocks.find((b) => b.id === step?.block);
    if (!block || block.unit !== unit || dish.hold < 2) return [];
    const next = Math.min(
      ...schedule.blocks
        .filter((b) => b.unit === unit && b.start >= block.end && b.id !== block.id)
        .map((b) => b.start),
      dish.ready + dish.hold,
    );
    const name = compiled.meanings.find((m) => m.entryId === dish.id)?.dishName ?? '';
    return next - dish.ready < 2 ? [] : [{ from: dish.ready, to: next, dish: name }];
  });
}

function handLanes(
  pieces: readonly LanePiece[],
  cooks: readonly Cook[],
  shares: ReadonlyMap<string, number>,
): Lane[] {
  const busy = pieces.filter((p) => p.isHands && p.end > p.start);
  return cooks.map((cook, i) => ({
    kind: 'hands' as const,
    id: cook.id,
    name: cook.name,
    detail: '',
    litres: 0,
    pieces: busy.filter((piece) => shares.get(piece.stepId) === i),
    waits: [],
  }));
}

function sizeOf(litres: number, system: Kitchen['system']): string {
  return system === 'us' ? `${Math.round(litres / 0.946)} qt` : `${litres} l`;
}

function shelves(kitchen: Kitchen): string {
  const n = kitchen.oven?.shelves ?? 1;
  return n === 1 ? 'one shelf' : `${n} shelves`;
}
