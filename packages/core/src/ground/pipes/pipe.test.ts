import { PIPE_TABLES, usualPipe } from './index.js';

describe('pipe tables', () => {
  it('answers the documented example, and nothing where no table covers it', () => {
    expect(usualPipe('copper', 20)).toEqual({ dn: 20, outsideM: 0.022225, insideM: 0.019939 });
    expect(usualPipe('csst', 100)).toBeUndefined();
    expect(usualPipe('pex', 200)).toBeUndefined();
  });

  it('has a wall in every row and grows with the size', () => {
    for (const { sizes } of Object.values(PIPE_TABLES)) {
      let before = 0;
      for (const size of sizes) {
        expect(size.outsideM).toBeGreaterThan(size.insideM);
        expect(size.insideM).toBeGreaterThan(before);
        before = size.insideM;
      }
    }
  });
});
