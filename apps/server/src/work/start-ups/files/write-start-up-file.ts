import type { StartUpFileKind } from '@grevik/contracts';
import type { TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { pdfOf } from '../../../ground/sheets/pdf.js';
import type { StartUpFile } from './start-up-file.js';
import { startUpRecord } from './start-up-record.js';
import { tagSheet } from './tag-sheet.js';
import { wallChart } from './wall-chart.js';

const DOCUMENTS: Record<StartUpFileKind, (file: StartUpFile) => TDocumentDefinitions> = {
  record: startUpRecord,
  tags: tagSheet,
  'valve-chart': wallChart,
};

/** A file of a start-up as a PDF: in a thread of its own, since a long line has many pages. @param file a `StartUpFile` as JSON */
export async function writeStartUpFile({ file }: { file: string }): Promise<Uint8Array> {
  const of = JSON.parse(file) as StartUpFile;
  return new Uint8Array(await pdfOf(`${of.jobName}, ${of.lineName}`, DOCUMENTS[of.kind](of), of.language));
}
