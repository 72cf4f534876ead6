/** What a learned figure is of, and the id that it is kept by. */
import { WORK_KINDS, type WorkKind } from './basis';

export type FigureRef =
  | { kind: 'power' | 'loss'; cooker: string }
  /** Cook: an id, or `all`. */
  | { kind: 'pace'; cook: string; work: WorkKind }
  /** Key: the dish’s id, a slash, the stage’s id. */
  | { kind: 'stage' | 'hold'; key: string }
  | { kind: 'wait'; dish: string };

/** @example 'pace.all.prep' */
export function figureId(ref: FigureRef): string {
  switch (ref.kind) {
    case 'power':
    case 'loss':
      return `${ref.kind}.${ref.cooker}`;
    case 'pace':
      return `pace.${ref.cook}.${ref.work}`;
    case 'stage':
    case 'hold':
      return `${ref.kind}.${ref.key}`;
    case 'wait':
      return `wait.${ref.dish}`;
  }
}

/** The same read back: figures and observations are kept by it. @returns null for none of this version's */
export function figureOf(id: string): FigureRef | null {
  const [, kind, of = ''] = /^([a-z]+)\.(.+)$/.exec(id) ?? [];
  switch (kind) {
    case 'power':
    case 'loss':
      return { kind, cooker: of };
    case 'stage':
    case 'hold':
      return { kind, key: of };
    case 'wait':
      return { kind, dish: of };
    case 'pace': {
      const work = WORK_KINDS.find((w) => of.endsWith(`.${w}`));
      return work ? { kind, cook: of.slice(0, -work.length - 1), work } : null;
    }
    default:
      return null;
  }
}
