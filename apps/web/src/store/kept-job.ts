import type { CompanyView, JobWalkView } from '@grevik/contracts';
import Dexie, { type EntityTable } from 'dexie';

/** A job as it was last seen, with what it takes to answer without a network. */
export interface KeptJob {
  /** One job is kept: the last one that was open. */
  slot: 'last';
  /** Whom it is kept for: a person, who is of one company. */
  ownerId: string;
  job: JobWalkView;
  houseRules: CompanyView['houseRules'];
  keptAt: string;
}

const device = new Dexie('grevik') as Dexie & { jobs: EntityTable<KeptJob, 'slot'> };
device.version(1).stores({ jobs: 'slot' });
// What an earlier version kept is nobody's.
device
  .version(2)
  .stores({ jobs: 'slot' })
  .upgrade((change) => change.table('jobs').clear());

/** Keeps a job on this device for whoever is signed in, in place of the one before. */
export async function keepJob(
  job: JobWalkView,
  houseRules: CompanyView['houseRules'],
  ownerId: string,
): Promise<void> {
  await device.jobs.put({ slot: 'last', ownerId, job, houseRules, keptAt: new Date().toISOString() });
}

/** The job this device last kept. */
export async function keptJob(): Promise<KeptJob | undefined> {
  return device.jobs.get('last');
}

/** Removes what is kept for anybody but this person; all of it where nobody is signed in, however their session ended. */
export async function keepOnlyFor(personId: string | undefined): Promise<void> {
  // Drafts are theirs too.
  if (personId === undefined) sessionStorage.clear();
  await device.jobs.filter(({ ownerId }) => ownerId !== personId).delete();
}
