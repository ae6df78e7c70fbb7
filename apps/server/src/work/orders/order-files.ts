import type { OrderSheetPreview, OrdersView } from '@grevik/contracts';
import { SHEET_COLUMNS, readSheetRows } from '@grevik/core';
import { csvText } from '../../ground/sheets/csv-text.js';
import { orderPdf } from './order-pdf.js';
import { readSheet, sheetRows, writeSheet } from './order-sheet.js';

/** A file that is made of a job's orders. */
export interface OrderFileTask {
  kind: 'xlsx' | 'csv' | 'pdf';
  /** An `OrdersView` as JSON. */
  orders: string;
  /** ISO, UTC. */
  at: string;
}

/** The order sheet as a file: in a thread of its own, since sixteen thousand lines take seconds. */
export async function writeOrderFile({ kind, orders, at }: OrderFileTask): Promise<Uint8Array> {
  const view = JSON.parse(orders) as OrdersView;
  if (kind === 'csv') return new TextEncoder().encode(csvText(sheetRows(view), SHEET_COLUMNS));
  const file = kind === 'xlsx' ? await writeSheet(view) : await orderPdf(view, new Date(at));
  return new Uint8Array(file);
}

/** What a sheet that came back would change. */
export async function readOrderFile({
  file,
  orders,
}: {
  file: Uint8Array;
  orders: string;
}): Promise<OrderSheetPreview> {
  const held = (JSON.parse(orders) as OrdersView).orders.flatMap(({ state, lines }) =>
    lines.map(({ id, quantity, text, note }) => ({ id, quantity, text, note, draft: state === 'draft' })),
  );
  return readSheetRows(await readSheet(Buffer.from(file)), held);
}
