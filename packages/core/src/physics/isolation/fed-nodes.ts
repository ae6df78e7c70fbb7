import { fed, flowGraph } from './flow-graph.js';
import { indexNetwork } from './indexed-network.js';
import type { Network } from './network.js';

/**
 * The nodes a source feeds, with every valve as it stands.
 *
 * @param network nodes and links
 *
 * @example
 * fedNodes({ nodes: [source, tap], links: [{ id: 'p', kind: 'pipe', from: 'source', to: 'tap' }] }) // Set { 'source', 'tap' }
 */
export function fedNodes(network: Network): Set<string> {
  const graph = flowGraph(indexNetwork(network));
  const reached = fed(graph);
  return new Set(network.nodes.flatMap(({ id }, at) => (reached[graph.vertexOf[at] ?? 0] ? [id] : [])));
}
