/** The shopping list in words, as the page shows it. */
import { servedWith, type Dish } from '$core/dish';
import { inShopOrder, soldWords, type ShoppingLine, type ShoppingList } from '$core/lists';
import type { Kitchen } from '$core/kitchen';
import { formatQuantity } from '$core/units';
import type { ListLine, ShopList } from '$lib/ui/lists/types';

/**
 * @param dishes that are cooked: what stands beside them is a reminder
 * @param kitchen its measures, and the order of its shop
 */
export function shopWords(list: ShoppingList, dishes: readonly Dish[], kitchen: Kitchen): ShopList {
  return {
    lines: list.lines.map((line) => lineWords(line, kitchen)),
    aisles: inShopOrder(kitchen.aisles),
    inHouse: list.inHouse.map((l) => l.food),
    total: list.total,
    unpriced: list.unpriced,
    beside: [...new Set(dishes.flatMap((d) => servedWith(d).map((food) => `${food} (${d.name})`)))],
  };
}

function lineWords(line: ShoppingLine, { system }: Kitchen): ListLine {
  const { key, food, aisle, buy, sold, overGrams, because, cost } = line;
  const isCounted = sold?.as === 'piece';
  const amount = buy ? formatQuantity(buy, system) : '';
  return {
    key,
    food,
    aisle,
    amount: isCounted && sold ? `${amount}, ${soldWords(sold, system)}` : amount,
    sold: sold && !isCounted ? soldWords(sold, system) : null,
    // Only what can be kept by its weight is offered to the larder.
    overWords: overGrams !== null && sold?.over ? formatQuantity(sold.over, system) : null,
    because,
    parts: partWords(line, system),
    cost,
  };
}

/** “Beetroot soup 300 g, diced”; where one dish takes all, its name says enough. */
function partWords({ food, parts, buy }: ShoppingLine, system: Kitchen['system']): string[] {
  const said = parts.map((part) => {
    const isOther = part.food.toLowerCase() !== food.toLowerCase();
    const amount = part.quantity ? formatQuantity(part.quantity, system) : '';
    const isAll = parts.length === 1 && buy !== null && amount === formatQuantity(buy, system);
    return [part.dish, isAll ? '' : amount, isOther ? `(${part.food})` : '']
      .filter(Boolean)
      .join(' ');
  });
  return [...new Set(said)];
}
