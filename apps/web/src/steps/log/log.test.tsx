import '@testing-library/jest-dom';
import type { EntriesRequest, EntryRequest, HistoryView, PositionChangeView } from '@grevik/contracts';
import { CHANGE_KINDS, CHANGE_KIND_TABLE } from '@grevik/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { BALL, POSITION } from '../../testing/demo';
import { onLine } from '../../testing/on-line';
import { device } from '../../store/device-database';
import { show } from '../../testing/render';
import { serve } from '../../testing/server';
import { EntryForm } from './EntryForm';
import { Happened } from './Happened';
import { LogPage } from './LogPage';

const HISTORY: HistoryView<PositionChangeView> = {
  hasOlder: false,
  entries: [
    {
      id: 'e1',
      found: null,
      visit: null,
      finding: null,
      kind: 'turned',
      text: 'Stiff.',
      turns: 11.5,
      happenedAt: '2026-03-02T10:00:00Z',
      by: 'Joss',
    },
  ],
  changes: [
    {
      id: 'c2',
      kind: 'pick',
      before: null,
      after: { modelId: 'ball', reason: 'No torch.', verdict: 'care', edges: [] },
      by: 'Ada',
      at: '2026-03-03T10:00:00Z',
      undoes: null,
    },
    {
      id: 'c1',
      kind: 'duty',
      before: POSITION.duty,
      after: { ...POSITION.duty, pressurePa: 4e5, lockout: true, pipe: { material: 'pex' } },
      by: 'Joss',
      at: '2026-03-01T10:00:00Z',
      undoes: 'c0',
    },
  ],
};

describe('the log', () => {
  it('says every kind of change that it may show', () => {
    const signed = { by: 'Ada', at: '2026-03-03T10:00:00Z', undoes: null };
    const duty = POSITION.duty;
    const samples: PositionChangeView[] = [
      { ...signed, id: '1', kind: 'duty', before: duty, after: { ...duty, pressurePa: 4e5 } },
      { ...signed, id: '2', kind: 'pick', before: null, after: null },
      {
        ...signed,
        id: '3',
        kind: 'name',
        before: { tag: 'A', remarks: '' },
        after: { tag: 'B', remarks: '' },
      },
      { ...signed, id: '4', kind: 'hook-up', before: {}, after: {} },
      { ...signed, id: '5', kind: 'place', before: null, after: null },
      { ...signed, id: '6', kind: 'photo', before: null, after: { photoId: 'p' } },
      { ...signed, id: '7', kind: 'wets', before: { wets: null }, after: { wets: 'electrical' } },
      { ...signed, id: '8', kind: 'station', before: null, after: { deviceId: null } },
      { ...signed, id: '9', kind: 'owner-page', before: null, after: { page: 'made' } },
    ];
    const shown = CHANGE_KINDS.filter((kind) => CHANGE_KIND_TABLE[kind].isShown);
    expect(samples.map(({ kind }) => kind).sort()).toEqual([...shown].sort());
    show(<Happened history={{ entries: [], changes: samples }} models={[BALL]} />);
    expect(screen.getAllByRole('listitem').length).toBeGreaterThanOrEqual(samples.length);
    expect(screen.getByText('Said what gets wet: an electrical room')).toBeVisible();
    expect(screen.getByText('Made a page for the owner')).toBeVisible();
  });

  it('has entries and changes in one line of time, newest first, each signed, in the units chosen', () => {
    show(<Happened history={HISTORY} models={[BALL]} />, { units: 'metric' });
    const [pick, entry, duty] = screen.getAllByRole('listitem').filter((item) => item.querySelector('time'));
    expect(pick).toHaveTextContent('3 Mar 2026picked Ostrand 21PNo torch.Ada');
    expect(entry).toHaveTextContent('2 Mar 2026Operated, 11.5 turnsStiff.Joss');
    expect(duty).toHaveTextContent('undid: changed the duty');
    expect(duty).toHaveTextContent('pressure: 5.17 bar → 4 bar');
    expect(duty).toHaveTextContent('pipe: copper → PEX');
    expect(duty).toHaveTextContent('pipe length upstream to the first large volume: 18.9 m → not known');
    expect(duty).toHaveTextContent('lock-out required: not known → yes');
  });

  it('has photos and coordinates beside them, and who took them back', () => {
    const base = { by: 'Ada', undoes: null };
    const changes: PositionChangeView[] = [
      { ...base, id: 'p1', kind: 'photo', before: null, after: { photoId: 'x' }, at: '2026-03-04T10:00:00Z' },
      {
        ...base,
        id: 'p2',
        kind: 'place',
        before: null,
        after: { longitude: 9, latitude: 54 },
        at: '2026-03-03T10:00:00Z',
      },
      {
        ...base,
        id: 'p3',
        kind: 'place',
        before: { longitude: 9, latitude: 54 },
        after: null,
        at: '2026-03-02T10:00:00Z',
        undoes: 'p2',
      },
    ];
    show(<Happened history={{ entries: [], changes }} models={[]} />);
    const said = screen.getAllByRole('listitem').map((item) => item.textContent);
    expect(said[0]).toContain('Added a photo');
    expect(said[1]).toContain('Set its coordinates');
    expect(said[2]).toContain('undid: Removed its coordinates');
  });

  it('says so where nothing happened', () => {
    show(<Happened history={{ entries: [], changes: [] }} models={[]} />);
    expect(screen.getByText(/No entries and no changes yet\./)).toBeInTheDocument();
  });

  it('shows what is older where there is more, as often as it is asked', async () => {
    const entries = Array.from({ length: 450 }, (_, at) => ({
      ...HISTORY.entries[0]!,
      id: `e${at}`,
      text: `Found ${450 - at}.`,
    }));
    const asked = serve(({ path, query }) => {
      if (!path.endsWith('/history')) return undefined;
      const most = Number(query.get('most') ?? 200);
      return { body: { changes: [], entries: entries.slice(0, most), hasOlder: most < entries.length } };
    });
    onLine(<LogPage />);
    expect(await screen.findByText('Found 251.')).toBeInTheDocument();
    expect(screen.queryByText('Found 250.')).not.toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Show older' }));
    expect(await screen.findByText('Found 250.')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Show older' }));
    expect(await screen.findByText('Found 1.')).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Show older' })).not.toBeInTheDocument();
    expect(asked.filter(({ path }) => path.endsWith('/history'))).toHaveLength(3);
  });
});

describe('writing an entry', () => {
  beforeEach(() => device.unsent.clear());

  it('keeps it on the device where there is no network, and sends it before the next', async () => {
    let down = true;
    const asked = serve(({ body }) => {
      if (down) throw new TypeError('no network');
      const { entries } = body as EntriesRequest;
      return { body: { results: entries.map(({ entry: { id } }) => ({ id, refusal: null })) } };
    });
    const write = async (text: string): Promise<void> => {
      await userEvent.type(screen.getByLabelText('Text'), text);
      await userEvent.click(screen.getByRole('button', { name: 'Save entry' }));
    };
    show(<EntryForm position={POSITION} />);
    expect(screen.getByRole('button', { name: 'Save entry' })).toBeDisabled();
    await write('Drips at the nut.');
    expect(await screen.findByText('CW-103: entry kept on this device, sent later')).toBeInTheDocument();
    expect(screen.getByLabelText('Text')).toHaveValue('');
    const [first] = asked.map(({ body }) => body as EntryRequest);
    down = false;
    await write('Tightened.');
    expect(await screen.findByText('CW-103: entry saved')).toBeInTheDocument();
    const [again, second] = (asked[1]!.body as EntriesRequest).entries.map(({ entry }) => entry);
    expect(again).toEqual(first);
    expect(second).toMatchObject({ kind: 'note', text: 'Tightened.' });
    expect(second?.id).not.toBe(first?.id);
  });

  it('keeps the words in the form where the server refuses them', async () => {
    serve(() => ({ status: 400, body: { error: { code: 'invalid-input', message: 'text is too long.' } } }));
    show(<EntryForm position={POSITION} />);
    await userEvent.type(screen.getByLabelText('Text'), 'Drips.');
    await userEvent.click(screen.getByRole('button', { name: 'Save entry' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('text is too long.');
    expect(screen.getByLabelText('Text')).toHaveValue('Drips.');
    expect(await device.unsent.count()).toBe(0);
  });

  it('asks for turns where it was turned, and takes only a number', async () => {
    const asked = serve(({ body }) => ({ status: 201, body: { ...(body as EntryRequest), by: 'Ada' } }));
    show(<EntryForm position={POSITION} />);
    await userEvent.click(screen.getByRole('combobox', { name: 'Kind' }));
    await userEvent.click(screen.getByRole('option', { name: 'Operated' }));
    await userEvent.type(screen.getByLabelText('Turns, open to closed'), 'many');
    expect(screen.getByRole('button', { name: 'Save entry' })).toBeDisabled();
    await userEvent.clear(screen.getByLabelText('Turns, open to closed'));
    await userEvent.type(screen.getByLabelText('Turns, open to closed'), '11,5');
    await userEvent.click(screen.getByRole('button', { name: 'Save entry' }));
    await waitFor(() => expect(asked[0]?.body).toMatchObject({ kind: 'turned', turns: 11.5 }));
  });

  it('takes the flow before and after where less comes back', async () => {
    const asked = serve(({ body }) => ({ status: 201, body: { ...(body as EntryRequest), by: 'Ada' } }));
    show(<EntryForm position={POSITION} />);
    await userEvent.click(screen.getByRole('combobox', { name: 'Kind' }));
    await userEvent.click(screen.getByRole('option', { name: 'Less flow than before, or none' }));
    await userEvent.type(screen.getByLabelText('Text'), 'After the meter was changed.');
    await userEvent.type(screen.getByLabelText('Flow before'), '8');
    expect(screen.getByRole('button', { name: 'Save entry' })).toBeDisabled();
    await userEvent.type(screen.getByLabelText('Flow before'), ' gpm');
    await userEvent.click(screen.getByRole('combobox', { name: 'Flow after reopening' }));
    await userEvent.click(screen.getByRole('option', { name: 'no flow' }));
    await userEvent.click(screen.getByRole('button', { name: 'Save entry' }));
    await waitFor(() => expect(asked).toHaveLength(1));
    expect(asked[0]?.body).toMatchObject({
      kind: 'flow-less',
      found: { flow: 'none', flowBeforeM3s: expect.closeTo(5.047e-4, 6) as number },
    });
  });
});
