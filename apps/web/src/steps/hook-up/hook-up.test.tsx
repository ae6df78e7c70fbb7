import '@testing-library/jest-dom';
import type { LineView, PositionView } from '@grevik/contracts';
import { type HookUpChoices } from '@grevik/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { BALL, GATE, LINE, POSITION } from '../../testing/demo';
import { onLine } from '../../testing/on-line';
import { serve } from '../../testing/server';
import { HookUpPage } from './HookUpPage';
import { InstallCardPage } from './InstallCardPage';

const picked = (
  modelId: string,
  hookUp: HookUpChoices = {},
  duty: Partial<PositionView['duty']> = {},
): LineView => ({
  ...LINE,
  positions: [
    {
      ...POSITION,
      duty: { ...POSITION.duty, ...duty },
      hookUp,
      pick: {
        modelId,
        reason: 'It fits.',
        verdict: 'fits',
        edges: [],
        pickedAt: '2026-11-01T08:00:00.000Z',
        pickedBy: 'Ada',
      },
    },
  ],
});
const side = (name: string) => within(screen.getByRole('region', { name }));
/** Answers as the server does, and keeps what was settled. */
const settled = (): HookUpChoices[] => {
  const kept: HookUpChoices[] = [];
  serve(({ path, body }) => {
    if (!path.endsWith('/hook-up')) return undefined;
    const { hookUp } = body as { hookUp: HookUpChoices };
    kept.push(hookUp);
    return { body: { ...POSITION, hookUp, changed: null } };
  });
  return kept;
};

describe('the hook-up of a position', () => {
  it('asks for a pick first', () => {
    onLine(<HookUpPage />);
    expect(screen.getByText('Nothing is picked at CW-103 yet')).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'Open line-up' })).toHaveAttribute(
      'href',
      '/jobs/job/lines/line/line-up/CW-103',
    );
  });

  it('shows the ways on each side with verdict and weakest part, the kit, and what faces where', () => {
    onLine(<HookUpPage />, { line: picked('ball') });
    const supply = side('Supply side');
    expect(supply.getByRole('radio', { name: /pressed Fits/ })).toBeChecked();
    expect(supply.getByText('weakest part press joint, 200 psi')).toBeInTheDocument();
    expect(screen.getByText(/press tool with its jaw/)).toBeInTheDocument();
    expect(screen.getByText(/Handle in line with the pipe when open/)).toBeInTheDocument();
    expect(
      screen.getByRole('img', { name: /The parts in order from the supply side to the downstream side:/ }),
    ).toBeInTheDocument();
  });

  it('holds a soldered valve in a closed wall of what the place forbids', async () => {
    const kept = settled();
    onLine(<HookUpPage />, { line: picked('gate') });
    expect(screen.getByRole('checkbox', { name: 'closed up afterwards (from the duty)' })).toBeDisabled();
    await userEvent.click(screen.getByRole('checkbox', { name: 'no torch here' }));
    await waitFor(() => expect(kept).toEqual([{ limits: ['no-torch'] }]));
  });

  it('leaves no way where a torch is forbidden and the ends are soldered', () => {
    onLine(<HookUpPage />, { line: picked('gate', { limits: ['no-torch'] }) });
    expect(side('Downstream side').getByRole('alert')).toHaveTextContent(
      'No connection method is left here.',
    );
    expect(
      side('Downstream side').getByText('It needs a torch, and torches are not allowed here.'),
    ).toBeInTheDocument();
    expect(side('Downstream side').getByRole('radio', { name: /soldered/ })).toBeDisabled();
  });

  it('needs another pipe on one side, numbered parts in the row with it', async () => {
    const kept = settled();
    const { unmount } = onLine(<HookUpPage />, { line: picked('ball') });
    await userEvent.selectOptions(
      side('Supply side').getByRole('combobox', { name: 'Pipe, Supply side' }),
      'steel',
    );
    await waitFor(() => expect(kept).toEqual([{ pipes: { in: { material: 'steel', dn: 20 } } }]));
    unmount();
    onLine(<HookUpPage />, { line: picked('ball', kept[0]) });
    expect(
      screen.getByRole('img', { name: /dielectric union; .*adapter, female thread × press/ }),
    ).toBeInTheDocument();
    expect(side('Supply side').getByRole('radio', { name: /screwed in, adapter pressed/ })).toBeChecked();
    await userEvent.click(screen.getByRole('button', { name: 'Reset to the duty' }));
    await waitFor(() => expect(kept.at(-1)).toEqual({}));
  });

  it('measures the cover over a buried valve', async () => {
    const kept = settled();
    onLine(<HookUpPage />, { line: picked('ball', {}, { place: 'buried' }) });
    expect(screen.getByText(/extension stem: measure the cover/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Depth of cover: not measured' }));
    await userEvent.type(screen.getByRole('textbox', { name: 'Depth of cover' }), '4 ft{Enter}');
    await waitFor(() => expect(kept[0]?.coverM).toBeCloseTo(1.2192, 6));
  });

  it('asks what shuts the line where a valve is changed, and says whether the new body fits', async () => {
    const kept = settled();
    const { unmount } = onLine(<HookUpPage />, { line: picked('ball', {}, { existing: true }) });
    const change = within(screen.getByRole('region', { name: 'Changing the valve that is there' }));
    expect(change.getByText(/Find out before the day what shuts this line/)).toBeInTheDocument();
    expect(change.getByText(/no valve upstream can be relied on/)).toBeInTheDocument();
    await userEvent.click(change.getByRole('combobox', { name: 'What shuts the line?' }));
    await userEvent.click(screen.getByRole('option', { name: 'nothing upstream holds' }));
    await waitFor(() => expect(kept).toEqual([{ stop: 'none' }]));
    unmount();
    const lengths = { stop: 'none', oldLengthM: 0.0508, newLengthM: 0.0762 } as const;
    onLine(<HookUpPage />, { line: picked('ball', lengths, { existing: true }) });
    expect(screen.getByText(/pipe-freezing jackets/)).toBeInTheDocument();
    expect(
      screen.getByText('The new valve is 1 in longer: cut that much more out of the pipe.'),
    ).toBeInTheDocument();
  });

  it('keeps an accessory, and says why the place suggests one', async () => {
    const kept = settled();
    onLine(<HookUpPage />, { line: picked('ball') });
    const accessories = within(screen.getByRole('region', { name: 'Accessories' }));
    await userEvent.click(accessories.getByRole('checkbox', { name: /Panel mount.*Behind a panel/ }));
    await waitFor(() => expect(kept).toEqual([{ accessories: ['panel-mount'] }]));
  });

  it('counts the kit in metric tube where the job has it', async () => {
    const kept = settled();
    const { unmount } = onLine(<HookUpPage />, { line: picked('ball') });
    await userEvent.click(screen.getByRole('checkbox', { name: /metric tube/ }));
    await waitFor(() => expect(kept).toEqual([{ metricTube: true }]));
    unmount();
    onLine(<HookUpPage />, { line: picked('ball', { metricTube: true }) });
    expect(screen.getByText(/22 mm press tool with its jaw/)).toBeInTheDocument();
  });

  it('is only looked at by whoever may not pick', () => {
    onLine(<HookUpPage />, { line: picked('ball'), may: ['look'] });
    expect(screen.getByRole('combobox', { name: 'Pipe, Downstream side' })).toBeDisabled();
    expect(screen.getByRole('checkbox', { name: 'no torch here' })).toBeDisabled();
  });
});

describe('the install card', () => {
  it('says what goes in, which way, in which order, and carries a code to the position', () => {
    onLine(<InstallCardPage />, { line: picked('ball'), models: [BALL, GATE] });
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('CW-103');
    expect(screen.getByText('Ostrand 21P, ¾ in')).toBeInTheDocument();
    const steps = screen.getAllByRole('listitem').map(({ textContent }) => textContent);
    expect(steps[0]).toContain('Prove the line dead');
    expect(steps).toContain('Supply side: pressed.');
    const code = screen.getByRole('img', { name: 'Scan to open this position' });
    expect(code.querySelectorAll('path')[0]!.getAttribute('d')!.split('M').length).toBeGreaterThan(200);
    expect(screen.getByRole('link', { name: 'Back to the hook-up' })).toHaveAttribute(
      'href',
      '/jobs/job/lines/line/hook-up/CW-103',
    );
  });
});
