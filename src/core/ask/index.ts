export { QUESTIONS, ask } from './questions';
export type { Answer } from './question';
