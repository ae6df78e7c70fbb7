import { useEffect, useRef } from 'react';
import { NavLink, useLocation } from 'react-router';
import { useWords } from '../words';
import styles from './Shell.module.css';
import { STEPS, stepOf } from './steps';

/** The steps of a line, each at the position one stands at. */
export function StepsNav({ jobId, lineId, tag }: { jobId: string; lineId: string; tag: string | undefined }) {
  const step = stepOf(useLocation().pathname);
  const words = useWords();
  const nav = useRef<HTMLElement>(null);
  useEffect(() => {
    // On a phone the last steps stand beyond the edge.
    nav.current?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [step]);
  const at = tag === undefined ? '' : `/${encodeURIComponent(tag)}`;
  return (
    <nav className={styles.steps} ref={nav} aria-label={words('steps.label')}>
      {STEPS.map((one) => (
        <NavLink
          key={one}
          to={`/jobs/${jobId}/lines/${lineId}/${one}${at}`}
          aria-current={one === step ? 'page' : undefined}
        >
          {words(`steps.${one}`)}
        </NavLink>
      ))}
    </nav>
  );
}
