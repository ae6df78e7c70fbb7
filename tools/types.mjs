// Type-checks every workspace from its sources.
import { ROOT } from './setup/installation.mjs';
import { run } from './setup/run.mjs';

const PROJECTS = ['packages/core', 'packages/contracts', 'apps/server', 'apps/web', 'tools', 'e2e'];
let failed = false;
for (const project of PROJECTS) {
  const { code, output } = await run(`${ROOT}/node_modules/.bin/tsc`, ['-p', project], { cwd: ROOT });
  if (code !== 0) {
    failed = true;
    console.error(output.trim());
  }
}
process.exitCode = failed ? 1 : 0;
