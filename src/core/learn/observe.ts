/** What one evening says of cookers, cooks and dishes. */
import { defaultParameters } from '../cooker';
import { WORK_KINDS, type Kitchen, type WorkKind } from '../kitchen';
import type { Account, Evening } from '../run';
import { cookResource } from '../plan';
import type { Verdict } from './suggest';
import type { Observation } from './types';

/** Shorter steps say little: a tap is as long as they are. */
const SHORTEST_MIN = 2;
/** A wait so short says nothing of how long a dish stands. */
const SHORTEST_WAIT_MIN = 5;
/** Farther off than this, something else happened. */
const FARTHEST_FACTOR = 4;
/** Stages whose length is the dish's own. */
const OWN_STAGE = new Set(['brown', 'simmer', 'burner', 'thicken', 'oven', 'crisp', 'rest']);

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
  const common = { evening: evening.id, eveningName: evening.name, at: evening.serveAt };
  const troubled = new Set(account.troubles.map((t) => t.dish));
  const holds = account.holds.flatMap(({ step, planned, real }): Observation[] => {
    const meaning = evening.compiled.meanings.find((m) => m.id === step);
    if (!meaning || planned < SHORTEST_MIN) return [];
    const key = `${meaning.dishId}/${meaning.stageId}`;
    return [
      {
        ...common,
        planned,
        real,
        figure: `hold.${key}`,
        kind: 'hold',
        about: meaning.dishName,
        log: Math.log(real / planned) + Math.log(basis?.holds?.[key] ?? 1),
      },
    ];
  });
  const lengths = account.phases.flatMap((phase): Observation[] => {
    const { planned, real } = phase;
    if (real === null || planned < SHORTEST_MIN || real <= 0) return [];
    const ratio = Math.log(real / planned);
    if (Math.abs(ratio) > Math.log(FARTHEST_FACTOR)) return [];
    const meaning = evening.compiled.meanings.find((m) => m.id === phase.step);
    if (!meaning) return [];
    const made = (rest: Omit<Observation, keyof typeof common | 'planned' | 'real'>) => [
      { ...common, planned, real, ...rest },
    ];
    if (phase.phase === 'come-up' || phase.phase === 'release') {
      // An open valve or a burnt bottom is no sign of a weak heater.
      const cooker = kitchen.cookers.find((c) => c.id === phase.unit);
      if (!cooker || troubled.has(phase.dish)) return [];
      const used = basis?.heats[cooker.id] ?? cooker.heat ?? defaultParameters(cooker);
      if (phase.phase === 'come-up')
        return made({
          figure: `power.${cooker.id}`,
          kind: 'power',
          about: cooker.name,
          log: Math.log(used.efficiency) - ratio,
          ...(meaning.kg?.[cooker.id] === undefined ? {} : { kg: meaning.kg[cooker.id] }),
        });
      if (!isNatural(evening, phase.step)) return [];
      return made({
        figure: `loss.${cooker.id}`,
        kind: 'loss',
        about: cooker.name,
        log: Math.log(used.lossWPerK) - ratio,
      });
    }
    const kind = WORK_KINDS.find((k) => k === phase.phase);
    if (OWN_STAGE.has(phase.phase)) {
      const key = `${meaning.dishId}/${meaning.stageId}`;
      return made({
        figure: `stage.${key}`,
        kind: 'stage',
        about: `${meaning.dishName}: ${meaning.text}`,
        log: ratio + Math.log(basis?.stages[key] ?? 1),
      });
    }
    if (!kind) return [];
    // Against the pace that the plan took: that of whom the dish was given to, or everybody's.
    const given = givenCook(evening, phase.step, kitchen);
    const log = ratio + Math.log(basis?.paces[given?.id ?? 'all']?.[kind] ?? 1);
    const own = kitchen.cooks.find((c) => c.id === phase.cook) ?? given;
    const figure = (id: string, name: string): Observation[] =>
      made({
        figure: `pace.${id}.${kind}`,
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
    const dishId = evening.compiled.meanings.find((m) => m.entryId === entryId)?.dishId;
    if (said === null || dishId === undefined || !stands || !waited || waited < SHORTEST_WAIT_MIN)
      return [];
    return [
      {
        ...common,
        planned: stands,
        real: waited,
        figure: `wait.${dishId}`,
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

/** Whom the plan gave the step's dish to. */
function givenCook(
  evening: Evening,
  step: string,
  kitchen: Kitchen,
): Kitchen['cooks'][number] | undefined {
  const uses = evening.compiled.problem.steps.find((s) => s.id === step)?.uses ?? {};
  return kitchen.cooks.find((c) => cookResource(c.id) in uses);
}

/** A pot that was left to let go by itself: nothing is vented after it. */
function isNatural(evening: Evening, releaseStep: string): boolean {
  const stem = releaseStep.replace(/\.release$/, '');
  return !evening.compiled.meanings.some((m) => m.id === `${stem}.vent`);
}
