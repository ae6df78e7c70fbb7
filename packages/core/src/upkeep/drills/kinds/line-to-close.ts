import type { Network, NetworkLink, NetworkNode, ValveState } from '../../../physics/isolation/index.js';
import type { Draw } from '../draw.js';
import type { DrillLevel } from '../made-drill.js';

const USERS = [
  'Kitchen',
  'Washroom',
  'Staff room',
  'Laundry',
  'Bath',
  'Bakery',
  'Garden',
  'Boiler room',
  'Workshop',
  'Office',
] as const;
const DEAD: readonly ValveState[] = ['stuck-open', 'leaks-by', 'do-not-touch'];
const BORE_M = 0.0266;
const BRANCHES = { 1: [2, 3], 2: [3, 4], 3: [3, 5] } as const;
const FIRST_TAG = 101;

/**
 * A line as it is found: a main with branches, each behind its valve; from the second level on with valves that cannot be relied on, on the
 * third closed to a loop or fed from both ends.
 */
export function lineToClose(draw: Draw, level: DrillLevel): Network {
  const nodes: NetworkNode[] = [{ id: 'Street', kind: 'source' }];
  const links: NetworkLink[] = [];
  const letter = draw.of(['CW', 'DW', 'W'] as const);
  let tags = 0;
  const valve = (from: string, to: string): void => {
    links.push({ id: `${letter}-${FIRST_TAG + tags}`, from, to, kind: 'valve', state: 'works' });
    tags += 1;
  };
  const pipe = (from: string, to: string): void => {
    const lengthM = draw.whole(2, 18);
    links.push({ id: `${from} – ${to}`, from, to, kind: 'pipe', lengthM, diameterM: BORE_M });
  };
  const node = (id: string, kind: NetworkNode['kind'] = 'junction'): string => {
    nodes.push({ id, kind });
    return id;
  };

  const users = draw.some(USERS, USERS.length);
  const [least, most] = BRANCHES[level];
  const branches = draw.whole(least, most);
  valve('Street', node('A0'));
  let main = 'A0';
  for (let branch = 1; branch <= branches; branch += 1) {
    const tee = node(`A${branch}`);
    if (branch > 1 && draw.share() < 0.5) {
      const beyond = node(`A${branch - 1}b`);
      valve(main, beyond);
      pipe(beyond, tee);
    } else pipe(main, tee);
    const stub = node(`B${branch}`);
    valve(tee, stub);
    const count = draw.share() < 0.4 ? 2 : 1;
    for (const user of users.splice(0, count)) pipe(stub, node(user, 'user'));
    main = tee;
  }
  if (level === 3) closeLoop(main, { node, valve, pipe, isLoop: draw.share() < 0.5 });
  const dead = level === 1 ? 0 : draw.whole(1, 2);
  for (const link of draw.some(
    links.filter(({ kind, from }) => kind === 'valve' && from !== 'Street'),
    dead,
  ))
    link.state = draw.of(DEAD);
  return { nodes, links };
}

interface Building {
  node(id: string, kind?: NetworkNode['kind']): string;
  valve(from: string, to: string): void;
  pipe(from: string, to: string): void;
  isLoop: boolean;
}

/** Back to the beginning, or on to another main. */
function closeLoop(end: string, { node, valve, pipe, isLoop }: Building): void {
  const beyond = node('R1');
  valve(end, beyond);
  if (isLoop) {
    pipe(beyond, 'A0');
    return;
  }
  const far = node('R2');
  pipe(beyond, far);
  valve(node('Second main', 'source'), far);
}
