/** The schedule as a schedule: one line an action, with time, place, amount, reason and caution. */
import type { Kitchen } from '../kitchen';
import { BURNER_UNIT, OVEN_UNIT, type CompiledMeal, type StepMeaning } from '../plan';
import { dishOfRun } from '../menu';
import type { Caution } from '../safety';
import type { Schedule } from '../solve';
import { formatMinutes, formatQuantity, formatTime } from '../units';

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
export function placeName(unit: string | undefined, kitchen: Kitchen): string | null {
  if (unit === undefined) return null;
  if (unit === OVEN_UNIT) return 'Oven';
  if (unit === BURNER_UNIT) return 'Burner';
  return kitchen.cookers.find((c) => c.id === unit)?.name ?? null;
}

/** Steps that happen by themselves and are told with the action that starts them. */
const SILENT = new Set<StepMeaning['phase']>(['come-up', 'hold', 'release', 'oven', 'crisp']);

/**
 * @param serveAt ms since the epoch, for clock times inside sentences
 * @returns lines in order of time, those of one minute in the plan's order
 */
export function toRunSheet(
  compiled: CompiledMeal,
  schedule: Schedule,
  kitchen: Kitchen,
  serveAt: number,
): SheetLine[] {
  const times = new Map(schedule.steps.map((s) => [s.id, s]));
  const unitOf = new Map(schedule.blocks.map((b) => [b.id, b.unit]));
  const blockOf = new Map(compiled.problem.steps.map((s) => [s.id, s.block]));
  const lines: SheetLine[] = [];
  for (const meaning of compiled.meanings) {
    const time = times.get(meaning.id);
    if (!time || SILENT.has(meaning.phase)) continue;
    const unit = unitOf.get(blockOf.get(meaning.id) ?? '');
    if (meaning.phase === 'rinse' && !isNeeded(meaning.id, compiled, schedule)) continue;
    lines.push({
      stepId: meaning.id,
      entryId: meaning.entryId,
      at: time.start,
      minutes: time.end - time.start,
      place: placeName(unit, kitchen),
      dish: meaning.dishName,
      action: meaning.texts?.[unit ?? ''] ?? meaning.text,
      amounts: [...meaning.amounts, ...waterFor(meaning, unit, kitchen)],
      setting: settingOf(meaning, unit),
      detail: detailOf(meaning, compiled, times, serveAt, kitchen),
      caution: meaning.caution,
      isHands: meaning.isHands,
    });
  }
  lines.sort((a, b) => a.at - b.at || Number(a.isHands) - Number(b.isHands));
  return sayOnce(withRunsMerged(lines));
}

/** Runs of one dish that soak or thaw at the same moment are one line: the hands do it in one go. */
function withRunsMerged(lines: readonly SheetLine[]): SheetLine[] {
  const groups = new Map<string, SheetLine[]>();
  for (const line of lines) {
    const isOwn = line.isHands || line.place !== null;
    const key = isOwn
      ? line.stepId
      : [line.at, line.minutes, line.action, dishOfRun(line.dish)].join('|');
    groups.set(key, [...(groups.get(key) ?? []), line]);
  }
  return [...groups.values()].map(([line, ...others]) => {
    if (!line || others.length === 0) return line as SheetLine;
    const all = [line, ...others].flatMap((l) => l.amounts);
    const amounts = [...new Set(all)].map((amount) => {
      const times = all.filter((a) => a === amount).length;
      return times === 1 ? amount : `${times} × ${amount}`;
    });
    return { ...line, dish: `${dishOfRun(line.dish)}, ${1 + others.length} runs`, amounts };
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

/** What to key in, in the cooker's own words. */
function settingOf(meaning: StepMeaning, unit: string | undefined): string | null {
  const setting = meaning.settings?.[unit ?? ''];
  return setting === undefined ? null : `valve to seal; ${setting}`;
}

/** Water that the plan counts on beyond the dish’s, so that nobody has to guess it. */
function waterFor(
  { topUps }: StepMeaning,
  unit: string | undefined,
  { system }: Pick<Kitchen, 'system'>,
): string[] {
  const topUp = topUps?.[unit ?? ''];
  if (!topUp) return [];
  const amount = formatQuantity({ amount: Math.ceil(topUp.ml / 10) * 10, unit: 'ml' }, system);
  return [`${amount} more water, for this pot`];
}

/** A rinse is part of the evening only where another stay follows in the same cooker. */
function isNeeded(stepId: string, compiled: CompiledMeal, schedule: Schedule): boolean {
  const blockId = compiled.problem.steps.find((s) => s.id === stepId)?.block;
  const own = schedule.blocks.find((b) => b.id === blockId);
  return schedule.blocks.some(
    (b) => own && b.id !== own.id && b.unit === own.unit && b.start >= own.end,
  );
}

/** What the cook should know at this line: when it beeps, when the pin drops, why it takes so long. */
function detailOf(
  meaning: StepMeaning,
  compiled: CompiledMeal,
  times: ReadonlyMap<string, { start: number; end: number }>,
  serveAt: number,
  kitchen: Kitchen,
): string | null {
  const sibling = (phase: StepMeaning['phase']) => {
    const found = compiled.meanings.find(
      (m) => m.entryId === meaning.entryId && m.stageId === meaning.stageId && m.phase === phase,
    );
    return found ? times.get(found.id) : undefined;
  };
  const clock = (minute: number): string => formatTime(serveAt + minute * 60_000, kitchen);
  if (meaning.phase === 'seal') {
    const up = sibling('come-up');
    const hold = sibling('hold');
    const release = sibling('release');
    if (!up || !hold) return null;
    return [
      `at pressure in about ${formatMinutes(up.end - up.start)}, beeps at ${clock(hold.end)}`,
      ...(release ? [`natural release until about ${clock(release.end)}`] : []),
    ].join('; ');
  }
  if (meaning.phase === 'rest') {
    const own = times.get(meaning.id);
    return own ? `until ${clock(own.end)}` : null;
  }
  if (meaning.phase === 'preheat')
    return `hot in about ${formatMinutes((times.get(meaning.id)?.end ?? 0) - (times.get(meaning.id)?.start ?? 0))}`;
  if (meaning.phase === 'put-in') {
    const bake = sibling('oven') ?? sibling('crisp');
    return bake ? `until ${clock(bake.end)}; check halfway through` : null;
  }
  return null;
}
