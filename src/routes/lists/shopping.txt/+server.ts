import { inShopOrder, soldWords } from '$core/lists';
import { formatQuantity } from '$core/units';
import { listsFor } from '$lib/server/lists';
import type { RequestHandler } from './$types';
import { currentTime } from '$lib/server/clock';

export const GET: RequestHandler = async ({ url }) => {
  const { shopping, kitchen } = await listsFor(url.searchParams.get('meals'), currentTime());
  const text = inShopOrder(kitchen.aisles)
    .flatMap((aisle) => {
      const lines = shopping.lines.filter((l) => l.aisle === aisle);
      if (lines.length === 0) return [];
      return [
        `${aisle[0]?.toUpperCase()}${aisle.slice(1)}`,
        ...lines.map(({ buy, sold, food }) => {
          const amount = buy ? formatQuantity(buy, kitchen.system) : '';
          const asked = sold ? soldWords(sold, kitchen.system) : '';
          return `- ${[amount, food].filter(Boolean).join(' ')}${asked ? ` (${asked})` : ''}`;
        }),
        '',
      ];
    })
    .join('\n');
  return new Response(text || 'Nothing to buy.\n', {
    headers: {
      'content-type': 'text/plain; charset=utf-8',
      'content-disposition': 'attachment; filename="shopping.txt"',
    },
  });
};
