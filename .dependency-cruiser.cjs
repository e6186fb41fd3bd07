// A floor imports only the floors below it. Tests and the helpers in testing/ may stand across.
const floors = {
  core: [],
  data: ['core'],
  messages: ['core'],
  workers: ['core'],
  ui: ['core', 'messages'],
  // What a browser keeps for itself; bundled apart from the pages.
  offline: ['ui'],
  features: ['core', 'messages', 'ui', 'workers'],
  server: ['core', 'messages', 'data', 'instruments'],
  instruments: ['core'],
}
const all = [
  'core',
  'data',
  'messages',
  'workers',
  'ui',
  'offline',
  'features',
  'server',
  'instruments',
  'pages',
]

module.exports = {
  forbidden: [
    ...Object.entries(floors).map(([floor, below]) => ({
      name: `${floor}-imports-only-below`,
      severity: 'error',
      from: { path: `^src/${floor}/`, pathNot: '\\.(test|long)\\.ts$' },
      to: {
        path: `^src/(${all.filter((other) => other !== floor && !below.includes(other)).join('|')})/`,
      },
    })),
    {
      name: 'screens-take-only-types-from-messages',
      comment: 'Joi stays out of the client.',
      severity: 'error',
      from: { path: '^src/(ui|features)/', pathNot: '\\.(test|long)\\.ts$' },
      to: { path: '^src/messages/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.(test|long)\\.ts$' },
      // Distribution functions are numeric libraries: pure, and better than our own.
      to: { dependencyTypes: ['core', 'npm'], pathNot: '^node_modules/(@stdlib|jstat)/' },
    },
    {
      name: 'no-circles',
      severity: 'error',
      from: { path: '^src/' },
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'front-doors-of-the-core',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/', pathNot: '\\.(test|long)\\.ts$' },
      to: { path: '^src/core/([^/]+)/', pathNot: '^src/core/($1/|[^/]+/index\\.ts$)' },
    },
    {
      name: 'front-doors-within-reconditioning',
      severity: 'error',
      from: { path: '^src/core/recondition/([^/]+)/', pathNot: '\\.(test|long)\\.ts$' },
      to: {
        path: '^src/core/recondition/([^/]+)/',
        pathNot: '^src/core/recondition/($1/|[^/]+/index\\.ts$)',
      },
    },
    {
      name: 'front-doors-of-the-core-from-outside',
      severity: 'error',
      from: { path: '^src/(?!core/)', pathNot: '\\.(test|long)\\.ts$' },
      to: { path: '^src/core/[^/]+/', pathNot: '^src/core/[^/]+/index\\.ts$' },
    },
    {
      name: 'front-doors-of-the-data',
      severity: 'error',
      from: { path: '^src/(?!data/)', pathNot: '\\.(test|long)\\.ts$' },
      to: { path: '^src/data/[^/]+/', pathNot: '^src/data/[^/]+/index\\.ts$' },
    },
    {
      name: 'front-doors-of-the-server',
      severity: 'error',
      from: { path: '^src/(?!server/)', pathNot: '\\.(test|long)\\.ts$' },
      to: {
        path: '^src/server/[^/]+/',
        pathNot: '^src/server/([^/]+/index\\.ts|(storage|styleguide)/.*)$',
      },
    },
    {
      name: 'front-doors-between-areas-of-the-server',
      severity: 'error',
      from: { path: '^src/server/([^/]+)/', pathNot: '\\.(test|long)\\.ts$' },
      to: {
        path: '^src/server/([^/]+)/',
        pathNot: '^src/server/($1/|[^/]+/index\\.ts$|storage/)',
      },
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
  },
}
