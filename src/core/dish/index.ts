export { allergensOf, unknownFoods } from './allergens';
export { dishSchema, freeIdIn, MOST_CHECKS, MOST_TURNS, stageSchema } from './document';
export type { Dish, Ingredient, PressureStage, ReleaseChoice, Stage, StageKind } from './document';
export {
  browningBatches,
  browningMinutes,
  pieceCount,
  piecesAtATime,
  USUAL_DIAMETER_MM,
} from './browning';
export { scaleDish, toGrams } from './scale';
export type { ScaledDish, ScaledIngredient } from './scaled';
export { contentsAt, cooksFrozen, startCelsius } from './contents';
export { targetsFor, useAnswer } from './use-answer';
export type { AnswerUse } from './use-answer';
export { cansOf } from './cans';
export { compareDishes } from './compare';
export { withGroups } from './groups';
export { DIETS, dietsOf } from './diets';
export { comesBefore, heatOf, isGrilled, placeOf, stagesBefore } from './places';
export type { StagePlace } from './places';
export type { Diet } from './diets';
export { compositionOf, mainIngredient } from './whole';
export { layersAt } from './layers';
export type { Layer, PotContents } from './layers';
export { substitute, substitutesFor } from './substitutes';
export { slowVersion } from './slow';
export { isParted, partAt, partIn, PARTS, sayPart, withoutUse } from './parts';
export { byWeightTimes, decidingPiece, onTop, sayByWeight } from './by-weight';
export {
  codeOf,
  dishKey,
  dishRef,
  dishRefSchema,
  refOf,
  refOfFirstVersion,
  KIT_WAYS,
  REHEAT_METHODS,
  writtenId,
} from './ref';
export type { BagWay, DishRef, KitWay, ReheatMethod } from './ref';
export { servedWith } from './serve-with';
export {
  afterwardsPerKg,
  boardMinutes,
  assemblyMinutes,
  growsWithAmount,
  knifeMinutes,
  preparingMinutes,
} from './hands';
