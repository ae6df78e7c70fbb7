import '@testing-library/jest-dom';
import type { CompanyView } from '@grevik/contracts';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { show } from '../../testing/render';
import { type Asked, serve } from '../../testing/server';
import { HoldRules } from './HoldRules';

const COMPANY: CompanyView = {
  version: 3,
  name: 'Quay works',
  currency: 'USD',
  houseRules: {},
  ownGates: null,
  holdRules: { sprinkler: { holdS: 10_800, source: 'Fire marshal' } },
};

function open(): Asked[] {
  const asked = serve(() => ({ body: COMPANY }));
  show(<HoldRules company={COMPANY} />);
  return asked;
}
const ruleOf = (kind: string) => within(screen.getByText(kind).closest('form')!);

describe('test pressures and times of the company', () => {
  it('are sent with their source, beside those there are', async () => {
    const asked = open();
    const gas = ruleOf('fuel gas');
    await userEvent.type(gas.getByRole('textbox', { name: 'Time' }), '20 min');
    await userEvent.type(gas.getByRole('textbox', { name: '× working pressure' }), '2');
    await userEvent.click(gas.getByRole('button', { name: 'Save' }));
    expect(gas.getByRole('alert')).toHaveTextContent('Say by whose word');
    await userEvent.type(gas.getByRole('textbox', { name: 'By whose word' }), 'Gas utility');
    await userEvent.click(gas.getByRole('button', { name: 'Save' }));
    await waitFor(() =>
      expect(asked.find(({ path }) => path === '/api/company/hold-rules')?.body).toEqual({
        version: 3,
        holdRules: {
          sprinkler: { holdS: 10_800, source: 'Fire marshal' },
          'fuel-gas': { holdS: 1200, timesWorking: 2, source: 'Gas utility' },
        },
      }),
    );
  });

  it('go back to the usual ones when they are emptied', async () => {
    const asked = open();
    const sprinkler = ruleOf('sprinkler');
    await userEvent.clear(sprinkler.getByRole('textbox', { name: 'Time' }));
    await userEvent.click(sprinkler.getByRole('button', { name: 'Save' }));
    await waitFor(() =>
      expect(asked.find(({ path }) => path === '/api/company/hold-rules')?.body).toEqual({
        version: 3,
        holdRules: {},
      }),
    );
  });

  it('say what cannot be read', async () => {
    const asked = open();
    const gas = ruleOf('fuel gas');
    await userEvent.type(gas.getByRole('textbox', { name: 'Pressure, or the least' }), '9 parsec');
    await userEvent.type(gas.getByRole('textbox', { name: 'By whose word' }), 'Gas utility');
    await userEvent.click(gas.getByRole('button', { name: 'Save' }));
    expect(gas.getByRole('alert')).toHaveTextContent(/parsec/);
    expect(asked.some(({ path }) => path === '/api/company/hold-rules')).toBe(false);
  });
});
