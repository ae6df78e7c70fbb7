const KEY = 'grevik.reloaded';
/** Where a fresh page did not help, another would not either. */
const NOT_AGAIN_MS = 30_000;

/**
 * Opens the page anew where a part of it cannot be fetched: a server that ended meanwhile, or an update that has other parts. Not again and
 * again, and not without a network.
 */
export function reloadWhereAPartIsMissing(): void {
  window.addEventListener('vite:preloadError', (event) => {
    const last = Number(sessionStorage.getItem(KEY) ?? 0);
    if (!navigator.onLine || Date.now() - last < NOT_AGAIN_MS) return;
    sessionStorage.setItem(KEY, String(Date.now()));
    event.preventDefault();
    window.location.reload();
  });
}
