import { waveSpeedMs } from './index.js';

describe('a pressure wave', () => {
  it('travels slower in a soft pipe', () => {
    expect(waveSpeedMs({ elasticModulusPa: 117e9, diameterM: 0.019939, wallM: 0.001143 }, 998.2)).toBeCloseTo(
      1286,
      0,
    );
    expect(waveSpeedMs({ elasticModulusPa: 0.6e9, diameterM: 0.0173, wallM: 0.00246 }, 998.2)).toBeLessThan(
      330,
    );
  });
});
