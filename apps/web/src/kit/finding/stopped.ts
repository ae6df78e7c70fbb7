/** Ended with a stop, unless a unit already ends it. */
export const stopped = (sentence: string): string => (sentence.endsWith('.') ? sentence : `${sentence}.`);
