export { priorFor, withLearned } from './apply';
export { learn } from './learn';
export { observe } from './observe';
export { suggestChanges, verdictSchema, VERDICTS } from './suggest';
export type { Suggestion, Verdict } from './suggest';
export type { Evidence, Figure, FigureKind, Observation } from './types';
