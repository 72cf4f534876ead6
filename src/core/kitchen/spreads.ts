/** How far hands and stages lie from what the dish says: see `Spread`. @source estimates; docs/learning.md */
import type { Spread } from '../cooker';

/** Of cutting, browning and finishing: a household's hands, one evening's, one step's. */
export const PACE_SPREAD: Spread = { prior: 0.22, own: 0.18, evening: 0.1 };
/** Of what a dish does by itself at this stove: simmering, reducing, the oven. */
export const STAGE_SPREAD: Spread = { prior: 0.12, own: 0.08, evening: 0.03 };
