import type { StartUpView } from '@grevik/contracts';
import type { StartUpItem, StartUpStep } from '@grevik/core';
import { Button } from '@mui/material';
import { useState } from 'react';
import { useWords } from '../../words';
import { CheckLog } from './CheckLog';
import { ItemForm } from './ItemForm';
import { ReducerReadings } from './ReducerReadings';
import styles from './StartUp.module.css';

/** Things of a step that are drawn at once: a line of hundreds of valves opens as quickly as a short one. */
const SHOWN = 30;

interface StepItemsProps {
  step: StartUpStep;
  view: StartUpView;
  mayRecord: boolean;
}

/** The things of a step in the order of the work; of many only some, the first that is still to do among them. */
export function StepItems({ step: { id, items, fields, reading }, view, mayRecord }: StepItemsProps) {
  const words = useWords();
  const [from, setFrom] = useState(() => firstShown(items));
  const to = Math.min(items.length, from + SHOWN);
  const turn = (step: number) => (): void => setFrom(Math.max(0, Math.min(from + step, items.length - 1)));
  return (
    <>
      <ul className={styles.items}>
        {items.slice(from, to).map((item) => (
          <li key={item.id}>
            <ItemForm key={item.at ?? ''} step={id} item={item} fields={fields} mayRecord={mayRecord} />
            {id === 'checks' && item.positionId !== undefined && <CheckLog positionId={item.positionId} />}
            {reading === 'reducer' && <ReducerReadings item={item} view={view} mayRecord={mayRecord} />}
          </li>
        ))}
      </ul>
      {items.length > SHOWN && (
        <p className={`${styles.turning} no-print`}>
          <Button size="small" disabled={from === 0} onClick={turn(-SHOWN)}>
            {words('startUp.before')}
          </Button>
          {words('startUp.shown', { from: from + 1, to, count: items.length })}
          <Button size="small" disabled={to === items.length} onClick={turn(SHOWN)}>
            {words('startUp.after')}
          </Button>
        </p>
      )}
    </>
  );
}

/** Where the first thing that is not done stands. */
function firstShown(items: readonly StartUpItem[]): number {
  const open = items.findIndex(({ isDone }) => !isDone);
  return Math.floor(Math.max(0, open) / SHOWN) * SHOWN;
}
