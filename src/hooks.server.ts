import { randomBytes } from 'node:crypto';
import { redirect, type Handle, type HandleServerError, type ServerInit } from '@sveltejs/kit';
import { building } from '$app/environment';
import { useHouseWords } from '$core/reason';
import { COOKIE, hasPasscode, visitorOf, type AccessRole } from '$lib/server/access';
import { backUpDaily, backupFolder } from '$lib/server/backup';
import { database, databaseUrl } from '$lib/server/database';
import { LARGEST_FILE_BYTES } from '$lib/server/household-store';
import { log } from '$lib/server/log';
import { isKeptPlace, PageCache, revisionOf } from '$lib/server/page-cache';
import { changeAt, turn } from '$lib/server/turns';
import { diskTrouble, isLeft } from '$lib/server/trouble';
import { warmUp } from '$lib/server/warm-up';
import { isLoopback, ownNames } from '$lib/server/names';

export const init: ServerInit = async () => {
  useHouseWords();
  const store = await database();
  if (building) return;
  // After the first who may be waiting already.
  const warm = (): Promise<unknown> =>
    warmUp(store).catch((error: unknown) => {
      log.warn({ error }, 'what pages need was not read ahead');
    });
  setTimeout(() => void warm(), WARM_UP_AFTER_MS).unref();
  const folder = backupFolder(databaseUrl());
  if (!folder) return;
  const daily = async (): Promise<void> => {
    const made = await backUpDaily(store, folder, Date.now());
    if (!made.ok) log.warn({ problem: made.problems[0] }, 'no copy was made');
  };
  void daily();
  setInterval(() => void daily(), LOOK_EVERY_MS).unref();
};

const WARM_UP_AFTER_MS = 200;
/** How often it is looked whether a day has gone since the last copy. */
const LOOK_EVERY_MS = 3_600_000;

const SAFE_METHODS = new Set(['GET', 'HEAD', 'OPTIONS']);
/** What anybody may have: the door itself, and whether anybody is at home. */
const OPEN = /^\/(?:access|health)(?:\/|$)/;
const names = ownNames();

/** Whether a browser says that a request comes from another site. SvelteKit checks forms only. */
function isForeign(request: Request, url: URL): boolean {
  const site = request.headers.get('sec-fetch-site');
  if (site && site !== 'same-origin' && site !== 'none') return true;
  const origin = request.headers.get('origin');
  return origin !== null && origin !== url.origin;
}

type Event = Parameters<Handle>[0]['event'];

/** A document, a photo, a recipe's text; a household file comes with all its photos. */
const MOST_BODY_BYTES = 25_000_000;
const FILE_PATH = '/kitchen';

/** A passcode: what anybody may send, before it is known who they are. */
const MOST_DOOR_BYTES = 4096;

function mostFor(path: string): number {
  if (OPEN.test(path)) return MOST_DOOR_BYTES;
  return path === FILE_PATH ? LARGEST_FILE_BYTES + MOST_BODY_BYTES : MOST_BODY_BYTES;
}

const sayBytes = (bytes: number): string =>
  bytes < 1e6 ? `${Math.ceil(bytes / 1000)} kB` : `${Math.ceil(bytes / 1e6)} MB`;

/** A limit is rounded down: what is said to be taken is taken. */
const sayLimit = (bytes: number): string =>
  bytes < 1e6 ? `${Math.floor(bytes / 1000)} kB` : `${Math.floor(bytes / 1e6)} MB`;

/** Why a body is not taken in; null where it may be. One that doesn't say how long it is may never end. */
function bodyRefusal({ request, url }: Event): Response | null {
  if (!request.body) return null;
  const length = Number(request.headers.get('content-length') ?? Number.NaN);
  if (Number.isNaN(length))
    return new Response('Say how long this is (Content-Length), and send it again.', {
      status: 411,
    });
  const most = mostFor(url.pathname);
  if (length <= most) return null;
  return new Response(
    `This has ${sayBytes(length)}, and at most ${sayLimit(most)} are taken. Send less.`,
    { status: 413 },
  );
}

/** What proxies say of those they pass on: RFC 7239, RFC 9110 (Via), and the names that came before and beside them. */
const PASSED_ON = [
  ...['forwarded', 'via', 'x-forwarded-for', 'x-forwarded-host', 'x-forwarded-proto'],
  ...['x-forwarded-server', 'x-forwarded-port', 'x-real-ip', 'x-client-ip', 'x-cluster-client-ip'],
  'true-client-ip',
];

/** This very machine, called by a name of its own, and nothing that passes others on. */
function isHere(event: Event): boolean {
  const { headers } = event.request;
  if (PASSED_ON.some((name) => headers.has(name))) return false;
  // A caller who is gone again has no address any more, whatever the type says.
  const address = event.getClientAddress();
  if (!address) return false;
  return isLoopback(event.url.hostname) && isLoopback(address.replace(/^::ffff:/, ''));
}

async function roleFor(event: Event): Promise<AccessRole | null> {
  if (isHere(event)) return 'full';
  const visitor = await visitorOf(await database(), event.cookies.get(COOKIE), Date.now());
  if (visitor) {
    event.locals.device = visitor.device;
    const cookie = event.cookies.get(COOKIE);
    event.locals.mayStay = async () =>
      (await visitorOf(await database(), cookie, Date.now())) !== null;
  }
  return visitor?.role ?? null;
}

/** Why a request is not answered; null where it is. */
async function refusal(event: Event): Promise<Response | null> {
  const { request, url } = event;
  const isChange = !SAFE_METHODS.has(request.method);
  const tooLarge = bodyRefusal(event);
  if (tooLarge) return tooLarge;
  if (!names.has(url.hostname.toLowerCase()))
    return new Response('This server is not known by that name. Add it to HOSTS and start again.', {
      status: 421,
    });
  if (isChange && isForeign(request, url))
    return new Response('This request came from another site.', { status: 403 });
  if (OPEN.test(url.pathname)) return null;
  const role = await roleFor(event);
  if (role) event.locals.role = role;
  if (role === 'full' || (role === 'look' && !isChange)) return null;
  if (role === 'look')
    return new Response('This screen is read-only. Give the passcode to change something.', {
      status: 403,
    });
  if (!(await hasPasscode(await database())))
    return new Response(
      'No passcode is set, so nobody comes in over the network. On the machine itself: npm run passcode',
      { status: 403 },
    );
  if (request.headers.get('accept')?.includes('text/html') && !isChange)
    redirect(303, `/access?to=${encodeURIComponent(url.pathname + url.search)}`);
  return new Response('Give the passcode first: open /access.', { status: 401 });
}

const pages = new PageCache();
const MINUTE_MS = 60_000;

/** A page as it was made for another screen, where nothing it shows has changed since; else made now, in its turn. */
async function answered(event: Event, make: () => Promise<Response>): Promise<Response> {
  const { request, url, locals } = event;
  const isKept = request.method === 'GET' && isKeptPlace(url.pathname);
  const first = isKept ? revisionOf(databaseUrl()) : null;
  if (first === null) {
    if (SAFE_METHODS.has(request.method)) await turn('page');
    return make();
  }
  const key = [request.url, locals.role ?? '', locals.device ?? ''].join(' ');
  const asked = {
    takesPacked: /\bgzip\b/.test(request.headers.get('accept-encoding') ?? ''),
    has: request.headers.get('if-none-match'),
  };
  // Where it can't be told any more, nothing is the same as before.
  const revision = (): string =>
    `${Math.floor(Date.now() / MINUTE_MS)} ${revisionOf(databaseUrl()) ?? String(Math.random())}`;
  return pages.answer(key, asked, { revision, turn: () => turn('page'), make });
}

export const handle: Handle = async ({ event, resolve }) => {
  if (!building && !SAFE_METHODS.has(event.request.method))
    await turn(changeAt(event.url.pathname));
  const refused = building ? null : await refusal(event);
  const made = async (): Promise<Response> => resolve(event);
  const response = refused ?? (building ? await made() : await answered(event, made));
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  response.headers.set('x-frame-options', 'DENY');
  response.headers.set('cross-origin-opener-policy', 'same-origin');
  response.headers.set(
    'permissions-policy',
    'camera=(), microphone=(), geolocation=(), payment=(), usb=()',
  );
  return response;
};

export const handleError: HandleServerError = ({ error, event, status, message }) => {
  if (status === 404)
    return { message: 'There is no such page.', remedy: 'It may have been removed.' };
  // The page shows the number, the log has it with everything else.
  const number = randomBytes(3).toString('hex').toUpperCase();
  const { method } = event.request;
  if (isLeft(error)) {
    log.info({ number, method, path: event.url.pathname }, 'left before it was answered');
    return { message: 'It broke off before it was answered.', remedy: 'Do it again.', number };
  }
  log.error({ error, number, method, path: event.url.pathname, by: event.locals.role }, message);
  const trouble = diskTrouble(error);
  if (trouble) return { ...trouble, number };
  return {
    message: 'Something went wrong on our side.',
    remedy: 'Nothing you saved is lost. Try again; if it comes back, look at the server’s log.',
    number,
  };
};
