import { readTextFile } from './read-text-file';

/** What is in a chosen file; undefined where it is not JSON. */
export async function jsonIn(input: HTMLInputElement): Promise<unknown> {
  const file = input.files?.[0];
  input.value = '';
  try {
    return file && (JSON.parse(await readTextFile(file)) as unknown);
  } catch {
    return undefined;
  }
}
