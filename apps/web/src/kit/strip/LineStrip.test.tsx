import '@testing-library/jest-dom';
import type { PositionView } from '@grevik/contracts';
import { houseRuleSettings } from '@grevik/core';
import { screen } from '@testing-library/react';
import { BALL, LINE, POSITION } from '../../testing/demo';
import { show } from '../../testing/render';
import { LineStrip } from './LineStrip';

const pick = {
  modelId: 'ball',
  reason: 'because',
  verdict: 'fits',
  edges: [],
  pickedAt: '2026-11-25T00:00:00Z',
  pickedBy: 'Ada Wrenfield',
} as const;

function strip(...positions: Partial<PositionView>[]) {
  const all = positions.map((more, index) => ({
    ...POSITION,
    id: `p${index}`,
    tag: `CW-10${index}`,
    ...more,
  }));
  const line = { ...LINE, positions: all };
  show(
    <LineStrip
      line={line}
      current={all[0]!}
      models={[BALL]}
      settings={houseRuleSettings()}
      overdue={new Set(['p1'])}
      addressOf={({ tag }) => `/here/${tag}`}
      walk={() => undefined}
    />,
  );
  return screen.getAllByRole('link');
}

describe('the line strip', () => {
  it('hangs the positions in the order of the water, each with tag, size and name, and marks where one is', () => {
    const links = strip({}, { duty: { ...POSITION.duty, dn: 40 }, remarks: 'riser; cold' });
    expect(links.map((link) => link.getAttribute('href'))).toEqual(['/here/CW-100', '/here/CW-101']);
    expect(links[0]).toHaveAttribute('aria-current', 'step');
    expect(links[1]).not.toHaveAttribute('aria-current');
    expect(links[1]).toHaveTextContent('CW-101 · 1½ in');
    expect(links[1]).toHaveTextContent('Riser');
  });

  it('says in words how far each is decided', () => {
    const [open, picked, outgrown] = strip(
      {},
      { pick },
      { pick, duty: { ...POSITION.duty, pressurePa: 2e6 } },
    );
    expect(open).toHaveTextContent('duty known, not picked');
    expect(picked).toHaveTextContent('duty known, picked');
    expect(outgrown).toHaveTextContent('pick no longer fits');
  });
});
