const packages = '^node_modules/';
const isNoTest = '(?!.*\\.test(ing)?\\.tsx?$)';

/**
 * The arrows of the house: what each part may reach for, and nothing else. core ← words ← server, client; core ← contract ← server, client.
 * Whatever two rows are about is held to the first of them.
 */
const mayReach = [
  {
    comment: 'core stands alone: nothing of the others, nothing of Node, React or the page',
    from: `^core/src/${isNoTest}`,
    to: ['^core/src/', '^node_modules/(class-validator|(@types/)?d3-polygon)'],
  },
  {
    comment: 'the command, and tests, run what core works out and say it',
    from: '^core/',
    to: ['^(core|words)/', packages],
  },
  {
    comment: 'words know what is to be said, not how it was worked out',
    from: '^words/',
    to: ['^words/', '^core/src/said/', packages],
  },
  { comment: 'the contract knows core only', from: '^contract/', to: ['^(contract|core)/src/'] },
  {
    comment: 'the server knows no page',
    from: '^server/',
    to: ['^(server|contract|core|words)/', packages, '^pdfmake/interfaces$'],
  },
  {
    comment: 'ui knows no feature',
    from: `^client/src/ui/${isNoTest}`,
    to: ['^client/src/(ui|settings)/', '^(core|contract)/src/', '^words/', packages],
  },
  {
    comment: 'data knows no feature',
    from: '^client/src/data/',
    to: ['^client/src/(data|ui|workers)/', '^(core|contract)/src/', packages],
  },
  {
    comment: 'a drawing takes plain data: no queries, no routes',
    from: '^client/src/drawing/',
    to: ['^client/src/(drawing|ui)/', '^(core|contract)/src/', packages],
  },
  {
    comment: 'who is at the phone is no matter of any job',
    from: '^client/src/session/',
    to: ['^client/src/(session|data|ui|settings|workers)/', '^(core|contract)/src/', packages],
  },
  {
    comment: 'what several stations show of a job knows none of them',
    from: '^client/src/job/',
    to: ['^client/src/(job|data|ui|drawing|session|settings|workers)/', '^(core|contract)/src/', '^words/', packages],
  },
  {
    comment: 'no station reaches for another one',
    from: '^client/src/features/([^/]+)/',
    to: [
      '^client/src/features/$1/',
      '^client/src/(job|data|ui|drawing|session|settings|workers)/',
      '^(core|contract)/src/',
      '^words/',
      packages,
    ],
  },
  {
    comment: 'the frame knows its stations by one piece',
    from: '^client/src/frame/',
    to: [
      '^client/src/(frame|data|ui|session|settings|workers)/',
      '^client/src/screens',
      '^(core|contract)/src/',
      '^words/',
      packages,
    ],
  },
  {
    comment: 'nothing of the page imports from its routes',
    from: '^client/src/',
    to: ['^client/src/', '^(core|contract)/src/', '^words/', packages],
  },
  { comment: 'routes are thin', from: '^client/', to: ['^client/', packages] },
  { comment: 'scripts stand by themselves', from: '^scripts/', to: ['^scripts/', packages] },
  {
    comment: 'the bench runs what is built',
    from: '^bench/',
    to: ['^(bench|core|contract|server|scripts|words)/', packages],
  },
];

module.exports = {
  allowedSeverity: 'error',
  allowed: [
    ...mayReach.map(({ comment, from, to }, at) => ({
      comment,
      from: { path: from, pathNot: mayReach.slice(0, at).map((row) => row.from) },
      to: { path: to },
    })),
    {
      comment: 'what Node brings along',
      from: { path: '^(core/calc|server|bench|scripts)/|\\.test(ing)?\\.tsx?$' },
      to: { dependencyTypes: ['core'] },
    },
  ],
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
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
