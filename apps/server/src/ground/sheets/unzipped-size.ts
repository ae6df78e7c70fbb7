import { InvalidInput } from '@grevik/core';
import yauzl from 'yauzl';

/** An order sheet of twenty thousand lines unpacks to some megabytes. */
const MOST_BYTES = 30 * 1024 * 1024;
const MOST_FILES = 200;

/**
 * Refuses a spreadsheet that unpacks to more than any order sheet, from what its directory says and before anything is unpacked.
 *
 * @throws InvalidInput where it is no zip file, or unpacks to too much
 */
export function refuseLargeZip(file: Buffer): Promise<void> {
  return new Promise((resolve, reject) => {
    yauzl.fromBuffer(file, { lazyEntries: true, validateEntrySizes: true }, (failed, zip) => {
      if (failed) return reject(notASheet());
      let bytes = 0;
      zip.on('error', () => reject(notASheet()));
      zip.on('end', () => resolve());
      zip.on('entry', ({ uncompressedSize }) => {
        bytes += uncompressedSize;
        if (bytes > MOST_BYTES || zip.entryCount > MOST_FILES)
          return reject(
            new InvalidInput(
              'file',
              `The file unpacks to more than ${MOST_BYTES / 1024 / 1024} MB: save the order sheet alone, without pictures.`,
            ),
          );
        zip.readEntry();
      });
      zip.readEntry();
    });
  });
}

export const notASheet = (): InvalidInput =>
  new InvalidInput('file', 'This is not an XLSX file: save the order sheet as XLSX and import that.');
