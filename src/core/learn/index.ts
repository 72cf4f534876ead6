export { priorFor, withLearned } from './apply';
export { relabel } from './relabel';
export { learn, learning } from './learn';
export { observe } from './observe';
export { suggestChanges, verdictSchema, VERDICTS } from './suggest';
export type { Verdict } from './suggest';
export type { Figure, Observation } from './types';
export { sayEvidence, sayFigure } from './say';
