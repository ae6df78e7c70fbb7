/** More columns than this nobody takes in at once. */
export const MOST_COMPARED = 6;
