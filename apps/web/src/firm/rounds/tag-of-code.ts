/**
 * The tag a code carries: codes of tag sheets hold the address of the position, other codes the tag itself.
 *
 * @example
 * tagOfCode('https://grevik.example/jobs/1/lines/2/log/CW-104') // 'CW-104'
 */
export function tagOfCode(code: string): string {
  const last = code.trim().split(/[/?#]/).filter(Boolean).at(-1) ?? '';
  try {
    return decodeURIComponent(last);
  } catch {
    return last;
  }
}
