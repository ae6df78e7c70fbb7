import '@testing-library/jest-dom';
import type { EntryRequest, LineView } from '@grevik/contracts';
import type { Medium, PositionDuty } from '@grevik/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { BALL, LINE, POSITION } from '../../testing/demo';
import { onLine } from '../../testing/on-line';
import { serve } from '../../testing/server';
import { BenchPage } from './BenchPage';

const lineOf = (medium: Medium, duty: Partial<PositionDuty> = {}): LineView => ({
  ...LINE,
  medium,
  positions: [{ ...POSITION, duty: { ...POSITION.duty, ...duty } }],
});
const tabs = (): string[] =>
  within(screen.getByRole('navigation', { name: 'Simulations' }))
    .getAllByRole('link')
    .map((link) => link.textContent);
const current = () =>
  within(screen.getByRole('navigation', { name: 'Simulations' })).getByRole('link', { current: 'page' });

describe('the bench of a position', () => {
  it.each<[Medium, Partial<PositionDuty>, string]>([
    ['potable-cold', {}, 'Hammer'],
    ['potable-cold', { function: 'throttle' }, 'Control'],
    ['raw-sewage', { function: 'non-return' }, 'Check closure'],
    ['natural-gas', { pressurePa: 1743 }, 'Gas line'],
    ['steam-vapour', { pressurePa: 3400 }, 'Radiators'],
    ['wash-water-high-pressure', { pressurePa: 2e7 }, 'High-pressure wash'],
  ])('on %s begins with what suits its duty %p: %s', async (medium, duty, first) => {
    onLine(<BenchPage />, { line: lineOf(medium, duty) });
    expect(current()).toHaveTextContent(first);
    expect(await screen.findByRole('heading', { level: 1, name: first })).toBeInTheDocument();
  });

  it('shows only what moves there', () => {
    onLine(<BenchPage />, { line: lineOf('natural-gas', { pressurePa: 1743 }) });
    expect(tabs()).toEqual(['Gas line', 'Purge card']);
  });

  it('says so where nothing does', () => {
    onLine(<BenchPage />, { line: lineOf('oxidiser-gas') });
    expect(screen.getByRole('heading', { name: /No simulation for/ })).toBeInTheDocument();
  });
});

describe('the hammer', () => {
  it('comes to a sentence with the time to take, and writes it to the position with its figures and case', async () => {
    const asked = serve(({ method }) => ({ status: method === 'POST' ? 201 : 200, body: {} }));
    onLine(<BenchPage />, { at: '/?of=hammer&closingS=0.05' });
    const bar = within(await screen.findByRole('region', { name: 'Finding' }, { timeout: 8000 }));
    expect(bar.getByText(/Close it in at least [\d.]+ s/)).toHaveTextContent(
      /rating of the press joint.*, limit 200 psi/,
    );
    await userEvent.click(bar.getByRole('button', { name: 'Save finding at CW-103' }));
    await screen.findByText('Finding saved in the log of CW-103');
    const { finding, kind, text } = asked.at(-1)!.body as EntryRequest;
    expect(kind).toBe('bench');
    expect(text).toMatch(/^Close it in at least/);
    expect(finding).toMatchObject({
      bench: 'hammer',
      verdict: 'care',
      valve: 'Ostrand 21P',
      measured: { unit: 'Pa' },
    });
    expect(finding!.measured!.limit).toBe(1_378_951);
    expect(new URLSearchParams(finding!.case).get('lengthM')).toBe('18.8976');

    await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(asked).toHaveLength(2));
    expect(asked[1]!.body).toMatchObject({ kind: 'bench', finding: { bench: 'hammer', takenBack: true } });
  });

  it('puts the time into the duty, for the rules to judge by', async () => {
    const asked = serve(() => ({
      body: { ...POSITION, changed: { id: 'c', by: 'Ada', at: '2026-11-26T00:00:00Z' } },
    }));
    onLine(<BenchPage />, { at: '/?of=hammer&closingS=0.05' });
    await userEvent.click(
      await screen.findByRole('button', { name: /Set [\d.]+ s in the duty/ }, { timeout: 8000 }),
    );
    await waitFor(() => expect(asked).toHaveLength(1));
    const { duty } = asked[0]!.body as { duty: PositionDuty };
    expect(duty.closureTimeS).toBeGreaterThan(0.05);
  });

  it('holds good where it is shut slowly enough, and offers nothing then', async () => {
    onLine(<BenchPage />, { at: '/?of=hammer&closingS=20' });
    expect(
      await screen.findByText(/water hammer stays under the rating of the press joint/),
    ).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: /in the duty/ })).not.toBeInTheDocument();
    expect(within(await screen.findByRole('region', { name: 'Remedies' })).getAllByRole('row')).toHaveLength(
      2,
    );
  });

  it('compares what would help, each against the limit', async () => {
    onLine(<BenchPage />, { at: '/?of=hammer&closingS=0.05' });
    const fixes = within(await screen.findByRole('region', { name: 'Remedies' }, { timeout: 8000 }));
    for (const way of [
      /^As is, in 0.05 s/,
      /^Slower: [\d.]+ s, by notched lever/,
      /^globe, in/,
      /^Arrester with/,
      /^No more than/,
    ])
      expect(fixes.getByText(way)).toBeInTheDocument();
    expect(fixes.getAllByText('under the limit').length).toBeGreaterThanOrEqual(3);
  });

  it('says in words that a column parts', async () => {
    onLine(<BenchPage />, { at: '/?of=hammer&flowM3s=0.001&closingS=0.05' });
    expect(
      await screen.findByText(
        /The water column separates: somewhere the pressure falls to vapor pressure\. When the column rejoins it strikes; the peak shown after that is a lower bound\./,
      ),
    ).toBeInTheDocument();
  });

  it('follows the hand of the address', async () => {
    onLine(<BenchPage />, { at: '/?of=hammer&hand=0-1000.400-500.900-0' });
    expect(await screen.findByText('You closed it in 0.9 s.')).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Close by hand' })).toHaveAttribute('aria-pressed', 'true');
    await userEvent.click(screen.getByRole('button', { name: 'Timed' }));
    expect(screen.queryByText(/You closed it in/)).not.toBeInTheDocument();
  });

  it('sweeps every type through the pipe and the next sizes, and can be stopped', async () => {
    onLine(<BenchPage />, { at: '/?of=hammer&closingS=0.05' });
    const sweep = within(
      await screen.findByRole('region', { name: 'Closing time by type and pipe' }, { timeout: 8000 }),
    );
    await userEvent.click(sweep.getByRole('button', { name: 'Calculate all' }));
    await waitFor(() => expect(sweep.getAllByRole('row').length).toBeGreaterThan(2));
    await userEvent.click(sweep.getByRole('button', { name: 'Stop' }));
    expect(await sweep.findByRole('status')).toHaveTextContent(/Stopped after \d+ of 15/);
    await userEvent.click(sweep.getByRole('button', { name: 'Calculate all' }));
    await waitFor(() => expect(sweep.getAllByRole('row')).toHaveLength(16), { timeout: 15_000 });
    expect(await sweep.findByRole('button', { name: 'CSV' })).toBeInTheDocument();
  });

  it('names its method, its source, where it holds and what it leaves out', async () => {
    onLine(<BenchPage />, { at: '/?of=hammer&closingS=0.05' });
    const basis = within(
      await screen.findByRole('region', { name: 'How it is calculated' }, { timeout: 8000 }),
    );
    for (const [term, said] of [
      ['Method', /characteristics/],
      ['Source', /Wylie/],
      ['Valid for', /level pipe/],
      ['Leaves out', /parted columns/],
    ] as const)
      expect(basis.getByText(term).nextSibling).toHaveTextContent(said);
  });

  it('takes another valve on the bench', async () => {
    onLine(<BenchPage />, { at: '/?of=hammer' });
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Valve on the bench' }), 'globe');
    await waitFor(() => expect(screen.getByRole('textbox', { name: 'Closing time' })).toHaveValue('5 s'));
    expect(screen.getByRole('combobox', { name: 'Valve on the bench' })).not.toHaveValue(BALL.id);
  });

  it('offers to those who only look the figures, not the pen', async () => {
    serve(() => undefined);
    onLine(<BenchPage />, { at: '/?of=hammer', may: ['look'] });
    const bar = within(await screen.findByRole('region', { name: 'Finding' }, { timeout: 8000 }));
    expect(bar.queryByRole('button', { name: /Save finding at/ })).not.toBeInTheDocument();
    expect(bar.getByRole('button', { name: 'Copy link to these inputs' })).toBeInTheDocument();
  });
});
