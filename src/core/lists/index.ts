export { foodKey, larderItemSchema, priceSchema } from './larder';
export type { LarderItem, Price } from './larder';
export { layOut, mergedCuts, toolsFor } from './lay-out';
export type { LaidOut, LayOutGroup, ToolUse } from './lay-out';
export { AISLES, shoppingList } from './shopping';
export type { ShoppingLine, ShoppingList, ShoppingPart, Wanted } from './shopping';
export { useUp } from './use-up';
export type { UseUp } from './use-up';
export { stockFoods } from './stock-foods';
