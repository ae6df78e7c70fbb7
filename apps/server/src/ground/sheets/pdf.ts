import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import pdfmake from 'pdfmake';
import { type Language, readerOf } from '@grevik/words';
import type { TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { documentIn } from './document-in.js';

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

/**
 * A document as a PDF, with its page numbers at the foot.
 *
 * @param title    stands beside the page numbers
 * @param language of what Grevik says in it
 */
export async function pdfOf(
  title: string,
  document: TDocumentDefinitions,
  language: Language = 'en',
): Promise<Buffer> {
  const footer = (await readerOf(language))(title);
  return pdfmake
    .createPdf({
      pageMargins: [40, 40, 40, 50],
      defaultStyle: { font: 'Roboto', fontSize: 9 },
      footer: (page, pages) => ({
        text: `${footer} · ${page} / ${pages}`,
        alignment: 'center',
        margin: [0, 16, 0, 0],
      }),
      ...(await documentIn(language, document)),
    })
    .getBuffer();
}
