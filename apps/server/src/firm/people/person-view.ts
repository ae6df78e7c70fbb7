import type { PersonView } from '@grevik/contracts';
import type { Person } from './person.model.js';

export function personView({ id, version, name, email, role }: Person): PersonView {
  return { id, version, name, email, role };
}
