import '@testing-library/jest-dom';
import { houseRuleSettings } from '@grevik/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { BALL, LINE, POSITION } from '../../testing/demo';
import { show } from '../../testing/render';
import { serve } from '../../testing/server';
import { PickMany } from './PickMany';

const at = (id: string, tag: string, remarks: string, change: object = {}, pick: object | null = null) => ({
  ...POSITION,
  id,
  tag,
  remarks,
  version: 2,
  pick,
  duty: { ...POSITION.duty, ...change },
});
const line = {
  ...LINE,
  positions: [
    POSITION,
    at('p2', 'CW-104', 'basins, first floor'),
    at('p3', 'CW-105', 'basins, second floor', {}, { modelId: 'x', reason: 'r', verdict: 'fits' }),
    at('p4', 'CW-106', 'boiler', { function: 'throttle', fineControl: true }),
    at('p5', 'CW-107', 'main', { dn: 100 }),
  ],
};

function open() {
  const asked = serve(({ path, method }) => {
    if (path === '/api/jobs/job/walk')
      return { body: { id: 'job', name: 'Quay', houseRules: {}, lines: [line] } };
    if (method === 'PUT') return { body: [POSITION] };
    return undefined;
  });
  let closed = false;
  show(
    <PickMany
      line={LINE}
      position={POSITION}
      model={BALL}
      reason="All alike."
      settings={houseRuleSettings()}
      close={() => (closed = true)}
    />,
  );
  return { asked, isClosed: () => closed };
}

describe('one pick for many', () => {
  it('proposes those that ask alike and have nothing; what is ruled out can not be ticked', async () => {
    open();
    const boxes = await screen.findAllByRole('checkbox');
    expect(boxes.map((box) => (box as HTMLInputElement).checked)).toEqual([true, true, false, false]);
    expect(screen.getByRole('checkbox', { name: /CW-106/ })).toBeDisabled();
    expect(screen.getByText(/Not for fine control/)).toBeVisible();
    expect(screen.queryByText(/CW-107/)).not.toBeInTheDocument();
  });

  it('finds by room, ticks all shown, and sends each with the version that was seen', async () => {
    const { asked, isClosed } = open();
    await screen.findAllByRole('checkbox');
    await userEvent.click(screen.getByRole('button', { name: 'Tick none' }));
    await userEvent.type(screen.getByRole('searchbox'), 'basins');
    await userEvent.click(screen.getByRole('button', { name: 'Tick all shown' }));
    await userEvent.click(screen.getByRole('button', { name: 'Pick for 2' }));
    await waitFor(() => expect(isClosed()).toBe(true));
    expect(asked.find(({ method }) => method === 'PUT')).toMatchObject({
      path: '/api/jobs/job/picks',
      body: {
        modelId: 'ball',
        reason: 'All alike.',
        positions: [
          { id: 'p2', version: 2 },
          { id: 'p3', version: 2 },
        ],
      },
    });
  });
});
