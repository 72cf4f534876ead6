export { QUESTIONS, ask, askKnown } from './questions';
export type { Answer } from './question';
