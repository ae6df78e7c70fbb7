/** A number of things, in words: "1 position", "17 positions". */
export function counted(count: number, thing: string): string {
  return `${count} ${thing}${count === 1 ? '' : 's'}`;
}
