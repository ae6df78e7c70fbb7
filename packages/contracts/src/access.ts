/** What people are in a company, the one who may most first. */
export const ROLES = ['owner', 'estimator', 'foreman', 'technician', 'apprentice'] as const;
export type Role = (typeof ROLES)[number];

/** What a person may do. Which roles may is one table on the server. */
export const PERMISSIONS = [
  'look',
  'record',
  'change-duty',
  'pick',
  'bring-lines',
  'walk',
  'house-rules',
  'catalogue',
  'order',
  'receive',
  'devices',
  'rounds',
  'drills',
  'tasks',
  'people',
] as const;
export type Permission = (typeof PERMISSIONS)[number];

/** The whole table, as the interface shows it. */
export interface AccessView {
  permissions: { id: Permission; words: string; roles: readonly Role[] }[];
}
