import type { OrdersView } from '@grevik/contracts';
import {
  InvalidInput,
  SHEET_COLUMNS,
  type SheetColumn,
  type SheetRow,
  currencyDecimals,
  familyWords,
  lineAmount,
} from '@grevik/core';
import ExcelJS from 'exceljs';
import { notASheet, refuseLargeZip } from '../../ground/sheets/unzipped-size.js';

const WIDTHS: Record<SheetColumn, number> = {
  Line: 38,
  Supplier: 24,
  Family: 14,
  Quantity: 10,
  Description: 90,
  Positions: 24,
  Note: 30,
  'Unit price': 12,
  Amount: 12,
  Currency: 10,
  'Lead days': 10,
  State: 14,
  Received: 10,
};
const SHEET = 'Order sheet';

/** The rows of a job's order sheet: by supplier, then family, then as they came. */
export function sheetRows({ orders, currency }: OrdersView): Record<SheetColumn, string | number>[] {
  const places = currencyDecimals(currency);
  const rows = orders.flatMap(({ supplier, state, lines }) =>
    lines.map((line) => ({
      Line: line.id,
      Supplier: supplier ?? '',
      Family: familyWords(line.spec ?? undefined),
      Quantity: line.quantity,
      Description: line.text,
      Positions: line.positions.map(({ tag }) => tag).join(' '),
      Note: line.note,
      'Unit price': line.unitPrice ?? '',
      Amount:
        lineAmount(
          {
            quantity: line.quantity,
            ...(line.unitPrice !== null && { unitPrice: line.unitPrice }),
          },
          places,
        ) ?? '',
      Currency: currency,
      'Lead days': line.leadDays ?? '',
      State: state,
      Received: line.received,
    })),
  );
  const by = (row: (typeof rows)[number]): string => `${row.Supplier || '\uffff'}\n${row.Family}`;
  return rows.sort((a, b) => (by(a) < by(b) ? -1 : by(a) > by(b) ? 1 : 0));
}

/** A job's order sheet as an XLSX file. */
export async function writeSheet(orders: OrdersView): Promise<Buffer> {
  const book = new ExcelJS.Workbook();
  const sheet = book.addWorksheet(SHEET, { views: [{ state: 'frozen', ySplit: 1 }] });
  sheet.columns = SHEET_COLUMNS.map((name) => ({ header: name, key: name, width: WIDTHS[name] }));
  sheet.getRow(1).font = { bold: true };
  sheet.addRows(sheetRows(orders));
  for (const name of ['Unit price', 'Amount'] as const) sheet.getColumn(name).numFmt = '#,##0.00##';
  return Buffer.from(await book.xlsx.writeBuffer());
}

/**
 * The rows of a sheet that came back.
 * @throws InvalidInput where it is no XLSX file, or its heading is not an order sheet's
 */
export async function readSheet(file: Buffer): Promise<SheetRow[]> {
  await refuseLargeZip(file);
  const book = new ExcelJS.Workbook();
  // What is no workbook at all fails in many ways inside the reader: to a person they are one.
  await book.xlsx.load(file as unknown as ArrayBuffer).catch(() => {
    throw notASheet();
  });
  const sheet = book.getWorksheet(SHEET) ?? book.worksheets[0];
  const heading = new Map<SheetColumn, number>();
  sheet?.getRow(1).eachCell((cell, at) => {
    const name = SHEET_COLUMNS.find((column) => column === cell.text.trim());
    if (name) heading.set(name, at);
  });
  const missing = (['Line', 'Quantity', 'Description'] as const).filter((column) => !heading.has(column));
  if (!sheet || missing.length > 0)
    throw new InvalidInput(
      'file',
      `The first row must name the columns; ${missing.join(', ')} is missing. Import a sheet that was exported here.`,
    );
  const rows: SheetRow[] = [];
  sheet.eachRow((row, number) => {
    if (number === 1) return;
    rows.push(Object.fromEntries([...heading].map(([name, at]) => [name, row.getCell(at).text])));
  });
  return rows;
}
