// Runs browser tests again and again, twice as many at once as the machine has cores: a test that races fails sooner or later.
// node tools/attack/browser-races.mjs [--times 20] [SPEC ...]
import { randomBytes } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from '../setup/installation.mjs';
import { run } from '../setup/run.mjs';

const args = process.argv.slice(2);
const at = args.indexOf('--times');
const times = at < 0 ? 20 : Number(args.splice(at, 2)[1]);
const specs =
  args.length > 0 ? args : readdirSync(join(ROOT, 'e2e')).filter((name) => name.endsWith('.spec.ts'));

/** Each works on an application of its own, and has half a core for browser, server and database together. */
const workers = 2 * availableParallelism();
let failed = 0;
for (const spec of specs) {
  const { output } = await run(
    join(ROOT, 'node_modules/.bin/playwright'),
    ['test', `e2e/${spec}`, '--repeat-each', `${times}`],
    {
      cwd: ROOT,
      env: {
        ...process.env,
        GREVIK_E2E_PORT: '4380',
        GREVIK_E2E_WORKERS: String(workers),
        GREVIK_E2E_DATA: join(tmpdir(), `grevik-races-${randomBytes(4).toString('hex')}`),
      },
    },
  );
  const lines = output.split('\n');
  const passed = lines.filter((line) => line.includes('✓')).length;
  const bad = lines.filter((line) => line.includes('✘'));
  if (passed === 0 || bad.length > 0) {
    failed += Math.max(1, bad.length);
    console.log([...bad, ...lines.filter((line) => line.includes('Error:'))].slice(0, 12).join('\n'));
  }
  console.log(`${spec}: ${passed} passed, ${bad.length} failed`);
}
console.log(`${specs.length} files, each test ${times} times, ${workers} at once, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
