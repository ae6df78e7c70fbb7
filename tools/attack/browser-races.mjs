// Runs browser tests again and again on a busy machine, each time in a demo company of its own: a test that races fails sooner or later.
// node tools/attack/browser-races.mjs [--times 20] [SPEC ...]
import { randomBytes } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { ROOT } from '../setup/installation.mjs';
import { run } from '../setup/run.mjs';

const args = process.argv.slice(2);
const at = args.indexOf('--times');
const times = at < 0 ? 20 : Number(args.splice(at, 2)[1]);
const specs =
  args.length > 0 ? args : readdirSync(join(ROOT, 'e2e')).filter((name) => name.endsWith('.spec.ts'));

// One core's worth of work, in short bursts, as other programs make it.
const load = new Worker(
  `setInterval(() => { const until = Date.now() + 60; while (Date.now() < until); }, 100);`,
  { eval: true },
);
let failed = 0;
for (const spec of specs) {
  const { output } = await run(
    join(ROOT, 'node_modules/.bin/playwright'),
    ['test', spec, '--repeat-each', `${times}`],
    {
      cwd: ROOT,
      env: {
        ...process.env,
        GREVIK_E2E_PORT: '4394',
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
await load.terminate();
console.log(`${specs.length} files, each test ${times} times, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
