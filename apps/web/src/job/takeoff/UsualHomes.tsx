import { type Counted, USUAL_HOMES, USUAL_HOME_IDS, type UsualHomeId } from '@grevik/core';
import { Button } from '@mui/material';
import { useState } from 'react';
import { translated, useWords } from '../../words';
import { CountField } from './CountField';
import styles from './Takeoff.module.css';

const MOST_HOMES = 10_000;

/** Fills the count by the kind of home, so many alike. */
export function UsualHomes({ add }: { add: (counts: Partial<Record<Counted, number>>) => void }) {
  const words = useWords();
  const [home, setHome] = useState<UsualHomeId>('one-bath');
  const [times, setTimes] = useState(1);
  return (
    <div className={`${styles.rooms} no-print`} role="group" aria-label={words('takeoff.homes')}>
      <label>
        {words('takeoff.homes')}
        <select value={home} onChange={({ target }) => setHome(target.value as UsualHomeId)}>
          {USUAL_HOME_IDS.map((id) => (
            <option key={id} value={id}>
              {translated(USUAL_HOMES[id].words)}
            </option>
          ))}
        </select>
      </label>
      <span>×</span>
      <CountField label={words('takeoff.homesTimes')} value={times} most={MOST_HOMES} set={setTimes} />
      <Button
        size="small"
        variant="outlined"
        onClick={() => {
          add(
            Object.fromEntries(
              Object.entries(USUAL_HOMES[home].counts).map(([kind, count]) => [kind, count * times]),
            ),
          );
          setTimes(1);
        }}
      >
        {words('takeoff.addHomes')}
      </Button>
    </div>
  );
}
