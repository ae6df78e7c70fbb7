/** So many are offered. */
const MOST = 5;

/**
 * The tags most like one that is not there, the nearest first: by how many letters have to be changed, added or left out.
 *
 * @param sought the tag that is not there
 * @param tags   those that are
 *
 * @example
 * nearestTags('CW-13', ['GA-101', 'CW-103', 'CW-101']) // ['CW-103', 'CW-101', 'GA-101']
 */
export function nearestTags(sought: string, tags: readonly string[]): string[] {
  const distance = new Map(tags.map((tag) => [tag, edits(sought.toLowerCase(), tag.toLowerCase())]));
  return [...distance]
    .sort(([, a], [, b]) => a - b)
    .slice(0, MOST)
    .map(([tag]) => tag);
}

/** Levenshtein's distance, a row at a time. */
function edits(from: string, to: string): number {
  let row = Array.from({ length: to.length + 1 }, (_, at) => at);
  for (const [at, letter] of [...from].entries()) {
    const next = [at + 1];
    for (let column = 1; column <= to.length; column += 1) {
      const changed = (row[column - 1] ?? 0) + (letter === to[column - 1] ? 0 : 1);
      next.push(Math.min(changed, (row[column] ?? 0) + 1, (next[column - 1] ?? 0) + 1));
    }
    row = next;
  }
  return row[to.length] ?? 0;
}
