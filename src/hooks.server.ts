import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { useHouseWords } from '$core/reason';
import { database } from '$lib/server/database';
import { log } from '$lib/server/log';

export const init: ServerInit = async () => {
  useHouseWords();
  await database();
};

const SAFE_METHODS = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Whether a browser says that a request comes from another site. SvelteKit checks forms only. */
function isForeign(request: Request, url: URL): boolean {
  const site = request.headers.get('sec-fetch-site');
  if (site && site !== 'same-origin' && site !== 'none') return true;
  const origin = request.headers.get('origin');
  return origin !== null && origin !== url.origin;
}

export const handle: Handle = async ({ event, resolve }) => {
  if (!SAFE_METHODS.has(event.request.method) && isForeign(event.request, event.url))
    return new Response('This request came from another site.', { status: 403 });
  const response = await resolve(event);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  return response;
};

export const handleError: HandleServerError = ({ error, status, message }) => {
  if (status === 404)
    return { message: 'There is no such page.', remedy: 'It may have been removed.' };
  log.error({ error }, message);
  return {
    message: 'Something went wrong on our side.',
    remedy: 'Nothing you saved is lost. Try again; if it comes back, look at the server’s log.',
  };
};
