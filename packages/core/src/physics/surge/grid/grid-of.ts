import type { Grid } from './grid.js';
import { interior } from './interior.js';
import { wasmGrid } from './wasm-grid.js';

/**
 * A grid of as many reaches; of WebAssembly where it runs, of plain arrays where not. It is good until the next one is asked for.
 *
 * @param reaches >= 1
 *
 * @example
 * gridOf(50).headM.length // 51
 */
export function gridOf(reaches: number): Grid {
  return wasmGrid(reaches) ?? plainGrid(reaches);
}

/** The same in plain TypeScript: what the other is held against. */
export function plainGrid(reaches: number): Grid {
  const nodes = (): Float64Array => new Float64Array(reaches + 1);
  const grid = { headM: nodes(), flowM3s: nodes(), highestM: nodes(), lowestM: nodes() };
  const cavitated = new Int32Array(1);
  return {
    ...grid,
    step: (b, r, vapourHeadM) => interior(grid, { reaches, b, r, vapourHeadM }, cavitated),
    hasCavitated: () => cavitated[0] === 1,
  };
}
