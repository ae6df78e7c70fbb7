/** Rules for folders that stand on one another like floors, the highest first: each uses those below it only. */
const floors = (root, names, except) =>
  names.slice(1).map((name, at) => ({
    name: `no-arrow-upward-from-${name}`,
    severity: 'error',
    from: { path: `^${root}/${name}/`, ...(except && { pathNot: except }) },
    to: { path: `^${root}/(?:${names.slice(0, at + 1).join('|')})/` },
  }));

/** Dependencies point one way: web and server to contracts, contracts to core and words, these to nothing. */
module.exports = {
  forbidden: [
    {
      name: 'core-needs-nothing',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: '[.]test[.]ts$' },
      to: { pathNot: '^packages/core/src' },
    },
    {
      name: 'words-need-nothing',
      severity: 'error',
      from: { path: '^packages/words/src', pathNot: '[.]test[.]ts$' },
      to: { pathNot: '^packages/words/src' },
    },
    {
      name: 'contracts-need-core-only',
      severity: 'error',
      from: { path: '^packages/contracts/src', pathNot: '[.]test[.]ts$' },
      to: { path: '^(apps|tools|e2e)/' },
    },
    {
      name: 'web-does-not-reach-the-server',
      severity: 'error',
      from: { path: '^apps/web' },
      to: { path: '^apps/server' },
    },
    {
      name: 'server-does-not-reach-the-web',
      severity: 'error',
      from: { path: '^apps/server' },
      to: { path: '^apps/web' },
    },
    {
      name: 'core-by-its-front-door',
      comment: 'Folders of the core use one another by their index.',
      severity: 'error',
      from: { path: '^packages/core/src/([^/]+/[^/]+)/' },
      to: {
        path: '^packages/core/src/([^/]+/[^/]+)/.+',
        pathNot: ['^packages/core/src/$1/', '/index[.]ts$'],
      },
    },
    ...floors(
      'packages/core/src',
      ['registry', 'upkeep', 'trade', 'judgement', 'physics', 'ground'],
      '[.]test[.]ts$',
    ),
    ...floors('apps/server/src', ['demo', 'stand-ins', 'work', 'firm', 'ground'], '[.]test[.]ts$'),
    ...floors(
      'apps/web/src',
      ['(?:steps|job|firm|emergency)', 'shell', 'kit', 'store', 'words'],
      '[.]test[.]tsx?$',
    ),
    {
      name: 'one-step-alone',
      comment: 'What two screens share stands in the kit, the shell, the store or the core.',
      severity: 'error',
      from: { path: '^apps/web/src/((?:steps|job|firm)/[^/]+|emergency)/', pathNot: '[.]test[.]tsx?$' },
      to: { path: '^apps/web/src/(?:steps|job|firm|emergency)/', pathNot: '^apps/web/src/$1/' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-unknown-package',
      comment: 'virtual: is what the build makes.',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '^virtual:' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|node_modules)/' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['source', 'import', 'require', 'node', 'default'],
    },
  },
};
