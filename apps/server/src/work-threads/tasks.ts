import type { ArchivePieces } from '../archive/read-archive.js';
import type { CatalogueFormat, OrderSheetPreview, WalkListPreview } from '@grevik/contracts';
import type { ReadSheet } from '@grevik/core';
import type { WalkListTask } from '../walk-list/check-list.js';
import type { OrderFileTask } from '../orders/order-files.js';
import type { AnsweredCalculation, CalculationTask } from '../calc/answer-calculation.js';

/** What runs in a thread of its own: each task is loaded with the first call of it. */
export interface Tasks {
  calculate: (task: CalculationTask) => Promise<AnsweredCalculation>;
  writeOrderFile: (task: OrderFileTask) => Promise<Uint8Array>;
  readOrderFile: (task: { file: Uint8Array; orders: string }) => Promise<OrderSheetPreview>;
  readCatalogueList: (task: { format: CatalogueFormat; text: string }) => Promise<ReadSheet>;
  checkWalkList: (task: WalkListTask) => Promise<WalkListPreview>;
  readArchive: (body: Uint8Array) => Promise<ArchivePieces>;
}

export const TASKS: { [Name in keyof Tasks]: () => Promise<Tasks[Name]> } = {
  writeOrderFile: async () => (await import('../orders/order-files.js')).writeOrderFile,
  readOrderFile: async () => (await import('../orders/order-files.js')).readOrderFile,
  readCatalogueList: async () => (await import('../catalogue/read-catalogue-list.js')).readCatalogueList,
  checkWalkList: async () => (await import('../walk-list/check-list.js')).checkList,
  readArchive: async () => (await import('../archive/read-archive.js')).readArchive,
  calculate: async () => (await import('../calc/answer-calculation.js')).answerCalculation,
};
