import type { UnitSystem } from '@grevik/core';
import { ThemeProvider } from '@mui/material/styles';
import { render } from '@testing-library/react';
import { SnackbarProvider } from 'notistack';
import type { ReactElement } from 'react';
import { Provider } from 'react-redux';
import { MemoryRouter } from 'react-router';
import { makeStore } from '../store/store';
import { unitsChosen } from '../store/units-slice';
import { theme } from '../theme';

/** Shows a part of the interface as it stands in the application: with store, look, notices and addresses. */
export function show(
  part: ReactElement,
  { units = 'us', at = '/' }: { units?: UnitSystem; at?: string } = {},
) {
  const store = makeStore();
  store.dispatch(unitsChosen(units));
  const shown = render(
    <Provider store={store}>
      <ThemeProvider theme={theme}>
        <SnackbarProvider>
          <MemoryRouter initialEntries={[at]}>{part}</MemoryRouter>
        </SnackbarProvider>
      </ThemeProvider>
    </Provider>,
  );
  return { ...shown, store };
}
