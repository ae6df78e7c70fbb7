// Everything that is checked: lint and types, format, dependencies, unit and server tests, browser tests. One closing line.
import { randomBytes } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { installBrowser } from './setup/browser.mjs';
import { ROOT, build, installPackages, requireNode } from './setup/installation.mjs';
import { endingPlainly } from './setup/plain-failure.mjs';
import { binaries } from './setup/postgres.mjs';
import { run } from './setup/run.mjs';

const bin = (/** @type {string} */ name) => join(ROOT, 'node_modules', '.bin', name);

await endingPlainly(async () => {
  requireNode();
  await timed('installing', () =>
    Promise.all([
      installPackages(),
      // One after the other: Debian installs one package at a time.
      installBrowser().then(binaries),
    ]),
  );
  const reports = mkdtempSync(join(tmpdir(), 'grevik-reports-'));
  const sum = { passed: 0, failed: 0 };

  /** A check that passes or fails as a whole. @param {string} name @param {string} program @param {readonly string[]} args */
  const check = async (name, program, args) => {
    const { code, output } = await timed(name, () => run(program, args, { cwd: ROOT }));
    if (code === 0) sum.passed += 1;
    else sum.failed += 1;
    if (code !== 0) console.log(output.trim());
  };

  /** A runner that counts its own tests in a report. @param {string} name @param {string} program @param {readonly string[]} args @param {NodeJS.ProcessEnv} env @param {() => { passed: number, failed: number }} count */
  const tests = async (name, program, args, env, count) => {
    const { code } = await timed(name, () =>
      run(program, args, { cwd: ROOT, env: { ...process.env, ...env }, show: true }),
    );
    const counted = tryCount(count);
    sum.passed += counted.passed;
    sum.failed += Math.max(counted.failed, code === 0 ? 0 : 1);
  };

  await Promise.all([
    check('lint and types', bin('oxlint'), []),
    check('format', bin('oxfmt'), ['--check', '.']),
    check('dependencies', bin('depcruise'), ['--config', '.dependency-cruiser.cjs', 'packages', 'apps']),
  ]);
  await timed('building', () => build('core', 'server', 'web'));

  const jest = join(reports, 'jest.json');
  await tests(
    'unit and server tests',
    bin('jest'),
    ['--json', `--outputFile=${jest}`, '--silent'],
    { GREVIK_TESTS: 'in-parts' },
    () => {
      const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = JSON.parse(
        readFileSync(jest, 'utf8'),
      );
      return { passed: numPassedTests, failed: numFailedTests + numRuntimeErrorTestSuites };
    },
  );

  const e2e = join(reports, 'e2e.json');
  const data = join(tmpdir(), `grevik-e2e-${randomBytes(4).toString('hex')}`);
  await tests(
    'browser tests',
    bin('playwright'),
    ['test'],
    { GREVIK_E2E_REPORT: e2e, GREVIK_E2E_DATA: data },
    () => {
      const { stats } = JSON.parse(readFileSync(e2e, 'utf8'));
      return { passed: stats.expected, failed: stats.unexpected + stats.flaky };
    },
  );

  rmSync(reports, { recursive: true, force: true });
  console.log(`${sum.passed} passed, ${sum.failed} failed`);
  process.exitCode = sum.failed === 0 ? 0 : 1;
});

/** @template T @param {string} name @param {() => Promise<T>} work */
async function timed(name, work) {
  const from = Date.now();
  const result = await work();
  console.log(`${name}: ${((Date.now() - from) / 1000).toFixed(1)} s`);
  return result;
}

/** A report that is not there counts nothing; its runner's exit code then tells. @param {() => { passed: number, failed: number }} count */
function tryCount(count) {
  try {
    return count();
  } catch {
    return { passed: 0, failed: 0 };
  }
}
