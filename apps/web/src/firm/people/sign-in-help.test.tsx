import '@testing-library/jest-dom';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { show } from '../../testing/render';
import { type Asked, serve } from '../../testing/server';
import { NewPasswordPage } from './NewPasswordPage';
import { OpenSessions } from './OpenSessions';
import { PeoplePage } from './PeoplePage';
import { SecondFactor } from './SecondFactor';
import { SignInPage } from './SignInPage';

const refusal = (field: string, message: string, status: number) => ({
  status,
  body: { error: { code: 'invalid-input', field, message } },
});

describe('a second factor', () => {
  it('is turned on with a first code, and gives codes for a lost phone once', async () => {
    let isOn = false;
    const asked = serve(({ method, path, body }: Asked) => {
      if (method === 'GET') return { body: { isOn, codesLeft: isOn ? 8 : 0 } };
      if (method === 'POST')
        return { body: { secret: 'ABCDEFGH', address: 'otpauth://totp/Grevik:ada?secret=ABCDEFGH' } };
      if ((body as { code: string }).code !== '123456') return refusal('code', 'This code is wrong.', 400);
      isOn = method === 'PUT';
      return path.endsWith('second-factor') && isOn
        ? { body: { codes: ['aaaaa-bbbbb', 'ccccc-ddddd'] } }
        : { status: 204, body: undefined };
    });
    show(<SecondFactor />);
    await userEvent.click(await screen.findByRole('button', { name: 'Set up a second factor' }));
    expect(await screen.findByRole('img', { name: 'QR code for an authenticator app' })).toBeVisible();
    expect(screen.getByText('ABCD EFGH')).toBeVisible();
    const field = screen.getByLabelText('Code from the app');
    await userEvent.type(field, '999999');
    await userEvent.click(screen.getByRole('button', { name: 'Turn on' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('This code is wrong.');
    await userEvent.clear(field);
    await userEvent.type(field, '123456');
    await userEvent.click(screen.getByRole('button', { name: 'Turn on' }));
    const codes = await screen.findByRole('list', { name: 'Codes for a lost phone' });
    expect(within(codes).getAllByRole('listitem')).toHaveLength(2);
    await userEvent.click(screen.getByRole('button', { name: 'I have kept them' }));
    expect(await screen.findByText(/8 codes for a lost phone are left/)).toBeVisible();
    await userEvent.type(screen.getByLabelText('Code from the app'), '123456');
    await userEvent.click(screen.getByRole('button', { name: 'Turn off' }));
    expect(await screen.findByRole('button', { name: 'Set up a second factor' })).toBeVisible();
    expect(asked.filter(({ method }) => method === 'DELETE')).toHaveLength(1);
  });

  it('is asked for at sign-in only where somebody has one, and again where the code was wrong', async () => {
    const asked = serve(({ path, body }: Asked) => {
      if (path !== '/api/session') return { body: {} };
      const { code } = body as { code?: string };
      if (code === undefined) return refusal('code', 'Enter the six digits.', 401);
      return refusal('code', 'This code is wrong.', 400);
    });
    show(<SignInPage doors={{ demo: false, company: false }} />, { session: null });
    expect(screen.queryByLabelText(/authenticator/)).not.toBeInTheDocument();
    await userEvent.type(screen.getByLabelText('E-mail'), 'ada@tarnside.example');
    await userEvent.type(screen.getByLabelText('Password'), 'lantern over the quay');
    await userEvent.click(screen.getByRole('button', { name: 'Sign in' }));
    await userEvent.type(await screen.findByLabelText(/authenticator/), '123456');
    await userEvent.click(screen.getByRole('button', { name: 'Sign in' }));
    expect(await screen.findByText('This code is wrong.')).toBeVisible();
    expect(screen.getByLabelText(/authenticator/)).toHaveValue('123456');
    expect(asked.filter(({ method }) => method === 'POST')[1]?.body).toEqual({
      email: 'ada@tarnside.example',
      password: 'lantern over the quay',
      code: '123456',
    });
  });
});

describe('where one is signed in', () => {
  it('is listed, and ended one by one, not this one', async () => {
    let open = [
      { id: 'this', device: 'Firefox, Linux', openedAt: '2026-11-29T08:00:00Z', isThis: true },
      { id: 'lost', device: null, openedAt: null, isThis: false },
    ];
    const asked = serve(({ method }: Asked) => {
      if (method === 'DELETE') open = open.slice(0, 1);
      return method === 'DELETE' ? { status: 204, body: undefined } : { body: open };
    });
    show(<OpenSessions />);
    const rows = await screen.findAllByRole('listitem');
    expect(rows[0]).toHaveTextContent(/Firefox, Linux · since .* · this device/);
    expect(within(rows[0]!).queryByRole('button')).not.toBeInTheDocument();
    await userEvent.click(within(rows[1]!).getByRole('button', { name: 'Sign out there' }));
    await waitFor(() => expect(screen.getAllByRole('listitem')).toHaveLength(1));
    expect(asked.some(({ method, path }) => method === 'DELETE' && path === '/api/session/all/lost')).toBe(
      true,
    );
  });
});

describe('a link for a new password', () => {
  it('says for whom it is, and takes the new password once', async () => {
    const asked = serve(({ path }: Asked) =>
      path === '/api/session/new-password/look'
        ? { body: { name: 'Joss Karran', company: 'Tarnside' } }
        : { status: 204, body: undefined },
    );
    show(<NewPasswordPage />, { at: '/new-password#secret', session: null });
    expect(await screen.findByText(/For Joss Karran, Tarnside/)).toBeVisible();
    await userEvent.type(screen.getByLabelText(/^Password/), 'the tide comes at nine');
    await userEvent.click(screen.getByRole('button', { name: 'Save password' }));
    expect(await screen.findByRole('heading', { name: 'The new password is saved' })).toBeVisible();
    expect(asked.find(({ path }) => path === '/api/session/new-password')?.body).toEqual({
      token: 'secret',
      password: 'the tide comes at nine',
    });
  });

  it('is made by an owner for one person, who can also be helped out of a lost second factor', async () => {
    const asked = serve(({ method, path }: Asked) => {
      if (path === '/api/people')
        return {
          body: [{ id: 'joss', version: 0, name: 'Joss Karran', email: 'j@w.example', role: 'foreman' }],
        };
      if (path.endsWith('password-link'))
        return { body: { name: 'Joss Karran', token: 'secret', expiresAt: '2026-11-30T08:00:00Z' } };
      if (path.endsWith('second-factor')) return { status: 204, body: undefined };
      return { body: method === 'GET' && path === '/api/access' ? { permissions: [] } : [] };
    });
    show(<PeoplePage />);
    const more = await screen.findByRole('button', { name: 'More for Joss Karran' });
    await userEvent.click(more);
    expect(screen.getByRole('menuitem', { name: 'Data (JSON)' })).toHaveAttribute(
      'href',
      '/api/people/joss/data.json',
    );
    await userEvent.click(screen.getByRole('menuitem', { name: 'Turn off second factor' }));
    expect(await screen.findByText('The second factor of Joss Karran is off.')).toBeVisible();
    await userEvent.click(more);
    await userEvent.click(screen.getByRole('menuitem', { name: 'Link for a new password' }));
    expect(await screen.findByRole('textbox', { name: 'Link for a new password' })).toHaveValue(
      `${window.location.origin}/new-password#secret`,
    );
    expect(
      asked.some(({ method, path }) => method === 'DELETE' && path === '/api/people/joss/second-factor'),
    ).toBe(true);
  });
});
