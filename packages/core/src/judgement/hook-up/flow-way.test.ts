import { VALVE_TYPES } from '../../ground/valves/index.js';
import { flowWay } from './index.js';

describe('which way a type goes in', () => {
  it('is either way for a ball, with the arrow for a check and a globe', () => {
    expect(flowWay('ball')).toEqual(['No arrow: it shuts off from both sides.']);
    expect(flowWay('check-swing')[0]).toMatch(/^Arrow with the flow/);
    expect(flowWay('globe')[0]).toMatch(/enters under the disc/);
    expect(flowWay('relief')[0]).toMatch(/arrow or the port marks/);
  });

  it.each(VALVE_TYPES)('is said of %s', (type) => {
    expect(flowWay(type).length).toBeGreaterThan(0);
  });
});
