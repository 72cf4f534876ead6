/** A fresh stage of a kind, with the minutes such work usually takes (common practice). */
import type { Stage, StageKind } from '$core/dish';

export const STAGE_NAMES: Readonly<Record<StageKind, string>> = {
  prep: 'Prepare',
  soak: 'Soak',
  brown: 'Brown',
  loosen: 'Deglaze',
  pressure: 'Pressure cook',
  slow: 'Slow-cook',
  simmer: 'Simmer',
  thicken: 'Thicken',
  crisp: 'Crisp',
  oven: 'Oven',
  burner: 'Burner',
  rest: 'Rest',
  finish: 'Finish',
};

/** @param taken ids of the stages that are there */
export function newStage(kind: StageKind, taken: ReadonlySet<string>): Stage {
  let id: string = kind;
  for (let n = 2; taken.has(id); n++) id = `${kind}-${n}`;
  const base = { id, text: `${STAGE_NAMES[kind]}: say what to do`, uses: [] };
  switch (kind) {
    case 'pressure':
      return {
        ...base,
        kind,
        level: 'high',
        holdMinutes: 10,
        release: { kind: 'natural' },
        tools: [],
      };
    case 'slow':
      return { ...base, kind, minutes: 420, setting: 'low' };
    case 'oven':
    case 'crisp':
      return { ...base, kind, minutes: 15, celsius: 200 };
    case 'simmer':
    case 'burner':
      return { ...base, kind, minutes: 5, attended: true };
    case 'finish':
      return { ...base, kind, minutes: 3, inCooker: false };
    case 'soak':
      return { ...base, kind, minutes: 480 };
    default:
      return { ...base, kind, minutes: kind === 'loosen' ? 2 : 8 };
  }
}
