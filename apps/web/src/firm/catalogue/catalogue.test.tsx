import '@testing-library/jest-dom';
import type { ModelView } from '@grevik/contracts';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { BALL, GATE } from '../../testing/demo';
import { ownTask } from '../../testing/own-task';
import { show } from '../../testing/render';
import { type Asked, serve } from '../../testing/server';
import { textFile } from '../../testing/text-file';
import { CataloguePage } from './CataloguePage';
import { ModelPage } from './ModelPage';
import { TypesPage } from './TypesPage';

const RETIRED: ModelView = { ...GATE, id: 'old', model: '5S', retired: true };
const company = { name: 'Tarnside', currency: 'USD', houseRules: {} };

function open(
  at: string,
  change: (asked: Asked) => { status?: number; body: unknown } | undefined = () => undefined,
): Asked[] {
  const asked = serve((request) => {
    const changed = change(request);
    if (changed) return changed;
    if (request.path === '/api/company') return { body: company };
    if (request.path === '/api/catalogue') return { body: [BALL, GATE, RETIRED] };
    return undefined;
  });
  show(
    <Routes>
      <Route path="/catalogue" element={<CataloguePage />} />
      <Route path="/catalogue/new" element={<ModelPage />} />
      <Route path="/catalogue/models/:modelId" element={<ModelPage />} />
      <Route path="/catalogue/types/:type?" element={<TypesPage />} />
    </Routes>,
    { at },
  );
  return asked;
}

describe('the catalogue', () => {
  it('lists what can be chosen, finds by word, and shows what is retired on wish', async () => {
    open('/catalogue');
    expect(await screen.findAllByRole('rowheader')).toHaveLength(2);
    await userEvent.type(screen.getByRole('searchbox'), 'gate');
    expect(screen.getAllByRole('rowheader').map(({ textContent }) => textContent)).toEqual([
      'Kell & Vane 6S',
    ]);
    await userEvent.click(screen.getByRole('checkbox', { name: 'show retired (1)' }));
    expect(screen.getAllByRole('rowheader').map(({ textContent }) => textContent)).toEqual([
      'Kell & Vane 6S',
      'Kell & Vane 5S retired',
    ]);
    await userEvent.clear(screen.getByRole('searchbox'));
    await userEvent.type(screen.getByRole('searchbox'), 'zzz');
    expect(screen.getByText('No model matches.')).toBeVisible();
  });

  it('starts a model from what a casting says', async () => {
    open('/catalogue');
    await userEvent.click(await screen.findByRole('button', { name: 'Add from a tag' }));
    await userEvent.type(screen.getByRole('textbox', { name: /Markings on tag or casting/ }), '3 300 WCB zz');
    expect(screen.getByText(/Read from it: 3 in, carbon steel, steel, class 300/)).toBeVisible();
    expect(screen.getByText('Not understood: zz')).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Create model' }));
    expect(await screen.findByLabelText('Body')).toHaveValue('carbon-steel');
    expect(screen.getByLabelText('Rating table')).toHaveValue('body-steel-300');
    expect(screen.getByRole('textbox', { name: 'Size 1' })).toHaveValue('3 in');
  });

  it('names the field that can not be read, and keeps what was typed', async () => {
    const asked = open('/catalogue/models/ball');
    const price = await screen.findByRole('textbox', { name: 'Unit price 1' });
    await userEvent.clear(price);
    await userEvent.type(price, 'cheap');
    await userEvent.click(screen.getByRole('button', { name: 'Save model' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('sizes[0].price is "cheap"');
    expect(price).toHaveValue('cheap');
    expect(asked.some(({ method }) => method === 'PUT')).toBe(false);
  });

  it('sends a changed model under the version that was seen', async () => {
    const asked = open('/catalogue/models/ball', ({ method }) =>
      method === 'PUT' ? { body: { ...BALL, version: 1 } } : undefined,
    );
    const price = await screen.findByRole('textbox', { name: 'Unit price 1' });
    await userEvent.clear(price);
    await userEvent.type(price, '19,5');
    await userEvent.click(screen.getByRole('checkbox', { name: 'gas' }));
    await userEvent.click(screen.getByRole('button', { name: 'Save model' }));
    await waitFor(() => expect(asked.some(({ method }) => method === 'PUT')).toBe(true));
    const sent = asked.find(({ method }) => method === 'PUT');
    expect(sent).toMatchObject({
      path: '/api/catalogue/ball',
      body: { version: 0, model: { approvals: [...(BALL.approvals ?? []), 'gas'] } },
    });
    expect((sent!.body as { model: ModelView }).model.sizes[0]?.price).toBe(19.5);
  });

  it('takes a list after it was looked at', async () => {
    const seen = {
      adds: ['Fellside 7'],
      changes: [],
      same: 2,
      problems: [{ row: 4, column: 'price', message: 'price is "x": give a number.' }],
      unread: ['colour'],
    };
    const asked = open('/catalogue', ({ method, path }) => {
      if (path.endsWith('/list/imports')) return { status: 202, body: { taskId: 'task' } };
      if (path.endsWith('/tasks/mine/task'))
        return {
          body: ownTask({ kind: 'catalogue-import', result: { models: { adds: 1, changes: 0 } } }),
        };
      return method === 'POST' ? { body: seen } : undefined;
    });
    await userEvent.click(await screen.findByRole('button', { name: 'Import models' }));
    const dialog = within(screen.getByRole('dialog'));
    fireEvent.change(screen.getByRole('dialog').querySelector('input[type="file"]')!, {
      target: { files: [textFile('maker', 'models.csv', 'text/csv')] },
    });
    expect(await dialog.findByText(/1 to add, 0 to change, 2 already the same/)).toBeVisible();
    expect(dialog.getByText(/Row 4, price: price is "x"/)).toBeVisible();
    await userEvent.click(dialog.getByRole('button', { name: 'Import models' }));
    await waitFor(() => expect(asked.filter(({ method }) => method === 'POST')).toHaveLength(2));
    expect(asked.filter(({ method }) => method === 'POST')[1]?.body).toEqual({
      format: 'csv',
      text: 'maker',
      adds: 1,
      changes: 0,
    });
    await waitFor(() => expect(screen.queryByRole('dialog')).not.toBeInTheDocument());
  });

  it('is only looked at by a role that may not change it', async () => {
    serve(({ path }) => ({ body: path === '/api/catalogue' ? [BALL] : company }));
    show(<CataloguePage />, { may: ['look'] });
    expect(await screen.findByRole('rowheader')).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Import models' })).not.toBeInTheDocument();
  });
});

describe('a type from the inside', () => {
  it('shows what wears and, switched on, what is wrong', async () => {
    open('/catalogue/types/check-ball');
    const [drawing] = screen.getAllByRole('img');
    expect(drawing).toHaveAccessibleName(/What wears: The rubber of the ball/);
    await userEvent.click(screen.getByRole('button', { name: 'ball worn egg-shaped' }));
    expect(screen.getAllByRole('img')[0]).toHaveAccessibleName(/egg-shaped and wedged out of the way/);
    expect(screen.getByText(/No alarm: the well refills/)).toBeVisible();
  });
});
