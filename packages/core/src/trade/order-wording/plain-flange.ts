import { ENDS, type End } from '../../ground/valves/index.js';
import type { ValveSpec } from './valve-spec.js';

/**
 * Which flange is meant where only “flanged” is said: that of the body’s class; else class 125 drilling on iron and mains, and beside a mechanical
 * joint; class 150 on everything else.
 *
 * @example
 * plainFlangeOf({ standard: 'AWWA C515' }) // 'flange-125'
 */
export function plainFlangeOf({
  body,
  standard,
  rating,
  type,
  ends,
}: Omit<ValveSpec, 'ends'> & { ends?: readonly { style: string }[] | undefined }): End {
  const own = rating?.kind === 'class' ? `flange-${rating.value}` : '';
  if ((ENDS as readonly string[]).includes(own)) return own as End;
  if (!rating && ends?.some(({ style }) => style === 'mechanical-joint')) return 'flange-125';
  const isIron =
    body === 'ductile-iron' ||
    body === 'grey-iron' ||
    type === 'gate-resilient' ||
    (standard?.startsWith('AWWA') ?? false);
  return isIron ? 'flange-125' : 'flange-150';
}
