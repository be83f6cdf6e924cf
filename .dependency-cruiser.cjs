/** Arrows point one way: web -> core, server -> core, standin -> nothing of ours. */
const test = '\\.test\\.ts$|^testing/'

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-is-pure',
      comment: 'core imports itself and pure libraries (schemas, templates, calendars, hashes) only.',
      severity: 'error',
      from: { path: '^core/', pathNot: test },
      to: { pathNot: '^core/|^node_modules/(@noble/hashes|@sinclair/typebox|liquidjs|luxon)/' },
    },
    {
      name: 'features-through-their-index',
      comment: 'A feature of core imports another only through its index.',
      severity: 'error',
      // Kinds of facts and of moments, and refusals, are declared apart, so that no page loads those of a feature whose rules it uses.
      from: {
        path: '^core/([^/]+)/',
        pathNot: `${test}|^core/engine/(facts|refusals)\\.ts$|^core/triggers/sources\\.ts$`,
      },
      to: { path: '^core/([^/]+)/', pathNot: '^core/$1/|/index\\.ts$' },
    },
    {
      name: 'server-features-through-their-index',
      severity: 'error',
      from: { path: '^server/src/([^/]+)/', pathNot: test },
      to: { path: '^server/src/([^/]+)/', pathNot: '^server/src/$1/|/index\\.ts$|^server/src/http/' },
    },
    {
      name: 'web-knows-no-server',
      severity: 'error',
      from: { path: '^web/' },
      to: { path: '^(server|standin|scripts)/' },
    },
    {
      name: 'server-knows-no-pages',
      severity: 'error',
      from: { path: '^server/', pathNot: test },
      to: { path: '^(web|standin|scripts)/' },
    },
    {
      name: 'desk-viewer-overlay-apart',
      severity: 'error',
      from: { path: '^web/(desk|viewer|overlay)/' },
      to: { path: '^web/(desk|viewer|overlay)/', pathNot: '^web/$1/' },
    },
    {
      name: 'standin-knows-nothing-of-ours',
      severity: 'error',
      from: { path: '^standin/' },
      to: { path: '^(core|server|web|scripts)/' },
    },
    {
      name: 'tests-know-no-scripts',
      comment: 'What tests stand on is not borrowed from what starts them.',
      severity: 'error',
      from: { path: '^(testing|server|core|web|standin|machine)/' },
      to: { path: '^scripts/' },
    },
    {
      name: 'nothing-unresolved',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '\\.css$|^@fontsource' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      extensions: ['.ts', '.tsx', '.mjs', '.js', '.json', '.css'],
      exportsFields: ['exports'],
      conditionNames: ['import', 'node', 'default', 'types'],
    },
  },
}
