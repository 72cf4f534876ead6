import { error } from '@sveltejs/kit';
import { database } from '$lib/server/database';
import { eveningPhotoId, photoResponse, readPhoto } from '$lib/server/photo-store';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params }) => {
  const photo = await readPhoto(await database(), eveningPhotoId(params.id, params.entry));
  if (!photo) error(404, { message: 'There is no photo of this evening.', remedy: 'Add one.' });
  return photoResponse(photo);
};
