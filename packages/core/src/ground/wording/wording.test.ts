import { capitalized, withArticle } from './index.js';

describe('the indefinite article', () => {
  it.each([
    ['eccentric plug valve', 'an eccentric plug valve'],
    ['ball valve', 'a ball valve'],
    ['EPDM seat', 'an EPDM seat'],
    ['NBR seat', 'an NBR seat'],
    ['PTFE seat', 'a PTFE seat'],
    ['UHMWPE seat', 'a UHMWPE seat'],
    ['union', 'a union'],
    ['inline spring check', 'an inline spring check'],
    ['order line', 'an order line'],
  ])('of %s is spoken: %s', (words, said) => expect(withArticle(words)).toBe(said));

  it('begins a sentence with a capital', () =>
    expect(capitalized('an eccentric plug')).toBe('An eccentric plug'));
});
