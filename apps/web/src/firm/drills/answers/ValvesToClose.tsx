import type { Network } from '@grevik/core';
import { useWords } from '../../../words';
import styles from '../Drills.module.css';

interface ValvesToCloseProps {
  network: Network;
  closed: readonly string[];
  toggle: (id: string) => void;
  isOpen: boolean;
}

/** The valves of a line with how they were found, to be chosen one by one. */
export function ValvesToClose({ network, closed, toggle, isOpen }: ValvesToCloseProps) {
  const words = useWords();
  return (
    <div className={styles.valves} role="group" aria-label={words('drills.valves')}>
      {network.links
        .filter(({ kind }) => kind === 'valve')
        .map(({ id, state = 'works', from }) => (
          <button
            key={id}
            type="button"
            role="checkbox"
            className={styles.choice}
            aria-checked={closed.includes(id)}
            aria-disabled={!isOpen}
            onClick={() => isOpen && toggle(id)}
          >
            <div>
              <b>{id}</b>
              <span>{words(`drills.states.${state}`)}</span>
              <span className={styles.soft}>{words('drills.after', { from })}</span>
            </div>
          </button>
        ))}
    </div>
  );
}
