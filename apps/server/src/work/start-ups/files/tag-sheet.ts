import { MEDIUM_FACTS, formatNominalSize, positionWords } from '@grevik/core';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { PAGE, type StartUpFile } from './start-up-file.js';

/** Tags side by side. */
const ACROSS = 3;
/** Large enough for the camera of a phone at arm’s length. */
const CODE_PT = 84;

/** Tags to cut out or to engrave from: tag, service, size, and a code that leads to the position. */
export function tagSheet({ paper, system, line, lineAddress }: StartUpFile): TDocumentDefinitions {
  const tags = line.positions.map((position): Content => ({
    columns: [
      { qr: `${lineAddress}/walk/${encodeURIComponent(position.tag)}`, fit: CODE_PT, width: CODE_PT + 4 },
      {
        width: '*',
        stack: [
          { text: position.tag, fontSize: 16, bold: true },
          { text: positionWords(position), fontSize: 9 },
          {
            text: `${MEDIUM_FACTS[line.medium].words} · ${formatNominalSize(position.duty.dn, system)}`,
            fontSize: 8,
          },
        ],
      },
    ],
    margin: [6, 8, 6, 8],
  }));
  const rows: Content[][] = [];
  for (let at = 0; at < tags.length; at += ACROSS)
    rows.push(Array.from({ length: ACROSS }, (_, column) => tags[at + column] ?? ''));
  return {
    pageSize: PAGE[paper],
    content:
      rows.length === 0
        ? ['There is no position on this line yet.']
        : [{ table: { widths: Array<string>(ACROSS).fill('*'), body: rows, dontBreakRows: true } }],
  };
}
