import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import type { OrdersView, OrderView } from '@grevik/contracts';
import { currencyDecimals, lineAmount, sheetAmount } from '@grevik/core';
import pdfmake from 'pdfmake';
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { sheetRows } from './order-sheet.js';

const FONTS = join(
  dirname(createRequire(import.meta.url).resolve('pdfmake/package.json')),
  'fonts',
  'Roboto',
);
const ROBOTO = {
  normal: join(FONTS, 'Roboto-Regular.ttf'),
  bold: join(FONTS, 'Roboto-Medium.ttf'),
  italics: join(FONTS, 'Roboto-Italic.ttf'),
  bolditalics: join(FONTS, 'Roboto-MediumItalic.ttf'),
};
pdfmake.setFonts({ Roboto: ROBOTO });
// What is printed names nothing outside.
pdfmake.setUrlAccessPolicy(() => false);
pdfmake.setLocalAccessPolicy((path) => path.startsWith(FONTS));

/** A job's order sheet as a PDF: a page for each supplier, families together, amounts at the foot. */
export async function orderPdf(orders: OrdersView, at: Date): Promise<Buffer> {
  const document: TDocumentDefinitions = {
    pageSize: 'A4',
    pageMargins: [40, 40, 40, 50],
    defaultStyle: { font: 'Roboto', fontSize: 9 },
    footer: (page, pages) => ({
      text: `${orders.job} · ${page} of ${pages}`,
      alignment: 'center',
      margin: [0, 16, 0, 0],
    }),
    content:
      orders.orders.length > 0
        ? orders.orders.map((order, index) => pageOf(order, orders, at, index))
        : ['Nothing is on order yet.'],
  };
  return pdfmake.createPdf(document).getBuffer();
}

const STATES: Record<OrderView['state'], string> = {
  draft: 'draft, not sent',
  sent: 'sent',
  confirmed: 'confirmed',
  'part-received': 'received in part',
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
  const head: TableCell[] = ['Pieces', 'What', 'For', 'Each', 'Amount'].map((text) => ({ text, bold: true }));
  const body = families.flatMap((family): TableCell[][] => [
    [{ text: family, colSpan: 5, bold: true, margin: [0, 6, 0, 0] }, '', '', '', ''],
    ...rows
      .filter(({ Family }) => Family === family)
      .map((row): TableCell[] => [
        { text: String(row.Quantity), alignment: 'right' },
        { text: row.Note === '' ? String(row.What) : `${row.What}\n${row.Note}` },
        String(row.Positions),
        { text: typeof row.Each === 'number' ? money(row.Each) : 'price?', alignment: 'right' },
        {
          text:
            typeof row.Each === 'number'
              ? money(lineAmount({ quantity: Number(row.Quantity), unitPrice: row.Each }, places) ?? 0)
              : '',
          alignment: 'right',
        },
      ]),
  ]);
  return [
    {
      text: order.supplier ?? 'Waiting for a price',
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
      text: `${money(amount)}${unpriced > 0 ? `, without ${unpriced} not priced yet` : ''}`,
      bold: true,
      fontSize: 12,
      alignment: 'right',
      margin: [0, 10, 0, 2],
    },
    {
      text: 'Each amount is rounded to the smallest coin, half up, then summed. Said in full: what is not said here is to be asked, not guessed.',
      italics: true,
    },
  ];
}
