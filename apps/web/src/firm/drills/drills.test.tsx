import '@testing-library/jest-dom';
import type { DrillRecordView, DrillResultRequest } from '@grevik/contracts';
import { type DrillKind, drillReadiness, houseRuleSettings } from '@grevik/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { device } from '../../store/device-database';
import { show } from '../../testing/render';
import { type Asked, serve } from '../../testing/server';
import { DrillsPage } from './DrillsPage';
import { fromSeed } from './drill-to-take';
import { Run } from './Run';

const settings = houseRuleSettings();
const drillOf = (kind: DrillKind, seed = 3) => fromSeed({ kind, seed, level: 1 }, settings);
const check = () => screen.getByRole('button', { name: 'Check the answer' });
const verdict = () => screen.getByRole('heading', { level: 2, name: /^(Right|Wrong|Nearly)/ });
const keyOf = (kind: DrillKind): string => String(drillOf(kind).made.key);

let asked: Asked[];
const stored = (): DrillResultRequest[] =>
  asked
    .filter(({ method, path }) => method === 'POST' && path === '/api/drills/results')
    .map(({ body }) => body as DrillResultRequest);

beforeEach(async () => {
  await device.unsent.clear();
  // The layout of a plan is worked out in a worker, which a test’s document does not have.
  globalThis.Worker = class {
    addEventListener = (): void => undefined;
    removeEventListener = (): void => undefined;
    postMessage = (): void => undefined;
  } as never;
  asked = serve(({ path }) => (path === '/api/drills/results' ? { body: {} } : undefined));
});
afterEach(() => void Reflect.deleteProperty(globalThis, 'Worker'));

describe('a run', () => {
  it('is answered by keys, graded at once, and each answer goes to the record', async () => {
    const { made } = drillOf('name-it');
    const user = userEvent.setup();
    show(<Run drills={[drillOf('name-it'), drillOf('holds-or-not')]} />);
    expect(screen.getByRole('heading', { level: 1 })).toHaveFocus();
    expect(check()).toBeDisabled();
    const ids = made.answer.form === 'choice' ? made.answer.choices.map(({ id }) => id) : [];
    await user.keyboard(String(ids.indexOf(String(made.key)) + 1));
    await user.keyboard('{Enter}');
    expect(verdict()).toHaveTextContent('Right');
    expect(verdict()).toHaveFocus();
    await user.keyboard('{Enter}');
    expect(screen.getByText('2 of 2')).toBeVisible();
    await waitFor(() => expect(stored()).toHaveLength(1));
    expect(stored()[0]).toMatchObject({ kind: 'name-it', level: 1, seed: 3, answer: made.key });
  });

  it('tells by ear what moves, and not the name', () => {
    show(<Run drills={[drillOf('name-it')]} />);
    const { moves, seals } = drillOf('name-it').made.question as { moves: string; seals: string };
    expect(screen.getByRole('img')).toHaveAccessibleName(`${moves} ${seals}`);
  });

  it('says what was wrong with an order line, and shows one that passes', async () => {
    const user = userEvent.setup();
    show(<Run drills={[drillOf('say-it')]} />);
    await user.type(screen.getByRole('textbox', { name: 'Your order line' }), 'a stop');
    await user.click(check());
    expect(verdict()).toHaveTextContent(/^(Wrong|Nearly)/);
    expect(screen.getByText(keyOf('say-it'))).toBeVisible();
    expect(screen.getAllByText(/is missing: /).length).toBeGreaterThan(1);
    expect(screen.getByRole('link', { name: 'Parts list: read any order' })).toHaveAttribute(
      'href',
      '/parts-list',
    );
  });

  it('shows a duty with four valves cut open', async () => {
    const user = userEvent.setup();
    show(<Run drills={[drillOf('which-valve')]} />);
    const choices = within(screen.getByRole('radiogroup')).getAllByRole('radio');
    expect(choices).toHaveLength(4);
    for (const choice of choices) expect(within(choice).getByRole('img')).toBeVisible();
    await user.click(choices[Number(keyOf('which-valve'))] as HTMLElement);
    await user.click(check());
    expect(verdict()).toHaveTextContent('Right');
  });

  it('takes valves from the list, each with how it was found', async () => {
    const user = userEvent.setup();
    show(<Run drills={[drillOf('what-to-close')]} />);
    for (const id of drillOf('what-to-close').made.key as string[])
      await user.click(screen.getByRole('checkbox', { name: new RegExp(`^${id} works after`) }));
    await user.click(check());
    expect(verdict()).toHaveTextContent('Right');
  });

  it('takes an even closing, and says by how much it went over', async () => {
    const user = userEvent.setup();
    show(<Run drills={[drillOf('shut-it')]} />);
    await user.type(screen.getByLabelText('Seconds from open to closed'), '0.1');
    await user.click(screen.getByRole('button', { name: 'Close evenly' }));
    expect(screen.getByText(/^You closed it in 0\.1 s/)).toBeVisible();
    await user.click(check());
    expect(verdict()).not.toHaveTextContent('Right');
    expect(screen.getByText(/the pressure rose to \d{3} % of the limit/)).toBeVisible();
  });

  it('has steps moved by their buttons until they stand right', async () => {
    const user = userEvent.setup();
    show(<Run drills={[drillOf('purge-order')]} />);
    const drill = drillOf('purge-order');
    const items = drill.made.answer.form === 'order' ? drill.made.answer.items : [];
    const order = items.map(({ id }) => id);
    const text = (id: string) => items.find((item) => item.id === id)?.text ?? '';
    for (const [place, id] of (drill.made.key as string[]).entries())
      for (let at = order.indexOf(id); at > place; at -= 1) {
        await user.click(screen.getByRole('button', { name: `Move up: ${text(id)}` }));
        order.splice(at - 1, 0, ...order.splice(at, 1));
      }
    await user.click(check());
    expect(verdict()).toHaveTextContent('Right');
  });

  it('says how the valve was found, with its caution', () => {
    show(<Run drills={[fromSeed({ kind: 'touch-it-or-not', seed: 3, level: 1, trade: 'gas' }, settings)]} />);
    expect(screen.getByText(/^carries (natural|LP) gas$/i)).toBeVisible();
    expect(screen.getByText(/^Licensed people only/)).toBeVisible();
  });

  it('ends with what was right, also when it is stopped', async () => {
    const user = userEvent.setup();
    show(<Run drills={[drillOf('name-it'), drillOf('say-it')]} again={() => undefined} />);
    await user.keyboard('1{Enter}{Enter}');
    await user.click(screen.getByRole('button', { name: 'Stop here' }));
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(/^[01] of 1 right$/);
    expect(screen.getByRole('button', { name: 'Another run' })).toBeVisible();
  });
});

describe('the page of drills', () => {
  const record: DrillRecordView = {
    personId: 'me',
    name: 'Ada Wrenfield',
    results: [1, 2, 3].map((day) => ({
      ...{ id: `${day}`, kind: 'say-it', level: 1, trade: 'gas', right: true, score: 1, tookS: 30 },
      takenAt: `2026-11-0${day}T08:00:00.000Z`,
    })) as DrillRecordView['results'],
  };
  const open = (may: readonly string[] = []): void => {
    asked = serve(({ path }) => {
      if (path === '/api/drills/record') return { body: record };
      if (path === '/api/company') return { body: { name: 'Tarnside', currency: 'USD', houseRules: {} } };
      if (path === '/api/jobs/names') return { body: [{ id: 'job', name: 'Quay', lines: [] }] };
      if (path === '/api/drills/sent') return { body: [] };
      if (path === '/api/drills/people')
        return {
          body: [
            {
              ...{ personId: 'bea', name: 'Bea', role: 'apprentice', firePassedAt: null },
              ready: drillReadiness(record.results),
              gasPassedAt: '2026-11-03T08:00:00.000Z',
            },
          ],
        };
      return undefined;
    });
    show(<DrillsPage />, { may: may as never });
  };

  it('says at which level one is ready, since when, and when gas was last passed', async () => {
    open();
    expect(
      await screen.findByRole('row', { name: 'Order it in full level 1, since 3 Nov 2026 3 of 3' }),
    ).toBeVisible();
    expect(screen.getByText(/Gas last passed: 3 Nov 2026/)).toBeVisible();
    expect(screen.queryByRole('heading', { name: 'Who is ready for what' })).not.toBeInTheDocument();
  });

  it('shows the foreman who is ready for what', async () => {
    open(['drills']);
    expect(
      await screen.findByRole('row', { name: 'Bea apprentice 1 of 11 drills 3 Nov 2026 never' }),
    ).toBeVisible();
  });
});
