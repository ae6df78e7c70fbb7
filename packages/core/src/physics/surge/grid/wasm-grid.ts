import type { Grid } from './grid.js';
import { INTERIOR_WASM } from './interior-wasm.js';

type InteriorWasm = (
  head: number,
  flow: number,
  highest: number,
  lowest: number,
  reaches: number,
  b: number,
  r: number,
  vapourHeadM: number,
  cavitated: number,
) => number;

/** What is used of the language's own WebAssembly, which not every place that runs this allows. */
interface Memory {
  buffer: ArrayBuffer;
  grow: (pages: number) => number;
}
interface Assembly {
  Memory: new (limits: { initial: number }) => Memory;
  Module: new (bytes: Uint8Array) => object;
  Instance: new (module: object, imports: object) => { exports: { interior: InteriorWasm } };
}

const PAGE = 65_536;
const FLAG_AT = 8;
const NODES_AT = 64;

let ready: { memory: Memory; interior: InteriorWasm } | null | undefined;

/** A grid whose step is WebAssembly with vectors; undefined where that does not run. There is one memory: the next grid takes this one's place. */
export function wasmGrid(reaches: number): Grid | undefined {
  ready ??= start();
  if (!ready) return undefined;
  const { memory, interior } = ready;
  const count = reaches + 1;
  // One node of room, since two are read at a time.
  const bytes = 16 * Math.ceil((count + 1) / 2);
  const missing = NODES_AT + 4 * bytes - memory.buffer.byteLength;
  if (missing > 0) memory.grow(Math.ceil(missing / PAGE));
  const at = (array: number): number => NODES_AT + array * bytes;
  const nodes = (array: number): Float64Array => new Float64Array(memory.buffer, at(array), count).fill(0);
  const cavitated = new Int32Array(memory.buffer, FLAG_AT, 1).fill(0);
  return {
    headM: nodes(0),
    flowM3s: nodes(1),
    highestM: nodes(2),
    lowestM: nodes(3),
    step: (b, r, vapourHeadM) => interior(at(0), at(1), at(2), at(3), reaches, b, r, vapourHeadM, FLAG_AT),
    hasCavitated: () => cavitated[0] === 1,
  };
}

function start(): typeof ready {
  const { WebAssembly: assembly, atob } = globalThis as unknown as {
    WebAssembly?: Assembly;
    atob?: (text: string) => string;
  };
  if (!assembly || !atob) return null;
  try {
    const memory = new assembly.Memory({ initial: 1 });
    const bytes = Uint8Array.from(atob(INTERIOR_WASM), (letter) => letter.charCodeAt(0));
    const { exports } = new assembly.Instance(new assembly.Module(bytes), { env: { memory } });
    return { memory, interior: exports.interior };
  } catch {
    // Forbidden here, or without vectors: the plain loop serves.
    return null;
  }
}
