/** What depends on the cooker that is chosen: its keys, its circuit, its spare liner. */
import type { PressureStage, Stage } from '../dish';
import { keyWord, type Kitchen } from '../kitchen';
import type { ProblemStep } from '../solve';
import type { CookerOffer, TopUp } from '../cycle';

/** Minutes of hands between two stays in one cooker (common practice). */
const RINSE_MIN = 3;
const SWAP_MIN = 1;

/** What to press, by cooker id, in the words on its panel. */
export function settingsFor(
  offers: readonly CookerOffer[],
  stage: PressureStage,
  holds: Readonly<Record<string, number>>,
): Record<string, string> {
  return Object.fromEntries(
    offers.map(({ cooker }) => [
      cooker.id,
      `press ${keyWord(cooker, 'pressure')}, ${keyWord(cooker, stage.level)}, ${stage.guessed ? 'minutes not told' : `${holds[cooker.id] ?? stage.holdMinutes} min`}`,
    ]),
  );
}

/** Water that each cooker needs beyond the dish’s, by cooker id. */
export function topUpsOf(
  offers: readonly CookerOffer[],
  stage: PressureStage,
): { topUps?: Record<string, TopUp> } {
  const each = offers.flatMap((o) => {
    const topUp = o.topUps.get(stage.id);
    return topUp ? [[o.cooker.id, topUp] as const] : [];
  });
  return each.length > 0 ? { topUps: Object.fromEntries(each) } : {};
}

/** What heating up takes from the circuits that the cookers hang on, W. */
export function powerOf(
  offers: readonly CookerOffer[],
  kitchen: Kitchen,
): Pick<ProblemStep, 'uses'> {
  const uses: NonNullable<ProblemStep['uses']> = {};
  for (const { id } of kitchen.circuits)
    if (offers.some((o) => o.cooker.circuit === id))
      uses[id] = Object.fromEntries(
        offers.map(({ cooker }) => [
          cooker.id,
          cooker.circuit === id ? Math.round(cooker.watts) : 0,
        ]),
      );
  return Object.keys(uses).length > 0 ? { uses } : {};
}

/** How long a clean liner takes in each unit, and why. */
export function rinseIn(
  units: readonly string[],
  kitchen: Kitchen,
): { minutes: number | Record<string, number>; because: Record<string, string[]> } {
  const hasSpare = (unit: string): boolean =>
    (kitchen.cookers.find((c) => c.id === unit)?.spareLiners ?? 0) > 0;
  const each = units.map((u) => [u, hasSpare(u) ? SWAP_MIN : RINSE_MIN] as const);
  const isSame = each.every(([, minutes]) => minutes === each[0]?.[1]);
  return {
    minutes: isSame ? (each[0]?.[1] ?? RINSE_MIN) : Object.fromEntries(each),
    because: Object.fromEntries(
      units.map((u) => [
        u,
        [
          hasSpare(u)
            ? 'a spare inner pot saves the rinse (common practice)'
            : 'the next dish needs a clean inner pot (common practice)',
        ],
      ]),
    ),
  };
}

/** Minutes of browning in each cooker offered, and why; one number where all are the same. */
export function browningIn(
  stage: Extract<Stage, { kind: 'brown' }>,
  offers: readonly CookerOffer[],
  pace: number,
): Pick<ProblemStep, 'minutes'> & {
  because: Record<string, string[]>;
} {
  const each = offers.map((o) => {
    const { minutes, batches } = o.browning.get(stage.id) ?? { minutes: stage.minutes, batches: 1 };
    return { id: o.cooker.id, minutes: Math.max(1, Math.round(minutes * pace)), batches };
  });
  const [first] = each;
  const isSame = each.every((e) => e.minutes === first?.minutes);
  const usual = first?.minutes ?? stage.minutes;
  return {
    minutes: isSame ? usual : Object.fromEntries(each.map((e) => [e.id, e.minutes])),
    because: Object.fromEntries(
      each.map((e) => [
        e.id,
        [
          `${e.batches} ${e.batches === 1 ? 'round' : 'rounds'}: what lies on the bottom at once, not crowded (common practice)`,
          ...(pace === 1
            ? []
            : [`times ${pace.toFixed(2)} for your own pace and what your evenings took`]),
        ],
      ]),
    ),
  };
}
