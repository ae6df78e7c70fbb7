import { POSITION } from '../testing/demo';
import { furtherRemarks, shortName } from './position-name';

describe('a position is called', () => {
  it.each([
    ['café branch, in the wall; no torch', 'Café branch', 'In the wall; no torch'],
    ['pump 1; 8 starts an hour', 'Pump 1', '8 starts an hour'],
    ['riser', 'Riser', ''],
    ['', 'Shut off', ''],
  ])('by “%s”: %s', (remarks, name, further) => {
    expect(shortName({ remarks, duty: POSITION.duty })).toBe(name);
    expect(furtherRemarks({ remarks })).toBe(further);
  });
});
