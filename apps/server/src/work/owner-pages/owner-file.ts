import type { OwnerItem, OwnerPageView } from '@grevik/contracts';
import { coinAmounts, namedIn, valveTypeFacts } from '@grevik/core';
import type { Language } from '@grevik/words';
import type { Content } from 'pdfmake/interfaces.js';
import { pdfOf } from '../../ground/sheets/pdf.js';

export interface OwnerFileTask {
  /** An `OwnerPageView` as JSON. */
  page: string;
  /** Pictures as data addresses, by their ids. */
  photos: Record<string, string>;
  language: Language;
}

const PHOTO_WIDTH = 240;

/** The page for an owner as a PDF to be signed: in a thread of its own. */
export async function writeOwnerFile({ page, photos, language }: OwnerFileTask): Promise<Uint8Array> {
  const given = JSON.parse(page) as OwnerPageView;
  const { companyName, jobName, madeBy, madeAt, expiresAt, taxRate, items } = given;
  const file = await pdfOf(
    `${jobName}: for the owner`,
    {
      content: [
        { text: companyName },
        { text: jobName, fontSize: 18, bold: true },
        { text: `From ${madeBy}, ${madeAt.slice(0, 10)}.`, margin: [0, 0, 0, 8] },
        ...items.flatMap((item) => itemPrinted(item, given, photos)),
        {
          text: `Prices are ${taxRate === null ? 'without tax' : `with ${Number((100 * taxRate).toFixed(2))} % of tax`} and stand until ${expiresAt.slice(0, 10)}. Figures on what can happen are estimates. Local code and whoever is licensed for the work decide what has to be done.`,
          italics: true,
          margin: [0, 14, 0, 0],
        },
      ],
    },
    language,
  );
  return new Uint8Array(file);
}

function itemPrinted(
  item: OwnerItem,
  { currency, answers }: OwnerPageView,
  photos: OwnerFileTask['photos'],
): Content[] {
  const { tag, place, type, found, canHappen, ifNothing, options, positionId } = item;
  const money = coinAmounts(currency);
  const answer = answers.find((one) => one.positionId === positionId);
  const heading = (text: string): Content => ({ text, bold: true, margin: [0, 8, 0, 2] });
  const pictures = item.photos.flatMap((id): Content[] => {
    const image = photos[id];
    return image === undefined ? [] : [{ image, width: PHOTO_WIDTH, margin: [0, 4, 0, 4] }];
  });
  return [
    {
      text: `${namedIn(place).name || tag} (${tag})`,
      fontSize: 14,
      bold: true,
      margin: [0, 12, 0, 2],
    },
    { text: found },
    ...(type ? [{ text: `What is there: ${valveTypeFacts(type).words}.` }] : []),
    ...pictures,
    ...(canHappen === '' ? [] : [heading('What can happen, and what that costs'), { text: canHappen }]),
    heading('What can be done'),
    {
      layout: 'lightHorizontalLines',
      table: {
        dontBreakRows: true,
        widths: ['*', 'auto', 'auto', 'auto', 'auto', 'auto'],
        body: [
          ['Option', 'Valve', 'Parts', 'Work', 'Tax', 'In whole'].map((text) => ({ text, bold: true })),
          ...options.map(({ name, hours, price }, at) => [
            `${at + 1}. ${name}`,
            money(price.valve),
            money(price.parts),
            `${money(price.work)} (${hours} h)`,
            money(price.tax),
            { text: money(price.whole), bold: true },
          ]),
        ],
      },
    },
    heading('If nothing is done'),
    { text: ifNothing },
    answer
      ? {
          text: `${answer.name} decided on ${answer.at.slice(0, 10)}: ${options[answer.option]?.name ?? 'nothing is done'}.`,
          bold: true,
          margin: [0, 8, 0, 0],
        }
      : {
          columns: ['Accepted: option ____   /   none: ____', 'Name: __________________', 'Date: __________'],
          margin: [0, 14, 0, 0],
        },
  ];
}
