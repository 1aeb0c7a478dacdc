/** The arrows of the house: core ← contract ← server; core, contract ← client. Never sideways, never a circle. */
module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stands-alone',
      comment: 'core imports nothing of the others, nothing of Node, React or the page',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test(ing)?\\.ts$' },
      to: { pathNot: '^core/src|^node_modules/(class-validator|(@types/)?d3-polygon)' },
    },
    {
      name: 'contract-knows-core-only',
      severity: 'error',
      from: { path: '^contract/src' },
      to: { path: '^(server|client|e2e|bench)/|^node_modules/(react|expo|@tanstack|hono|typeorm)' },
    },
    {
      name: 'calc-is-core',
      comment: 'the command runs what core works out, and nothing else',
      severity: 'error',
      from: { path: '^core/calc' },
      to: { path: '^(contract|server|client|e2e|bench)/' },
    },
    {
      name: 'ui-knows-no-feature',
      severity: 'error',
      from: { path: '^client/src/ui/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^client/src/(?!ui/|settings/settings)' },
    },
    {
      name: 'data-knows-no-feature',
      severity: 'error',
      from: { path: '^client/src/data/' },
      to: { path: '^client/src/(?!data/|ui/|session/|workers/)' },
    },
    {
      name: 'bench-runs-what-is-built',
      severity: 'error',
      from: { path: '^bench/' },
      to: { path: '^client/' },
    },
    {
      name: 'server-not-sideways',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^(client|e2e|bench)/' },
    },
    {
      name: 'client-not-sideways',
      severity: 'error',
      from: { path: '^client/' },
      to: { path: '^(server|e2e|bench)/' },
    },
    {
      name: 'drawings-compute-nothing',
      comment: 'a drawing takes plain data: no queries, no routes',
      severity: 'error',
      from: { path: '^client/src/drawing' },
      to: { path: '^client/src/(data|today|measure|fit|wheel|stores|shop)/' },
    },
    {
      name: 'pages-from-routes-only',
      comment: 'routes are thin: nothing imports from app/',
      severity: 'error',
      from: { path: '^client/src' },
      to: { path: '^client/app' },
    },
    // A module of types only: there is nothing to resolve.
    { name: 'no-missing', severity: 'error', from: {}, to: { couldNotResolve: true, pathNot: '^pdfmake/interfaces$' } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|\\.expo)/|\\.d\\.ts$' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types', 'react-native'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.cjs', '.json'],
    },
  },
};
