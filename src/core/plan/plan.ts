/**
 * The plan: what happens when, where and by whose hands. Made once from a compiled meal and its schedule; timeline,
 * schedule, live session, calendar, print, lists and log read it, and nobody joins the two by hand.
 */
import type { TopUp } from '../cycle';
import type { Finding } from '../reason';
import { valueFor, type Problem, type Schedule } from '../solve';
import { parkedIn, type Parked } from './parking';
import {
  BURNER_UNIT,
  OVEN_UNIT,
  type CompiledMeal,
  type HandOver,
  type StepMeaning,
} from './types';

/** One thing that is done or that happens. Times are minutes on the plan's axis. */
export interface Operation extends Pick<
  StepMeaning,
  | 'id'
  | 'entryId'
  | 'dishId'
  | 'dishName'
  | 'wholeName'
  | 'stageId'
  | 'phase'
  | 'amounts'
  | 'caution'
  | 'checks'
  | 'isHands'
> {
  /** What to do, or what happens, for the appliance that it is done in. */
  text: string;
  start: number;
  end: number;
  /** Minutes that it takes in that appliance, whatever has happened since. */
  minutes: number;
  /** Minutes by which its end may slip in one evening of ten. */
  slack: number;
  /** Why it takes as long as it takes. */
  because: string[];
  /** The appliance it occupies; null for the counter. */
  unit: string | null;
  /** The stay in that appliance it belongs to. */
  stay: string | null;
  /** What to press, in the cooker's own words. */
  setting: string | null;
  /** Water beyond the dish's own that this pot needs. */
  topUp: TopUp | null;
  /** What is in the pot while it comes to pressure, kg. */
  kg: number | null;
  /** How much of what flows in it is thick, 0 to 1. */
  thick: number;
  /** Goes on beside the evening, mostly days before: a soak, a thaw, washing up. */
  isAside: boolean;
  /** False for a rinse that nothing follows in the same pot. */
  isNeeded: boolean;
  /** Operations that have to be over before it begins. */
  after: string[];
  /** The one that it follows without a break, of its own accord. */
  follows: string | null;
  /** Id of the cook that it was given to; null where it is anybody's. */
  cook: string | null;
  /** How long its food waits afterwards, and where; null where it goes on. */
  parked: Parked | null;
}

/** A dish of a plan, from ready to the table. */
export interface PlannedDish {
  entryId: string;
  name: string;
  /** Minutes on the plan's axis. */
  ready: number;
  /** When it is wanted on the table. */
  due: number;
  /** Minutes it waits until then. */
  waits: number;
  /** Minutes it may wait; null for as long as one likes. */
  mayWait: number | null;
  /** The stay it becomes ready in; null where that is on the counter. */
  stay: string | null;
}

/** A stay in an appliance, from the first operation to the last. */
export interface PlannedStay {
  id: string;
  unit: string;
  /** Racks and pans that it takes, by id. */
  tools: string[];
  start: number;
  end: number;
}

export interface Plan {
  /** In the order of the dishes and their stages. */
  operations: Operation[];
  dishes: PlannedDish[];
  stays: PlannedStay[];
  findings: Finding[];
  handOvers: HandOver[];
  /** Cooks that are there. */
  hands: number;
  /** The wanted moment, and by how many minutes it is missed. */
  serveAt: number;
  delay: number;
  /** The same operations by their id. */
  byId: ReadonlyMap<string, Operation>;
}

/** A live evening asks for its plan each second, and it is another one only after a new schedule. */
const known = new WeakMap<CompiledMeal, WeakMap<Schedule, Plan>>();

/**
 * @returns what a schedule of that meal says to its cook; operations without a time are not in it. The same for the same
 *   two documents, so nobody changes it
 */
export function planOf(compiled: CompiledMeal, schedule: Schedule): Plan {
  const bySchedule = known.get(compiled) ?? new WeakMap<Schedule, Plan>();
  known.set(compiled, bySchedule);
  const plan = bySchedule.get(schedule) ?? makePlan(compiled, schedule);
  bySchedule.set(schedule, plan);
  return plan;
}

function makePlan(compiled: CompiledMeal, schedule: Schedule): Plan {
  const { problem } = compiled;
  const stepOf = new Map(problem.steps.map((s) => [s.id, s]));
  const timeOf = new Map(schedule.steps.map((s) => [s.id, s]));
  const stayOf = new Map(schedule.blocks.map((b) => [b.id, b]));
  const { after, follows } = linksOf(problem);
  const pots = (problem.units ?? []).flatMap(({ id }) =>
    id === OVEN_UNIT || id === BURNER_UNIT ? [] : [id],
  );
  const meaningOf = new Map(compiled.meanings.map((m) => [m.id, m]));
  const cold = new Set(compiled.cold);
  const inPans = new Set(compiled.inPans);
  const parked = parkedIn(
    problem,
    schedule,
    new Set(pots),
    (id) => meaningOf.get(id)?.phase,
    (id) => !cold.has(meaningOf.get(id)?.entryId ?? ''),
    (id) => inPans.has(meaningOf.get(id)?.entryId ?? ''),
  );
  const operations = compiled.meanings.flatMap((meaning): Operation[] => {
    const step = stepOf.get(meaning.id);
    const time = timeOf.get(meaning.id);
    if (!step || !time) return [];
    const stay = stayOf.get(step.block ?? '') ?? null;
    const unit = stay?.unit ?? null;
    const length = time.end - time.start;
    const { id, entryId, dishId, dishName, wholeName, stageId, phase } = meaning;
    const { amounts, caution, isHands } = meaning;
    return [
      {
        ...{ id, entryId, dishId, dishName, wholeName, stageId, phase, amounts, caution, isHands },
        ...(meaning.checks ? { checks: meaning.checks } : {}),
        text: meaning.texts?.[unit ?? ''] ?? meaning.text,
        start: time.start,
        end: time.end,
        minutes: valueFor(step.minutes, unit ?? undefined) ?? length,
        slack: Math.max(0, (valueFor(step.p90 ?? length, unit ?? undefined) ?? length) - length),
        because: meaning.because[unit ?? ''] ?? meaning.because[''] ?? [],
        unit,
        stay: step.block ?? null,
        setting: meaning.settings?.[unit ?? ''] ?? null,
        topUp: meaning.topUps?.[unit ?? ''] ?? null,
        kg: meaning.kg?.[unit ?? ''] ?? null,
        thick: meaning.thick ?? 0,
        isAside: step.aside === true,
        isNeeded:
          meaning.phase !== 'rinse' ||
          schedule.blocks.some(
            (b) => stay && b.id !== stay.id && b.unit === unit && b.start >= stay.end,
          ),
        after: after.get(id) ?? [],
        follows: follows.get(id) ?? null,
        cook: meaning.cook ?? null,
        parked: parked.get(id) ?? null,
      },
    ];
  });
  const byId = new Map(operations.map((o) => [o.id, o]));
  return {
    operations,
    dishes: dishesOf(compiled, schedule, byId),
    stays: schedule.blocks.map(({ id, unit, start, end }) => ({
      ...{ id, unit, start, end },
      tools: problem.blocks?.find((b) => b.id === id)?.tools ?? [],
    })),
    findings: compiled.notes,
    handOvers: compiled.handOvers,
    hands: problem.hands ?? 1,
    serveAt: problem.serveAt,
    delay: schedule.delay ?? 0,
    byId,
  };
}

function linksOf({ links = [] }: Problem): {
  after: Map<string, string[]>;
  follows: Map<string, string>;
} {
  const after = new Map<string, string[]>();
  for (const { from, to } of links) after.set(to, [...(after.get(to) ?? []), from]);
  return { after, follows: new Map(links.filter((l) => l.max === 0).map((l) => [l.to, l.from])) };
}

function dishesOf(
  { problem, meanings }: CompiledMeal,
  schedule: Schedule,
  byId: ReadonlyMap<string, Operation>,
): PlannedDish[] {
  return schedule.dishes.map(({ id, ready, hold }) => {
    const wanted = problem.dishes?.find((d) => d.id === id);
    return {
      entryId: id,
      name: meanings.find((m) => m.entryId === id)?.dishName ?? id,
      ready,
      due: wanted?.dueAt ?? problem.serveAt,
      waits: hold,
      mayWait: wanted?.holdSoft ?? wanted?.holdMax ?? null,
      stay: byId.get(wanted?.ready ?? '')?.stay ?? null,
    };
  });
}
