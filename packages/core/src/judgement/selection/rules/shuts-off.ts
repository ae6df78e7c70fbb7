import type { Duty } from '../duty.js';

/** Whether it is there to shut the line, at leisure or in an emergency. */
export const shutsOff = ({ function: asked }: Duty): boolean =>
  asked === 'isolate' || asked === 'emergency-shutoff';
