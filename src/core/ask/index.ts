export { ask, askKnown, isKnown, QUESTIONS } from './questions';
export type { KnownAnswer, QuestionName } from './questions';
