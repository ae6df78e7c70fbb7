import '@testing-library/jest-dom';
import type { JobWalkView } from '@grevik/contracts';
import { type Medium, MEDIA } from '@grevik/core';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { LINE, POSITION } from '../testing/demo';
import { show } from '../testing/render';
import { serve } from '../testing/server';
import { emergencyOf } from './emergency';
import { keepJob, keepOnlyFor, keptJob } from '../store/kept-job';
import { EmergencyPage } from './EmergencyPage';

const job = (medium: Medium): JobWalkView => ({
  houseRules: {},
  id: 'job',
  name: 'Tarn Quay',
  lines: [
    {
      ...LINE,
      medium,
      positions: [{ ...POSITION, condition: { type: 'ball' } }],
      walk: {
        version: 1,
        items: [
          { id: 's', kind: 'source', depth: 0 },
          { id: 'v', kind: 'valve', depth: 0, positionId: 'p1' },
          { id: 'f', kind: 'fixture', depth: 0, fixture: 'basin', name: 'Staff rooms' },
          { id: 'g', kind: 'fixture', depth: 0, fixture: 'shower', name: 'Bathhouse' },
        ],
      },
    },
  ],
});

describe('Emergency', () => {
  // Nothing answers: the network is gone.
  beforeEach(() => void serve(() => ({ status: 503, body: {} })));
  afterEach(() => keepOnlyFor(undefined));

  it('answers with one tap from what the device kept, and says what to do then', async () => {
    await keepJob(job('potable-cold'), {}, 'me');
    show(<EmergencyPage />, { at: '/emergency' });
    await userEvent.click(await screen.findByRole('button', { name: 'Bathhouse' }));
    expect(screen.getByRole('heading', { name: 'Close CW-103' })).toBeInTheDocument();
    expect(
      screen.getByText(/Open the lowest faucet downstream and wait until it stops running\./),
    ).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'It comes from somewhere else' }));
    await userEvent.type(screen.getByRole('searchbox'), 'staff');
    const found = screen.getAllByRole('button').filter((button) => !button.closest('[role=group]'));
    expect(found.map((button) => button.textContent)).toEqual(['Staff rooms']);
  });

  it('is as the job is now where there is a network, and says since when', async () => {
    serve(({ path }) => ({
      body: path.endsWith('company') ? { name: 'T', currency: 'USD', houseRules: {} } : job('potable-cold'),
    }));
    show(<EmergencyPage />, { at: '/emergency?job=job' });
    await userEvent.click(await screen.findByRole('button', { name: 'Bathhouse' }));
    expect(screen.getByText(/as stored a few seconds ago/)).toBeInTheDocument();
    expect(await keptJob()).toMatchObject({ job: { id: 'job' } });
  });

  it.each<[Medium, RegExp]>([
    ['natural-gas', /No switch, no flame and no phone inside.*gas utility/],
    ['steam-low', /Steam burns/],
    ['fire-water', /impairment/],
    [
      'raw-sewage',
      /Do not enter the wet well or lean over it: the gas kills\. Stop the pumps from outside and keep people away from the sewage\./,
    ],
  ])('says first what matters with %s', async (medium, first) => {
    await keepJob(job(medium), {}, 'me');
    show(<EmergencyPage />, { at: '/emergency?line=line&at=f' });
    expect((await screen.findAllByText(first))[0]).toBeInTheDocument();
  });

  it('says what to do where no job is kept, and keeps none of a company that was left', async () => {
    await keepJob(job('potable-cold'), {}, 'me');
    await keepOnlyFor('somebody of another company');
    expect(await keptJob()).toBeUndefined();
    show(<EmergencyPage />, { at: '/emergency' });
    expect(await screen.findByText('No job is stored on this device yet')).toBeInTheDocument();
  });

  it('shows nothing that is kept for another person', async () => {
    await keepJob(job('potable-cold'), {}, 'somebody of another company');
    show(<EmergencyPage />, { at: '/emergency' });
    expect(await screen.findByText('No job is stored on this device yet')).toBeInTheDocument();
  });

  it('knows an emergency for every medium', () => {
    expect(new Set(MEDIA.map(emergencyOf))).toEqual(
      new Set(['water', 'sprinkler', 'sewage', 'gas', 'steam', 'other']),
    );
  });
});
