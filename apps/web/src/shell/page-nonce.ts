declare global {
  interface Window {
    /** Where the notices' library looks for a nonce for its styles. */
    __nonce__?: string | undefined;
  }
}

/** The page's own nonce, which its Content-Security-Policy lets styles through by; undefined where the page came without one. */
export const pageNonce = (): string | undefined =>
  document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content;

/** Tells the notices' library the page's nonce, before it is loaded. */
export function allowNoticeStyles(): void {
  window.__nonce__ = pageNonce();
}
