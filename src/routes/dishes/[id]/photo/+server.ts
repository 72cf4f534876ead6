import { error } from '@sveltejs/kit';
import { database } from '$lib/server/database';
import { readPhoto } from '$lib/server/photo-store';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params }) => {
  const photo = await readPhoto(await database(), params.id);
  if (!photo) error(404, { message: 'There is no photo of this dish.', remedy: 'Add one.' });
  return new Response(photo.bytes, {
    headers: {
      'content-type': photo.type,
      'x-content-type-options': 'nosniff',
      // The address carries the date, so a new photo has a new address.
      'cache-control': 'private, max-age=31536000, immutable',
    },
  });
};
