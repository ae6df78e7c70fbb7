import type { OrdersView, OrderView } from '@grevik/contracts';
import { currencyDecimals, lineAmount, sheetAmount } from '@grevik/core';
import type { Content, TableCell } from 'pdfmake/interfaces.js';
import { pdfOf } from '../../ground/sheets/pdf.js';
import { sheetRows } from './order-sheet.js';

/** A job's order sheet as a PDF: a page for each supplier, families together, amounts at the foot. */
export function orderPdf(orders: OrdersView, at: Date): Promise<Buffer> {
  return pdfOf(orders.job, {
    pageSize: 'A4',
    content:
      orders.orders.length > 0
        ? orders.orders.map((order, index) => pageOf(order, orders, at, index))
        : ['Nothing is on order yet.'],
  });
}

const STATES: Record<OrderView['state'], string> = {
  draft: 'draft, not sent',
  sent: 'sent',
  confirmed: 'confirmed',
  'part-received': 'partly received',
  received: 'received',
};

function pageOf(order: OrderView, whole: OrdersView, at: Date, index: number): Content {
  const places = currencyDecimals(whole.currency);
  const { amount, unpriced } = sheetAmount(
    order.lines.map(({ quantity, unitPrice }) => ({ quantity, ...(unitPrice !== null && { unitPrice }) })),
    places,
  );
  const money = (value: number): string =>
    new Intl.NumberFormat('en', {
      style: 'currency',
      currency: whole.currency,
      maximumFractionDigits: 4,
    }).format(value);
  const rows = sheetRows({ ...whole, orders: [order] });
  const families = [...new Set(rows.map(({ Family }) => Family))];
  const head: TableCell[] = ['Qty', 'Description', 'For', 'Unit price', 'Amount'].map((text) => ({
    text,
    bold: true,
  }));
  const body = families.flatMap((family): TableCell[][] => [
    [{ text: family, colSpan: 5, bold: true, margin: [0, 6, 0, 0] }, '', '', '', ''],
    ...rows
      .filter(({ Family }) => Family === family)
      .map((row): TableCell[] => [
        { text: String(row.Quantity), alignment: 'right' },
        { text: row.Note === '' ? String(row.Description) : `${row.Description}\n${row.Note}` },
        String(row.Positions),
        {
          text: typeof row['Unit price'] === 'number' ? money(row['Unit price']) : 'not quoted',
          alignment: 'right',
        },
        {
          text:
            typeof row['Unit price'] === 'number'
              ? money(
                  lineAmount({ quantity: Number(row.Quantity), unitPrice: row['Unit price'] }, places) ?? 0,
                )
              : '',
          alignment: 'right',
        },
      ]),
  ]);
  return [
    {
      text: order.supplier ?? 'No supplier yet',
      fontSize: 18,
      bold: true,
      ...(index > 0 && { pageBreak: 'before' as const }),
    },
    {
      text: `${whole.job} · ${STATES[order.state]} · ${at.toISOString().slice(0, 10)}`,
      margin: [0, 2, 0, 10],
    },
    {
      table: { headerRows: 1, widths: [36, '*', 80, 56, 60], body: [head, ...body] },
      layout: 'lightHorizontalLines',
    },
    {
      text: `${money(amount)}${unpriced > 0 ? `, not including ${unpriced} ${unpriced === 1 ? 'line' : 'lines'} without a price` : ''}`,
      bold: true,
      fontSize: 12,
      alignment: 'right',
      margin: [0, 10, 0, 2],
    },
    {
      text: 'Each amount is rounded half up to the smallest unit of the currency, then added. Please ask about anything this order does not state; do not guess.',
      italics: true,
    },
  ];
}
