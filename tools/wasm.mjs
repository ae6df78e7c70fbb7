// Builds the hammer's inner loop from packages/core/assembly into the text the core carries.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ROOT } from './setup/installation.mjs';

const RESULT = join(ROOT, 'packages/core/src/physics/surge/grid/interior-wasm.ts');

/** The module as base64. */
export function compiled() {
  const folder = mkdtempSync(join(tmpdir(), 'grevik-wasm-'));
  try {
    const out = join(folder, 'interior.wasm');
    const asc = join(ROOT, 'node_modules/assemblyscript/bin/asc.js');
    const flags = ['--enable', 'simd', '--runtime', 'stub', '-O3', '--noAssert', '--importMemory'];
    execFileSync(process.execPath, [asc, 'packages/core/assembly/interior.ts', '-o', out, ...flags], {
      cwd: ROOT,
    });
    return readFileSync(out).toString('base64');
  } finally {
    rmSync(folder, { recursive: true });
  }
}

if (process.argv[1] === fileURLToPath(import.meta.url))
  writeFileSync(
    RESULT,
    `/** Built from packages/core/assembly/interior.ts by \`npm run wasm\`; not written by hand. */\nexport const INTERIOR_WASM =\n  '${compiled()}';\n`,
  );
