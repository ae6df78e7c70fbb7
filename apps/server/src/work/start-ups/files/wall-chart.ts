import {
  type TurnsToClose,
  formatNominalSize,
  isFuelGas,
  startUp,
  valveChart,
  positionWords,
} from '@grevik/core';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { PAGE, type StartUpFile, dayWords } from './start-up-file.js';

const HEADS = ['Tag', 'Serves', 'Where', 'Size', 'Closes', 'Turns to close'];

/** The valve chart for the wall: the two to close first in large letters, then every shut-off. */
export function wallChart(file: StartUpFile): TDocumentDefinitions {
  const { paper, system, companyName, jobName, lineName, line, entries, handedOver } = file;
  const { first, valves } = valveChart(line, startUp(line, entries));
  const large: Content[] =
    first.length === 0
      ? []
      : [
          { text: 'CLOSE FIRST', fontSize: 14, bold: true, margin: [0, 12, 0, 0] },
          ...first.map(({ position }, index): Content => ({
            text: [
              { text: `${index + 1}  ${position.tag} `, fontSize: 40, bold: true },
              { text: positionWords(position), fontSize: 26 },
              { text: position.where ? `  ${position.where}` : '', fontSize: 13 },
            ],
          })),
        ];
  return {
    pageSize: PAGE[paper],
    pageOrientation: 'landscape',
    content: [
      { text: `Valve chart · ${lineName}`, fontSize: 24, bold: true },
      { text: `${jobName} · ${companyName}`, fontSize: 11 },
      ...(isFuelGas(line.medium)
        ? [
            {
              text: 'Gas: leave the building first, then call the gas utility and the fire department from outside.',
              fontSize: 14,
              bold: true,
              margin: [0, 8, 0, 0] as [number, number, number, number],
            },
          ]
        : []),
      ...large,
      valves.length === 0
        ? { text: 'No shut-off is recorded on this line.', margin: [0, 12, 0, 0] }
        : {
            margin: [0, 14, 0, 0],
            fontSize: 14,
            layout: 'lightHorizontalLines',
            table: {
              headerRows: 1,
              dontBreakRows: true,
              widths: ['auto', '*', '*', 'auto', 'auto', 'auto'],
              body: [
                HEADS.map((text) => ({ text, bold: true, fontSize: 11 })),
                ...valves.map(({ position, closes, turns }) => [
                  { text: position.tag, bold: true },
                  positionWords(position),
                  { text: position.where ?? '', fontSize: 11 },
                  formatNominalSize(position.duty.dn, system),
                  closes ?? 'not checked',
                  turnsWords(turns),
                ]),
              ],
            },
          },
      ...(handedOver
        ? [
            {
              text: `Handed over ${dayWords(handedOver.at)}: ${handedOver.handedBy} to ${handedOver.takenBy}`,
              margin: [0, 12, 0, 0] as [number, number, number, number],
            },
          ]
        : []),
    ],
  };
}

export function turnsWords(turns: TurnsToClose): string {
  switch (turns.kind) {
    case 'counted':
      return String(turns.turns);
    case 'usual':
      return `about ${turns.turns}`;
    case 'quarter':
      return 'quarter turn';
    case 'unknown':
      return 'not counted';
  }
}
