import type { FlowGraph } from './flow-graph.js';

/**
 * The last vertex that all water for a vertex must pass, for each vertex: lose that one, and this one is dry.
 *
 * @param graph where water can go, from vertex 0
 * @returns `above`: that vertex, -1 for vertex 0 and for what is not fed; `order`: what is fed, each after the one above it
 * Source: semi-dominators by Lengauer and Tarjan, dominators from them by walking up (SEMI-NCA, Georgiadis).
 */
export function dominators({ vertices, starts, heads }: FlowGraph): { above: Int32Array; order: Int32Array } {
  // Depth first: each vertex gets a number, and the number of the one it was reached from.
  const number = new Int32Array(vertices).fill(-1);
  const order = new Int32Array(vertices);
  const parent = new Int32Array(vertices);
  const next = starts.slice(0, vertices);
  const path = new Int32Array(vertices);
  let depth = 0;
  let count = 1;
  number[0] = 0;
  while (depth >= 0) {
    const vertex = path[depth] as number;
    const at = next[vertex] as number;
    if (at === (starts[vertex + 1] as number)) {
      depth -= 1;
      continue;
    }
    next[vertex] = at + 1;
    const head = heads[at] as number;
    if (number[head] !== -1) continue;
    number[head] = count;
    order[count] = head;
    parent[count] = number[vertex] as number;
    path[(depth += 1)] = head;
    count += 1;
  }

  const { into, tails } = reversed({ number, order, count, starts, heads });
  // From the last to the first: the lowest number a vertex can be reached from past later ones only.
  const semi = new Int32Array(count);
  const label = new Int32Array(count);
  const above = new Int32Array(count);
  const ancestor = new Int32Array(count).fill(-1);
  const trail = new Int32Array(count);
  for (let at = 0; at < count; at += 1) {
    semi[at] = label[at] = at;
    above[at] = parent[at] as number;
  }
  for (let at = count - 1; at > 0; at -= 1) {
    for (let edge = into[at] as number; edge < (into[at + 1] as number); edge += 1) {
      const lowest = semi[lowestOnTheWay(tails[edge] as number, ancestor, label, semi, trail)] as number;
      if (lowest < (semi[at] as number)) semi[at] = lowest;
    }
    ancestor[at] = parent[at] as number;
  }
  for (let at = 1; at < count; at += 1) {
    let over = above[at] as number;
    while (over > (semi[at] as number)) over = above[over] as number;
    above[at] = over;
  }

  const ofVertex = new Int32Array(vertices).fill(-1);
  for (let at = 1; at < count; at += 1) ofVertex[order[at] as number] = order[above[at] as number] as number;
  return { above: ofVertex, order: order.subarray(0, count) };
}

/** The vertex of least semi-dominator on the way up the forest built so far; shortens the way behind it. */
function lowestOnTheWay(
  from: number,
  ancestor: Int32Array,
  label: Int32Array,
  semi: Int32Array,
  trail: Int32Array,
): number {
  if (ancestor[from] === -1) return from;
  let length = 0;
  let top = from;
  while (ancestor[ancestor[top] as number] !== -1) {
    trail[length] = top;
    length += 1;
    top = ancestor[top] as number;
  }
  for (let at = length - 1; at >= 0; at -= 1) {
    const vertex = trail[at] as number;
    const over = ancestor[vertex] as number;
    if ((semi[label[over] as number] as number) < (semi[label[vertex] as number] as number))
      label[vertex] = label[over] as number;
    ancestor[vertex] = ancestor[over] as number;
  }
  return label[from] as number;
}

/** For each vertex in depth-first numbers, the numbers of those it is reached from. */
function reversed({
  number,
  order,
  count,
  starts,
  heads,
}: Pick<FlowGraph, 'starts' | 'heads'> & { number: Int32Array; order: Int32Array; count: number }): {
  into: Int32Array;
  tails: Int32Array;
} {
  const into = new Int32Array(count + 1);
  const each = (work: (tail: number, head: number) => void): void => {
    for (let at = 0; at < count; at += 1) {
      const vertex = order[at] as number;
      for (let edge = starts[vertex] as number; edge < (starts[vertex + 1] as number); edge += 1)
        work(at, number[heads[edge] as number] as number);
    }
  };
  each((_tail, head) => (into[head + 1] = (into[head + 1] as number) + 1));
  for (let at = 0; at < count; at += 1) into[at + 1] = (into[at + 1] as number) + (into[at] as number);
  const tails = new Int32Array(into[count] as number);
  const next = into.slice();
  each((tail, head) => {
    tails[next[head] as number] = tail;
    next[head] = (next[head] as number) + 1;
  });
  return { into, tails };
}
