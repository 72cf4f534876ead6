import { expect, it } from 'vitest';
import { readSettings } from '../scripts/settings.mjs';

const problems = (environment: Record<string, string>): string[] =>
  readSettings(environment).problems;

it('what is left out or empty is as usual', () => {
  expect(readSettings({ PORT: '', HOST: '' }).settings).toEqual({
    PORT: 4747,
    HOST: '127.0.0.1',
    HTTPS: '0',
    DATABASE_URL: 'file:data/olive.db',
  });
});

it('ports are whole and from 1 to 65535', () => {
  expect(readSettings({ PORT: '1' }).settings?.PORT).toBe(1);
  expect(readSettings({ PORT: '65535' }).settings?.PORT).toBe(65535);
  for (const PORT of ['0', '65536', '47.5', 'http', '-1'])
    expect(problems({ PORT })[0], PORT).toMatch(/^PORT=\S+ (?:is|has) /);
});

it('each mistake is said with its name, its value and what would do', () => {
  expect(
    problems({
      HOST: 'every where',
      HTTPS: 'yes',
      DATABASE_URL: 'data/olive.db',
      LOG_LEVEL: 'loud',
      HOSTS: 'a;b',
    }),
  ).toEqual([
    'HOST=every where is no address; 127.0.0.1 is this machine only, 0.0.0.0 the whole network.',
    'HTTPS=yes is either 1 or 0.',
    'DATABASE_URL=data/olive.db is neither a file (file:data/olive.db) nor a libSQL server (libsql://name).',
    'HOSTS=a;b is no list of names; write them with commas between: pantry.lan, 10.0.0.5.',
    'LOG_LEVEL=loud is none of trace, debug, info, warn, error, fatal, silent.',
  ]);
});

it('takes the addresses that there are', () => {
  for (const HOST of ['0.0.0.0', '::', '192.168.1.4', 'kitchen.lan'])
    expect(problems({ HOST })).toEqual([]);
  for (const DATABASE_URL of ['file:/tmp/x.db', 'libsql://pantry.example', 'http://127.0.0.1:8080'])
    expect(problems({ DATABASE_URL })).toEqual([]);
  expect(problems({ HOSTS: 'kitchen.lan, [fe80::1],10.0.0.5' })).toEqual([]);
});
