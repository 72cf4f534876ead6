import { redirect } from '@sveltejs/kit';
import { COOKIE, COOKIE_DAYS, enterAsScreen } from '$lib/server/access';
import { database } from '$lib/server/database';
import type { RequestHandler } from './$types';
import { currentTime } from '$lib/server/clock';

/** A screen on the kitchen wall: it shows everything and changes nothing. */
export const GET: RequestHandler = async ({ params, cookies, url }) => {
  const cookie = await enterAsScreen(await database(), params.token, currentTime());
  if (!cookie)
    return new Response('This link is no longer good; make a new one in Kitchen.', { status: 403 });
  cookies.set(COOKIE, cookie, {
    path: '/',
    httpOnly: true,
    sameSite: 'lax',
    secure: url.protocol === 'https:',
    maxAge: COOKIE_DAYS * 86_400,
  });
  redirect(303, '/cook');
};
