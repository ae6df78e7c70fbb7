import '@testing-library/jest-dom';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { POSITION } from '../../testing/demo';
import { device } from '../../store/device-database';
import { show } from '../../testing/render';
import { serve } from '../../testing/server';
import { Photos } from './Photos';

jest.mock('../../kit/photo/scaled-photo', () => ({
  scaledPhoto: (file: File) =>
    file.name === 'broken.jpg'
      ? Promise.reject(new Error('no picture'))
      : Promise.resolve(new Blob(['picture'], { type: 'image/jpeg' })),
}));

const take = async (name: string): Promise<void> => {
  const camera = document.querySelector<HTMLInputElement>('input[type=file]')!;
  await userEvent.upload(camera, new File(['x'], name, { type: 'image/jpeg' }));
};

describe('a photo of a position', () => {
  beforeEach(() => device.unsent.clear());

  it('waits on the device where no answer came, is sent again under its id, and a new one has a new id', async () => {
    let down = true;
    const asked = serve(({ path }) => {
      if (down) throw new TypeError('no network');
      return { body: { id: path.split('/').at(-1), positionId: 'p1' } };
    });
    const sent = (): string[] => asked.filter(({ method }) => method === 'PUT').map(({ path }) => path);
    show(<Photos position={POSITION} />);
    await take('valve.jpg');
    expect(await screen.findByText('1 photo waits on this device')).toBeInTheDocument();
    // It waits from the moment it is taken; its first try comes to nothing before there is a network.
    await waitFor(() => expect(screen.queryByText('Saving …')).toBeNull());
    expect(sent()).toHaveLength(1);
    down = false;
    await take('other.jpg');
    await waitFor(() => expect(sent()).toHaveLength(3));
    expect(sent()[1]).toBe(sent()[0]);
    expect(sent()[2]).not.toBe(sent()[0]);
    await waitFor(() => expect(screen.queryByText(/waits on this device/)).toBeNull());
  });

  it('that the server refuses is not offered again, and one that is none is said', async () => {
    serve(() => ({
      status: 400,
      body: { error: { code: 'invalid-input', field: 'photo', message: 'The file cannot be decoded.' } },
    }));
    show(<Photos position={POSITION} />);
    await take('valve.jpg');
    expect(await screen.findByText('The file cannot be decoded.')).toBeInTheDocument();
    expect(await device.unsent.count()).toBe(0);
    await take('broken.jpg');
    expect(await screen.findByText(/broken\.jpg/)).toBeInTheDocument();
  });
});
