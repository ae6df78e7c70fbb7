import '@testing-library/jest-dom';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { LINE } from '../../../testing/demo';
import { onLine } from '../../../testing/on-line';
import { serve } from '../../../testing/server';
import { ComparePage } from './ComparePage';

beforeEach(() => {
  serve(() => undefined);
});

describe('candidates side by side', () => {
  it('say in a sentence what sets them apart', () => {
    onLine(<ComparePage />, { at: '/?of=ball,gate' });
    const summary = within(screen.getByRole('list', { name: 'Summary' }));
    const [first, second] = summary.getAllByRole('listitem').map(({ textContent }) => textContent);
    expect(first).toMatch(/\. The others compared with it:/);
    expect(second).toMatch(/costs \$[\d.]+ (more|less).*may last .* years .*weakest part:/);
  });

  it('show only the rows that differ on wish', async () => {
    onLine(<ComparePage />, { at: '/?of=ball,gate' });
    expect(screen.getByRole('rowheader', { name: 'Approvals' })).toBeVisible();
    await userEvent.click(screen.getByRole('checkbox', { name: 'only what differs' }));
    expect(screen.queryByRole('rowheader', { name: 'Approvals' })).not.toBeInTheDocument();
    expect(screen.getByRole('rowheader', { name: 'Ends' })).toBeVisible();
  });

  it('can be left out one by one, until there is nothing to compare', async () => {
    onLine(<ComparePage />, { at: '/?of=ball,gate' });
    await userEvent.click(screen.getAllByRole('button', { name: 'Remove' })[0]!);
    expect(screen.getByText(/Nothing to compare for CW-103, ¾ in/)).toBeVisible();
    expect(screen.getByRole('link', { name: 'Back to the line-up' })).toHaveAttribute(
      'href',
      '/jobs/job/lines/line/line-up/CW-103',
    );
  });

  it('keep what is ruled out in sight without a way to pick it', () => {
    const [position] = LINE.positions;
    const hot = { ...LINE, positions: [{ ...position!, duty: { ...position!.duty, temperatureC: 90 } }] };
    onLine(<ComparePage />, { at: '/?of=ball,nylon', line: hot });
    expect(screen.getAllByText('Ruled out')).toHaveLength(1);
    expect(screen.getAllByRole('button', { name: 'Pick' })).toHaveLength(1);
  });
});
