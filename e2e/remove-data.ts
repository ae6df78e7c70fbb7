import { rmSync } from 'node:fs';

/** The databases of a run go with it. */
export default function removeData(): void {
  const data = process.env.GREVIK_E2E_DATA;
  if (data) rmSync(data, { recursive: true, force: true });
}
