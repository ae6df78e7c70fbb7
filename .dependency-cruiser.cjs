/** Dependencies point one way: web and server to contracts, contracts to core, core to nothing. */
module.exports = {
  forbidden: [
    {
      name: 'core-needs-nothing',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: '[.]test[.]ts$' },
      to: { pathNot: '^packages/core/src' },
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
      from: { path: '^packages/core/src/([^/]+)/' },
      to: { path: '^packages/core/src/([^/]+)/.+', pathNot: ['^packages/core/src/$1/', '/index[.]ts$'] },
    },
    {
      name: 'kit-knows-no-step',
      severity: 'error',
      from: { path: '^apps/web/src/kit/' },
      to: { path: '^apps/web/src/(duty|jobs|line-up|log|merge|mine|people|schedule|shell|walk)/' },
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
