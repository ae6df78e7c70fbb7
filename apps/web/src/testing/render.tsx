import { PERMISSIONS, type Permission, type SessionView } from '@grevik/contracts';
import type { UnitSystem } from '@grevik/core';
import { ThemeProvider } from '@mui/material/styles';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { render } from '@testing-library/react';
import { SnackbarProvider } from 'notistack';
import type { ReactElement } from 'react';
import { Provider } from 'react-redux';
import { MemoryRouter } from 'react-router';
import { peopleApi } from '../store/people-api';
import { speakAsChosen } from '../shell/speak-as-chosen';
import { makeStore } from '../store/store';
import { unitsChosen } from '../store/units-slice';
import { theme } from '../theme';

interface Shown {
  units?: UnitSystem;
  at?: string;
  /** What whoever looks at it may do; everything unless told otherwise. */
  may?: readonly Permission[];
  session?: SessionView | null;
}

export const signedIn = (may: readonly Permission[]): SessionView => ({
  person: { id: 'me', version: 0, name: 'Ada Wrenfield', email: 'ada@tarnside.example', role: 'foreman' },
  company: { name: 'Tarnside', isDemo: false },
  may,
  language: null,
  changeNumber: 0,
});

/** Styles decide nothing in a test, and every question for a role would read all of them. */
const unstyled = createCache({ key: 'css' });
unstyled.sheet.insert = () => undefined;

/** Shows a part of the interface as it stands in the application: with store, look, notices and addresses. */
export function show(
  part: ReactElement,
  { units = 'us', at = '/', may = PERMISSIONS, session = signedIn(may) }: Shown = {},
) {
  const store = makeStore();
  store.dispatch(
    peopleApi.util.upsertQueryEntries([
      { endpointName: 'session', arg: undefined, value: { session, doors: { demo: true, company: true } } },
    ]),
  );
  store.dispatch(unitsChosen(units));
  void speakAsChosen(store);
  const shown = render(
    <Provider store={store}>
      <CacheProvider value={unstyled}>
        <ThemeProvider theme={theme}>
          <SnackbarProvider>
            <MemoryRouter initialEntries={[at]} useTransitions={false}>
              {part}
            </MemoryRouter>
          </SnackbarProvider>
        </ThemeProvider>
      </CacheProvider>
    </Provider>,
  );
  return { ...shown, store };
}
