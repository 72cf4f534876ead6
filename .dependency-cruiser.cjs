/** Rooms of the core from the ground up: each imports only from those before it. */
const FLOORS = [
  'reason',
  'facts',
  'units',
  'words',
  'food',
  'steam',
  'liquid',
  'cooker',
  'thermal',
  'dish',
  'kitchen',
  'safety',
  'doneness',
  'meal',
  'recipe',
  'storage',
  'cycle',
  'menu',
  'solve',
  'plan',
  'review',
  'run',
  'replan',
  'lists',
  'planner',
  'learn',
  'exchange',
  'ask',
];

/** Imports point one way: core ← lib/server, lib/workers, lib/ui ← routes. */
module.exports = {
  forbidden: [
    ...FLOORS.map((room, i) => ({
      name: `nothing-above-${room}`,
      comment: 'Inside the core imports point down the list of rooms.',
      severity: 'error',
      from: { path: `^src/core/${room}/`, pathNot: '\\.test\\.ts$' },
      to: {
        path: '^src/core/',
        pathNot: `^src/core/(${FLOORS.slice(0, i + 1).join('|')})/`,
      },
    })),
    {
      name: 'every-room-has-its-floor',
      comment: 'A new room is written into the list above.',
      severity: 'error',
      from: {},
      to: { path: '^src/core/', pathNot: `^src/core/(${FLOORS.join('|')})/` },
    },
    {
      name: 'core-stands-alone',
      comment: 'The core imports nothing but itself and a few pure packages.',
      severity: 'error',
      from: { path: '^src/core', pathNot: '\\.test\\.ts$' },
      to: {
        pathNot:
          '^(src/core|node_modules/(zod|parse-ingredient|htmlparser2|@internationalized/date))',
      },
    },
    {
      name: 'rooms-have-doors',
      comment:
        'Another room of the core is entered through its index.ts. Minutes and amounts in a step’s words have doors of their own: plans need them on every page, without the whole reader (40 kB compressed).',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/', pathNot: '\\.test\\.ts$' },
      to: {
        path: '^src/core/[^/]+/',
        pathNot: '^src/core/($1/|[^/]+/index\\.ts$|recipe/(retime|told-amounts)\\.ts$)',
      },
    },
    {
      name: 'lib-never-imports-routes',
      severity: 'error',
      from: { path: '^src/lib' },
      to: { path: '^src/routes' },
    },
    {
      name: 'ui-and-workers-stay-out-of-the-server',
      severity: 'error',
      from: { path: '^src/lib/(ui|workers)' },
      to: { path: '^src/lib/server' },
    },
    {
      name: 'no-cycles',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    exclude: { path: '\\.svelte-kit' },
    enhancedResolveOptions: {
      extensions: ['.ts', '.js', '.svelte', '.json'],
      exportsFields: ['exports'],
      conditionNames: ['import', 'svelte', 'default'],
    },
  },
};
