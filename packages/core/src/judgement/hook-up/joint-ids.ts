export const JOINT_IDS = [
  'thread',
  'press',
  'solder',
  'push',
  'compression',
  'flare',
  'pex-crimp',
  'pex-expansion',
  'solvent',
  'groove',
  'socket-weld',
  'butt-weld',
  'fusion',
  'tube-fitting',
  'mechanical',
  'push-on',
] as const;
export type JointId = (typeof JOINT_IDS)[number];
