import { error } from '@sveltejs/kit';
import { database } from '$lib/server/database';
import { photoResponse, readPhoto } from '$lib/server/photo-store';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params }) => {
  const photo = await readPhoto(await database(), params.id);
  if (!photo) error(404, { message: 'There is no photo of this dish.', remedy: 'Add one.' });
  return photoResponse(photo);
};
