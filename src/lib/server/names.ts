/** The names under which this server may be called: a site that only borrows our address gets nothing. */
import { hostname, networkInterfaces } from 'node:os';

const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]', '::1']);

/** Whether a host is this machine itself. */
export function isLoopback(host: string): boolean {
  return LOOPBACK.has(host);
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
