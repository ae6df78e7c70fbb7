/** A figure and its unit stay on one line. */
export const unbroken = (figure: string): string => figure.replaceAll(' ', '\u00a0');
