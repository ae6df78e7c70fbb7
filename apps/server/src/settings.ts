import { fileURLToPath } from 'node:url';

/** What the server is told by its environment. */
export interface Settings {
  databaseUrl: string;
  port: number;
  /** Loopback unless told otherwise: nobody signs in yet. */
  host: string;
  /** Which company this server opens: the demo company, or an empty one of one's own. */
  company: 'demo' | 'own';
  webRoot: string;
}

export function readSettings(env: NodeJS.ProcessEnv): Settings {
  return {
    databaseUrl: env.DATABASE_URL ?? 'postgres://127.0.0.1:5432/grevik',
    port: Number(env.PORT ?? 4310),
    host: env.GREVIK_HOST ?? '127.0.0.1',
    company: env.GREVIK_COMPANY === 'own' ? 'own' : 'demo',
    webRoot: env.GREVIK_WEB_ROOT ?? fileURLToPath(new URL('../../web/dist', import.meta.url)),
  };
}
