import type { PositionDuty } from '../duty/index.js';
import { dutyOnLine, ownDuty } from './duty-on-line.js';
import type { WalkItem } from './walk-item.js';

const ITEMS: WalkItem[] = [
  { id: 's', kind: 'source', depth: 0 },
  { id: 'r', kind: 'run', depth: 0, material: 'pvc', dn: 25, lengthM: 12 },
  { id: 'v', kind: 'valve', depth: 0, positionId: 'p' },
  { id: 'q', kind: 'run', depth: 0, material: 'copper', dn: 20 },
  { id: 'w', kind: 'valve', depth: 0, positionId: 'after' },
];
const STORED: PositionDuty = { function: 'isolate', dn: 25 };

describe('a duty on its line', () => {
  it('takes over what the line says and the pipe that was walked, and says where each is from', () => {
    expect(dutyOnLine(ITEMS, { pressurePa: 4e5, hardWater: true })(STORED, 'p')).toEqual({
      ...STORED,
      pressurePa: 4e5,
      hardWater: true,
      pipe: { material: 'pvc', lengthUpstreamM: 12 },
      origins: { pressurePa: 'line', hardWater: 'line', pipe: 'walk', 'pipe.lengthUpstreamM': 'walk' },
    });
  });

  it('lets what the position says itself stand', () => {
    const own = { ...STORED, pressurePa: 6e5, pipe: { material: 'steel', lengthUpstreamM: 3 } } as const;
    expect(dutyOnLine(ITEMS, { pressurePa: 4e5 })(own, 'p')).toEqual(own);
  });

  it('does not count a run whose length nobody measured', () => {
    const duty = dutyOnLine(ITEMS)(STORED, 'after');
    expect(duty.pipe).toEqual({ material: 'copper' });
    expect(duty.origins).toEqual({ pipe: 'walk' });
  });

  it('knows nothing more of a position that was not walked', () => {
    expect(dutyOnLine(ITEMS)(STORED, 'elsewhere')).toEqual(STORED);
  });
});

describe('what of a duty is its own', () => {
  it('leaves with line and walk what is theirs', () => {
    const taken = dutyOnLine(ITEMS, { pressurePa: 4e5 })(STORED, 'p');
    expect(ownDuty(taken)).toEqual(STORED);
  });

  it('keeps what was changed, with where it is from', () => {
    const taken = dutyOnLine(ITEMS, { pressurePa: 4e5 })(STORED, 'p');
    const changed: PositionDuty = {
      ...taken,
      pressurePa: 5e5,
      origins: { ...taken.origins, pressurePa: 'measured' },
    };
    expect(ownDuty(changed)).toEqual({ ...STORED, pressurePa: 5e5, origins: { pressurePa: 'measured' } });
  });

  it('keeps a run that was measured, and the pipe with it', () => {
    const duty: PositionDuty = {
      ...STORED,
      pipe: { material: 'pvc', lengthUpstreamM: 14 },
      origins: { pipe: 'walk', 'pipe.lengthUpstreamM': 'measured' },
    };
    expect(ownDuty(duty).pipe).toEqual({ material: 'pvc', lengthUpstreamM: 14 });
  });
});
