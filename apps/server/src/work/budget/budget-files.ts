import type { BudgetFile, BudgetView } from '@grevik/contracts';
import {
  type Budget,
  type BudgetLine,
  FAILURE_WORDS,
  VALVE_TYPE_FACTS,
  WETS,
  WETS_WORDS,
  budgetOf,
  wholeAmounts,
} from '@grevik/core';
import type { Language } from '@grevik/words';
import ExcelJS from 'exceljs';
import type { Content, TableCell } from 'pdfmake/interfaces.js';
import { pdfOf } from '../../ground/sheets/pdf.js';

/** A file that is made of a budget. */
export interface BudgetFileTask {
  kind: BudgetFile;
  /** Of a PDF; a sheet is English, so that it reads the same everywhere. */
  language: Language;
  /** What it is the budget of. */
  title: string;
  companyName: string;
  /** A `BudgetView` as JSON. */
  view: string;
  /** ISO, UTC. */
  at: string;
}

/** A valve of a budget, as both files say it. */
interface PlannedRow {
  year: number;
  tag: string;
  where: string;
  type: string;
  age: string | number;
  /** Per cent, or that it has failed. */
  chance: string | number;
  failureCost: number;
  cost: number;
  restsOn: string;
}

const COLUMNS: readonly { header: string; key: keyof PlannedRow; width: number }[] = [
  { header: 'Year', key: 'year', width: 8 },
  { header: 'Tag', key: 'tag', width: 14 },
  { header: 'Where', key: 'where', width: 40 },
  { header: 'Type', key: 'type', width: 22 },
  { header: 'Age, years', key: 'age', width: 10 },
  { header: 'Fails within a year, %', key: 'chance', width: 14 },
  { header: 'A failure costs', key: 'failureCost', width: 16 },
  { header: 'Replacing costs', key: 'cost', width: 16 },
  { header: 'Rests on', key: 'restsOn', width: 90 },
];

/** A budget as a sheet or a PDF: in a thread of its own, since it is planned anew. */
export async function writeBudgetFile({ kind, view, ...task }: BudgetFileTask): Promise<Uint8Array> {
  const given = JSON.parse(view) as BudgetView;
  const budget = budgetOf(given);
  const file = kind === 'xlsx' ? await sheetOf(given, budget) : await printed(given, budget, task);
  return new Uint8Array(file);
}

/** The lines of a budget, by year, never last. */
function rowsOf({ valves }: BudgetView, { lines }: Budget): PlannedRow[] {
  const of = new Map(valves.map((valve) => [valve.id, valve]));
  return [...lines]
    .sort((a, b) => (a.year || Infinity) - (b.year || Infinity) || b.consequence - a.consequence)
    .flatMap((line): PlannedRow[] => {
      const served = of.get(line.valve.id);
      if (!served) return [];
      const { tag, remarks, lineName, jobName, type } = served;
      return [
        {
          year: line.year,
          tag,
          where: [remarks, lineName, jobName].filter(Boolean).join(', '),
          type: VALVE_TYPE_FACTS[type].words,
          age: ageOf(line),
          chance: line.isFailed ? 'has failed' : Math.round(line.chanceThisYear * 100),
          failureCost: line.consequence,
          cost: line.valve.cost,
          restsOn: line.because.join('; '),
        },
      ];
    });
}

function ageOf({ ageYears, assumed }: BudgetLine): string | number {
  if (ageYears === undefined) return 'not known';
  return assumed.includes('age') ? `${ageYears} (taken)` : Math.round(ageYears);
}

async function sheetOf(view: BudgetView, budget: Budget): Promise<Buffer> {
  const book = new ExcelJS.Workbook();
  const lines = book.addWorksheet('Budget', { views: [{ state: 'frozen', ySplit: 1 }] });
  lines.columns = [...COLUMNS];
  lines.getRow(1).font = { bold: true };
  lines.addRows(rowsOf(view, budget).map((row) => ({ ...row, year: row.year || 'not planned' })));
  const years = book.addWorksheet('Years');
  years.addRow(['Year', 'Money', 'Replacements', 'Failures to expect', 'They cost']).font = { bold: true };
  budget.byYear.forEach(({ year, money, spend, expectedFailures, expectedCost }) =>
    years.addRow([year, money, spend, expectedFailures, expectedCost]),
  );
  const assumptions = book.addWorksheet('Rests on');
  assumptions.columns = [{ width: 60 }, { width: 20 }];
  assumptions.addRows(assumptionsOf(view));
  const urgent = book.addWorksheet('Must not wait');
  urgent.addRow(['Tag', 'Where', 'Why']).font = { bold: true };
  urgent.addRows(mustNotWaitOf(view));
  for (const [sheet, columns] of [
    [lines, [7, 8]],
    [years, [2, 3, 5]],
  ] as const)
    for (const column of columns) sheet.getColumn(column).numFmt = '#,##0';
  years.getColumn(4).numFmt = '0.00';
  return Buffer.from(await book.xlsx.writeBuffer());
}

const mustNotWaitOf = ({ valves }: BudgetView): string[][] =>
  valves.flatMap(({ tag, remarks, lineName, mustNotWait, failure }) =>
    mustNotWait === null
      ? []
      : [
          [
            tag,
            [remarks, lineName].filter(Boolean).join(', '),
            [failure && FAILURE_WORDS[failure], mustNotWait].filter(Boolean).join(': '),
          ],
        ],
  );

/** Every figure that was taken, with its value. */
function assumptionsOf({ settings, currency }: BudgetView): [string, string][] {
  const { hourlyRate, emergencyCall, emergencyTimes, seizedTimes, discountRate, ageIfUnknown } = settings;
  return [
    ['Working hour', `${hourlyRate} ${currency}`],
    ['Emergency call, on top', `${emergencyCall} ${currency}`],
    ['Hours of an emergency against planned ones', `× ${emergencyTimes}`],
    ['Damage where the shut-off before it does not turn', `× ${seizedTimes}`],
    ['Discount a year', `${Math.round(discountRate * 1000) / 10} %`],
    [
      'Age of valves nobody knows the age of',
      ageIfUnknown === undefined ? 'not planned' : `${ageIfUnknown} years`,
    ],
    ...WETS.map((wets): [string, string] => {
      const { cost, chance } = settings.damage[wets];
      return [
        `A failure wets ${WETS_WORDS[wets]}`,
        `${cost} ${currency}, ${Math.round(chance * 100)} % of failures flood`,
      ];
    }),
    ['Lives', 'Judgements from practice, corrected by own valves: a range, not a promise'],
  ];
}

function printed(
  view: BudgetView,
  budget: Budget,
  { title, companyName, at, language }: Omit<BudgetFileTask, 'kind' | 'view'>,
): Promise<Buffer> {
  const amount = wholeAmounts(view.currency);
  const table = (heads: readonly string[], rows: TableCell[][], widths: (string | number)[]): Content => ({
    margin: [0, 6, 0, 10],
    layout: 'lightHorizontalLines',
    table: {
      headerRows: 1,
      dontBreakRows: true,
      widths,
      body: [heads.map((text) => ({ text, bold: true })), ...rows],
    },
  });
  const urgent = mustNotWaitOf(view);
  const planned = rowsOf(view, budget).filter(({ year }) => year > 0);
  const content: Content = [
    { text: `Replacement of valves: ${title}`, fontSize: 18, bold: true },
    { text: `${companyName} · ${at.slice(0, 10)}`, margin: [0, 0, 0, 8] },
    ...(urgent.length > 0
      ? [
          { text: 'Must not wait, whatever the money', fontSize: 13, bold: true },
          table(['Tag', 'Where', 'Why'], urgent, ['auto', '*', '*']),
        ]
      : []),
    { text: 'Year by year', fontSize: 13, bold: true },
    table(
      ['Year', 'Money', 'Replacements', 'Failures to expect', 'They cost'],
      budget.byYear.map(({ year, money, spend, expectedFailures, expectedCost }) => [
        year,
        amount(money),
        amount(spend),
        expectedFailures.toFixed(1),
        amount(expectedCost),
      ]),
      ['auto', '*', '*', '*', '*'],
    ),
    {
      text: `Today's value of all of it: ${amount(budget.presentCost)}; with no planned replacement ${amount(budget.withoutPlanCost)}. No plan within this money is more than ${(budget.gap * 100).toFixed(1)} % better.`,
      margin: [0, 0, 0, 10],
    },
    { text: 'Planned', fontSize: 13, bold: true },
    table(
      ['Year', 'Tag', 'Where', 'Fails within a year', 'A failure costs', 'Replacing costs'],
      planned.map(({ year, tag, where, chance, failureCost, cost }) => [
        String(year),
        tag,
        where,
        typeof chance === 'number' ? `${chance} %` : chance,
        amount(failureCost),
        amount(cost),
      ]),
      ['auto', 'auto', '*', 'auto', 'auto', 'auto'],
    ),
    { text: 'Rests on', fontSize: 13, bold: true },
    table(['Figure', 'Taken as'], assumptionsOf(view), ['*', 'auto']),
    {
      text: 'Advice for a qualified person: local code, the authority, the listing and the maker override it.',
      italics: true,
      margin: [0, 4, 0, 24],
    },
    { columns: ['Owner or manager: ______________________', 'Date: ______________'] },
  ];
  return pdfOf(`Budget of ${title}`, { content }, language);
}
