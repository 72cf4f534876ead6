export { sayEdit, sayFinding } from './findings';
export type { Conventions } from './findings';
