import type { Person } from './person.model.js';
import { signature, signedName } from './signature.js';

const person = (name: string): Person => ({ name }) as Person;

describe('a signature', () => {
  it.each([
    [{ person: person('Ada'), signedAs: null, importer: null }, 'Ada', 'Ada'],
    [{ person: null, signedAs: 'Ada', importer: person('Maren') }, 'Ada (imported by Maren)', 'Ada'],
    [{ person: null, signedAs: 'Ada', importer: null }, 'Ada (imported)', 'Ada'],
    [{ person: null, signedAs: null, importer: null }, '', ''],
  ])('of %j says who signed where', (signed, shown, name) => {
    expect(signature(signed)).toBe(shown);
    expect(signedName(signed)).toBe(name);
  });
});
