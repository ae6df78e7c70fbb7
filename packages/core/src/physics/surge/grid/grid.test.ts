import fc from 'fast-check';
import type { Grid } from './grid.js';
import { gridOf, plainGrid } from './grid-of.js';
import { wasmGrid } from './wasm-grid.js';

const heads = fc.double({ min: -50, max: 500, noNaN: true });
const flows = fc.double({ min: -0.1, max: 0.1, noNaN: true });

/** Lays the same water into a grid and runs it a few steps. */
function ran(grid: Grid, water: readonly (readonly [number, number])[], steps: number) {
  water.forEach(([head, flow], node) => {
    grid.headM[node] = grid.highestM[node] = grid.lowestM[node] = head;
    grid.flowM3s[node] = flow;
  });
  const onward = Array.from({ length: steps }, () => grid.step(15_000, 800, -10));
  return {
    onward,
    head: [...grid.headM],
    flow: [...grid.flowM3s],
    highest: [...grid.highestM],
    lowest: [...grid.lowestM],
    cavitated: grid.hasCavitated(),
  };
}

describe('a grid’s step', () => {
  it('is bit for bit the same in WebAssembly and in plain TypeScript, whatever the number of reaches', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(heads, flows), { minLength: 2, maxLength: 40 }),
        fc.integer({ min: 1, max: 6 }),
        (water, steps) => {
          const vectors = wasmGrid(water.length - 1);
          expect(vectors && ran(vectors, water, steps)).toEqual(
            ran(plainGrid(water.length - 1), water, steps),
          );
        },
      ),
    );
  });

  it('averages what comes from both sides where nothing rubs', () => {
    const grid = plainGrid(2);
    grid.headM.set([10, 0, 30]);
    grid.flowM3s.set([1, 0, 1]);
    grid.step(5, 0, -100);
    // C+ = 10 + 5, C- = 30 - 5.
    expect(grid.headM[1]).toBe(20);
    expect(grid.flowM3s[1]).toBe(-1);
  });

  it('holds a head at boiling and remembers it, until the next grid', () => {
    const grid = gridOf(2);
    grid.headM.set([-40, 0, -40]);
    grid.step(5, 0, -10);
    expect(grid.headM[1]).toBe(-10);
    expect(grid.hasCavitated()).toBe(true);
    expect(gridOf(2).hasCavitated()).toBe(false);
  });

  it('makes room for more nodes than it had', () => {
    const grid = gridOf(50_000);
    grid.headM.fill(7);
    grid.step(5, 0, -10);
    expect(grid.headM[49_999]).toBe(7);
    expect(grid.flowM3s[25_000]).toBe(0);
  });
});
