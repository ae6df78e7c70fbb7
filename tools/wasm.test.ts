import { readFileSync } from 'node:fs';
import { execFileSync } from 'node:child_process';

it('the hammer’s inner loop is built from the source that lies beside it', () => {
  const carried = readFileSync('packages/core/src/physics/surge/grid/interior-wasm.ts', 'utf8');
  const built = execFileSync(process.execPath, [
    '--input-type=module',
    '-e',
    "import { compiled } from './tools/wasm.mjs'; process.stdout.write(compiled());",
  ]).toString();
  expect(built.length).toBeGreaterThan(500);
  expect(carried).toContain(`'${built}'`);
});
