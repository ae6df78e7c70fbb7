import '@testing-library/jest-dom';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { BALL, GATE, LINE, POSITION } from '../../testing/demo';
import { show } from '../../testing/render';
import { type Asked, serve } from '../../testing/server';
import { HouseRulesPage } from './HouseRulesPage';

const job = { id: 'job', version: 4, name: 'Quay', lines: [], houseRules: { 'old-gates': 'exercise' } };
const throttling = { ...POSITION, duty: { ...POSITION.duty, function: 'throttle' } };

const answers = ({ path }: Asked): { body: unknown } => {
  if (path === '/api/jobs/names') return { body: [job] };
  if (path === '/api/jobs/job') return { body: job };
  if (path === '/api/jobs/job/walk')
    return { body: { ...job, lines: [{ ...LINE, positions: [throttling] }] } };
  if (path === '/api/catalogue') return { body: [BALL, GATE] };
  return { body: company };
};
const company = {
  version: 2,
  name: 'Tarnside',
  currency: 'USD',
  houseRules: { stops: 'multi-turn' },
  holdRules: {},
};

describe('the house rules', () => {
  it('stand with every side, the one taken chosen, and another taken by a tap', async () => {
    const asked = serve(answers);
    show(<HouseRulesPage />);
    const gates = within(
      await screen.findByRole('group', { name: 'What about a gate nobody has operated?' }),
    );
    expect(gates.getAllByRole('radio')).toHaveLength(3);
    expect(gates.getByRole('radio', { name: /Do not operate it when it is seized.*default/ })).toBeChecked();
    await userEvent.click(gates.getByRole('radio', { name: /^Do not operate it: close upstream/ }));
    await waitFor(() => expect(asked.some(({ method }) => method === 'PUT')).toBe(true));
    expect(asked.find(({ method }) => method === 'PUT')?.body).toEqual({
      version: 2,
      houseRules: { stops: 'multi-turn', 'old-gates': 'leave' },
    });
  });

  it('stand beside the currency of prices, which is set here', async () => {
    const asked = serve(answers);
    show(<HouseRulesPage />);
    await userEvent.selectOptions(
      await screen.findByRole('combobox', { name: 'Currency of prices' }),
      'EUR · Euro',
    );
    expect(await screen.findByText('Prices are now in EUR.')).toBeInTheDocument();
    expect(asked.find(({ method }) => method === 'PUT')).toMatchObject({
      path: '/api/company/currency',
      body: { version: 2, currency: 'EUR' },
    });
  });

  it('are only looked at by a role that takes no settings', async () => {
    serve(answers);
    show(<HouseRulesPage />, { may: ['look'] });
    for (const radio of await screen.findAllByRole('radio')) expect(radio).toBeDisabled();
  });

  it('are taken for one job, over the company’s, and given back', async () => {
    const asked = serve(answers);
    show(<HouseRulesPage />, { at: '/?job=job' });
    const gates = within(
      await screen.findByRole('group', { name: 'What about a gate nobody has operated?' }),
    );
    expect(gates.getByRole('radio', { name: /Exercise every gate/ })).toBeChecked();
    await userEvent.click(gates.getByRole('radio', { name: /^Same as the company:/ }));
    await waitFor(() => expect(asked.some(({ method }) => method === 'PUT')).toBe(true));
    expect(asked.find(({ method }) => method === 'PUT')).toMatchObject({
      path: '/api/jobs/job/house-rules',
      body: { version: 4, houseRules: {} },
    });
  });

  it('say what another side would change on a job, counted and listed', async () => {
    serve(answers);
    show(<HouseRulesPage />);
    const group = await screen.findByRole('group', { name: 'May a ball valve throttle?' });
    const balls = within(group.parentElement!);
    expect(balls.getByText('What another option would change in Quay')).toBeInTheDocument();
    expect(await balls.findByText(/changes 1 position\./)).toBeVisible();
    await userEvent.click(balls.getByText('Show the positions'));
    expect(balls.getByRole('link', { name: 'CW-103' })).toBeVisible();
    expect(balls.getByText(/first choice Ostrand 21P, then none/)).toBeVisible();
  });

  it.each([
    [{ failed: 3, working: 40, medianYears: 14, option: null }, {}, /From 10 failures on/, 'planned'],
    [{ failed: 12, working: 4, medianYears: 7, option: 'on-sight' }, {}, /The rule follows them/, 'on-sight'],
    [
      { failed: 12, working: 4, medianYears: 7, option: 'on-sight' },
      { 'gate-life': 'planned' },
      /They speak for/,
      'planned',
    ],
  ])('with own gates %j and chosen %j say %s', async (ownGates, houseRules, said, option) => {
    serve((asked) =>
      asked.path === '/api/company' ? { body: { ...company, houseRules, ownGates } } : answers(asked),
    );
    show(<HouseRulesPage />);
    const gates = within(await screen.findByRole('group', { name: 'May a building have gate valves?' }));
    expect(gates.getByText(said)).toBeVisible();
    const chosen = { planned: /^Replace faulty gates now/, 'on-sight': /^Replace every gate found/ }[option];
    expect(gates.getByRole('radio', { name: chosen! })).toBeChecked();
  });
});
