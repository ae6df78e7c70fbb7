import '@testing-library/jest-dom';
import type { LineView, PickView } from '@grevik/contracts';
import type { PositionDuty } from '@grevik/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { BALL, GATE, LINE, NYLON, POSITION } from '../../testing/demo';
import { onLine } from '../../testing/on-line';
import { serve } from '../../testing/server';
import { LineUpPage } from './LineUpPage';

const REDUCED = { ...BALL, id: 'reduced', model: '12P', port: 'reduced' as const };
const asking = (duty: PositionDuty): LineView => ({ ...LINE, positions: [{ ...POSITION, duty }] });
const MODELS = [BALL, REDUCED, NYLON, GATE];
/** Answers a changed duty as the server does. */
const changes = () =>
  serve(({ method, path, body }) => {
    if (path.endsWith('/walk')) return { body: { id: 'job', name: 'Quay', houseRules: {}, lines: [] } };
    return method === 'PUT' ? { body: { ...POSITION, ...(body as object), changed: null } } : undefined;
  });

describe('a line-up by types', () => {
  beforeEach(() => localStorage.clear());

  it('shows one column a type with its models and prices, and opens to them', async () => {
    changes();
    onLine(<LineUpPage />, { line: LINE, models: MODELS });
    const heads = (): (string | null)[] =>
      screen.getAllByRole('columnheader').map((head) => head.getAttribute('data-model'));
    expect(heads()).toHaveLength(2);
    await userEvent.click(screen.getByRole('button', { name: /^ball: show its [23] models$/ }));
    expect(heads().length).toBeGreaterThan(1);
    expect(heads()).not.toContain('Kell & Vane 6S');
    await userEvent.click(screen.getByRole('button', { name: '‹ All types' }));
    await userEvent.click(screen.getByRole('button', { name: 'Models' }));
    expect(heads()).toHaveLength(MODELS.length);
    await waitFor(() => expect(localStorage.getItem('grevik.line-up')).toBe('"models"'));
  });

  it('says until when each verdict holds', async () => {
    changes();
    onLine(<LineUpPage />, { line: LINE, models: MODELS });
    const edges = await screen.findByRole('list', { name: /Until when the verdict on Ostrand 21P holds/ });
    expect(edges).toHaveTextContent(/up to [\d.]+ (psi|°F|gpm), then (with care|ruled out)/);
  });
});

describe('what to ask first', () => {
  it('asks for what could change the pick, and takes the answer with one tap', async () => {
    const asked = changes();
    onLine(<LineUpPage />, { line: LINE, models: MODELS });
    const first = within(await screen.findByRole('region', { name: 'Ask first' }));
    const starts = within(first.getByRole('group', { name: 'pump starts an hour' }));
    await userEvent.click(starts.getByRole('button', { name: '6 then Kell & Vane 6S' }));
    await waitFor(() => expect(asked.some(({ method }) => method === 'PUT')).toBe(true));
    expect(asked.find(({ method }) => method === 'PUT')?.body).toMatchObject({
      duty: { startsPerHour: 6, origins: { startsPerHour: 'said' } },
    });
    expect(first.getByText(/other facts? would not change the pick/)).toBeInTheDocument();
  });

  it('comes below what is picked, and not before what the bench found is known', async () => {
    let answer: (response: { body: unknown }) => void = () => undefined;
    const history = new Promise<{ body: unknown }>((resolve) => {
      answer = resolve;
    });
    serve(({ path }) => (path.includes('/history') ? history : undefined));
    const pick: PickView = {
      modelId: BALL.id,
      reason: 'No torch here.',
      pickedBy: 'Ada',
      pickedAt: '2026-11-01',
      verdict: 'fits',
      edges: [],
    };
    const line = { ...LINE, positions: [{ ...POSITION, pick }] };
    onLine(<LineUpPage />, { line, models: MODELS });
    await screen.findByRole('list', { name: /Until when the verdict on Ostrand 21P holds/ });
    expect(screen.queryByRole('region', { name: 'Ask first' })).not.toBeInTheDocument();
    const remove = screen.getByRole('button', { name: 'Remove pick' });
    answer({ body: { changes: [], entries: [], hasOlder: false } });
    const ask = await screen.findByRole('region', { name: 'Ask first' });
    expect(remove.compareDocumentPosition(ask)).toBe(Node.DOCUMENT_POSITION_FOLLOWING);
  });

  it('takes a figure that is typed, and how it is known', async () => {
    const asked = changes();
    onLine(<LineUpPage />, { line: LINE, models: MODELS });
    const first = within(await screen.findByRole('region', { name: 'Ask first' }));
    const closing = within(first.getByRole('group', { name: 'closing time' }));
    await userEvent.click(closing.getByRole('button', { name: 'Other …' }));
    await userEvent.click(closing.getByRole('button', { name: 'measured' }));
    await userEvent.type(closing.getByRole('textbox', { name: 'closing time' }), '2 s{Enter}');
    await waitFor(() => expect(asked.some(({ method }) => method === 'PUT')).toBe(true));
    const { duty } = asked.find(({ method }) => method === 'PUT')!.body as { duty: PositionDuty };
    expect(duty.closureTimeS).toBe(2);
    expect(duty.origins?.closureTimeS).toBe('measured');
  });

  it('says “so far” of what an answer could change, and is only looked at by whoever may not change the duty', async () => {
    changes();
    onLine(<LineUpPage />, { line: LINE, models: MODELS, may: ['look'] });
    const first = within(await screen.findByRole('region', { name: 'Ask first' }));
    expect(screen.getAllByText(/so far$/).length).toBeGreaterThan(0);
    for (const button of within(first.getByRole('group', { name: 'closing time' })).getAllByRole('button'))
      expect(button).toBeDisabled();
  });
});

describe('what would make it fit', () => {
  it('names single changes, and the model that has one', async () => {
    changes();
    onLine(<LineUpPage />, { line: asking({ ...POSITION.duty, temperatureC: 90 }), models: MODELS });
    const tray = within(await screen.findByRole('region', { name: 'Ruled out' }));
    await userEvent.click(tray.getByText(/Brindlow 14N/));
    expect(await tray.findByText(/Would help, one change at a time/)).toBeInTheDocument();
    expect(tray.getAllByRole('listitem').some((item) => /seats: PTFE/.test(item.textContent ?? ''))).toBe(
      true,
    );
  });
});
