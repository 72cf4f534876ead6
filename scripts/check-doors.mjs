/**
 * Every export of a room's door in the core has somebody outside the room who uses it: a program, a page, or a
 * test of another folder. What nobody uses is no part of the door.
 */
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';

const CORE = 'src/core';
const FOLDERS = ['src', 'tests', 'scripts'];
const IMPORT = /^[ \t]*(?:import|export) (?:type )?\{([^}]*)\} from '([^']+)';/gm;
const EXPORT = /^export (?:type )?\{([^}]*)\}/gm;
const OWN = /^export (?:async )?(?:function|const|class|interface|type) (\w+)/gm;

const sources = FOLDERS.flatMap((folder) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.(?:ts|svelte|mjs)$/.test(name))
    .map((name) => join(folder, name)),
);

/** @param {string} list names between braces, with `type` and `as` */
const names = (list, takesAlias) =>
  list
    .split(',')
    .map((n) => n.trim().replace(/^type /, ''))
    .filter(Boolean)
    .map((n) => n.split(' as ').at(takesAlias ? -1 : 0));

/** The room whose door a specifier opens; null where it opens none. */
function roomOf(file, specifier) {
  const path = specifier.startsWith('$core/')
    ? join(CORE, specifier.slice(6))
    : specifier.startsWith('.')
      ? normalize(join(dirname(file), specifier))
      : '';
  return /^src\/core\/([\w-]+)(?:\/index)?$/.exec(path)?.[1] ?? null;
}

/** @type {Map<string, Set<string>>} */
const used = new Map();
for (const file of sources)
  for (const [, list, specifier] of readFileSync(file, 'utf8').matchAll(IMPORT)) {
    const room = roomOf(file, specifier);
    if (!room) continue;
    const known = used.get(room) ?? new Set();
    for (const name of names(list, false)) known.add(name);
    used.set(room, known);
  }

let total = 0;
const idle = [];
for (const room of readdirSync(CORE)) {
  const door = join(CORE, room, 'index.ts');
  if (!existsSync(door)) continue;
  const text = readFileSync(door, 'utf8');
  const exported = [
    ...[...text.matchAll(EXPORT)].flatMap(([, list]) => names(list, true)),
    ...[...text.matchAll(OWN)].map(([, name]) => name),
  ];
  total += exported.length;
  idle.push(
    ...exported.filter((name) => !used.get(room)?.has(name)).map((name) => `${room}: ${name}`),
  );
}
for (const line of idle) console.error(`nobody uses this export of a door: ${line}`);
console.log(`${total} exports of doors, ${idle.length} of them unused`);
process.exitCode = idle.length > 0 ? 1 : 0;
