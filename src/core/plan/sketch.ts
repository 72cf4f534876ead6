/** A plan as small as a card shows it: who is busy when, without words. */
import { planOf } from './plan';
import type { SavedPlan } from './saved-plan';

/** What is drawn: pressure rising, held, falling; hands; anything else that goes on in its place. */
export type BitKind = 'up' | 'hold' | 'release' | 'hands' | 'on';

export interface PlanSketch {
  /** Minutes on the plan's axis: from the first step to the last. */
  from: number;
  to: number;
  /** When it is on the table. */
  table: number;
  /** One for each pot and appliance that is used, then one for all hands. */
  lanes: { id: string; bits: { kind: BitKind; start: number; end: number }[] }[];
}

const KINDS: Record<string, BitKind> = {
  'come-up': 'up',
  hold: 'hold',
  release: 'release',
  vent: 'release',
};

/** @param order ids of the household's pots, as they are listed; what is none of them comes after */
export function sketchOf({ compiled, schedule }: SavedPlan, order: readonly string[]): PlanSketch {
  const { operations } = planOf(compiled, schedule);
  const shown = operations.filter((o) => !o.isAside && o.isNeeded && o.end > o.start);
  const table = compiled.problem.serveAt + (schedule.delay ?? 0);
  const units = [...new Set(shown.flatMap((o) => o.unit ?? []))].sort(
    (a, b) => place(a, order) - place(b, order),
  );
  const bit = (o: (typeof shown)[number], kind: BitKind) => ({
    ...{ kind, start: o.start, end: o.end },
  });
  const hands = shown.filter((o) => o.isHands).map((o) => bit(o, 'hands'));
  return {
    from: Math.min(table, ...shown.map((o) => o.start)),
    to: Math.max(table, ...shown.map((o) => o.end)),
    table,
    lanes: [
      ...units.map((id) => ({
        id,
        bits: shown
          .filter((o) => o.unit === id)
          .map((o) => bit(o, KINDS[o.phase] ?? (o.isHands ? 'hands' : 'on'))),
      })),
      ...(hands.length > 0 ? [{ id: 'hands', bits: hands }] : []),
    ],
  };
}

const place = (id: string, order: readonly string[]): number => {
  const at = order.indexOf(id);
  return at < 0 ? order.length : at;
};
