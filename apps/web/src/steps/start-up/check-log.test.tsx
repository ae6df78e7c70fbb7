import '@testing-library/jest-dom';
import type { StationView } from '@grevik/contracts';
import { screen } from '@testing-library/react';
import { LINE, POSITION } from '../../testing/demo';
import { onLine } from '../../testing/on-line';
import { serve } from '../../testing/server';
import { CheckLog } from './CheckLog';

const SEWAGE = { ...LINE, medium: 'raw-sewage' } as const;

const station = (more: Partial<StationView>): void =>
  void serve(() => ({ body: { version: 1, firstAt: null, verdict: null, ...more } }));

describe('a check in the start-up', () => {
  it.each([
    ['holding', /^The check holds/],
    ['stuck-open', /^The check sticks open/],
    [null, /^Not known yet/],
  ] as const)('whose recorder finds it %s says so, with a way to its log', async (verdict, said) => {
    station({ verdict, firstAt: '2026-11-15T08:00:00Z' });
    onLine(<CheckLog positionId={POSITION.id} />, { line: SEWAGE });
    expect(await screen.findByRole('alert')).toHaveTextContent(said);
    expect(screen.getByRole('link', { name: /^Open the level log/ })).toHaveAttribute(
      'href',
      expect.stringMatching(/\/bench\/CW-103\?of=station-log$/) as string,
    );
  });

  it('without a recorder can be judged by a log all the same, and only where a pump stands before it', async () => {
    station({});
    const { unmount } = onLine(<CheckLog positionId={POSITION.id} />, { line: SEWAGE });
    expect(await screen.findByRole('link', { name: /^Judge it by the level log/ })).toBeVisible();
    expect(screen.queryByRole('alert')).not.toBeInTheDocument();
    unmount();
    onLine(<CheckLog positionId={POSITION.id} />);
    expect(screen.queryByRole('link')).not.toBeInTheDocument();
  });
});
