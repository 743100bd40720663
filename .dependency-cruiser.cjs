/** @type {import('dependency-cruiser').IConfiguration} */
const TESTS = '[.]test[.]tsx?$';
const only = (from, ...to) => ({
  name: `${from}-imports-only-${to.join('+') || 'itself'}`,
  severity: 'error',
  from: { path: `^src/${from}/`, pathNot: TESTS },
  to: { path: '^src/', pathNot: `^src/(${[from, ...to].join('|')})/` },
});
/** The order inside the core, lowest first: a folder imports only what stands before it. The same list stands in eslint.config.mjs. */
// prettier-ignore
const CORE = ['base', 'reference', 'colour', 'room', 'pattern', 'units', 'paint', 'light', 'appearance', 'judge', 'eye', 'companions', 'plan', 'record', 'derived', 'scheme', 'house', 'handover', 'formats', 'operations', 'engine'];
const coreOrder = CORE.map((folder, i) => ({
  name: `core-${folder}-imports-only-what-stands-before-it`,
  severity: 'error',
  from: { path: `^src/core/${folder}/`, pathNot: TESTS },
  to: { path: '^src/core/', pathNot: `^src/core/(${CORE.slice(0, i + 1).join('|')})/` },
}));

/** What the steps share, each with what it may import beside the core and src/ui: the words know nobody, the drawings all of them. */
const SHARED = {
  words: [],
  cursor: ['words'],
  session: ['words', 'cursor'],
  'light-client': ['words', 'cursor', 'session'],
  entry: ['words', 'session'],
  drawings: ['words', 'cursor', 'session', 'light-client', 'entry'],
};
const sharedRooms = Object.entries(SHARED).map(([room, others]) => ({
  name: `features-${room}-imports-only-${others.join('+') || 'itself'}`,
  severity: 'error',
  from: { path: `^src/features/${room}/`, pathNot: TESTS },
  to: { path: '^src/features/', pathNot: `^src/features/(${[room, ...others].join('|')})/` },
}));

module.exports = {
  forbidden: [
    ...coreOrder,
    ...sharedRooms,
    {
      name: 'core-has-no-other-folders',
      severity: 'error',
      from: {},
      to: { path: '^src/core/', pathNot: `^src/core/(${CORE.join('|')})/` },
    },
    {
      name: 'no-cycles-between-folders-of-the-core',
      severity: 'error',
      scope: 'folder',
      from: { path: '^src/core/' },
      to: { circular: true },
    },
    only('core'),
    only('data', 'core'),
    only('devices', 'core'),
    only('workers', 'core'),
    only('cli', 'core', 'server', 'data'),
    only('speech'),
    only('client-page', 'core'),
    {
      name: 'client-page-takes-only-types',
      severity: 'error',
      from: { path: '^src/client-page/', pathNot: TESTS },
      to: { pathNot: '^src/client-page/', dependencyTypesNot: ['type-only'] },
    },
    only('server', 'core', 'data', 'devices', 'speech', 'client-page'),
    only('ui', 'core', 'speech'),
    only('features', 'core', 'ui', 'server', 'workers', 'speech'),
    {
      name: 'features-reach-the-server-only-through-actions',
      severity: 'error',
      from: { path: '^src/features/' },
      to: { path: '^src/server/', pathNot: '^src/server/[^/]+/actions[.]ts$', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'app-does-not-skip-the-server-layer',
      severity: 'error',
      from: { path: '^src/app/' },
      to: { path: '^src/(data|devices)/' },
    },
    {
      name: 'core-has-only-small-pure-packages',
      severity: 'error',
      from: { path: '^src/core/', pathNot: TESTS },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'npm-peer', 'npm-no-pkg', 'core'],
        pathNot: 'node_modules/(zod|suncalc|fast-deep-equal|date-fns|ts-fsrs|ml-[a-z-]+)/',
      },
    },
    {
      name: 'only-data-knows-pglite',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/data/' },
      to: { path: 'node_modules/@electric-sql/' },
    },
    {
      name: 'steps-import-only-what-is-shared',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/', pathNot: `^src/features/(${Object.keys(SHARED).join('|')})/` },
      to: { path: '^src/features/', pathNot: `^src/features/($1|${Object.keys(SHARED).join('|')})/` },
    },
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-orphans',
      severity: 'error',
      from: {
        orphan: true,
        path: '^src/',
        pathNot: '^src/(app|client-page)/|[.]test[.]tsx?$|[.]d[.]ts$|^src/(proxy|instrumentation)[.]ts$',
      },
      to: {},
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    // tests may look at more than what they test
    exclude: { path: TESTS },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'node', 'default', 'types'] },
  },
};
