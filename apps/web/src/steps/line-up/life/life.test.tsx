import '@testing-library/jest-dom';
import type { LifeBasisView, ServedValveView } from '@grevik/contracts';
import { STANDARD_BUDGET } from '@grevik/core';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { POSITION } from '../../../testing/demo';
import { onLine } from '../../../testing/on-line';
import { show } from '../../../testing/render';
import { serve } from '../../../testing/server';
import { Expected } from '../../log/Expected';
import { LifePage } from './LifePage';

jest.mock('./LifeChart', () => ({ __esModule: true, default: () => null }));
jest.mock('../../../kit/life/SurvivalChart', () => ({ __esModule: true, default: () => null }));

const BASIS: LifeBasisView = {
  settings: STANDARD_BUDGET,
  currency: 'USD',
  learned: [],
  wets: 'public-room',
  isBehindSeized: false,
  valve: null,
};
const VALVE: ServedValveView = {
  id: 'p1',
  tag: 'CW-103',
  remarks: 'café branch',
  jobId: 'job',
  jobName: 'Quay',
  lineId: 'line',
  lineName: 'Cold',
  medium: 'potable-cold',
  type: 'ball',
  dn: 20,
  ageYears: 12,
  price: 20,
  wets: 'public-room',
  dry: ['Café'],
  failure: null,
  mustNotWait: null,
};

const answering = (basis: LifeBasisView): void =>
  void serve(({ path }) => (path.endsWith('/life') ? { body: basis } : undefined));

describe('what candidates cost over the years', () => {
  it('is said in words: the cheapest, and by when a dearer one has paid for itself', async () => {
    answering(BASIS);
    onLine(<LifePage />, { at: '/?of=ball,gate' });
    expect(
      await screen.findByText(/^Over 20 years Ostrand 21P costs least: \$[\d,]+ at today’s value\.$/),
    ).toBeVisible();
    expect(
      screen.getByText(
        /^Ostrand 21P costs \$9 more than Kell & Vane 6S to put in and has paid for itself in year \d+\.$/,
      ),
    ).toBeVisible();
    const row = within(screen.getByRole('row', { name: /^Each failure/ }));
    expect(row.getAllByText(/\$12,000 of damage with a chance of 30 %$/)).toHaveLength(2);
  });

  it('looks ahead as far as one asks', async () => {
    answering(BASIS);
    onLine(<LifePage />, { at: '/?of=ball,gate' });
    await userEvent.click(await screen.findByRole('combobox', { name: 'Look ahead' }));
    await userEvent.click(screen.getByRole('option', { name: '5 years' }));
    expect(await screen.findByRole('heading', { name: 'CW-103: cost over 5 years' })).toBeVisible();
  });

  it('shows the best of each type where none was chosen', async () => {
    answering(BASIS);
    onLine(<LifePage />);
    expect(await screen.findByRole('columnheader', { name: /^Kell & Vane 6S/ })).toBeVisible();
    expect(screen.getAllByRole('columnheader')).toHaveLength(2);
  });
});

describe('how long the valve in service may last', () => {
  it('is said with its band, its chance, and what its failure would do', async () => {
    answering({ ...BASIS, valve: VALVE });
    show(<Expected position={POSITION} />);
    expect(
      await screen.findByText(
        /^Half of such valves have failed after 30 years \(\d+–\d+\)\. This one is 12 years old\. The chance that it fails within the year is \d+ %\.$/,
      ),
    ).toBeVisible();
    expect(
      screen.getByText(
        /\$12,000 of damage with a chance of 30 %\. Out of service while it is changed: Café\.$/,
      ),
    ).toBeVisible();
  });

  it('is not said of a valve whose age nobody knows', async () => {
    const { ageYears: _age, ...ageless } = VALVE;
    answering({ ...BASIS, valve: ageless });
    show(<Expected position={POSITION} />);
    expect(await screen.findByText(/^Nobody knows how old the valve here is/)).toBeVisible();
    expect(screen.queryByText(/chance that it fails/)).not.toBeInTheDocument();
  });
});
