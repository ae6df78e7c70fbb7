import type { HandOverView, Paper, ReadingView, SamplesView, StartUpFileKind } from '@grevik/contracts';
import { type HouseRuleSettings, type StartUpEntry, type StartedLine, type UnitSystem } from '@grevik/core';
import type { Language } from '@grevik/words';
import type { TDocumentDefinitions } from 'pdfmake/interfaces.js';

/** A reading with as many of its samples as a chart can show. */
export type PrintedReading = ReadingView & { drawn: SamplesView };

/** A file of the start-up of a line, and what it is made of. */
export interface StartUpFile {
  kind: StartUpFileKind;
  paper: Paper;
  system: UnitSystem;
  language: Language;
  /** ISO, UTC: when it is printed. */
  at: string;
  companyName: string;
  jobName: string;
  lineName: string;
  /** Address of the line’s pages: a code on a tag leads to its position. */
  lineAddress: string;
  line: StartedLine;
  /** In force on the job: they decide what is maintained. */
  houseRules: HouseRuleSettings;
  entries: readonly StartUpEntry[];
  readings: readonly PrintedReading[];
  handedOver: HandOverView | null;
}

export const PAGE: Record<Paper, TDocumentDefinitions['pageSize']> = { letter: 'LETTER', a4: 'A4' };

/** A day as it stands on paper: "14 May 2018". */
export const dayWords = (at: string): string =>
  new Intl.DateTimeFormat('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    timeZone: 'UTC',
  }).format(new Date(at));
