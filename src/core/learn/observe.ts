/** What one evening says of cookers, cooks and dishes. */
import { defaultParameters } from '../cooker';
import { WORK_KINDS, type Kitchen, type WorkKind } from '../kitchen';
import type { Account, Evening } from '../run';
import type { Observation } from './types';

/** Shorter steps say little: a tap is as long as they are. */
const SHORTEST_MIN = 2;
/** Farther off than this, something else happened. */
const FARTHEST_FACTOR = 4;
/** Stages whose length is the dish's own. */
const OWN_STAGE = new Set(['brown', 'simmer', 'burner', 'thicken', 'oven', 'crisp', 'rest']);

/**
 * @param account planned against real of that evening
 * @param kitchen for the cookers' names and labels; those that are gone say nothing
 */
export function observe(evening: Evening, account: Account, kitchen: Kitchen): Observation[] {
  if (evening.practice) return [];
  const { basis } = evening.compiled;
  const common = { evening: evening.id, eveningName: evening.name, at: evening.serveAt };
  const troubled = new Set(account.troubles.map((t) => t.dish));
  const holds = account.holds.flatMap(({ step, planned, real }): Observation[] => {
    const meaning = evening.compiled.meanings.find((m) => m.id === step);
    if (!meaning || planned < SHORTEST_MIN) return [];
    return [
      {
        ...common,
        planned,
        real,
        figure: `hold.${meaning.dishId}/${meaning.stageId}`,
        kind: 'hold',
        about: meaning.dishName,
        log: Math.log(real / planned),
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
    const cook = kitchen.cooks.length === 1 ? (kitchen.cooks[0]?.id ?? 'all') : 'all';
    return made({
      figure: `pace.${cook}.${kind}`,
      kind: 'pace',
      about: `${cook === 'all' ? 'Hands' : (kitchen.cooks[0]?.name ?? 'Hands')}: ${WORK_WORDS[kind]}`,
      log: ratio + Math.log(basis?.paces[cook]?.[kind] ?? 1),
    });
  });
  return [...holds, ...lengths];
}

export const WORK_WORDS: Readonly<Record<WorkKind, string>> = {
  prep: 'cutting and preparing',
  brown: 'browning',
  finish: 'finishing',
};

/** A pot that was left to let go by itself: nothing is vented after it. */
function isNatural(evening: Evening, releaseStep: string): boolean {
  const stem = releaseStep.replace(/\.release$/, '');
  return !evening.compiled.meanings.some((m) => m.id === `${stem}.vent`);
}
