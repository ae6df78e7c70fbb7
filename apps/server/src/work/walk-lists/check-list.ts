import type { WalkListPreview } from '@grevik/contracts';
import { checkWalkList } from '@grevik/core';
import { readSheet } from './read-sheet.js';

export interface WalkListTask {
  /** The text of the CSV file. */
  text: string;
  /** What the job has already. */
  job: Parameters<typeof checkWalkList>[1];
}

/**
 * What taking a walk list would do to a job, row by row.
 *
 * @throws InvalidInput where the text is no walk list
 */
export async function checkList({ text, job }: WalkListTask): Promise<WalkListPreview> {
  const { rows, unread } = readSheet(text);
  return { ...checkWalkList(rows, job), unread };
}
