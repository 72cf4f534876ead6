import { database } from '$lib/server/database';
import { allObservations, freshFigures } from '$lib/server/learned-store';
import { allVerdicts } from '$lib/server/verdict-store';
import { currentTime } from '$lib/server/clock';
import { toCsv } from '$lib/server/csv';
import type { RequestHandler } from './$types';

/** Everything that evenings said, a line each: lengths planned and real, and what the cook said. */
export const GET: RequestHandler = async () => {
  const store = await database();
  await freshFigures(store, currentTime());
  const [seen, said] = await Promise.all([allObservations(store), allVerdicts(store)]);
  const rows = [
    ...seen.map((o) => ({
      day: new Date(o.at).toISOString().slice(0, 10),
      evening: o.eveningName,
      what: o.kind,
      about: o.about,
      planned_min: o.planned,
      real_min: o.real,
      kg: o.kg ?? '',
      said: '',
    })),
    ...said.map(({ at, eveningId, dishId, verdict }) => ({
      day: new Date(at).toISOString().slice(0, 10),
      evening: eveningId,
      what: 'verdict',
      about: dishId,
      planned_min: '',
      real_min: '',
      kg: '',
      said: [
        verdict.tenderness && `bite ${verdict.tenderness}`,
        verdict.salt && `salt ${verdict.salt}`,
        verdict.texture && `sauce ${verdict.texture}`,
        verdict.wait && `its wait: ${verdict.wait}`,
        verdict.again === null ? '' : verdict.again ? 'again' : 'not again',
        verdict.note,
      ]
        .filter(Boolean)
        .join('; '),
    })),
  ];
  // A cell that begins like a formula is kept from being one.
  return new Response(toCsv(rows), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': 'attachment; filename="log.csv"',
    },
  });
};
