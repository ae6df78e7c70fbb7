import '@testing-library/jest-dom';
import { act, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useReducer } from 'react';
import { QuantityField } from '../kit/QuantityField';
import { tillIn } from '../kit/money';
import { dateWords } from '../kit/when';
import { LanguageSwitch } from '../shell/LanguageSwitch';
import { useOwnLanguage } from '../shell/useLanguage';
import { show, signedIn } from '../testing/render';
import { serve } from '../testing/server';
import { PERMISSIONS } from '@grevik/contracts';
import { decimalSign, speak, translated, words } from '.';

afterEach(() => {
  localStorage.clear();
  return act(() => speak('en', ['en-US']));
});

it('speaks another language at once, and tells the server for the other devices', async () => {
  const asked = serve(() => ({ status: 204, body: undefined }));
  show(<LanguageSwitch />, { session: { ...signedIn(PERMISSIONS), language: null } });
  expect(screen.getByRole('group', { name: 'Language' })).toBeVisible();
  await userEvent.click(screen.getByRole('button', { name: 'Español' }));
  await waitFor(() => expect(screen.getByRole('group', { name: 'Idioma' })).toBeVisible());
  expect(document.documentElement).toHaveAttribute('lang', 'es');
  await waitFor(() =>
    expect(asked.find(({ method }) => method === 'PUT')).toMatchObject({
      path: '/api/session/language',
      body: { language: 'es' },
    }),
  );
  await userEvent.click(screen.getByRole('button', { name: 'English' }));
  await waitFor(() => expect(screen.getByRole('group', { name: 'Language' })).toBeVisible());
});

it('stays as chosen when a screen of the person is left and opened again', async () => {
  serve(() => ({ status: 204, body: undefined }));
  const Own = () => (useOwnLanguage(), null);
  function Screens() {
    const [isOpen, toggle] = useReducer((open: boolean) => !open, true);
    return (
      <>
        <LanguageSwitch />
        <button onClick={toggle}>Jobs</button>
        {isOpen && <Own />}
      </>
    );
  }
  const { store } = show(<Screens />, { session: { ...signedIn(PERMISSIONS), language: 'en' } });
  await userEvent.click(screen.getByRole('button', { name: 'Español' }));
  await userEvent.click(screen.getByRole('button', { name: 'Jobs' }));
  await userEvent.click(screen.getByRole('button', { name: 'Jobs' }));
  expect(store.getState().language).toBe('es');
  await waitFor(() => expect(screen.getByRole('group', { name: 'Idioma' })).toBeVisible());
});

it('says what the core says, dates and money in it, and what it does not know in English', async () => {
  await act(() => speak('es', ['es-MX']));
  expect(translated('in service')).toBe('en servicio');
  expect(translated('Ostrand 21P')).toBe('Ostrand 21P');
  expect(dateWords('2026-01-14T08:10:00Z')).toBe('14 ene 2026');
  expect(words('board.valves', { count: 2, medium: 'x' })).toBe('2 válvulas · x');
  expect(decimalSign()).toBe('.');
  expect(tillIn('USD').say(1234.5)).toMatch(/1,234\.50/);
});

it('speaks what was asked for last, whatever comes first', async () => {
  await act(async () => {
    const spanish = speak('es', ['es-MX']);
    await speak('en', ['en-US']);
    await spanish;
  });
  expect(words('app.undo')).toBe('Undo');
});

describe('where decimals have a comma', () => {
  beforeEach(() => act(() => speak('es', ['es-ES'])));

  it('figures are said so', () => {
    expect(translated('1.5 × working pressure for 15 minutes, by water')).toBe(
      '1,5 × presión de trabajo por 15 minutos, con agua',
    );
    expect(tillIn('EUR').say(1234.5)).toMatch(/^1234,50/);
  });

  it.each([
    ['1,5 bar', 150_000],
    ['1.5 bar', 150_000],
  ])('%s is read', async (typed, value) => {
    const save = jest.fn(() => Promise.resolve(undefined));
    show(<QuantityField label="P" quantity="pressure" shown="" save={save} close={() => undefined} />);
    await userEvent.type(screen.getByRole('textbox', { name: 'P' }), typed);
    await userEvent.click(screen.getByRole('button', { name: 'Aplicar' }));
    expect(save).toHaveBeenCalledWith(value);
  });

  it('what may be a thousand is asked for', async () => {
    show(
      <QuantityField
        label="P"
        quantity="pressure"
        shown=""
        save={() => Promise.resolve(undefined)}
        close={() => undefined}
      />,
    );
    await userEvent.type(screen.getByRole('textbox', { name: 'P' }), '1.200 kPa');
    await userEvent.click(screen.getByRole('button', { name: 'Aplicar' }));
    expect(screen.getByText(/“1.200 kPa” se puede leer de dos maneras/)).toBeVisible();
  });
});
