import { Button } from '@mui/material';
import { type ReactNode, useState } from 'react';
import { useWords } from '../../words';

/** How much of a long list stands at first, and comes with each press. */
const PAGE = 100;

/**
 * A long list in pages.
 *
 * @param all the whole list
 * @returns what is shown of it, and the button that shows more where there is more
 */
export function usePages<T>(all: readonly T[]): { shown: readonly T[]; more: ReactNode } {
  const [most, setMost] = useState(PAGE);
  const words = useWords();
  const left = all.length - most;
  return {
    shown: all.slice(0, most),
    // Printed too: who reads the sheet sees that it is not all.
    more: left > 0 && (
      <Button onClick={() => setMost(most + PAGE)}>
        {words('app.more', { count: Math.min(PAGE, left) })}
      </Button>
    ),
  };
}
