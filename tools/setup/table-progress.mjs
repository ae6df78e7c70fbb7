/** A table whose rows pg_dump or pg_restore begins with. */
const BEGINS = /(?:dumping contents of|processing data for) table "?(?:public\.)?"?(\w+)"?/;

/**
 * Says how far PostgreSQL's tools are, from what they print with --verbose.
 *
 * @param {ReadonlyMap<string, number>} weights of the tables: their sizes in bytes
 * @param {(percent: number, table: string) => void} say called when a table begins: how much of all is behind it
 * @returns {(printed: string) => void} takes what is printed, in pieces of any length
 * @example
 * const take = tableProgress(new Map([['entries', 30], ['photos', 70]]), (percent, table) => console.log(percent, table));
 * take('pg_dump: dumping contents of table "public.entries"\n'); // 0 entries
 * take('pg_dump: dumping contents of table "public.photos"\n'); // 30 photos
 */
export function tableProgress(weights, say) {
  const whole = [...weights.values()].reduce((sum, weight) => sum + weight, 0) || 1;
  let behind = 0;
  let current = 0;
  let rest = '';
  return (printed) => {
    const lines = (rest + printed).split('\n');
    rest = lines.pop() ?? '';
    for (const line of lines) {
      const table = BEGINS.exec(line)?.[1];
      if (table === undefined) continue;
      behind += current;
      current = weights.get(table) ?? 0;
      say(Math.floor((100 * behind) / whole), table);
    }
  };
}

/** Shows progress on one line of a terminal, or nothing where nobody looks. @param {string} doing "Backing up" */
export const onTerminal = (doing) => (/** @type {number} */ percent, /** @type {string} */ table) => {
  if (process.stderr.isTTY) process.stderr.write(`\r\u001b[K${doing}: ${percent} %, ${table} …`);
};

/** Takes the line away. */
export function clearTerminal() {
  if (process.stderr.isTTY) process.stderr.write('\r\u001b[K');
}
