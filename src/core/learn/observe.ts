/** What one evening says of cookers, cooks and dishes. */
import { defaultParameters } from '../cooker';
import { figureId, WORK_KINDS, type Kitchen, type WorkKind } from '../kitchen';
import type { Account, Evening } from '../run';
import { planOf, type Operation, type Plan } from '../plan';
import type { Verdict } from './suggest';
import type { Observation } from './types';

/** Shorter steps say little: a tap is as long as they are. */
const SHORTEST_MIN = 2;
/** A wait so short says nothing of how long a dish stands. */
const SHORTEST_WAIT_MIN = 5;
/** Farther off than this, something else happened. */
const FARTHEST_FACTOR = 4;
/** Stages whose length is the dish's own. */
const OWN_STAGE = new Set(['simmer', 'burner', 'thicken', 'oven', 'crisp', 'rest']);

/**
 * @param account planned against real of that evening
 * @param kitchen for the cookers' names and labels; those that are gone say nothing
 * @param verdicts what the cook said of the dishes, by entry id
 */
export function observe(
  evening: Evening,
  account: Account,
  kitchen: Kitchen,
  verdicts: ReadonlyMap<string, Pick<Verdict, 'wait'>>,
): Observation[] {
  if (evening.practice) return [];
  const { basis } = evening.compiled;
  const plan = planOf(evening.compiled, evening.schedule);
  const common = { evening: evening.id, eveningName: evening.name, at: evening.serveAt };
  const troubled = new Set(account.troubles.map((t) => t.dish));
  const holds = account.holds.flatMap(({ operation, planned, real }): Observation[] => {
    if (planned < SHORTEST_MIN) return [];
    const key = `${operation.dishId}/${operation.stageId}`;
    // Opened and put back under pressure: what it had was not enough, and what it came to was.
    const said = real > planned ? ([planned, false] as const) : null;
    return [...(said ? [said] : []), [real, true] as const].map(([minutes, stood]) => ({
      ...common,
      planned,
      real: minutes,
      figure: figureId({ kind: 'hold', key }),
      kind: 'hold',
      about: operation.dishName,
      log: Math.log(minutes / planned) + Math.log(basis?.holds?.[key] ?? 1),
      stood,
    }));
  });
  const lengths = account.phases.flatMap(({ operation, planned, real, cook }): Observation[] => {
    const { phase, unit, kg } = operation;
    if (real === null || planned < SHORTEST_MIN || real <= 0) return [];
    const ratio = Math.log(real / planned);
    if (Math.abs(ratio) > Math.log(FARTHEST_FACTOR)) return [];
    const made = (rest: Omit<Observation, keyof typeof common | 'planned' | 'real'>) => [
      { ...common, planned, real, ...rest },
    ];
    if (phase === 'come-up' || phase === 'release') {
      // An open valve or a burnt bottom is no sign of a weak heater.
      const cooker = kitchen.cookers.find((c) => c.id === unit);
      if (!cooker || troubled.has(operation.dishName)) return [];
      const used = basis?.heats[cooker.id] ?? cooker.heat ?? defaultParameters(cooker);
      const { watts: label = cooker.watts, litres = cooker.litres } = basis?.heats[cooker.id] ?? {};
      if (phase === 'come-up')
        return made({
          figure: figureId({ kind: 'power', cooker: cooker.id }),
          kind: 'power',
          about: cooker.name,
          log: Math.log(used.efficiency) - ratio,
          ...{ label, litres },
          ...(kg === null ? {} : { kg }),
          ...(operation.thick ? { thick: operation.thick } : {}),
        });
      if (!isNatural(plan, operation)) return [];
      return made({
        figure: figureId({ kind: 'loss', cooker: cooker.id }),
        kind: 'loss',
        about: cooker.name,
        log: Math.log(used.lossWPerK) - ratio,
        litres,
      });
    }
    const kind = WORK_KINDS.find((k) => k === phase);
    if (OWN_STAGE.has(phase)) {
      const key = `${operation.dishId}/${operation.stageId}`;
      return made({
        figure: figureId({ kind: 'stage', key }),
        kind: 'stage',
        about: `${operation.dishName}: ${operation.text}`,
        log: ratio + Math.log(basis?.stages[key] ?? 1),
      });
    }
    if (!kind) return [];
    // Against the pace that the plan took: that of whom the dish was given to, or everybody's.
    const given = kitchen.cooks.find((c) => c.id === operation.cook);
    const log = ratio + Math.log(basis?.paces[given?.id ?? 'all']?.[kind] ?? 1);
    const own = kitchen.cooks.find((c) => c.id === cook) ?? given;
    const figure = (id: string, name: string): Observation[] =>
      made({
        figure: figureId({ kind: 'pace', cook: id, work: kind }),
        kind: 'pace',
        about: `${name}: ${WORK_WORDS[kind]}`,
        log,
      });
    return [
      ...figure('all', 'Hands'),
      ...(own && kitchen.cooks.length > 1 ? figure(own.id, own.name) : []),
    ];
  });
  const waits = account.dishes.flatMap(({ entryId, name, waited, stands }): Observation[] => {
    const said = verdicts.get(entryId)?.wait ?? null;
    const dishId = plan.operations.find((o) => o.entryId === entryId)?.dishId;
    if (said === null || dishId === undefined || !stands || !waited || waited < SHORTEST_WAIT_MIN)
      return [];
    return [
      {
        ...common,
        planned: stands,
        real: waited,
        figure: figureId({ kind: 'wait', dish: dishId }),
        kind: 'wait',
        about: name,
        log: Math.log(waited / stands),
        stood: said === 'stood it',
      },
    ];
  });
  return [...holds, ...lengths, ...waits];
}

export const WORK_WORDS: Readonly<Record<WorkKind, string>> = {
  prep: 'cutting and preparing',
  brown: 'browning',
  finish: 'finishing',
};

/** A pot that was left to release by itself: nothing is released after it. */
function isNatural(plan: Plan, release: Operation): boolean {
  return !plan.operations.some(
    (o) => o.entryId === release.entryId && o.stageId === release.stageId && o.phase === 'vent',
  );
}
