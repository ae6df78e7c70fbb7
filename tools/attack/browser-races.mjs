// Runs browser tests again and again, twice as many at once as the machine has cores: a test that races fails sooner or later.
// node tools/attack/browser-races.mjs [--times 20] [SPEC ...]
import { randomBytes } from 'node:crypto';
import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from '../setup/installation.mjs';
import { run } from '../setup/run.mjs';
import { RunningServer } from './running-server.mjs';

/** What these begin with is there once in a company: each time they run in a demo company that is new. The others go on in the same ones. */
const IN_A_NEW_COMPANY = [
  ...['catalogue', 'drills', 'duty', 'languages', 'live', 'orders', 'owner', 'people', 'phone'],
  ...['phone-rounds', 'rounds', 'start', 'start-up', 'types', 'walk', 'walk-list'],
].map((name) => `${name}.spec.ts`);
/** Each works on an application of its own, and has half a core for browser, server and database together. */
const AT_ONCE = 2 * availableParallelism();
const FIRST_PORT = 4360;

const args = process.argv.slice(2);
const at = args.indexOf('--times');
const times = at < 0 ? 20 : Number(args.splice(at, 2)[1]);
const specs =
  args.length > 0 ? args : readdirSync(join(ROOT, 'e2e')).filter((name) => name.endsWith('.spec.ts'));

/** A data folder with the demo company, never used: an application starts on a copy of it in a fifth of the time. @returns {Promise<string>} */
async function newCompany() {
  const server = await RunningServer.open({ GREVIK_DEMO: 'on' });
  await server.stop();
  // Each copy looks for a port of its own.
  rmSync(join(server.base, 'port'));
  return server.base;
}

/**
 * @param {string} spec @param {number} repeats @param {number} workers @param {number} port
 * @param {string} [company] the data folder to begin with, a new one unless given
 * @returns {Promise<string>} what the runner printed
 */
async function play(spec, repeats, workers, port, company) {
  const data = join(tmpdir(), `grevik-races-${randomBytes(4).toString('hex')}`);
  if (company) {
    mkdirSync(data);
    await run('cp', ['-a', company, join(data, '0')]);
  }
  const { output } = await run(
    join(ROOT, 'node_modules/.bin/playwright'),
    ['test', `e2e/${spec}`, '--repeat-each', `${repeats}`],
    {
      cwd: ROOT,
      env: {
        ...process.env,
        GREVIK_E2E_PORT: String(port),
        GREVIK_E2E_WORKERS: String(workers),
        GREVIK_E2E_DATA: data,
      },
    },
  );
  return output;
}

/** The data folder that new companies are copied from. @type {Promise<string> | undefined} */
let made;

/** @param {string} spec @returns {Promise<string>} what was printed of all times */
async function again(spec) {
  if (!IN_A_NEW_COMPANY.includes(spec)) return play(spec, times, AT_ONCE, FIRST_PORT);
  const company = await (made ??= newCompany());
  const printed = /** @type {string[]} */ ([]);
  let begun = 0;
  await Promise.all(
    Array.from({ length: AT_ONCE }, async (_, one) => {
      while (begun < times) {
        begun += 1;
        printed.push(await play(spec, 1, 1, FIRST_PORT + one, company));
      }
    }),
  );
  return printed.join('\n');
}

let failed = 0;
for (const spec of specs) {
  const lines = (await again(spec)).split('\n');
  const passed = lines.filter((line) => line.includes('✓')).length;
  const bad = lines.filter((line) => line.includes('✘'));
  if (passed === 0 || bad.length > 0) {
    failed += Math.max(1, bad.length);
    console.log([...bad, ...lines.filter((line) => line.includes('Error:'))].slice(0, 12).join('\n'));
  }
  console.log(`${spec}: ${passed} passed, ${bad.length} failed`);
}
if (made) rmSync(await made, { recursive: true, force: true });
console.log(`${specs.length} files, each test ${times} times, ${AT_ONCE} at once, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
