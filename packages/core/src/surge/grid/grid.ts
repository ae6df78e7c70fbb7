import { interior } from './interior.js';
import { wasmGrid } from './wasm-grid.js';

/** The nodes of a pipe from source to valve, and what one time step does between its ends. */
export interface Grid {
  headM: Float64Array;
  flowM3s: Float64Array;
  highestM: Float64Array;
  lowestM: Float64Array;
  /**
   * Lays one step over the nodes between the ends. B = a/(gA), R = f dx/(2 g D A^2), heads under boiling held there.
   * Answers C+ of the last node before the valve, as it was: what travels on to it.
   */
  step: (b: number, r: number, vapourHeadM: number) => number;
  /** Whether a head fell below boiling in any step. */
  hasCavitated: () => boolean;
}

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
