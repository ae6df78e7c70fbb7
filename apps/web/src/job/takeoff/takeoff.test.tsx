import '@testing-library/jest-dom';
import type { JobWalkView, ModelView } from '@grevik/contracts';
import { type WalkItem } from '@grevik/core';
import { fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { BALL, LINE } from '../../testing/demo';
import { show } from '../../testing/render';
import { serve } from '../../testing/server';
import { TakeoffPage } from './TakeoffPage';

const stop = (id: string, type: ModelView['type'], price: number, life: [number, number]): ModelView => ({
  ...BALL,
  id,
  maker: 'Fennick',
  model: id,
  type,
  lifeYears: life,
  sizes: [{ dn: 15, price, ...(id === 'A3' && { breaks: [{ from: 50, price: price - 1 }] }) }],
});
const MODELS = [
  stop('A3', 'compression-stop-angle', 4.9, [4, 10]),
  stop('Q3', 'quarter-turn-stop', 8.2, [20, 30]),
  BALL,
];
const fixture = (kind: 'basin' | 'toilet', count: number): WalkItem => ({
  id: kind,
  kind: 'fixture',
  depth: 0,
  fixture: kind,
  name: 'Staff rooms',
  count,
});
const JOB: JobWalkView = {
  id: 'job',
  name: 'Tarn Quay',
  houseRules: {},
  lines: [
    { ...LINE, walk: { version: 0, items: [fixture('basin', 10), fixture('toilet', 4)] } },
    { ...LINE, id: 'hot', walk: { version: 0, items: [fixture('basin', 10)] } },
  ],
};

function open(at = '/jobs/job/takeoff', job = JOB): void {
  serve(({ path }) => {
    if (path.endsWith('/walk')) return { body: job };
    if (path.endsWith('/catalogue')) return { body: MODELS };
    return path.endsWith('/company')
      ? { body: { name: 'Tarnside', currency: 'USD', houseRules: {} } }
      : undefined;
  });
  show(
    <Routes>
      <Route path="/jobs/:jobId/takeoff" element={<TakeoffPage />} />
    </Routes>,
    { at },
  );
}
const ways = async () => within(await screen.findByRole('region', { name: 'Options for the job' }));
const set = (name: string, value: string): void => {
  fireEvent.change(screen.getByRole('spinbutton', { name }), { target: { value } });
};

describe('the takeoff', () => {
  it('counts fixtures from the walks once, with their stops and the spares', async () => {
    open();
    expect(await screen.findByRole('spinbutton', { name: 'Qty: basin' })).toHaveValue(10);
    // Twenty and four, and five per cent of them rounded up.
    expect(screen.getByText('26 stops to buy, including 2 spares')).toBeInTheDocument();
    expect(screen.getAllByText('from the walks')).toHaveLength(2);
  });

  it('prices ways of equipping it, what they differ by, and from when the dearer has cost no more', async () => {
    open();
    const region = await ways();
    expect(region.getByRole('row', { name: /^Fennick A3/ })).toHaveTextContent('$4.90$127.40$9.10$18.20');
    expect(region.getByRole('row', { name: /^Fennick Q3/ })).toHaveTextContent('$8.20$213.20$15.23$8.53');
    expect(
      region.getByText(/Fennick Q3 costs \$85.80 more than Fennick A3: \$3.30 per stop, \$6.13 per fixture/),
    ).toHaveTextContent('from year 7 on');
  });

  it('takes the break the whole quantity reaches, and says when the next is near', async () => {
    open('/jobs/job/takeoff?basin=21&toilet=4&spares=0');
    const region = await ways();
    expect(
      region.getByText('From qty 50 the unit price is $3.90: 4 more would reach it.'),
    ).toBeInTheDocument();
    set('Qty: basin', '23');
    expect(region.getByRole('row', { name: /^Fennick A3/ })).toHaveTextContent('$3.90$195.00');
  });

  it('lets a count and a template be typed, and goes back to what was walked', async () => {
    open();
    await screen.findByText(/26 stops/);
    set('Qty: basin', '12');
    set('Stops per fixture: toilet', '2');
    expect(screen.getByText('34 stops to buy, including 2 spares')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'basin: reset to the walks' }));
    expect(screen.getByText('30 stops to buy, including 2 spares')).toBeInTheDocument();
  });

  it('adds rooms of one kind, and refuses what is no fixture', async () => {
    open();
    await screen.findByText(/26 stops/);
    const rooms = screen.getByRole('textbox', { name: 'Rooms of one kind' });
    await userEvent.type(rooms, 'basin, dragon');
    await userEvent.click(screen.getByRole('button', { name: 'Add rooms' }));
    expect(screen.getByRole('alert')).toHaveTextContent('“dragon” is not a fixture with stops');
    await userEvent.clear(rooms);
    await userEvent.type(rooms, '2 basins and a toilet'.replace(' a ', ' '));
    set('times', '3');
    await userEvent.click(screen.getByRole('button', { name: 'Add rooms' }));
    expect(screen.getByRole('spinbutton', { name: 'Qty: basin' })).toHaveValue(16);
    expect(screen.getByRole('spinbutton', { name: 'Qty: toilet' })).toHaveValue(7);
  });

  it('counts each kind of stop by itself, in its own size and with its own models', async () => {
    const withMain: JobWalkView = {
      ...JOB,
      lines: [
        {
          ...LINE,
          positions: LINE.positions.map((one) => ({
            ...one,
            duty: { ...one.duty, function: 'emergency-shutoff', dn: 20 },
          })),
          walk: { version: 0, items: [fixture('basin', 2)] },
        },
      ],
    };
    open('/jobs/job/takeoff?spares=0&water-heater=3', withMain);
    const mains = within(await screen.findByRole('region', { name: 'Main shut-offs' }));
    expect(mains.getByText(`${LINE.positions.length} piece`)).toBeInTheDocument();
    expect(mains.getByRole('combobox', { name: 'Size: Main shut-offs' })).toHaveValue('20');
    expect(mains.getByRole('row', { name: /^Ostrand 21P/ })).toBeInTheDocument();
    const heater = within(screen.getByRole('region', { name: 'Shut-offs at the water heater' }));
    expect(heater.getByText('6 pieces')).toBeInTheDocument();
    await userEvent.selectOptions(heater.getByRole('combobox'), '1 in');
    expect(heater.getByText(/no model for this in 1 in/)).toBeInTheDocument();
    const fixtures = within(screen.getByRole('region', { name: 'Fixture stops' }));
    expect(fixtures.queryByText(/Ostrand/)).not.toBeInTheDocument();
    expect(fixtures.getByRole('row', { name: /^Fennick A3/ })).toBeInTheDocument();
  });

  it('fills in so many homes of a kind', async () => {
    open();
    await screen.findByText(/26 stops/);
    await userEvent.selectOptions(
      screen.getByRole('combobox', { name: 'By kind of home' }),
      'House, two baths',
    );
    set('number of homes', '3');
    await userEvent.click(screen.getByRole('button', { name: 'Add homes' }));
    expect(screen.getByRole('spinbutton', { name: 'Qty: basin' })).toHaveValue(16);
    expect(screen.getByRole('spinbutton', { name: 'Qty: hose bibb' })).toHaveValue(6);
    expect(screen.getByRole('spinbutton', { name: 'Qty: main shut-off' })).toHaveValue(3);
  });

  it('says what to do where nothing is walked', async () => {
    open('/jobs/job/takeoff', { ...JOB, lines: [] });
    expect(
      await screen.findByText(/No fixtures yet\. Add rooms below, or walk the lines\./),
    ).toBeInTheDocument();
    expect(screen.getByText('0 stops to buy, including 0 spares')).toBeInTheDocument();
  });

  it('lets spares ride along, adds them up, and goes on the order with them', async () => {
    const asked = serve(({ path, method }) => {
      if (path.endsWith('/walk')) return { body: JOB };
      if (path.endsWith('/catalogue'))
        return { body: [{ ...MODELS[0]!, spares: [{ name: 'Washer', price: 0.35 }] }, MODELS[1]!] };
      if (method === 'POST')
        return { body: { job: 'Tarn Quay', currency: 'USD', orders: [], quotations: [] } };
      return path.endsWith('/company') ? { body: { name: 'T', currency: 'USD', houseRules: {} } } : undefined;
    });
    show(
      <Routes>
        <Route path="/jobs/:jobId/takeoff" element={<TakeoffPage />} />
      </Routes>,
      { at: '/jobs/job/takeoff' },
    );
    const along = within(await screen.findByRole('region', { name: 'Parts and kits for Fennick A3' }));
    fireEvent.change(along.getByRole('spinbutton', { name: 'Washer, Fennick A3' }), {
      target: { value: '10' },
    });
    expect(along.getByText('$3.50')).toBeInTheDocument();
    await userEvent.click(along.getByRole('button', { name: 'Add Fennick A3 to order' }));
    expect(await screen.findByText('Fennick A3: 2 lines added, prices not known yet')).toBeInTheDocument();
    const { lines } = asked.find(({ method }) => method === 'POST')!.body as {
      lines: { text: string; quantity: number }[];
    };
    expect(lines[1]).toMatchObject({ text: 'Washer for Fennick A3', quantity: 10 });
    expect(lines[0]?.quantity).toBeGreaterThan(20);
    expect(screen.getByText('This model has no spare parts in the catalogue.')).toBeInTheDocument();
  });
});
