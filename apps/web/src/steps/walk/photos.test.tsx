import '@testing-library/jest-dom';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { POSITION } from '../../testing/demo';
import { show } from '../../testing/render';
import { serve } from '../../testing/server';
import { Photos } from './Photos';

jest.mock('./scaled-photo', () => ({
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
  it('is sent again under its id where no answer came, and a new one has a new id', async () => {
    let down = true;
    const asked = serve(({ path }) => {
      if (down) throw new TypeError('no network');
      return { body: { id: path.split('/').at(-1), positionId: 'p1' } };
    });
    const sent = (): string[] => asked.filter(({ method }) => method === 'PUT').map(({ path }) => path);
    show(<Photos position={POSITION} lineId="line" />);
    await take('valve.jpg');
    const again = await screen.findByRole('button', { name: 'Send photo again' });
    expect(screen.getByRole('alert')).toBeInTheDocument();
    down = false;
    await userEvent.click(again);
    await waitFor(() => expect(screen.queryByRole('button', { name: 'Send photo again' })).toBeNull());
    expect(sent()).toHaveLength(2);
    expect(sent()[1]).toBe(sent()[0]);
    await take('other.jpg');
    await waitFor(() => expect(sent()).toHaveLength(3));
    expect(sent()[2]).not.toBe(sent()[0]);
  });

  it('that the server refuses is not offered again, and one that is none is said', async () => {
    serve(() => ({
      status: 400,
      body: { error: { code: 'invalid-input', field: 'photo', message: 'The file cannot be decoded.' } },
    }));
    show(<Photos position={POSITION} lineId="line" />);
    await take('valve.jpg');
    expect(await screen.findByText('The file cannot be decoded.')).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Send photo again' })).toBeNull();
    await take('broken.jpg');
    expect(await screen.findByText(/broken\.jpg/)).toBeInTheDocument();
  });
});
