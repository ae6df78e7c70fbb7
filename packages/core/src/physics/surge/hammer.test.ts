import { hammerRisePa, leastClosingTimeS, waveSpeedMs } from './index.js';

const column = { densityKgM3: 1000, waveSpeedMs: 1200, velocityMs: 2, lengthM: 60 };

describe('hammer', () => {
  it('is rho a v up to 2L/a and falls with the time beyond', () => {
    expect(hammerRisePa(column, 0)).toBe(2.4e6);
    expect(hammerRisePa(column, 0.1)).toBe(2.4e6);
    expect(hammerRisePa(column, 0.2)).toBeCloseTo(1.2e6, 6);
  });

  it('solves for the closing time that keeps a rise', () => {
    const leastS = leastClosingTimeS(column, 5e5);
    expect(hammerRisePa(column, leastS)).toBeCloseTo(5e5, 3);
    expect(leastClosingTimeS(column, 2.4e6)).toBe(0);
  });

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
