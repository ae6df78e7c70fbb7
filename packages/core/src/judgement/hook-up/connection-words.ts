import { JOINTS } from './joints.js';
import type { Connection } from './connection.js';

const BY_ID: Readonly<Record<string, string>> = {
  hose: 'hose connection',
  'supply-tube': 'supply tube, nut and ferrule',
  'own-tail': 'the valve’s own tail and nut',
  'old-tail': 'its nut on the existing tail',
  'straight-on': 'threaded directly',
  none: 'no joint',
};

/**
 * A connection in a few words, as one says it from the pipe to the valve.
 *
 * @example
 * connectionWords({ id: 'press-adapter', joints: ['press', 'thread'], parts: [{ id: 'adapter' }] }) // 'pressed, adapter screwed in'
 */
export function connectionWords({ id, joints, parts }: Pick<Connection, 'id' | 'joints' | 'parts'>): string {
  const named = BY_ID[id];
  if (named) return named;
  const [first, last] = joints.map((joint) => JOINTS[joint].words);
  const has = (part: string): boolean => parts.some((one) => one.id === part);
  const said = has('flange')
    ? `flange, ${first ?? ''}`
    : has('coupling')
      ? 'threaded coupling'
      : last === undefined || first === last
        ? (first ?? '')
        : `${first ?? ''}, adapter ${last}`;
  return `${said}${has('reinforced-female') ? ', with reinforced ends' : ''}${has('listed-thread-adapter') ? ', with a listed adapter' : ''}`;
}
