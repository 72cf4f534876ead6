import { soldWords } from '$core/lists';
import { listsFor } from '$lib/server/lists';
import type { RequestHandler } from './$types';
import { currentTime } from '$lib/server/clock';
import { toCsv } from '$lib/server/csv';

export const GET: RequestHandler = async ({ url }) => {
  const { shopping, kitchen } = await listsFor(url.searchParams.get('meals'), currentTime());
  const rows = shopping.lines.map((line) => ({
    aisle: line.aisle,
    food: line.food,
    amount: line.buy ? Number(line.buy.amount.toFixed(2)) : '',
    unit: line.buy && line.buy.unit !== 'piece' ? line.buy.unit : '',
    buy: line.sold?.count ?? '',
    sold_as: line.sold
      ? soldWords({ ...line.sold, count: 1 }, kitchen.system).replace(/^(?:about )?1 ?/, '')
      : '',
    for: [...new Set(line.parts.map((p) => p.dish))].join('; '),
    cost: line.cost ?? '',
  }));
  // A cell that begins like a formula is kept from being one.
  return new Response(toCsv(rows), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': 'attachment; filename="shopping.csv"',
    },
  });
};
