import { useEffect } from 'react';

/** What needs the keys for itself while it has the focus. */
const TAKEN =
  'input, textarea, select, [role="slider"], [role="menu"], [role="listbox"], [role="dialog"], [role="presentation"]';

/** Opens the list of everything, also while typing. */
const FROM_ANYWHERE = 'Ctrl+k';

/**
 * Runs actions by key, wherever the key is not needed by what has the focus.
 *
 * @param actions by the key as it is typed: `ArrowRight`, `[`, `?`; with Ctrl or Command held: `Ctrl+k`
 */
export function useKeys(actions: Readonly<Record<string, () => void>>): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.defaultPrevented || event.altKey) return;
      const name = event.ctrlKey || event.metaKey ? `Ctrl+${event.key.toLowerCase()}` : event.key;
      const action = actions[name];
      const target = event.target as Element | null;
      if (!action || (name !== FROM_ANYWHERE && target?.closest(TAKEN))) return;
      // Enter on a link or a button is its own.
      if (event.key === 'Enter' && target?.closest('a, button, summary')) return;
      event.preventDefault();
      action();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [actions]);
}
