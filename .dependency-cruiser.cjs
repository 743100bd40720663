/** @type {import('dependency-cruiser').IConfiguration} */
const TESTS = '[.]test[.]tsx?$';
const only = (from, ...to) => ({
  name: `${from}-imports-only-${to.join('+') || 'itself'}`,
  severity: 'error',
  from: { path: `^src/${from}/`, pathNot: TESTS },
  to: { path: '^src/', pathNot: `^src/(${[from, ...to].join('|')})/` },
});
module.exports = {
  forbidden: [
    only('core'),
    only('data', 'core'),
    only('devices', 'core'),
    only('workers', 'core'),
    only('cli', 'core'),
    only('server', 'core', 'data', 'devices'),
    only('ui', 'core'),
    only('features', 'core', 'ui', 'server', 'workers'),
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
        pathNot: 'node_modules/(zod|suncalc)/',
      },
    },
    {
      name: 'only-data-knows-pglite',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/data/' },
      to: { path: 'node_modules/@electric-sql/' },
    },
    {
      name: 'features-share-only-what-is-shared',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/', pathNot: '^src/features/($1|shared)/' },
    },
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-orphans',
      severity: 'error',
      from: { orphan: true, path: '^src/', pathNot: '^src/app/|[.]test[.]tsx?$|[.]d[.]ts$|^src/(proxy|instrumentation)[.]ts$' },
      to: {},
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'node', 'default', 'types'] },
  },
};
