import type { End } from '../../ground/valves/index.js';
import type { ValveSpec } from './valve-spec.js';

/**
 * Which flange is meant where only “flanged” is said: class 125 drilling on iron and mains, class 150 on everything else.
 *
 * @example
 * plainFlangeOf({ standard: 'AWWA C515' }) // 'flange-125'
 */
export function plainFlangeOf({ body, standard, rating }: ValveSpec): End {
  const isIron = body === 'ductile-iron' || body === 'grey-iron' || (standard?.startsWith('AWWA') ?? false);
  return isIron || (rating?.kind === 'class' && rating.value === 125) ? 'flange-125' : 'flange-150';
}
