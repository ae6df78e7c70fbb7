/** The database that everything is found from: sessions, limits, and where each company lives. */
export const HOME = 'home';

/** Names of clusters: they stand in the database, in logs and on command lines. */
const NAME = /^[a-z][a-z0-9-]{0,30}$/;

/**
 * The further databases that companies may live in, by name.
 *
 * @param text     `name=address` pairs, separated by spaces or commas
 * @param variable where it stands, for what is said of it
 * @throws Error where a name or an address is none, or a name stands twice
 * @example
 * clusterAddresses('south=postgres://10.0.0.7/grevik, north=postgres://10.0.0.8/grevik', 'DATABASE_CLUSTERS');
 * // Map { 'south' => 'postgres://10.0.0.7/grevik', 'north' => 'postgres://10.0.0.8/grevik' }
 */
export function clusterAddresses(text: string, variable: string): Map<string, string> {
  const addresses = new Map<string, string>();
  for (const pair of text.split(/[\s,]+/).filter((one) => one !== '')) {
    const at = pair.indexOf('=');
    const [name, address] = [pair.slice(0, Math.max(at, 0)), pair.slice(at + 1)];
    if (!NAME.test(name) || name === HOME || !/^postgres(ql)?:\/\//.test(address))
      throw new Error(
        `${variable}: “${pair}” is no name and address, as in south=postgres://10.0.0.7/grevik; “${HOME}” is the database of DATABASE_URL.`,
      );
    if (addresses.has(name)) throw new Error(`${variable}: “${name}” stands twice.`);
    addresses.set(name, address);
  }
  return addresses;
}
