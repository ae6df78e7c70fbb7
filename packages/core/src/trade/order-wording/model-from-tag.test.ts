import { modelFromTag } from './index.js';

describe('a model from a tag', () => {
  it.each([
    ['3 300 WCB', { bodyMaterial: 'carbon-steel', ratingId: 'body-steel-300' }, 80],
    ['3/4 600 CWP', { ratingId: 'body-brass-600cwp' }, 20],
    ['2 CF8M 300', { bodyMaterial: 'stainless' }, 50],
  ])('“%s” settles what it says, and nothing more', (text, model, dn) => {
    const read = modelFromTag(text);
    expect(read.model).toMatchObject(model);
    expect(read.dn).toBe(dn);
    expect(read.model).not.toHaveProperty('type');
  });

  it('leaves out a rating no table here carries for that body', () => {
    expect(modelFromTag('2 CF8M 300').model.ratingId).toBeUndefined();
  });

  it('keeps what it could not read', () => {
    expect(modelFromTag('3 300 WCB zzz').unread).toEqual(['zzz']);
    expect(modelFromTag('').model).toEqual({});
  });
});
