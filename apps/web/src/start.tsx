import 'reflect-metadata';
import '@fontsource/barlow-condensed/latin-500.css';
import '@fontsource/barlow-condensed/latin-600.css';
import '@fontsource-variable/source-sans-3/index.css';
import './tokens.css';
import { ThemeProvider } from '@mui/material/styles';
import { SnackbarProvider } from 'notistack';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import { router } from './router';
import { StylesWithNonce } from './shell/StylesWithNonce';
import { NewerVersion } from './shell/NewerVersion';
import { speakAsChosen } from './shell/speak-as-chosen';
import type { makeStore } from './store/store';
import { theme } from './theme';

/** Draws the application into its page, in the person's language. */
export async function start(store: ReturnType<typeof makeStore>): Promise<void> {
  await speakAsChosen(store);
  const root = document.getElementById('root');
  if (!root) throw new Error('the page has no root');
  createRoot(root).render(
    <StrictMode>
      <Provider store={store}>
        <StylesWithNonce>
          <ThemeProvider theme={theme} defaultMode="system">
            <SnackbarProvider
              anchorOrigin={{ vertical: 'bottom', horizontal: 'center' }}
              autoHideDuration={8000}
              maxSnack={2}
            >
              <RouterProvider router={router} useTransitions={false} />
              <NewerVersion />
            </SnackbarProvider>
          </ThemeProvider>
        </StylesWithNonce>
      </Provider>
    </StrictMode>,
  );
}
