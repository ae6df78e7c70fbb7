import { alone } from './tools/setup/tests-in-parts/in-parts.cjs';

const transform = {
  '\\.(t|j|mj)sx?$': [
    '@swc/jest',
    {
      jsc: {
        parser: { syntax: 'typescript', decorators: true, tsx: true },
        transform: {
          legacyDecorator: true,
          decoratorMetadata: true,
          useDefineForClassFields: false,
          react: { runtime: 'automatic' },
        },
        keepClassNames: true,
        target: 'es2023',
      },
      module: { type: 'commonjs' },
    },
  ],
};

const shared = {
  transform,
  transformIgnorePatterns: [
    '/node_modules/(?!(@nestjs|file-type|strtok3|token-types|uint8array-extras|@tokenizer|@borewit)/)',
  ],
  moduleNameMapper: {
    '^(\\.{1,2}/.*)\\.js$': ['$1.js', '$1.ts', '$1.tsx'],
    '^@grevik/(core|contracts|words)$': '<rootDir>/packages/$1/src/index.ts',
    // Its entry names no condition that a CommonJS test may use.
    '^file-type$': '<rootDir>/node_modules/file-type/index.js',
    '\\.css$': '<rootDir>/apps/web/src/testing/no-style.ts',
    '^@rushstack/ts-command-line$': '<rootDir>/tools/server-bundle/no-command-line.mjs',
  },
  testPathIgnorePatterns: ['/node_modules/', '/dist/'],
};

/** Where all tests run, those of these workspaces run in parts, each of which loads what they test once for many files. */
const IN_PARTS = process.env.GREVIK_TESTS === 'in-parts' ? ['packages/core', 'apps/server', 'apps/web'] : [];

/** A workspace's tests. @param {string} name @param {string} folder */
const project = (name, folder, more = {}) => ({
  ...shared,
  displayName: name,
  testMatch: IN_PARTS.includes(folder)
    ? [`tools/setup/tests-in-parts/${name}-*.cjs`, ...alone(folder)].map((file) => `<rootDir>/${file}`)
    : [`<rootDir>/${folder}/src/**/*.test.ts?(x)`],
  ...more,
});

export default {
  testTimeout: 60_000,
  // One worker fewer than there are cores would leave half of a small machine idle.
  maxWorkers: '100%',
  // What hundreds of files leave behind in a worker fills its heap: it is started anew between two of them.
  workerIdleMemoryLimit: '1.2GB',
  testSequencer: '<rootDir>/tools/setup/longest-first.cjs',
  projects: [
    project('core', 'packages/core'),
    project('words', 'packages/words'),
    project('contracts', 'packages/contracts', { setupFiles: ['reflect-metadata'] }),
    project('server', 'apps/server', {
      setupFiles: ['reflect-metadata'],
      globalSetup: '<rootDir>/apps/server/src/testing/start-postgres.mjs',
      globalTeardown: '<rootDir>/apps/server/src/testing/stop-postgres.mjs',
    }),
    { ...shared, displayName: 'tools', testMatch: ['<rootDir>/tools/**/*.test.ts'] },
    project('web', 'apps/web', {
      testEnvironment: 'jest-fixed-jsdom',
      moduleNameMapper: {
        ...shared.moduleNameMapper,
        '/list-reader$': '<rootDir>/apps/web/src/testing/direct-list-reader.ts',
        '/simulator$': '<rootDir>/apps/web/src/testing/direct-simulator.ts',
      },
      setupFiles: ['reflect-metadata', 'fake-indexeddb/auto'],
      setupFilesAfterEnv: ['patience', 'what-jsdom-lacks'].map(
        (name) => `<rootDir>/apps/web/src/testing/${name}.ts`,
      ),
    }),
  ],
};
