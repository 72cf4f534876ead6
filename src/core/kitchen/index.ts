export { knownName, rememberedGroup, withGroup } from './foods';
export { basisOf, paceFor, waitFor, WORK_KINDS } from './basis';
export type { Basis, WorkKind } from './basis';
export { kitchenSchema, emptyKitchen, paceOf, keyWord } from './document';
export type { Appliance, Cooker, Tool, Place, Kitchen } from './document';
export { usualLiner } from './liner';
export { figureId, figureOf } from './figure-id';
export type { FigureRef } from './figure-id';
export { PACE_SPREAD, STAGE_SPREAD } from './spreads';
