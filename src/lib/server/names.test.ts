import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { addressFor, isLoopback, ownNames } from './names';

const nets = vi.hoisted(() => ({ of: {} as Record<string, object[] | undefined> }));
vi.mock('node:os', async (real) => ({
  ...(await real<object>()),
  hostname: () => 'Larder',
  networkInterfaces: () => nets.of,
}));

const INSIDE = { family: 'IPv4', internal: true, address: '127.0.0.1' };
const OUTSIDE = { family: 'IPv4', internal: false, address: '192.168.1.20' };
const OUTSIDE_6 = { family: 'IPv6', internal: false, address: 'fd00::20' };

beforeEach(() => {
  nets.of = { lo: [INSIDE], none: undefined, eth: [OUTSIDE_6, OUTSIDE] };
});
afterEach(() => vi.unstubAllEnvs());

it.each([
  ['localhost', true],
  ['127.0.0.1', true],
  ['::1', true],
  ['[::1]', true],
  ['192.168.1.20', false],
  ['localhost.example', false],
])('%s is this machine itself: %s', (host, expected) => expect(isLoopback(host)).toBe(expected));

describe('where another device finds this server', () => {
  const here = new URL('http://localhost:4780/kitchen');

  it('by the address that it was called by, where that is one for others', () =>
    expect(addressFor(new URL('http://larder.local:4780/kitchen'), '')).toBe(
      'http://larder.local:4780',
    ));

  it.each(['', '127.0.0.1', 'localhost'])('nowhere, listening on “%s”', (host) =>
    expect(addressFor(here, host)).toBeNull(),
  );

  it.each(['0.0.0.0', '::'])('by its first IPv4 address in the network, listening on %s', (host) =>
    expect(addressFor(here, host)).toBe('http://192.168.1.20:4780'),
  );

  it('by the one address that it listens on', () =>
    expect(addressFor(here, '10.0.0.7')).toBe('http://10.0.0.7:4780'));

  it('without a port where the usual one is meant', () =>
    expect(addressFor(new URL('https://localhost/'), '10.0.0.7')).toBe('https://10.0.0.7'));

  it('nowhere, where the machine is in no network', () => {
    nets.of = { lo: [INSIDE], eth: [OUTSIDE_6] };
    expect(addressFor(here, '0.0.0.0')).toBeNull();
  });

  it('listens where HOST says, when nobody says otherwise', () => {
    expect(addressFor(here)).toBeNull();
    vi.stubEnv('HOST', '10.0.0.7');
    expect(addressFor(here)).toBe('http://10.0.0.7:4780');
  });
});

describe('names under which it may be called', () => {
  it('loopback, the machine’s own in small letters, its addresses; one of IPv6 in brackets', () =>
    expect([...ownNames('')].sort()).toEqual(
      [
        ...['localhost', '127.0.0.1', '[::1]', '::1'],
        ...['larder', 'larder.local', '192.168.1.20', '[fd00::20]'],
      ].sort(),
    ));

  it('and those in HOSTS, divided by commas', () => {
    const added = (hosts: string) => {
      const usual = ownNames('');
      return [...ownNames(hosts)].filter((name) => !usual.has(name));
    };
    expect(added(' Olive.Example , ,cook.test')).toEqual(['olive.example', 'cook.test']);
    vi.stubEnv('HOSTS', 'cook.test');
    expect(ownNames().has('cook.test')).toBe(true);
  });

  it('none but these: an empty name is none', () => expect(ownNames(', ,').has('')).toBe(false));
});
