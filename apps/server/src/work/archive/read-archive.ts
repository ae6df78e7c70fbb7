import {
  type ArchivedLine,
  type ArchivedPosition,
  type JobArchive,
  jobArchiveInput,
} from '@grevik/contracts';
import { cleanPicture } from '../photos/clean-picture.js';
import { parseJson } from '../../ground/requests/parse-json.js';
import { refuseContradictions } from './refuse-contradictions.js';
import { refuseOddStartUps } from './refuse-odd-start-ups.js';
import { refuseOddOrders } from './refuse-odd-orders.js';

/** Values of all levels together. */
const MOST_VALUES = 3_000_000;
/** Positions in a piece: small enough to be read between two requests. */
const IN_A_PIECE = 50;

/** All of an archive but its lines. */
export type ArchiveRest = Omit<JobArchive, 'lines'>;
export type LineHead = Omit<ArchivedLine, 'positions'>;
export type CheckedPhoto = Omit<ArchivedPosition['photos'][number], 'base64'> & { at: number };
export type CheckedPosition = Omit<ArchivedPosition, 'photos'> & { photos: CheckedPhoto[] };

/** An archive that was read and checked, in pieces of JSON. */
export interface ArchivePieces {
  /** `ArchiveRest` */
  rest: string;
  /** `LineHead`, and lists of `CheckedPosition` */
  lines: { head: string; positions: string[] }[];
  /** What `CheckedPhoto.at` counts. */
  photos: Uint8Array[];
}

/**
 * Reads an archive and checks all of it that can be told without the database.
 *
 * @throws InvalidInput at the first field that is wrong
 */
export async function readArchive(body: Uint8Array): Promise<ArchivePieces> {
  const archive = jobArchiveInput.read(parseJson(body, MOST_VALUES), '') as JobArchive;
  refuseContradictions(archive);
  refuseOddStartUps(archive);
  refuseOddOrders(archive);
  const { lines, ...rest } = archive;
  const photos: Uint8Array[] = [];
  const pieces: ArchivePieces['lines'] = [];
  for (const [index, { positions, ...head }] of lines.entries()) {
    const checked: CheckedPosition[] = [];
    for (const [place, position] of positions.entries()) {
      const kept: CheckedPhoto[] = [];
      for (const [number, { base64, ...photo }] of position.photos.entries()) {
        const field = `lines[${index}].positions[${place}].photos[${number}].base64`;
        const { type, content } = await cleanPicture(Buffer.from(base64, 'base64'), field);
        kept.push({ ...photo, type, at: photos.push(content) - 1 });
      }
      checked.push({ ...position, photos: kept });
    }
    pieces.push({ head: JSON.stringify(head), positions: inPieces(checked) });
  }
  return { rest: JSON.stringify(rest), lines: pieces, photos };
}

function inPieces(positions: readonly CheckedPosition[]): string[] {
  const pieces: string[] = [];
  for (let from = 0; from < positions.length; from += IN_A_PIECE)
    pieces.push(JSON.stringify(positions.slice(from, from + IN_A_PIECE)));
  return pieces;
}
