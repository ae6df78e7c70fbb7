import '@testing-library/jest-dom';
import type { BudgetView, ServedValveView } from '@grevik/contracts';
import { STANDARD_BUDGET, budgetOf } from '@grevik/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { show } from '../../testing/render';
import { type Asked, serve } from '../../testing/server';
import { BudgetPage } from './BudgetPage';

jest.mock('./plan-in-worker', () => ({
  planInWorker: (given: BudgetView) => ({
    plan: Promise.resolve(budgetOf(given)),
    curve: Promise.resolve([]),
    cancel: () => undefined,
  }),
}));
jest.mock('./BudgetCharts', () => ({ __esModule: true, default: () => null }));
jest.mock('../../kit/life/SurvivalChart', () => ({ __esModule: true, default: () => null }));

const valve = (tag: string, more: Partial<ServedValveView> = {}): ServedValveView => ({
  ...{ id: tag, tag, remarks: 'Café branch', type: 'gate-solid', medium: 'potable-cold', dn: 20, price: 40 },
  ...{ jobId: 'job', jobName: 'Quay', lineId: 'line', lineName: 'Domestic cold', ageYears: 22 },
  ...{ wets: 'floor-below', dry: ['Bakery'], failure: null, mustNotWait: null },
  ...more,
});
const VIEW: BudgetView = {
  version: 3,
  settings: { ...STANDARD_BUDGET, money: [200, 200, 200, 200, 200] },
  moved: {},
  currency: 'USD',
  valves: [
    valve('CW-103', { isFailed: true, failure: 'seized' }),
    valve('CW-104'),
    valve('CW-105', { ageYears: undefined }),
    valve('GA-103', {
      medium: 'natural-gas',
      failure: 'gas-seized',
      isFailed: true,
      mustNotWait: 'A gas valve that does not turn cannot stop a leak.',
    }),
  ],
  seen: [],
};

function open(view = VIEW): Asked[] {
  const asked = serve(({ method, path }) => {
    if (path === '/api/budget') return { body: method === 'PUT' ? { changeId: 'c' } : view };
    return method === 'PUT' ? { body: { changeId: 'w' } } : undefined;
  });
  show(<BudgetPage />);
  return asked;
}
const sent = (asked: readonly Asked[], path: string): unknown =>
  asked.find((one) => one.method === 'PUT' && one.path === path)?.body;
const year = (name: RegExp) => screen.findByRole('region', { name });

describe('the budget', () => {
  it('puts above it what must not wait, and first what has failed', async () => {
    open();
    const urgent = await screen.findByRole('region', { name: /^Must not wait/ });
    expect(urgent).toHaveTextContent('GA-103');
    expect(await year(/^Year 1: 1 valve, \$183 of \$200/)).toHaveTextContent(/CW-103.*has failed/);
    expect(screen.getByText(/nobody knows the age of 1 valve: CW-105/)).toBeVisible();
    expect(screen.getByText(/The plan saves \$/)).toBeVisible();
  });

  it('says what each other year would cost, and moves a valve there', async () => {
    const asked = open();
    const [row] = within(await year(/^Year 1: /)).getAllByRole('listitem');
    await userEvent.click(within(row!).getByRole('combobox', { name: 'When' }));
    const options = screen.getAllByRole('option').map((one) => one.textContent);
    expect(options[0]).toBe('Year 1');
    expect(options[1]).toMatch(/^Year 2 [+−]\$\d/);
    await userEvent.click(screen.getByRole('option', { name: /^Year 3/ }));
    await waitFor(() =>
      expect(sent(asked, '/api/budget')).toMatchObject({ version: 3, moved: { 'CW-103': 3 } }),
    );
  });

  it('asks what gets wet, and keeps the answer', async () => {
    const asked = open();
    const [row] = within(await year(/^Year 1: /)).getAllByRole('listitem');
    await userEvent.click(within(row!).getByRole('combobox', { name: 'What gets wet if it fails?' }));
    await userEvent.click(screen.getByRole('option', { name: 'an electrical room' }));
    await waitFor(() => expect(sent(asked, '/api/positions/CW-103/wets')).toEqual({ wets: 'electrical' }));
  });

  it('takes other money and names an odd figure', async () => {
    const asked = open();
    const first = await screen.findByLabelText('Year 1');
    await userEvent.clear(first);
    await userEvent.type(first, 'plenty');
    await userEvent.click(screen.getByRole('button', { name: 'Save and plan' }));
    expect(screen.getByRole('alert')).toHaveTextContent('money[0] is "plenty"');
    await userEvent.clear(first);
    await userEvent.type(first, '900');
    await userEvent.click(screen.getByRole('button', { name: 'Save and plan' }));
    await waitFor(() =>
      expect(sent(asked, '/api/budget')).toMatchObject({
        settings: { money: [900, 200, 200, 200, 200], discountRate: 0.03 },
      }),
    );
  });

  it('keeps what was moved by hand when other figures change, as far as its year is still planned', async () => {
    const asked = open({ ...VIEW, moved: { 'CW-103': 2, 'CW-104': 5 } });
    const years = await screen.findByLabelText('Plan ahead');
    await userEvent.clear(years);
    await userEvent.type(years, '3');
    await userEvent.click(screen.getByRole('button', { name: 'Save and plan' }));
    await waitFor(() => expect(sent(asked, '/api/budget')).toMatchObject({ moved: { 'CW-103': 2 } }));
    expect((sent(asked, '/api/budget') as { moved: object }).moved).not.toHaveProperty('CW-104');
  });

  it('plans one shutdown for valves of one line, not for lines of one name', async () => {
    const failed = { isFailed: true, failure: 'seized' } as const;
    open({
      ...VIEW,
      settings: { ...VIEW.settings, money: [600, 0, 0, 0, 0] },
      valves: [
        valve('CW-103', failed),
        valve('CW-104', failed),
        valve('CW-903', { ...failed, jobId: 'other', lineId: 'other' }),
      ],
    });
    expect(await screen.findByText(/^On Domestic cold: /)).toHaveTextContent(
      'On Domestic cold: CW-103, CW-104. Plan one shutdown for them.',
    );
  });

  it('says what is missing where nothing can be planned', async () => {
    open({ ...VIEW, valves: [] });
    expect(await screen.findByText(/^No valve can be planned yet/)).toBeVisible();
  });
});
