import { database } from '$lib/server/database';
import { areTooManyPhotos, readHousehold } from '$lib/server/household-store';
import { weighPhotos } from '$lib/server/photo-store';
import type { RequestHandler } from './$types';

/** Everything in one file; `?photos=no` leaves the photos out. */
export const GET: RequestHandler = async ({ url }) => {
  const store = await database();
  const withPhotos = url.searchParams.get('photos') !== 'no';
  if (withPhotos && areTooManyPhotos(await weighPhotos(store)))
    return new Response(
      'The photos are more than one file carries. Save it without them (/household.json?photos=no); copies of the database hold them.',
      { status: 409 },
    );
  return new Response(JSON.stringify(await readHousehold(store, withPhotos), null, 1), {
    headers: {
      'content-type': 'application/json',
      'content-disposition': 'attachment; filename="olive-clock-household.json"',
    },
  });
};
