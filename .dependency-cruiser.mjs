/** Who may import whom between packages; the order of the words within core is a test of core's own. */
const from = (path) => ({ path })
const packages = ['core', 'contract', 'server', 'web', 'devices']
const rule = (name, fromPath, toPath, comment) => ({ name, severity: 'error', comment, from: from(fromPath), to: { path: toPath } })

export default {
  forbidden: [
    rule(
      'core-alone',
      '^packages/core/src/(?!testing/)(?!.*\\.test\\.ts$)',
      `^packages/(?!core/)|^node_modules/(?!polygon-clipping/|splaytree/|robust-predicates/)|^e2e|^scripts`,
      'core is pure: no other package, no library but the clipper of polygons',
    ),
    {
      name: 'core-no-node',
      severity: 'error',
      from: { path: '^packages/core/src/(?!testing/)(?!.*\\.test\\.ts$)' },
      to: { dependencyTypes: ['core'] },
    },
    rule('contract-only-core', '^packages/contract/src', '^packages/(server|web|devices)/|^e2e|^scripts', 'contract knows core and zod'),
    rule('server-not-web', '^packages/server/src', '^packages/(web|devices)/|^e2e|^scripts', 'server and web never import each other'),
    rule('web-not-server', '^packages/web/src', '^packages/(server|devices)/|^e2e|^scripts', 'server and web never import each other'),
    rule(
      'widgets-know-no-place',
      '^packages/web/src/(ui|chart|drawing)/(?!.*\\.test\\.tsx?$)',
      '^packages/web/src/(places|api|workers)/',
      'ui, chart and drawing know no place and fetch nothing',
    ),
    {
      name: 'place-not-into-place',
      severity: 'error',
      comment: 'what two places show stands in places/shared; another place lends only its queries',
      from: { path: '^packages/web/src/places/([^/]+)/', pathNot: '^packages/web/src/places/shared/' },
      to: { path: '^packages/web/src/places/[^/]+/', pathNot: '^packages/web/src/places/($1|shared)/|\\.queries\\.ts$' },
    },
    {
      name: 'shared-knows-no-place',
      severity: 'error',
      comment: 'what places share knows none of them',
      from: { path: '^packages/web/src/places/shared/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^packages/web/src/places/[^/]+/', pathNot: '^packages/web/src/places/shared/|\\.queries\\.ts$' },
    },
    rule('repository-no-express', '\\.repository\\.ts$', 'node_modules/express', 'a repository knows columns, not requests'),
    rule('routes-no-knex', '\\.routes\\.ts$', 'node_modules/knex|\\.repository\\.ts$', 'a route only translates'),
    rule('service-no-express', '\\.service\\.ts$', 'node_modules/express', 'a service knows no requests'),
    {
      name: 'no-cycles',
      severity: 'error',
      from: from(`^packages/(${packages.join('|')})/src`),
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)dist|dist-types' },
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.js', '.mjs', '.json'], conditionNames: ['import', 'default'] },
  },
}
