import { ownBytes } from './own-bytes.js';

describe('the bytes of a body', () => {
  it('are taken as they are where they have memory of their own', () => {
    const alone = Buffer.allocUnsafeSlow(8);
    expect(ownBytes(alone).buffer).toBe(alone.buffer);
  });

  it('are copied where other things lie beside them', () => {
    const shared = Buffer.from('abc');
    const own = ownBytes(shared);
    expect(own.buffer).not.toBe(shared.buffer);
    expect(own.byteLength).toBe(own.buffer.byteLength);
    expect(Buffer.from(own).toString()).toBe('abc');
  });
});
