export { waterFor } from './grain-water';
export type { Treatment, Vessel, WaterNeed } from './grain-water';
export { thicken, USUAL_WATTS } from './thicken';
export type { Thickener, Thickening, Thickness } from './thicken';
