/** The schedule as a schedule: one line an action, with time, place, amount, reason and caution. */
import type { Kitchen } from '../kitchen';
import { BURNER_UNIT, OVEN_UNIT, type Operation, type Phase, type Plan } from '../plan';
import type { Caution } from '../safety';
import { sayParked } from '../words';
import { formatMinutes, formatQuantity, formatTime, roundWater } from '../units';

export interface SheetLine {
  stepId: string;
  entryId: string;
  /** Minutes on the plan's axis. */
  at: number;
  minutes: number;
  /** Where it happens: a cooker's name, Oven, Burner, or nothing in particular. */
  place: string | null;
  dish: string;
  action: string;
  amounts: string[];
  /** The setting, as it is keyed in. */
  setting: string | null;
  /** What follows of its own accord. */
  detail: string | null;
  caution: Caution | null;
  isHands: boolean;
}

/** Where a unit id points to, in the household's words. */
export function placeName(
  unit: string | undefined,
  kitchen: Pick<Kitchen, 'cookers' | 'appliances'>,
): string | null {
  if (unit === undefined) return null;
  if (unit === OVEN_UNIT) return 'Oven';
  if (unit === BURNER_UNIT) return 'Burner';
  return [...kitchen.cookers, ...kitchen.appliances].find((c) => c.id === unit)?.name ?? null;
}

/** Steps that happen by themselves and are told with the action that starts them. */
const SILENT = new Set<Phase>(['come-up', 'hold', 'release', 'oven', 'crisp']);

/**
 * @param serveAt ms since the epoch, for clock times inside sentences
 * @returns lines in order of time, those of one minute in the plan's order
 */
export function toRunSheet(plan: Plan, kitchen: Kitchen, serveAt: number): SheetLine[] {
  const lines = plan.operations
    .filter((o) => o.isNeeded && !SILENT.has(o.phase) && !goesOn(o, plan))
    .map((o): SheetLine => ({
      stepId: o.id,
      entryId: o.entryId,
      at: o.start,
      minutes: o.end - o.start,
      place: placeName(o.unit ?? undefined, kitchen),
      dish: o.dishName,
      action: o.text,
      amounts: [...o.amounts, ...waterFor(o, kitchen)],
      setting: o.setting === null ? null : `valve to seal; ${o.setting}`,
      detail: allOf([
        detailOf(o, plan, serveAt, kitchen),
        ...checksFor(o, plan).map((c) => `check: ${c.text}`),
        parkedAfter(o, plan, serveAt, kitchen),
      ]),
      caution: o.caution,
      isHands: o.isHands,
    }))
    .sort((a, b) => a.at - b.at || Number(a.isHands) - Number(b.isHands));
  return sayOnce(withRunsMerged(lines, plan));
}

/** What only goes on after it was stirred or turned was told when it began. */
const goesOn = (o: Operation, plan: Plan): boolean =>
  !o.isHands &&
  plan.byId.get(o.follows ?? '')?.phase === 'turn' &&
  o.parked === null &&
  !o.checks?.length;

/** What to look at after a step; what bakes by itself is told where it is put in. */
function checksFor(o: Operation, plan: Plan): NonNullable<Operation['checks']> {
  if (o.phase !== 'put-in') return o.checks ?? [];
  const baked = plan.operations.find(
    (x) => x.entryId === o.entryId && x.stageId === o.stageId && x.checks,
  );
  return baked?.checks ?? [];
}

/** Where its food waits afterwards, and until when; what bakes by itself is told where it is put in. */
function parkedAfter(o: Operation, plan: Plan, serveAt: number, kitchen: Kitchen): string | null {
  const last =
    o.phase === 'put-in'
      ? plan.operations.find((x) => x.entryId === o.entryId && x.follows === o.id)
      : o;
  if (!last?.parked) return null;
  const until = formatTime(serveAt + (last.end + last.parked.minutes) * 60_000, kitchen);
  return sayParked(last.parked, until, kitchen);
}

const allOf = (said: readonly (string | null)[]): string | null =>
  said.filter((s) => s !== null).join('; ') || null;

/** Runs of one dish that soak or thaw at the same moment are one line: the hands do it in one go. */
function withRunsMerged(lines: readonly SheetLine[], plan: Plan): SheetLine[] {
  const wholeOf = (line: SheetLine): string => plan.byId.get(line.stepId)?.wholeName ?? line.dish;
  const groups = new Map<string, SheetLine[]>();
  for (const line of lines) {
    const isOwn = line.isHands || line.place !== null;
    const key = isOwn ? line.stepId : [line.at, line.minutes, line.action, wholeOf(line)].join('|');
    groups.set(key, [...(groups.get(key) ?? []), line]);
  }
  return [...groups.values()].map(([line, ...others]) => {
    if (!line || others.length === 0) return line as SheetLine;
    const all = [line, ...others].flatMap((l) => l.amounts);
    const amounts = [...new Set(all)].map((amount) => {
      const times = all.filter((a) => a === amount).length;
      return times === 1 ? amount : `${times} × ${amount}`;
    });
    return { ...line, dish: `${wholeOf(line)}, ${1 + others.length} runs`, amounts };
  });
}

/** General cautions stand at their first moment only; a temperature to look for stands each time. */
function sayOnce(lines: SheetLine[]): SheetLine[] {
  const said = new Set<string>();
  return lines.map((line) => {
    const { caution } = line;
    if (!caution || caution.code === 'centre-temperature') return line;
    if (said.has(caution.code)) return { ...line, caution: null };
    said.add(caution.code);
    return line;
  });
}

/** Water that the plan counts on beyond the dish’s, so that nobody has to guess it. */
function waterFor({ topUp }: Operation, { system }: Pick<Kitchen, 'system'>): string[] {
  if (!topUp) return [];
  const amount = formatQuantity({ amount: roundWater(topUp.ml), unit: 'ml' }, system);
  return [`${amount} more water, for this pot`];
}

const LEFT_TO_COOK: ReadonlySet<Phase> = new Set(['burner', 'simmer', 'soak']);

/** What the cook should know at this line: when it beeps, when the pin drops, why it takes so long. */
function detailOf(own: Operation, plan: Plan, serveAt: number, kitchen: Kitchen): string | null {
  const sibling = (phase: Phase): Operation | undefined =>
    plan.operations.find(
      (o) => o.entryId === own.entryId && o.stageId === own.stageId && o.phase === phase,
    );
  const clock = (minute: number): string => formatTime(serveAt + minute * 60_000, kitchen);
  if (own.phase === 'seal') {
    const up = sibling('come-up');
    const hold = sibling('hold');
    const release = sibling('release');
    if (!up || !hold) return null;
    return [
      `at pressure in about ${formatMinutes(up.end - up.start)}, beeps at ${clock(hold.end)}`,
      ...(release ? [`natural release until about ${clock(release.end)}`] : []),
    ].join('; ');
  }
  // What nobody stands at has no minutes of hands beside it: the clock says when it is over.
  const isLeft = own.phase === 'rest' || (LEFT_TO_COOK.has(own.phase) && !own.isHands);
  if (isLeft) return `until ${clock(own.end)}`;
  if (own.phase === 'preheat') return `hot in about ${formatMinutes(own.end - own.start)}`;
  if (own.phase === 'put-in') {
    const bake = plan.operations.findLast(
      (o) =>
        o.entryId === own.entryId &&
        o.stageId === own.stageId &&
        o.start >= own.start &&
        (o.phase === 'oven' || o.phase === 'crisp'),
    );
    const isTurned = plan.operations.some(
      (o) => o.entryId === own.entryId && o.stageId === own.stageId && o.phase === 'turn',
    );
    const cook = sibling('slow');
    if (cook) return `until about ${clock(cook.end)}`;
    return bake ? `until ${clock(bake.end)}${isTurned ? '' : '; check halfway through'}` : null;
  }
  return null;
}
