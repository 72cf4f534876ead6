export { waterFor } from './grain-water';
export type { Vessel } from './grain-water';
export { thicken } from './thicken';
