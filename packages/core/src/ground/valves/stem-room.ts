/**
 * Height a rising stem needs above a valve until its size is known from the maker's sheet.
 *
 * @param dn nominal size
 * @returns m: its travel and the body under it
 * Source: 2.5 times the nominal size and 0.25 m, as a first figure to measure against.
 *
 * @example
 * stemRoomM(100) // 0.5
 */
export const stemRoomM = (dn: number): number => (2.5 * dn) / 1000 + 0.25;
