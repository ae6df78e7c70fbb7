import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { PlainFailure } from './plain-failure.mjs';
import { run, tail } from './run.mjs';

export const ROOT = dirname(dirname(dirname(fileURLToPath(import.meta.url))));

const LEAST_NODE = [20, 19];

/** Refuses a Node.js that is too old to run Grevik. */
export function requireNode(version = process.versions.node) {
  const [major = 0, minor = 0] = version.split('.').map(Number);
  const [leastMajor = 0, leastMinor = 0] = LEAST_NODE;
  if (major < leastMajor || (major === leastMajor && minor < leastMinor)) {
    throw new PlainFailure(
      `Grevik needs Node.js ${LEAST_NODE.join('.')} or newer, and this is ${version}: install a newer one.`,
    );
  }
}

/** Installs the packages where they are missing or the lock file has changed since. */
export async function installPackages() {
  const stamp = join(ROOT, 'node_modules', '.grevik-installed');
  const wanted = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  console.error('Installing packages (a few minutes the first time) ...');
  const { code, output } = await run('npm', ['ci', '--no-audit', '--no-fund'], { cwd: ROOT });
  if (code !== 0)
    throw new PlainFailure(`The packages could not be installed with "npm ci": ${tail(output, 4)}`);
  writeFileSync(stamp, wanted);
}

/** The compiler that is fast. OpenAPI wants the one before it, which has an interface to programs. */
export const TSC = 'typescript-7/bin/tsc';

/**
 * What is built, from which sources, with which command, and what is made of it then.
 * @type {Record<'core' | 'server' | 'web', { sources: string[], result: string, command: string[], then?: string[] }>}
 */
const BUILDS = {
  core: {
    sources: ['packages/core'],
    result: 'packages/core/dist/index.js',
    command: [TSC, '-b', 'packages/core/tsconfig.build.json'],
  },
  server: {
    sources: [
      'packages/core',
      'packages/words',
      'packages/contracts',
      'apps/server',
      'tools/api-answers',
      'tools/server-bundle',
    ],
    result: 'apps/server/dist/main.js',
    command: [TSC, '-b', 'apps/server/tsconfig.build.json'],
    then: ['tools/api-answers.mjs', 'tools/server-bundle/server-bundle.mjs'],
  },
  web: {
    sources: ['packages/core', 'packages/words', 'packages/contracts', 'apps/web'],
    result: 'apps/web/dist/index.html',
    command: ['.bin/vite', 'build', 'apps/web', '--logLevel', 'warn'],
  },
};

/**
 * Builds what has changed since it was built last.
 * @param {(keyof typeof BUILDS)[]} parts
 */
export async function build(...parts) {
  for (const part of parts) {
    const { sources, result, command, then } = BUILDS[part];
    const stamp = join(ROOT, 'node_modules', '.grevik-built', part);
    const state = stateOf(sources);
    if (existsSync(join(ROOT, result)) && existsSync(stamp) && readFileSync(stamp, 'utf8') === state)
      continue;
    const [program = '', ...args] = command;
    // Whoever asks for it, a test runner too: what is built is what ships.
    const env = { ...process.env, NODE_ENV: 'production' };
    const { code, output } = await run(join(ROOT, 'node_modules', program), args, { cwd: ROOT, env });
    if (code !== 0) throw new PlainFailure(`The ${part} could not be built:\n${tail(output, 20)}`);
    for (const step of then ?? []) {
      const after = await run('node', [join(ROOT, step)], { cwd: ROOT, env });
      if (after.code !== 0) throw new PlainFailure(`${step} failed:\n${tail(after.output, 20)}`);
    }
    mkdirSync(dirname(stamp), { recursive: true });
    writeFileSync(stamp, state);
  }
}

/** A fingerprint of the names, sizes and times of source files. @param {readonly string[]} folders */
function stateOf(folders) {
  const hash = createHash('sha256');
  for (const folder of folders) {
    for (const entry of readdirSync(join(ROOT, folder), { recursive: true, withFileTypes: true })) {
      const path = join(entry.parentPath, entry.name);
      if (!entry.isFile() || /[/\\](dist|node_modules)[/\\]|\.tsbuildinfo$/.test(path)) continue;
      const { size, mtimeMs } = statSync(path);
      hash.update(`${path} ${size} ${mtimeMs}\n`);
    }
  }
  return hash.digest('hex');
}
