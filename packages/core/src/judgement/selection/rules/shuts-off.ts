import type { Duty } from '../../duty/index.js';

/** Whether it is there to shut the line, at leisure or in an emergency. */
export const shutsOff = ({ function: asked }: Pick<Duty, 'function'>): boolean =>
  asked === 'isolate' || asked === 'emergency-shutoff';
