import {
  type Field,
  InvalidInput,
  choice,
  list,
  number,
  optional,
  record,
  text,
} from '../../ground/input/index.js';

export const NODE_KINDS = ['source', 'junction', 'user'] as const;
export const LINK_KINDS = ['pipe', 'valve', 'check'] as const;
/** What a valve was last known to do. Only one that works is relied on to shut. */
export const VALVE_STATES = [
  'works',
  'stuck-open',
  'stuck-closed',
  'leaks-by',
  'do-not-touch',
  'closed',
] as const;

export type NodeKind = (typeof NODE_KINDS)[number];
export type LinkKind = (typeof LINK_KINDS)[number];
export type ValveState = (typeof VALVE_STATES)[number];

export interface NetworkNode {
  id: string;
  kind: NodeKind;
  headM?: number;
}

/** A pipe, a valve or a check between two nodes; a check lets water through from `from` to `to`. */
export interface NetworkLink {
  id: string;
  from: string;
  to: string;
  kind: LinkKind;
  lengthM?: number;
  /** Inside. */
  diameterM?: number;
  /** Of a valve; works unless told otherwise. */
  state?: ValveState;
}

export interface Network {
  nodes: readonly NetworkNode[];
  links: readonly NetworkLink[];
}

const MOST = 200_000;
const id = text(200);
const plain = record({
  nodes: list(record({ id, kind: choice(NODE_KINDS), headM: optional(number({ unit: 'm' })) }), {
    most: MOST,
  }),
  links: list(
    record({
      id,
      from: id,
      to: id,
      kind: choice(LINK_KINDS),
      lengthM: optional(number({ unit: 'm', min: 0 })),
      diameterM: optional(number({ unit: 'm, inside', above: 0 })),
      state: optional(choice(VALVE_STATES, 'of a valve')),
    }),
    { most: MOST },
  ),
});

/** A network whose ids are given once and whose links end at its nodes. */
export const networkInput: Field<Network> = {
  ...plain,
  read(value, path) {
    const network = plain.read(value, path);
    const nodes = new Set<string>();
    network.nodes.forEach((node, at) => once(nodes, node.id, `${path}.nodes[${at}].id`));
    const links = new Set<string>();
    network.links.forEach((link, at) => {
      const here = `${path}.links[${at}]`;
      once(links, link.id, `${here}.id`);
      for (const end of ['from', 'to'] as const) {
        if (!nodes.has(link[end]))
          throw new InvalidInput(`${here}.${end}`, `${here}.${end} is ${link[end]}: no node has that id.`);
      }
      if (link.state !== undefined && link.kind !== 'valve')
        throw new InvalidInput(
          `${here}.state`,
          `${here}.state is ${link.state}, but the link is a ${link.kind}: only a valve has a state.`,
        );
    });
    return network;
  },
};

function once(seen: Set<string>, given: string, path: string): void {
  if (seen.has(given)) throw new InvalidInput(path, `${path} is ${given}, which is there already.`);
  seen.add(given);
}
