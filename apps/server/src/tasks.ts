import type { Tasks } from './ground/threads/task.js';
import type { ArchivePieces } from './work/archive/read-archive.js';
import type { CatalogueFormat, OrderSheetPreview, WalkListPreview } from '@grevik/contracts';
import type { DrillTask, GradedDrill } from './work/drills/grade-drill.js';
import type { CheckDiagnosis, JobOutlook, ReadSheet, ValveOutage } from '@grevik/core';
import type { BudgetFileTask } from './work/budget/budget-files.js';
import type { WalkListTask } from './work/walk-lists/check-list.js';
import type { OwnerFileTask } from './work/owner-pages/owner-file.js';
import type { StationTask } from './work/stations/diagnose-station.js';
import type { OrderFileTask } from './work/orders/order-files.js';
import type { JobOutlookTask } from './work/board/job-outlook.js';
import type { AnsweredCalculation, CalculationTask } from './work/calculations/answer-calculation.js';

declare module './ground/threads/task.js' {
  interface Tasks {
    calculate: (task: CalculationTask) => Promise<AnsweredCalculation>;
    writeOrderFile: (task: OrderFileTask) => Promise<Uint8Array>;
    readOrderFile: (task: { file: Uint8Array; orders: string }) => Promise<OrderSheetPreview>;
    readCatalogueList: (task: { format: CatalogueFormat; text: string }) => Promise<ReadSheet>;
    checkWalkList: (task: WalkListTask) => Promise<WalkListPreview>;
    jobOutlook: (task: JobOutlookTask) => Promise<JobOutlook>;
    writeStartUpFile: (task: { file: string }) => Promise<Uint8Array>;
    writeBudgetFile: (task: BudgetFileTask) => Promise<Uint8Array>;
    writeOwnerFile: (task: OwnerFileTask) => Promise<Uint8Array>;
    workOutOutages: (task: { lines: string }) => Promise<ValveOutage[][]>;
    diagnoseStation: (task: StationTask) => Promise<CheckDiagnosis | null>;
    gradeDrill: (task: DrillTask) => Promise<GradedDrill>;
    readArchive: (body: Uint8Array) => Promise<ArchivePieces>;
  }
}

/** What runs in a thread of its own: each task is loaded with the first call of it. */
export const TASKS: { [Name in keyof Tasks]: () => Promise<Tasks[Name]> } = {
  writeOrderFile: async () => (await import('./work/orders/order-files.js')).writeOrderFile,
  readOrderFile: async () => (await import('./work/orders/order-files.js')).readOrderFile,
  readCatalogueList: async () => (await import('./firm/catalogue/read-catalogue-list.js')).readCatalogueList,
  checkWalkList: async () => (await import('./work/walk-lists/check-list.js')).checkList,
  writeStartUpFile: async () =>
    (await import('./work/start-ups/files/write-start-up-file.js')).writeStartUpFile,
  writeBudgetFile: async () => (await import('./work/budget/budget-files.js')).writeBudgetFile,
  writeOwnerFile: async () => (await import('./work/owner-pages/owner-file.js')).writeOwnerFile,
  workOutOutages: async () => (await import('./work/budget/line-outages.js')).workOutOutages,
  diagnoseStation: async () => (await import('./work/stations/diagnose-station.js')).diagnoseStation,
  gradeDrill: async () => (await import('./work/drills/grade-drill.js')).gradeDrillTask,
  readArchive: async () => (await import('./work/archive/read-archive.js')).readArchive,
  jobOutlook: async () => (await import('./work/board/job-outlook.js')).workOutJobOutlook,
  calculate: async () => (await import('./work/calculations/answer-calculation.js')).answerCalculation,
};
