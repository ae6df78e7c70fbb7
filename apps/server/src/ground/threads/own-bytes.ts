/**
 * The bytes of a body in memory of their own, so that a thread can take them over: as they are where nothing else lies beside them, else a
 * copy.
 *
 * @example
 * threads.run('calculate', { body: ownBytes(request.body) }, budget, [body.buffer])
 */
export function ownBytes(body: Buffer): Uint8Array<ArrayBuffer> {
  const { buffer, byteLength } = body;
  return buffer instanceof ArrayBuffer && buffer.byteLength === byteLength
    ? new Uint8Array(buffer)
    : new Uint8Array(body);
}
