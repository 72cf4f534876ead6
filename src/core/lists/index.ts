export { foodKey, larderItemSchema, priceSchema } from './larder';
export type { LarderItem, Price } from './larder';
export { layOut, mergedCuts, toolsFor } from './lay-out';
export type { LayOutGroup, ToolUse } from './lay-out';
export { AISLES, shoppingList } from './shopping';
export type { ShoppingLine, ShoppingList, Wanted } from './shopping';
export { useUp } from './use-up';
export type { UseUp } from './use-up';
export { stockFoods } from './stock-foods';
