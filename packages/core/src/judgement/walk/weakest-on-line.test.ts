import { closingLimitPa } from '../duty/index.js';
import type { Duty } from '../selection/index.js';
import { dutyOnLine, ownDuty } from './duty-on-line.js';
import { readWalkText } from './read-walk-text.js';
import { settleDrafts } from './settle-draft.js';
import type { WalkItem } from './walk-item.js';
import { weakestOnLine } from './weakest-on-line.js';

const STOP_PA = 861845;
function walked(text: string): WalkItem[] {
  let next = 0;
  const items = settleDrafts(readWalkText(text).items, [], () => `i${(next += 1)}`);
  return items.map(({ valve, ...item }) => (valve ? { ...item, positionId: valve.tag ?? item.id } : item));
}
const HOUSE = walked(
  [
    'source: Street',
    'CW-1 ball 1',
    '1 copper 20 ft',
    'tee: Bath',
    '  CW-2 ball 3/4',
    '  3/4 copper 10 ft',
    '  CW-3 quarter-turn stop 1/2',
    '  basin',
    'CW-4 ball 3/4',
    '3/4 copper 5 ft',
    'hose bibb',
  ].join('\n'),
);

describe('the weakest part a closing runs into', () => {
  it.each([
    ['CW-1', undefined],
    ['CW-2', undefined],
    ['CW-3', undefined],
    ['CW-4', STOP_PA],
    ['nobody', undefined],
  ])('of %s is upstream or on another branch, never beyond the valve itself: %s', (tag, limit) => {
    expect(weakestOnLine(HOUSE)(tag)).toBe(limit);
  });

  it('holds a valve’s closing to it where nothing was said, and is the walk’s, not the position’s own', () => {
    const duty = dutyOnLine(HOUSE)(
      { function: 'isolate', dn: 20, pressurePa: 5e5, temperatureC: 10 },
      'CW-4',
    );
    expect(duty.origins?.lineLimitPa).toBe('walk');
    expect(ownDuty(duty)).not.toHaveProperty('lineLimitPa');
    const asked: Duty = { ...duty, medium: 'potable-cold' };
    const valve = { type: 'ball', ratingId: 'body-brass-600cwp' } as const;
    expect(closingLimitPa(asked, valve)).toBe(STOP_PA);
    expect(closingLimitPa({ ...asked, surgeLimitPa: 1e6 }, valve)).toBe(1e6);
    expect(closingLimitPa({ ...asked, lineLimitPa: 9e6 }, valve)).toBeCloseTo(4136854, -1);
  });

  it('takes a long flat line in its stride', () => {
    const long = walked(
      ['source: Street', ...Array.from({ length: 3000 }, (_, at) => `V-${at} stop 1/2`)].join('\n'),
    );
    const weakest = weakestOnLine(long);
    expect(weakest('V-0')).toBeUndefined();
    expect(weakest('V-2999')).toBe(STOP_PA);
  });
});
