import '@testing-library/jest-dom';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { show } from '../testing/render';
import { serve } from '../testing/server';
import { HouseRulesPage } from './HouseRulesPage';

const company = { name: 'Tarnside', currency: 'USD', houseRules: { stops: 'multi-turn' } };

describe('the house rules', () => {
  it('stand with every side, the one taken chosen, and another taken by a tap', async () => {
    const asked = serve(() => ({ body: company }));
    show(<HouseRulesPage />);
    const gates = within(
      await screen.findByRole('group', { name: 'What is done with a gate nobody has turned?' }),
    );
    expect(gates.getAllByRole('radio')).toHaveLength(3);
    expect(gates.getByRole('radio', { name: /Hands off when unexercised.*standard/ })).toBeChecked();
    await userEvent.click(gates.getByRole('radio', { name: /Leave it alone/ }));
    await waitFor(() => expect(asked.some(({ method }) => method === 'PUT')).toBe(true));
    expect(asked.find(({ method }) => method === 'PUT')?.body).toEqual({
      houseRules: { stops: 'multi-turn', 'old-gates': 'leave' },
    });
  });

  it('are only looked at by a role that takes no sides', async () => {
    serve(() => ({ body: company }));
    show(<HouseRulesPage />, { may: ['look'] });
    for (const radio of await screen.findAllByRole('radio')) expect(radio).toBeDisabled();
  });
});
