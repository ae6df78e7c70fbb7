import type { ArchivePieces } from '../archive/read-archive.js';
import type { OrderSheetPreview } from '@grevik/contracts';
import type { OrderFileTask } from '../orders/order-files.js';
import type { AnsweredCalculation, CalculationTask } from '../calc/answer-calculation.js';

/** What runs in a thread of its own: each task is loaded with the first call of it. */
export interface Tasks {
  calculate: (task: CalculationTask) => Promise<AnsweredCalculation>;
  writeOrderFile: (task: OrderFileTask) => Promise<Uint8Array>;
  readOrderFile: (task: { file: Uint8Array; orders: string }) => Promise<OrderSheetPreview>;
  readArchive: (body: Uint8Array) => Promise<ArchivePieces>;
}

export const TASKS: { [Name in keyof Tasks]: () => Promise<Tasks[Name]> } = {
  writeOrderFile: async () => (await import('../orders/order-files.js')).writeOrderFile,
  readOrderFile: async () => (await import('../orders/order-files.js')).readOrderFile,
  readArchive: async () => (await import('../archive/read-archive.js')).readArchive,
  calculate: async () => (await import('../calc/answer-calculation.js')).answerCalculation,
};
