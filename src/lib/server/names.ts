/** The names under which this server may be called: a site that only borrows our address gets nothing. */
import { hostname, networkInterfaces } from 'node:os';

const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]', '::1']);

/** Whether a host is this machine itself. */
export function isLoopback(host: string): boolean {
  return LOOPBACK.has(host);
}

/**
 * Where another device of the house finds this server: the address it was called by, or on the machine itself the
 * first of its own in the network; null where it answers this machine only.
 *
 * @param host on which it listens
 */
export function addressFor(url: URL, host = process.env.HOST ?? ''): string | null {
  if (!isLoopback(url.hostname)) return url.origin;
  if (host === '' || isLoopback(host)) return null;
  const [outside] = Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    .filter((a) => a.family === 'IPv4' && !a.internal);
  const name = host === '0.0.0.0' || host === '::' ? outside?.address : host;
  return name ? `${url.protocol}//${name}${url.port ? `:${url.port}` : ''}` : null;
}

/** Loopback names, this machine's own, its addresses, and those in `HOSTS`, divided by commas. */
export function ownNames(extra = process.env.HOSTS ?? ''): Set<string> {
  const machine = hostname().toLowerCase();
  const addresses = Object.values(networkInterfaces()).flatMap((list) =>
    (list ?? []).map((a) => (a.family === 'IPv6' ? `[${a.address}]` : a.address)),
  );
  return new Set([
    ...LOOPBACK,
    machine,
    `${machine}.local`,
    ...addresses,
    ...extra
      .split(',')
      .map((name) => name.trim().toLowerCase())
      .filter(Boolean),
  ]);
}
