import type { CompanyView, JobWalkView } from '@grevik/contracts';
import { type KeptJob, device } from './device-database';

export type { KeptJob };

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

/**
 * Removes what is kept for anybody but this person; all of it where nobody is signed in, however their session ended. What somebody entered and
 * was not sent yet waits for them.
 */
export async function keepOnlyFor(personId: string | undefined): Promise<void> {
  // Drafts are theirs too.
  if (personId === undefined) sessionStorage.clear();
  await device.jobs.filter(({ ownerId }) => ownerId !== personId).delete();
  await device.answers.filter(({ ownerId }) => ownerId !== personId).delete();
  await device.pictures.filter(({ ownerId }) => ownerId !== personId).delete();
}
