/** A plan sorted into lanes: what each cooker, the oven, the burners and each cook do when. */
import { formatCapacity } from '$core/units';
import type { Kitchen } from '$core/kitchen';
import { BURNER_UNIT, OVEN_UNIT, type Operation, type Phase, type Plan } from '$core/plan';
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
  plan: Plan,
  kitchen: Kitchen,
  cooks: readonly Cook[],
  shares: ReadonlyMap<string, number>,
): Lane[] {
  const shown = plan.operations.filter((o) => o.phase !== 'soak' && o.isNeeded);
  const on = (unit: string): LanePiece[] => shown.filter((o) => o.unit === unit).map(toPiece);
  const lanes: Lane[] = kitchen.cookers.map((c) => ({
    kind: 'cooker' as const,
    id: c.id,
    name: c.name,
    detail: formatCapacity(c.litres, kitchen.system),
    litres: c.litres,
    pieces: on(c.id),
    waits: waitsIn(c.id, plan),
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
  return [...lanes, ...handLanes(shown.map(toPiece), cooks, shares)];
}

function toPiece(o: Operation): LanePiece {
  const { id: stepId, entryId, stageId, phase, start, end, slack, dishName: dish, text } = o;
  return { stepId, entryId, stageId, phase, start, end, slack, dish, text, isHands: o.isHands };
}

/** What lies in water, in a marinade or thawing: it goes on by itself, mostly days before. */
export function aheadLane(plan: Plan): Lane {
  return {
    kind: 'ahead',
    id: 'ahead',
    name: 'By itself',
    detail: 'soak, thaw',
    litres: 0,
    pieces: plan.operations.filter((o) => o.phase === 'soak').map(toPiece),
    waits: [],
  };
}

/** A ready dish stays in its pot until it is due, or until the pot is wanted. */
function waitsIn(unit: string, { dishes, stays }: Plan): Lane['waits'] {
  return dishes.flatMap((dish) => {
    const stay = stays.find((s) => s.id === dish.stay);
    if (stay?.unit !== unit || dish.waits < 2) return [];
    const next = Math.min(
      ...stays
        .filter((s) => s.unit === unit && s.start >= stay.end && s.id !== stay.id)
        .map((s) => s.start),
      dish.ready + dish.waits,
    );
    return next - dish.ready < 2 ? [] : [{ from: dish.ready, to: next, dish: dish.name }];
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

function shelves(kitchen: Kitchen): string {
  const n = kitchen.oven?.shelves ?? 1;
  return n === 1 ? 'one shelf' : `${n} shelves`;
}
