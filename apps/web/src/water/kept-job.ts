import type { CompanyView, JobWalkView } from '@grevik/contracts';
import Dexie, { type EntityTable } from 'dexie';

/** A job as it was last seen, with what it takes to answer without a network. */
export interface KeptJob {
  /** One job is kept: the last one that was open. */
  slot: 'last';
  job: JobWalkView;
  houseRules: CompanyView['houseRules'];
  keptAt: string;
}

const device = new Dexie('grevik') as Dexie & { jobs: EntityTable<KeptJob, 'slot'> };
device.version(1).stores({ jobs: 'slot' });

/** Keeps a job on this device, in place of the one before. */
export async function keepJob(job: JobWalkView, houseRules: CompanyView['houseRules']): Promise<void> {
  await device.jobs.put({ slot: 'last', job, houseRules, keptAt: new Date().toISOString() });
}

/** The job this device last kept. */
export async function keptJob(): Promise<KeptJob | undefined> {
  return device.jobs.get('last');
}

/** Forgets it: when somebody signs out, nothing of the company stays on the device. */
export async function forgetJob(): Promise<void> {
  await device.jobs.clear();
}
