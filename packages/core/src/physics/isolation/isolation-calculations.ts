import { calculation } from '../../ground/calculation/index.js';
import { InvalidInput, oneOf, record, text } from '../../ground/input/index.js';
import { isolate } from './isolate.js';
import { type Network, networkInput } from './network.js';
import { segments } from './segments.js';

const id = text(200);
const plain = record({
  network: networkInput,
  fault: oneOf({ link: record({ link: id }), node: record({ node: id }) }),
});

const CAUTION =
  'Advice for a qualified person: prove the shut-off by opening a tap, drain, and lock it before anything is opened.';

const EXAMPLE: Network = {
  nodes: [
    { id: 'main', kind: 'source' },
    { id: 'hall', kind: 'junction' },
    { id: 'cafe', kind: 'user' },
    { id: 'staff', kind: 'user' },
  ],
  links: [
    { id: 'CW-01', from: 'main', to: 'hall', kind: 'valve' },
    { id: 'run', from: 'hall', to: 'cafe', kind: 'pipe', lengthM: 12, diameterM: 0.019939 },
    { id: 'CW-02', from: 'hall', to: 'staff', kind: 'valve', state: 'stuck-open' },
  ],
};

export const isolateCalculation = calculation({
  name: 'isolate',
  summary:
    'What to close for a burst, what is out of service, what drains and which valves cannot be relied on.',
  input: {
    ...plain,
    read(value: unknown, path: string) {
      const given = plain.read(value, path);
      const { nodes, links } = given.network;
      const [where, named] =
        'link' in given.fault ? (['link', given.fault.link] as const) : (['node', given.fault.node] as const);
      if (!(where === 'link' ? links : nodes).some((one) => one.id === named))
        throw new InvalidInput(
          `fault.${where}`,
          `fault.${where} is ${named}: the network has no ${where} of that id.`,
        );
      return given;
    },
  },
  gives: {
    close: 'ids of the valves to close',
    segment: 'nodes and links cut off with the fault',
    outOfService: 'users that were fed and no longer are',
    alreadyDry: 'users that nothing feeds as it is',
    drainM3: 'm3 of water in the pipes of the segment',
    impossible: 'whether a source feeds the fault with no working valve between',
    notUsed: 'valves met that are not relied on: valveId, why (its state)',
  },
  notes: [
    'The segment is all that is reached from the fault without passing a valve that works. A check is searched through in both directions; it passes water in one direction.',
    'Close the working valves on the edge whose other side is in service before anything is closed. Lists are sorted in plain string order.',
    'A valve that bursts shuts off nothing: both its sides are isolated.',
    CAUTION,
  ],
  example: { network: EXAMPLE, fault: { link: 'run' } },
  run: ({ network, fault }) => isolate(network, fault),
});

export const segmentsCalculation = calculation({
  name: 'segments',
  summary:
    'Divides a network into the parts that can be isolated, and names those that put most users out of service.',
  input: record({ network: networkInput }),
  gives: {
    segments:
      'id (its smallest node id), nodes, links, valves on its edge that stop the search, outOfService users',
    critical: 'ids of the ten segments whose loss puts out most users',
  },
  notes: [
    'The network is divided as isolate divides it, with every valve as it stands. Lists are sorted in plain string order.',
    CAUTION,
  ],
  example: { network: EXAMPLE },
  run: ({ network }) => segments(network),
});
