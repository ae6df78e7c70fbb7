import { join } from 'node:path';
import { HOME, clusterAddresses } from '../clusters/cluster-addresses.js';
import { SERVER_FOLDER } from './server-folder.js';

/** What the server is told by its environment. */
export interface Settings {
  databaseUrl: string;
  /** The same database without a pooler between, to hear what is told over a connection that is kept. */
  directDatabaseUrl: string;
  /** Further databases that companies may live in, by name. */
  clusters: ReadonlyMap<string, string>;
  /** The same without a pooler between, for those that have one. */
  directClusters: ReadonlyMap<string, string>;
  /** Addresses of streaming replicas that heavy reads come from. */
  readUrls: readonly string[];
  port: number;
  /** Loopback unless told otherwise. */
  host: string;
  /** Whether the demo company is loaded, and open to whoever wants to look around. */
  offersDemo: boolean;
  /** Whose word is taken for who asks, and over which protocol: addresses and networks, separated by commas. Nobody's unless named. */
  trustedProxies: string;
  /** Whether anybody may begin a company here. */
  companiesOpen: boolean;
  /** Whether devices can be registered that the server plays, in companies other than the demo. */
  playsStandIns: boolean;
  webRoot: string;
  /** What opens /metrics from another machine; empty: nothing does. */
  metricsKey: string;
  /** How long a server that is asked to end goes on answering while it says that it is not ready, s: a load balancer sends it nothing new meanwhile. */
  drainS: number;
  /** Least level of the log: requests are `info`, faults `error`. */
  logLevel: string;
}

export function readSettings(env: NodeJS.ProcessEnv): Settings {
  const databaseUrl = env.DATABASE_URL ?? 'postgres://127.0.0.1:5432/grevik';
  return {
    databaseUrl,
    directDatabaseUrl: env.DATABASE_DIRECT_URL ?? databaseUrl,
    clusters: clusterAddresses(env.DATABASE_CLUSTERS ?? '', 'DATABASE_CLUSTERS'),
    directClusters: clusterAddresses(env.DATABASE_DIRECT_CLUSTERS ?? '', 'DATABASE_DIRECT_CLUSTERS'),
    readUrls: (env.DATABASE_READ_URLS ?? '').split(/[\s,]+/).filter((url) => url !== ''),
    port: Number(env.PORT ?? 4310),
    host: env.GREVIK_HOST ?? '127.0.0.1',
    offersDemo: env.GREVIK_DEMO !== 'off',
    trustedProxies: env.GREVIK_PROXIES ?? '',
    companiesOpen: env.GREVIK_COMPANIES !== 'closed',
    playsStandIns: env.GREVIK_STAND_INS === 'on',
    webRoot: env.GREVIK_WEB_ROOT ?? join(SERVER_FOLDER, '../web/dist'),
    metricsKey: env.GREVIK_METRICS_KEY ?? '',
    drainS: Number(env.GREVIK_DRAIN_S ?? 0),
    logLevel: ['silent', 'error', 'warn', 'info'].find((level) => level === env.GREVIK_LOG) ?? 'warn',
  };
}

/** Where what needs a connection of its own goes: the address of each database without a pooler between, by name, home first. */
export const directAddresses = ({
  directDatabaseUrl,
  clusters,
  directClusters,
}: Settings): Map<string, string> => new Map([[HOME, directDatabaseUrl], ...clusters, ...directClusters]);
