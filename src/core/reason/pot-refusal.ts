/** Why a pot doesn't take something: data, SI inside; the words for it are in `words`. */

/** What is too large for an inner pot. */
export type PotThing =
  | { kind: 'pan'; diameterMm: number; heightMm: number }
  | { kind: 'piece'; food: string; acrossMm: number; heightMm: number }
  | { kind: 'rack' };

export type PotRefusal =
  | {
      kind: 'too-full';
      fillMl: number;
      limitMl: number;
      line: 'half' | 'two-thirds';
      /** Pieces on a rack, with room for steam around them. */
      onRack: boolean;
    }
  /** `juicesMl`: what the food gives off as well, where that is not counted. */
  | { kind: 'too-little-liquid'; thinMl: number; leastMl: number; juicesMl: number | null }
  | {
      kind: 'pan-too-wide' | 'piece-too-wide';
      thing: PotThing;
      potMm: number;
      overMm: number;
      /** Widest pan that would go in, handles included. */
      mostMm: number;
    }
  | { kind: 'pan-too-high' | 'piece-too-high'; thing: PotThing; potMm: number; overMm: number }
  | { kind: 'pan-too-full'; ml: number; roomMl: number };
