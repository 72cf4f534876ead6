/** A question about a hold, and its answer. */
import type { Cut, Heater, Level, ReleaseKind } from '../cooker';
import type { HoldTarget, HoldTreatment } from './demands';
import type { School } from './schools';

/** No hold is longer, min. */
export const LONGEST_MIN = 240;
/** Pieces of one purchase differ by so much; the longer time is for the thicker ones. */
export const THICKER = 1.1;

export interface HoldQuestion {
  food: string;
  cut: Cut;
  /** Of all pieces together. */
  grams: number;
  /** How many the grams are; left out where nobody knows. */
  pieces?: number | undefined;
  state: 'frozen' | 'chilled' | 'room';
  /** Whether pulses and grain lay in water before; left out where the name tells. */
  treated?: HoldTreatment | undefined;
  /** In the liner, or in a pan on a rack. */
  vessel?: 'sealed' | 'stacked' | undefined;
  target: HoldTarget;
  level: Level;
  altitudeM: number;
  cooker: Heater;
  release: ReleaseKind;
}

export interface HoldAdvice {
  /** Whole minutes, from and to; null where no hold gets there. */
  minutes: [number, number] | null;
  /** °C in the middle when the lid opens after the shorter of them; null where nothing was held. */
  centreC: number | null;
  /** What a thermometer in the thickest part must show, °C; null where none is asked for. */
  thermometerC: number | null;
  /** What the middle has had in heat, as minutes at 70 °C; null where the food asks for no safe centre. */
  safeMinutes: number | null;
  schools: School[];
  because: string[];
}

/** Nobody knows what it is: no minutes, no temperature, but the groups to choose from. */
export interface UnknownFood {
  unknown: true;
  ask: readonly string[];
  because: string[];
}
