// Type-checks every workspace from its sources.
import { join } from 'node:path';
import { ROOT, TSC } from './setup/installation.mjs';
import { run } from './setup/run.mjs';

const PROJECTS = [
  'packages/core',
  'packages/words',
  'packages/contracts',
  'apps/server',
  'apps/web',
  'tools',
  'e2e',
];
let failed = false;
for (const project of PROJECTS) {
  const { code, output } = await run(join(ROOT, 'node_modules', TSC), ['-p', project], { cwd: ROOT });
  if (code !== 0) {
    failed = true;
    console.error(output.trim());
  }
}
process.exitCode = failed ? 1 : 0;
