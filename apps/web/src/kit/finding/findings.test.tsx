import '@testing-library/jest-dom';
import type { EntryRequest, EntryView } from '@grevik/contracts';
import type { BenchFinding } from '@grevik/core';
import { lineUp } from '@grevik/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { LineUpPage } from '../../steps/line-up/LineUpPage';
import { BALL, GATE, LINE, POSITION } from '../../testing/demo';
import { onLine } from '../../testing/on-line';
import { serve } from '../../testing/server';
import { withFindings } from './useFindings';

const entry = (finding: BenchFinding, text = 'Take at least 0.7 s to shut it.'): EntryView => ({
  id: 'e1',
  kind: 'bench',
  text,
  turns: null,
  found: null,
  visit: null,
  finding,
  happenedAt: '2026-11-26T00:00:00Z',
  by: 'Joss',
});
const HAMMER: BenchFinding = {
  bench: 'hammer',
  verdict: 'care',
  measured: { value: 2_060_000, limit: 1_378_951, unit: 'Pa' },
  valve: 'Ostrand 21P',
  case: 'of=hammer&closingS=0.15',
};

describe('what the bench found', () => {
  it('stands at the position with its figures, who found it, and the way to its case', async () => {
    serve(({ path }) =>
      path.endsWith('/history') ? { body: { entries: [entry(HAMMER)], changes: [] } } : undefined,
    );
    onLine(<LineUpPage />);
    const found = within(await screen.findByRole('region', { name: 'Found on the bench' }));
    expect(found.getByText(/Take at least 0.7 s/)).toHaveTextContent(
      'Ostrand 21P: Take at least 0.7 s to shut it. 299 psi, limit 200 psi.',
    );
    expect(found.getByRole('link', { name: 'Open inputs' })).toHaveAttribute(
      'href',
      '/jobs/job/lines/line/bench/CW-103?of=hammer&closingS=0.15',
    );
  });

  it('is a reason of the valve it is about', async () => {
    serve(({ path }) =>
      path.endsWith('/history') ? { body: { entries: [entry(HAMMER)], changes: [] } } : undefined,
    );
    onLine(<LineUpPage />);
    await screen.findByRole('region', { name: 'Found on the bench' });
    expect(document.querySelectorAll('[data-rule="bench-hammer"]')).toHaveLength(1);
  });

  it('is taken back by another entry', async () => {
    const asked = serve(({ path, method }) =>
      path.endsWith('/history')
        ? { body: { entries: [entry(HAMMER)], changes: [] } }
        : method === 'POST'
          ? { status: 201, body: {} }
          : undefined,
    );
    onLine(<LineUpPage />);
    const found = within(await screen.findByRole('region', { name: 'Found on the bench' }));
    await userEvent.click(found.getByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(asked.some(({ method }) => method === 'POST')).toBe(true));
    const sent = asked.find(({ method }) => method === 'POST')!.body as EntryRequest;
    expect(sent).toMatchObject({
      kind: 'bench',
      text: 'Undone: Take at least 0.7 s to shut it.',
      finding: { bench: 'hammer', valve: 'Ostrand 21P', takenBack: true },
    });
  });

  it('lets a valve that fits do so only with care where it warns, and leaves the others alone', () => {
    const { columns } = lineUp(
      { ...POSITION.duty, pipe: { material: 'copper' }, hardWater: false, medium: LINE.medium },
      [BALL, GATE],
    );
    const fits = columns.map((column) => ({ ...column, verdict: 'fits' as const }));
    const found = { ...entry(HAMMER), finding: HAMMER };
    const [ball, gate] = ['ball', 'gate'].map((id) =>
      withFindings(fits, [found]).find(({ model }) => model.id === id),
    );
    expect(ball).toMatchObject({ verdict: 'care' });
    expect(ball!.reasons[0]).toMatchObject({ rule: 'bench-hammer', measured: HAMMER.measured });
    expect(gate?.verdict ?? 'fits').toBe('fits');
    const supports = { ...found, finding: { ...HAMMER, verdict: 'supports' as const } };
    expect(withFindings(fits, [supports]).find(({ model }) => model.id === 'ball')!.verdict).toBe('fits');
  });
});
