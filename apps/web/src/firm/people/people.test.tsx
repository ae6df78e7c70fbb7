import '@testing-library/jest-dom';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { PERMISSIONS } from '@grevik/contracts';
import { show, signedIn } from '../../testing/render';
import { type Asked, serve } from '../../testing/server';
import { AccountPage } from './AccountPage';
import { SignInPage } from './SignInPage';
import { JoinPage } from './JoinPage';
import { PeoplePage } from './PeoplePage';
import { SignedIn } from './SignedIn';

const PEOPLE = [
  { id: 'me', version: 0, name: 'Ada Wrenfield', email: 'ada@tarnside.example', role: 'owner' },
  { id: 'joss', version: 0, name: 'Joss Karran', email: 'joss@tarnside.example', role: 'technician' },
];
const ACCESS = {
  permissions: [
    { id: 'look', words: 'look at jobs', roles: ['owner', 'technician'] },
    { id: 'people', words: 'invite people', roles: ['owner'] },
  ],
};

function answers({ method, path, body }: Asked): { status?: number; body: unknown } | undefined {
  if (path === '/api/session' && method === 'GET')
    return { body: { session: signedIn(PERMISSIONS), doors: { demo: true, company: true } } };
  if (path === '/api/session/all' || path === '/api/tasks/mine') return { body: [] };
  if (path === '/api/people') return { body: PEOPLE };
  if (path === '/api/access') return { body: ACCESS };
  if (path === '/api/people/invitations' && method === 'GET') return { body: [] };
  if (path === '/api/people/invitations')
    return {
      status: 201,
      body: {
        id: 'i1',
        invitedBy: 'Ada',
        expiresAt: '2026-12-02T00:00:00Z',
        token: 'secret',
        ...(body as object),
      },
    };
  if (path === '/api/people/joss/role' || path === '/api/people/joss') return { body: PEOPLE[1] };
  if (path === '/api/people/invitations/look')
    return { body: { company: 'Weir and daughters', role: 'technician', invitedBy: 'Tove' } };
  return { body: {} };
}

describe('the doors', () => {
  it('open the demo company in one press, or in a role', async () => {
    const asked = serve(answers);
    show(<SignInPage doors={{ demo: true, company: true }} />);
    await userEvent.click(screen.getByRole('button', { name: 'Open the demo company' }));
    await waitFor(() => expect(screen.getByRole('button', { name: 'as apprentice' })).toBeEnabled());
    await userEvent.click(screen.getByRole('button', { name: 'as apprentice' }));
    await waitFor(() =>
      expect(asked.filter(({ path }) => path === '/api/session/demo').map(({ body }) => body)).toEqual([
        { role: 'owner' },
        { role: 'apprentice' },
      ]),
    );
  });

  it('show no demo where there is none', () => {
    show(<SignInPage doors={{ demo: false, company: true }} />);
    expect(screen.queryByRole('button', { name: /demo/ })).not.toBeInTheDocument();
    expect(screen.getByRole('heading', { name: 'Sign in' })).toBeInTheDocument();
  });

  it('say what is missing before anything is sent, and what the server refused after', async () => {
    const asked = serve(() => ({
      status: 401,
      body: { error: { code: 'signed-out', message: 'That e-mail and password do not go together.' } },
    }));
    show(<SignInPage doors={{ demo: false, company: true }} />);
    const door = within(screen.getByRole('region', { name: 'Sign in' }));
    await userEvent.type(door.getByLabelText('E-mail'), 'ada');
    await userEvent.click(door.getByRole('button', { name: 'Sign in' }));
    expect(await door.findByText('enter an e-mail address, like name@works.example')).toBeInTheDocument();
    expect(door.getByText('required')).toBeInTheDocument();
    expect(asked.filter(({ method }) => method === 'POST')).toEqual([]);
    await userEvent.type(door.getByLabelText('E-mail'), '@works.example');
    await userEvent.type(door.getByLabelText('Password'), 'wrong one');
    await userEvent.click(door.getByRole('button', { name: 'Sign in' }));
    expect(await door.findByRole('alert')).toHaveTextContent('do not go together');
    expect(door.getByLabelText('Password')).toHaveValue('wrong one');
    // Who is signed in is asked again after a try, and not again because of the answer.
    await waitFor(() => expect(asked.some(({ method }) => method === 'GET')).toBe(true));
    expect(asked.length).toBeLessThan(5);
  });

  it('create no company where none is created, and ask for the company where the sign-in is not one', async () => {
    const asked = serve(({ body }) =>
      (body as { company?: string }).company === 'Mill'
        ? { body: signedIn(PERMISSIONS) }
        : {
            status: 409,
            body: { error: { code: 'conflict', field: 'company', message: 'Name one of Weir, Mill.' } },
          },
    );
    show(<SignInPage doors={{ demo: false, company: false }} />);
    expect(screen.queryByRole('region', { name: 'Create your company' })).not.toBeInTheDocument();
    const door = within(screen.getByRole('region', { name: 'Sign in' }));
    expect(door.queryByLabelText('Company')).not.toBeInTheDocument();
    await userEvent.type(door.getByLabelText('E-mail'), 'ada@both.example');
    await userEvent.type(door.getByLabelText('Password'), 'lantern over the quay');
    await userEvent.click(door.getByRole('button', { name: 'Sign in' }));
    expect(await door.findByRole('alert')).toHaveTextContent('Name one of Weir, Mill.');
    await userEvent.type(door.getByLabelText('Company'), 'Mill');
    await userEvent.click(door.getByRole('button', { name: 'Sign in' }));
    const sent = (): unknown[] => asked.filter(({ method }) => method === 'POST').map(({ body }) => body);
    await waitFor(() => expect(sent().at(-1)).toMatchObject({ company: 'Mill' }));
    expect(sent()[0]).toEqual({ email: 'ada@both.example', password: 'lantern over the quay' });
  });

  it('start a company with a password that is long enough', async () => {
    const asked = serve(answers);
    show(<SignInPage doors={{ demo: false, company: true }} />);
    const door = within(screen.getByRole('region', { name: 'Create your company' }));
    await userEvent.type(door.getByLabelText('Company'), 'Quay works');
    await userEvent.type(door.getByLabelText(/^Your name/), 'Tove Aldous');
    await userEvent.type(door.getByLabelText('E-mail'), 'tove@works.example');
    await userEvent.type(door.getByLabelText(/^Password/), 'short');
    await userEvent.click(door.getByRole('button', { name: 'Create company' }));
    expect(await door.findByText('at least 10 characters')).toBeInTheDocument();
    await userEvent.type(door.getByLabelText(/^Password/), ' but longer');
    await userEvent.click(door.getByRole('button', { name: 'Create company' }));
    await waitFor(() =>
      expect(asked.find(({ method }) => method === 'POST')).toMatchObject({
        path: '/api/session/company',
        body: { company: 'Quay works' },
      }),
    );
  });

  it('stand in place of the screen, at its own address, for whoever is not signed in', () => {
    show(
      <Routes>
        <Route element={<SignedIn />}>
          <Route path="/jobs/7" element={<p>the job</p>} />
        </Route>
      </Routes>,
      { at: '/jobs/7', session: null },
    );
    expect(screen.queryByText('the job')).not.toBeInTheDocument();
    expect(screen.getByRole('heading', { name: 'Try it first' })).toBeInTheDocument();
  });
});

describe('an invitation', () => {
  it('says who invites to what, and joins with the secret behind the #', async () => {
    const asked = serve(answers);
    show(<JoinPage />, { at: '/join#secret', session: null });
    expect(await screen.findByRole('heading', { name: 'Join Weir and daughters' })).toBeInTheDocument();
    expect(screen.getByText('Tove invites you to join as technician.')).toBeInTheDocument();
    await userEvent.type(screen.getByLabelText(/^Your name/), 'Nils');
    await userEvent.type(screen.getByLabelText('E-mail'), 'nils@works.example');
    await userEvent.type(screen.getByLabelText(/^Password/), 'long enough for this');
    await userEvent.click(screen.getByRole('button', { name: 'Join' }));
    await waitFor(() =>
      expect(asked.find(({ path }) => path.endsWith('/accept'))?.body).toMatchObject({
        token: 'secret',
        name: 'Nils',
      }),
    );
    expect(asked.every(({ path }) => !path.includes('secret'))).toBe(true);
  });

  it('is told to be cut where the secret is missing', () => {
    show(<JoinPage />, { at: '/join', session: null });
    expect(screen.getByRole('status')).toHaveTextContent('This link is incomplete');
  });
});

describe('the people', () => {
  it('get roles, are taken out once it is said twice, and are invited by a link shown once', async () => {
    const asked = serve(answers);
    show(<PeoplePage />);
    await userEvent.click(await screen.findByRole('combobox', { name: 'Role: Joss Karran' }));
    await userEvent.click(screen.getByRole('option', { name: 'foreman' }));
    expect(await screen.findByText('Joss Karran is now foreman')).toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Remove: Joss Karran' }));
    expect(asked.some(({ method }) => method === 'DELETE')).toBe(false);
    await userEvent.click(screen.getByRole('button', { name: 'Confirm: remove: Joss Karran' }));
    await waitFor(() =>
      expect(asked.some(({ method, path }) => method === 'DELETE' && path === '/api/people/joss')).toBe(true),
    );
    await userEvent.click(screen.getByRole('button', { name: 'Create link' }));
    expect(await screen.findByRole('textbox', { name: 'Invite a person' })).toHaveValue(
      'http://localhost/join#secret',
    );
  });

  it('see who may do what, and only that, where they may not manage', async () => {
    serve(answers);
    show(<PeoplePage />, { may: ['look'] });
    const row = await screen.findByRole('row', { name: /^invite people/ });
    expect(
      within(row)
        .getAllByRole('cell')
        .map((cell) => cell.textContent),
    ).toEqual(['yes', '–', '–', '–', '–']);
    expect(screen.queryByRole('button')).not.toBeInTheDocument();
  });

  it('change their password and hear of it', async () => {
    const asked = serve(answers);
    show(<AccountPage />);
    await userEvent.type(screen.getByLabelText('Current password'), 'the old one here');
    await userEvent.type(screen.getByLabelText(/^New password/), 'the new one here');
    await userEvent.click(screen.getByRole('button', { name: 'Change password' }));
    expect(await screen.findByText(/Your other devices are signed out/)).toBeInTheDocument();
    expect(asked.find(({ method }) => method === 'PUT')).toMatchObject({ path: '/api/session/password' });
  });
});
