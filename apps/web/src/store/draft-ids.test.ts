import { draftIds } from './draft-ids';
import { newId } from './new-id';

describe('the ids of a draft', () => {
  it('are the same for the same part until the server has answered, past a reload too', () => {
    const first = draftIds('order CW-04').of('1 in ball valve, 2');
    expect(draftIds('order CW-04').of('1 in ball valve, 2')).toBe(first);
    expect(draftIds('order CW-04').of('1 in ball valve, 3')).not.toBe(first);
    expect(draftIds('order CW-05').of('1 in ball valve, 2')).not.toBe(first);
    draftIds('order CW-04').answered();
    expect(draftIds('order CW-04').of('1 in ball valve, 2')).not.toBe(first);
  });

  it('are made where the page is no secure context', () => {
    const { randomUUID } = crypto;
    Object.defineProperty(crypto, 'randomUUID', { value: undefined, configurable: true });
    expect(newId()).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
    expect(newId()).not.toBe(newId());
    Object.defineProperty(crypto, 'randomUUID', { value: randomUUID, configurable: true });
  });
});
