import type { End } from '../../ground/valves/index.js';
import { VERDICT_RANK, worstOf } from '../duty/index.js';
import {
  type ConnectionContext,
  type ConnectionReason,
  CONNECTION_RULES,
  ratingOf,
} from './connection-rules.js';
import type { Connection } from './connection.js';
import { connectionsTo } from './connections-to.js';
import type { RawConnection } from './raw-connection.js';

/**
 * The connections from a pipe to one end of a valve, judged, the best and plainest first.
 *
 * @param end  of the valve
 * @param side it is on
 * @param context duty, valve, pipe, what the place forbids, house rules
 *
 * @example
 * judgeConnections('fip', 'in', context)[0]?.id // 'press-adapter' on copper
 */
export function judgeConnections(end: End, side: 'in' | 'out', context: ConnectionContext): Connection[] {
  const { duty, valve, pipe } = context;
  return connectionsTo({ duty, valve, pipe, end, side })
    .map((connection) => judgeConnection(connection, context))
    .sort((a, b) => VERDICT_RANK[a.verdict] - VERDICT_RANK[b.verdict] || a.joints.length - b.joints.length);
}

function judgeConnection(raw: RawConnection, context: ConnectionContext): Connection {
  const { mistake: _mistake, remedy: _remedy, ...connection } = raw;
  const reasons = CONNECTION_RULES.flatMap((rule): ConnectionReason[] => {
    const said = rule.judge(raw, context);
    return said ? [{ ...said, rule: said.rule ?? rule.id }] : [];
  });
  const rating = ratingOf(raw, context);
  return {
    ...connection,
    verdict: worstOf(reasons),
    reasons,
    ...(rating && { weakest: { name: rating.governing, allowablePa: rating.allowablePa } }),
  };
}
