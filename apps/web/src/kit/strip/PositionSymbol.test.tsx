import { VALVE_FUNCTIONS } from '@grevik/core';
import { show } from '../../testing/render';
import { PositionSymbol } from './PositionSymbol';

type Props = Parameters<typeof PositionSymbol>[0];
const drawn = (props: Props): string => show(<PositionSymbol {...props} />).container.innerHTML;

describe('the symbol of a position', () => {
  it('differs by what is picked', () => {
    const types = [undefined, 'ball', 'gate-solid', 'globe', 'butterfly-resilient'] as const;
    expect(new Set(types.map((type) => drawn({ type, asked: 'isolate' }))).size).toBe(types.length);
  });

  it('shows its direction where reverse flow is to be stopped, and only there', () => {
    const open = drawn({ asked: 'isolate' });
    for (const asked of VALVE_FUNCTIONS) expect(drawn({ asked }) === open).toBe(asked !== 'non-return');
  });

  it('is left to the words beside it by those who can not see it', () => {
    expect(drawn({ asked: 'isolate' })).toContain('aria-hidden="true"');
  });
});
