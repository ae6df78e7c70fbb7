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

/** What the server answered last to a question. */
export interface KeptAnswer {
  /** As it was asked: `lines/ID/start-up`. */
  path: string;
  ownerId: string;
  body: unknown;
  keptAt: string;
}

/** A small picture. */
export interface KeptPicture {
  /** As it is asked for: `positions/ID/photos/ID`. */
  path: string;
  ownerId: string;
  picture: Blob;
}

/** Something that was entered and is not stored on the server yet. Its id is its own: sent twice it is stored once. */
export interface Unsent {
  /** In the order it was entered. */
  place?: number;
  ownerId: string;
  /** What it is, for whoever entered it. */
  title: string;
  path: string;
  /** How it is sent; left out, JSON is posted and a picture put. */
  method?: 'POST' | 'PUT' | 'DELETE';
  /** JSON, or a picture. */
  body: object | Blob;
  enteredAt: string;
  /** Why the server did not take it. */
  refusal?: string;
}

/** What this browser keeps on the device. */
export const device = new Dexie('grevik') as Dexie & {
  jobs: EntityTable<KeptJob, 'slot'>;
  answers: EntityTable<KeptAnswer, 'path'>;
  pictures: EntityTable<KeptPicture, 'path'>;
  unsent: EntityTable<Unsent, 'place'>;
};
device.version(1).stores({ jobs: 'slot' });
// What an earlier version kept is nobody's.
device
  .version(2)
  .stores({ jobs: 'slot' })
  .upgrade((change) => change.table('jobs').clear());
device.version(3).stores({ jobs: 'slot', answers: 'path, keptAt', unsent: '++place, ownerId' });
device.version(4).stores({
  jobs: 'slot',
  answers: 'path, keptAt',
  pictures: 'path',
  unsent: '++place, ownerId',
});
