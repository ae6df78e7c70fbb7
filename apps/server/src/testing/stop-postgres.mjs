import { rmSync } from 'node:fs';

export default async function stopPostgres() {
  const { stop, base } = globalThis.grevikTestCluster;
  await stop();
  rmSync(base, { recursive: true, force: true });
}
