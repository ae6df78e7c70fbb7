import { PERMISSIONS, type Permission, type Role } from '@grevik/contracts';

/** Which roles may do what: the one table the guard, the interface and the tests read. */
export const PERMISSION_TABLE: Readonly<Record<Permission, { words: string; roles: readonly Role[] }>> = {
  look: {
    words: 'look at jobs, lines and the catalogue',
    roles: ['owner', 'estimator', 'foreman', 'technician', 'apprentice'],
  },
  record: {
    words: 'add entries at a position',
    roles: ['owner', 'estimator', 'foreman', 'technician', 'apprentice'],
  },
  'change-duty': {
    words: 'change the duty of a position',
    roles: ['owner', 'estimator', 'foreman', 'technician'],
  },
  pick: { words: 'pick valves', roles: ['owner', 'estimator', 'foreman'] },
  'bring-lines': {
    words: 'create jobs and import walk lists',
    roles: ['owner', 'estimator', 'foreman'],
  },
  walk: {
    words: 'walk lines',
    roles: ['owner', 'estimator', 'foreman', 'technician'],
  },
  'house-rules': { words: 'change house rules', roles: ['owner', 'estimator', 'foreman'] },
  catalogue: {
    words: 'add, change and retire models of the catalogue',
    roles: ['owner', 'estimator', 'foreman'],
  },
  order: {
    words: 'request quotes, place and send orders',
    roles: ['owner', 'estimator', 'foreman'],
  },
  receive: {
    words: 'receive what was ordered',
    roles: ['owner', 'estimator', 'foreman', 'technician'],
  },
  devices: { words: 'register devices and give them keys', roles: ['owner', 'foreman'] },
  rounds: {
    words: 'plan rounds',
    roles: ['owner', 'estimator', 'foreman', 'technician'],
  },
  drills: { words: 'send drills and see who is ready for what', roles: ['foreman'] },
  tasks: { words: 'see what runs by itself, cancel it and begin it again', roles: ['owner'] },
  people: { words: 'invite people and change roles', roles: ['owner'] },
};

/** Everything a role may do. */
export function permissionsOf(role: Role): Permission[] {
  return PERMISSIONS.filter((permission) => mayDo(role, permission));
}

/** Whether a role may do something. */
export function mayDo(role: Role, permission: Permission): boolean {
  return PERMISSION_TABLE[permission].roles.includes(role);
}
