import { useEffect } from 'react';

/** Arrow keys walk the strip, wherever they are not needed by what has the focus. */
export function useStripKeys(walk: (by: number) => void, changeLine: (by: number) => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.defaultPrevented || event.altKey || event.ctrlKey || event.metaKey || event.shiftKey) return;
      const target = event.target as Element | null;
      if (
        target?.closest(
          'input, textarea, select, [role="slider"], [role="menu"], [role="listbox"], [role="dialog"], [role="presentation"]',
        )
      )
        return;
      const action = {
        ArrowRight: () => walk(1),
        ArrowLeft: () => walk(-1),
        ArrowDown: () => changeLine(1),
        ArrowUp: () => changeLine(-1),
      }[event.key];
      if (!action) return;
      event.preventDefault();
      action();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [walk, changeLine]);
}
