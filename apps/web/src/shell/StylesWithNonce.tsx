import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { type ReactNode, useState } from 'react';
import { pageNonce } from './page-nonce';

/** Styles that are made while the application runs, let through by the page's nonce and by nothing wider. */
export function StylesWithNonce({ children }: { children: ReactNode }) {
  const [cache] = useState(() => {
    const nonce = pageNonce();
    return createCache({ key: 'css', ...(nonce !== undefined && { nonce }) });
  });
  return <CacheProvider value={cache}>{children}</CacheProvider>;
}
