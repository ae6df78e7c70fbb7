import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { failureSaid } from '../kit/failure-said';
import { useFigures } from '../kit/useFigures';
import { useSearchQuery } from '../store/search-api';
import { useWords } from '../words';
import type { Place } from './usePlaces';

/** The server is asked once nothing was typed for so long, ms. */
const AFTER_MS = 150;
const LEAST_LETTERS = 2;

/** Positions and lines of other jobs than the open one that what is typed fits. */
export function useFoundElsewhere(typed: string, openJob: string | undefined): Place[] {
  const [sought, setSought] = useState('');
  useEffect(() => {
    const timer = setTimeout(() => setSought(typed.trim().toLowerCase()), AFTER_MS);
    return () => clearTimeout(timer);
  }, [typed]);
  const { data: found = [] } = useSearchQuery(sought, { skip: sought.length < LEAST_LETTERS });
  const navigate = useNavigate();
  const figures = useFigures();
  const words = useWords();
  return found
    .filter(({ jobId }) => jobId !== openJob)
    .map(({ jobId, job, lineId, line, medium, position }) => {
      const lineUp = `/jobs/${jobId}/lines/${lineId}/line-up`;
      const what = words(position === null ? 'palette.lines' : 'palette.positions');
      const at = {
        id: `elsewhere ${lineId} ${position?.tag ?? ''}`,
        group: openJob === undefined ? what : words('palette.elsewhere'),
      };
      if (position === null) return { ...at, name: `${line} · ${job}`, go: () => void navigate(lineUp) };
      const { tag, dn, remarks } = position;
      const called = [tag, figures.size(dn), ...(remarks === '' ? [] : [remarks])].join(' · ');
      return {
        ...at,
        name: `${called}${failureSaid(position, medium)} · ${job}, ${line}`,
        go: () => void navigate(`${lineUp}/${encodeURIComponent(tag)}`),
      };
    });
}
