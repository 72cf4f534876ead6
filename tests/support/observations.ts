/** Observations as tests write them. */
import type { Observation } from '$core/learn';

/** One of a figure's logarithm, on the evening of that number. */
export const seen = (log: number, at = 0, figure = 'power.large'): Observation => ({
  figure,
  kind: figure.startsWith('stage') ? 'stage' : figure.startsWith('pace') ? 'pace' : 'power',
  about: 'Large',
  evening: String(at),
  eveningName: `Evening ${at}`,
  at,
  planned: 10,
  real: 12,
  log,
});
/** The figure before any evening. */
export const one = () => 1;
