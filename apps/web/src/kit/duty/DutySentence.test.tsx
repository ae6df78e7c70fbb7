import '@testing-library/jest-dom';
import type { ChangeDutyRequest } from '@grevik/contracts';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { LINE, POSITION } from '../../testing/demo';
import { show } from '../../testing/render';
import { device } from '../../store/device-database';
import { type Asked, serve } from '../../testing/server';
import { DutySentence } from './DutySentence';

const accept = (): Asked[] =>
  serve(({ body }) => ({
    body: {
      ...POSITION,
      ...(body as ChangeDutyRequest),
      version: 5,
      changed: { id: 'c1', by: 'Ada Wrenfield', at: '2026-11-25T00:00:00Z' },
    },
  }));
const word = (name: string): HTMLElement => screen.getByRole('button', { name: new RegExp(`^${name}:`) });
const sentence = (): string => (word('function').closest('p')?.textContent ?? '').replace(/\s+/g, ' ');

describe('the duty as a sentence', () => {
  it('reads as one, with every figure in the chosen units', () => {
    show(<DutySentence line={LINE} position={POSITION} />);
    expect(sentence()).toBe(
      'Shut off cold drinking water at 75 psi, 50 °F, 7.93 gpm through ¾ in copper, 62 ft of pipe upstream, level, concealed in a wall. Operated once a year; hard water.',
    );
  });

  it('reads the same in metric', () => {
    show(<DutySentence line={LINE} position={POSITION} />, { units: 'metric' });
    expect(sentence()).toContain('at 5.17 bar, 10 °C, 0.5 L/s through DN20 copper, 18.9 m of pipe upstream');
  });

  it('shows what is not known as gaps to fill', () => {
    const { function: asked, dn, pressurePa, temperatureC } = POSITION.duty;
    show(
      <DutySentence
        line={LINE}
        position={{ ...POSITION, duty: { function: asked, dn, pressurePa, temperatureC } }}
      />,
    );
    expect(sentence()).toBe(
      'Shut off cold drinking water at 75 psi, 50 °F, flow not known through ¾ in pipe not known, flow direction not known, place not known. Operated how often?; no special conditions.',
    );
  });

  it('sends a changed word with the version it was seen in, and takes it back with Undo', async () => {
    const asked = accept();
    show(<DutySentence line={LINE} position={POSITION} />);
    await userEvent.click(word('temperature'));
    const box = screen.getByRole('textbox', { name: 'temperature' });
    await userEvent.clear(box);
    await userEvent.type(box, '90 °C{enter}');
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(asked).toHaveLength(2));
    expect(asked).toMatchObject([
      {
        method: 'PUT',
        path: '/api/positions/p1/duty',
        body: { version: 4, duty: { temperatureC: 90, pressurePa: 517106.797 } },
      },
      { method: 'POST', path: '/api/changes/c1/undo' },
    ]);
  });

  it('keeps both of two changes, the second made before the first was answered', async () => {
    const asked = accept();
    show(<DutySentence line={LINE} position={POSITION} />);
    await userEvent.click(word('place'));
    fireEvent.click(screen.getByRole('menuitem', { name: 'buried' }));
    fireEvent.click(word('pipe'));
    fireEvent.click(screen.getByRole('menuitem', { name: 'PEX' }));
    await waitFor(() => expect(asked).toHaveLength(2));
    expect(asked).toMatchObject([
      { body: { version: 4, duty: { place: 'buried', pipe: { material: 'copper' } } } },
      { body: { version: 5, duty: { place: 'buried', pipe: { material: 'pex' } } } },
    ]);
  });

  it('puts both of two refused changes beside the duty as it is now', async () => {
    const current = { ...POSITION, version: 9 };
    serve(() => ({ status: 409, body: { error: { code: 'stale', message: 'Changed.', current } } }));
    const { store } = show(<DutySentence line={LINE} position={POSITION} />);
    await userEvent.click(word('place'));
    fireEvent.click(screen.getByRole('menuitem', { name: 'buried' }));
    fireEvent.click(word('pipe'));
    fireEvent.click(screen.getByRole('menuitem', { name: 'PEX' }));
    await waitFor(() =>
      expect(store.getState().merge?.mine).toMatchObject({ place: 'buried', pipe: { material: 'pex' } }),
    );
  });

  it('chooses from a list, and keeps the run when the pipe changes', async () => {
    const asked = accept();
    show(<DutySentence line={LINE} position={POSITION} />);
    await userEvent.click(word('pipe'));
    await userEvent.click(screen.getByRole('menuitem', { name: 'PEX' }));
    await waitFor(() =>
      expect(asked).toMatchObject([
        { body: { duty: { pipe: { material: 'pex', lengthUpstreamM: 18.8976 } } } },
      ]),
    );
  });

  it('leaves out a condition that no longer holds, and a figure no longer known', async () => {
    const asked = accept();
    show(<DutySentence line={LINE} position={POSITION} />);
    await userEvent.click(word('conditions'));
    const dialog = screen.getByRole('dialog', { name: 'conditions' });
    await userEvent.click(within(dialog).getByRole('checkbox', { name: 'hard water' }));
    await userEvent.click(within(dialog).getByRole('checkbox', { name: 'occupied area' }));
    await userEvent.click(within(dialog).getByRole('button', { name: 'Apply' }));
    await waitFor(() => expect(asked).toHaveLength(1));
    const { duty } = asked[0]!.body as ChangeDutyRequest;
    expect(duty).toMatchObject({ occupied: true });
    expect(duty).not.toHaveProperty('hardWater');
  });

  it('says why the server refused, in the open field', async () => {
    serve(() => ({
      status: 400,
      body: { error: { code: 'invalid-input', message: 'Four bar is not for this line.' } },
    }));
    show(<DutySentence line={LINE} position={POSITION} />);
    await userEvent.click(word('pressure'));
    const box = screen.getByRole('textbox', { name: 'pressure' });
    await userEvent.clear(box);
    await userEvent.type(box, '4 bar{enter}');
    expect(await screen.findByText('Four bar is not for this line.')).toBeInTheDocument();
  });

  it('is kept on the device where no server answers, and says so', async () => {
    await device.unsent.clear();
    globalThis.fetch = () => Promise.reject(new TypeError('no network'));
    show(<DutySentence line={LINE} position={POSITION} />);
    await userEvent.click(word('place'));
    await userEvent.click(screen.getByRole('menuitem', { name: 'buried' }));
    expect(await screen.findByText(/^No network\. This is stored on this device/)).toBeInTheDocument();
    expect(await device.unsent.toArray()).toMatchObject([
      { title: 'Duty', path: `positions/${POSITION.id}/duty`, method: 'PUT' },
    ]);
  });

  it('is read, not changed, by whoever may not change it', () => {
    show(<DutySentence line={LINE} position={POSITION} />, { may: ['look'] });
    expect(screen.queryByRole('button')).not.toBeInTheDocument();
    expect(
      screen.getByTitle(
        /Your role can read duties\. An owner, estimator, foreman or technician can change them\./,
      ),
    ).toHaveTextContent('75 psi');
  });
});
