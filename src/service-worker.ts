/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />
/// <reference types="@sveltejs/kit" />
/**
 * Keeps the pages of a live evening, the lists and what they need, for when the server can't be reached. A
 * new version waits until no page of the old one is open: nothing changes under somebody's hands.
 */
import { base, build, files, version } from '$service-worker';

const worker = globalThis as unknown as ServiceWorkerGlobalScope;
const CACHE = `olive-clock-${version}`;
const OFFLINE = `${base}/offline.html`;
/** Pages that go on without a server. */
const KEPT = /^\/(?:cook|lists|log)(?:\/|$)/;
/** Longest wait for a page before the kept one is shown, ms. */
const PATIENCE_MS = 4000;

worker.addEventListener('install', (event) => {
  event.waitUntil(caches.open(CACHE).then((cache) => cache.addAll([...build, ...files])));
});

worker.addEventListener('activate', (event) => {
  event.waitUntil(takeOver());
});

/** A page says which one it is, for it may have come before this worker did. */
worker.addEventListener('message', (event) => {
  const { kind, path } = (event.data ?? {}) as { kind?: unknown; path?: unknown };
  if (kind === 'keep' && typeof path === 'string' && KEPT.test(path))
    event.waitUntil(keepPage(new URL(path, worker.location.origin).href));
});

/** Pages kept by an earlier version are fetched anew, for they ask for files that go with it. */
async function takeOver(): Promise<void> {
  const old = (await caches.keys()).filter((key) => key !== CACHE);
  for (const key of old) {
    const pages = (await (await caches.open(key)).keys()).filter((r) =>
      KEPT.test(new URL(r.url).pathname),
    );
    const renewed = await Promise.all(pages.map((r) => keepPage(r.url)));
    // Without a server the old ones stay with their files until there is one.
    if (renewed.every(Boolean)) await caches.delete(key);
  }
  await worker.clients.claim();
}

async function keepPage(address: string): Promise<boolean> {
  try {
    const response = await fetch(address, { headers: { accept: 'text/html' } });
    if (!response.ok || response.redirected) return response.status < 500;
    await (await caches.open(CACHE)).put(address, response);
    return true;
  } catch {
    return false;
  }
}

worker.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== worker.location.origin) return;
  if (url.pathname.startsWith(`${base}/_app/immutable/`) || files.includes(url.pathname))
    event.respondWith(keptFirst(request));
  else if (request.mode === 'navigate' || url.pathname.endsWith('/__data.json'))
    event.respondWith(newestFirst(request, url));
});

/** What never changes under its name. */
async function keptFirst(request: Request): Promise<Response> {
  const cache = await caches.open(CACHE);
  const kept = (await cache.match(request)) ?? (await caches.match(request));
  if (kept) return kept;
  const response = await fetch(request);
  if (response.ok) await cache.put(request, response.clone());
  return response;
}

/** The page as it is; where there is no server, as it was; where it never was, a word about that. */
async function newestFirst(request: Request, url: URL): Promise<Response> {
  const cache = await caches.open(CACHE);
  try {
    const signal = KEPT.test(url.pathname) ? AbortSignal.timeout(PATIENCE_MS) : undefined;
    const response = await fetch(request, signal ? { signal } : {});
    const isOwn = response.ok && !response.redirected;
    if (isOwn && KEPT.test(url.pathname)) await cache.put(request.url, response.clone());
    return response;
  } catch (error) {
    // Of this version, or of the last one while there was no server to renew it.
    const kept = (await cache.match(request.url)) ?? (await caches.match(request.url));
    if (kept) return kept;
    const offline = request.mode === 'navigate' ? await cache.match(OFFLINE) : undefined;
    if (offline) return offline;
    throw error;
  }
}
