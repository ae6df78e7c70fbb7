import type { Role } from '@grevik/contracts';

/** The people of the demo company, one of each role. They come in by the demo door and have no password. All made up. */
export const DEMO_PEOPLE: readonly { name: string; email: string; role: Role }[] = [
  { name: 'Maren Tolvik', email: 'maren@tarnside.example', role: 'owner' },
  { name: 'Idris Pellow', email: 'idris@tarnside.example', role: 'estimator' },
  { name: 'Ada Wrenfield', email: 'ada@tarnside.example', role: 'foreman' },
  { name: 'Joss Karran', email: 'joss@tarnside.example', role: 'technician' },
  { name: 'Bea Lindqvist-Moor', email: 'bea@tarnside.example', role: 'apprentice' },
];

/** Whoever walked the job and made its picks. */
export const DEMO_FOREMAN = 'ada@tarnside.example';
