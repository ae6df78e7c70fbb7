import type { Candidate, Duty } from '../duty/index.js';
import type { JoinedSide } from './connection.js';
import type { ConnectionReason } from './connection-rules.js';
import { isDrilled } from './flanged-connections.js';
import type { PlaceLimit } from './place-limits.js';

export const UNKNOWN_PIPE: ConnectionReason = {
  rule: 'unknown-pipe',
  verdict: 'care',
  text: 'Which pipe is it? The joints, the adapters and the parts depend on its material.',
};

/** What holds for the joined valve as a whole, whichever way each side is joined. */
export function wholeReasons(
  duty: Duty,
  valve: Candidate,
  sides: readonly JoinedSide[],
  limits: ReadonlySet<PlaceLimit>,
): ConnectionReason[] {
  const ends = valve.ends ?? [];
  const reasons: ConnectionReason[] = [];
  if (ends.length < 2)
    reasons.push({
      rule: 'unknown-ends',
      verdict: 'care',
      text: 'Its ends are not known: read them from the tag, or ask the supplier.',
    });
  if (ends.includes('wafer') && duty.endOfLine)
    reasons.push({
      rule: 'wafer-end',
      verdict: 'out',
      text: 'A wafer valve is held by both flanges: with the downstream pipe removed, nothing holds it.',
    });
  if (ends.includes('lug') && duty.endOfLine)
    reasons.push({
      rule: 'lug-end',
      verdict: 'care',
      text: 'At the end of a line use only a lug valve rated for it, with its own cap screws on the side that stays.',
    });
  if (limits.has('closed-wall') && sides.some(({ beside }) => beside.some(({ id }) => id.endsWith('union'))))
    reasons.push({
      rule: 'union-closed-up',
      verdict: 'care',
      text: 'A union must stay accessible: leave a panel.',
    });
  const rigid = sides.filter(({ taken }) =>
    taken?.joints.some((id) => id === 'mechanical' || id === 'push-on'),
  );
  if (rigid.length > 0)
    reasons.push({
      rule: 'restraint',
      verdict: 'advice',
      text: 'A push-on or mechanical joint slides apart under pressure: restrain it as far back as the designer of the line requires.',
    });
  if (ends.some((end) => !isDrilled(end, duty.dn)))
    reasons.push({
      rule: 'bolts-unknown',
      verdict: 'care',
      text: 'There is no bolt table for this size: take the bolts from the flange standard.',
    });
  return reasons;
}
