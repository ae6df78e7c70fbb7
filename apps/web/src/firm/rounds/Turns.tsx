import { TURN_FAULTS, type TurnFault } from '@grevik/contracts';
import {
  CURVE_POINTS,
  InvalidInput,
  type TurnPoint,
  type Visit,
  judgeTurns,
  readTurns,
  thinnedCurve,
  torqueLimitNm,
} from '@grevik/core';
import { Alert, Button, MenuItem, TextField } from '@mui/material';
import Papa from 'papaparse';
import { Suspense, lazy, useState } from 'react';
import { readTextFile } from '../../kit/read-text-file';
import { useFigures } from '../../kit/useFigures';
import { translated, useWords } from '../../words';
import { useTurnCounter } from './useTurnCounter';
import styles from './VisitPage.module.css';

const TurnsChart = lazy(() => import('./TurnsChart'));

interface TurnsProps {
  dn: number;
  /** Turns such a valve has. */
  usualTurns: number;
  visit: Visit;
  change: (visit: Partial<Visit>) => void;
}

/** Turns counted at a valve: by a turn counter, from its file, or by tapping. */
export function Turns({ dn, usualTurns, visit, change }: TurnsProps) {
  const words = useWords();
  const { quantity } = useFigures();
  const [fault, setFault] = useState<TurnFault>('tight-patch');
  const [isEnded, setEnded] = useState(visit.curve !== undefined);
  const [trouble, setTrouble] = useState<string>();
  const take = (curve: readonly TurnPoint[], ended: boolean): void => {
    setEnded(ended);
    change({ curve: thinnedCurve(curve, CURVE_POINTS), turns: Math.abs(curve.at(-1)?.turn ?? 0) });
  };
  const counter = useTurnCounter(take);
  const limitNm = torqueLimitNm(dn);
  const curve = visit.curve ?? [];
  const judged = judgeTurns({ curve, usualTurns, limitNm, isEnded });
  const open = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    try {
      const { data } = Papa.parse<string[]>(await readTextFile(file), { skipEmptyLines: 'greedy' });
      take(readTurns(data), true);
      setTrouble(undefined);
    } catch (error) {
      setTrouble(
        error instanceof InvalidInput
          ? translated(error.message)
          : words('visit.noFile', { name: file.name }),
      );
    }
  };
  const tap = (by: number): void =>
    change({ turns: Math.max(0, Math.round(((visit.turns ?? 0) + by) * 2) / 2), curve: undefined });
  return (
    <div className={styles.turnsBox}>
      {curve.length > 0 && (
        <Suspense fallback={<div className={styles.chartSpace} />}>
          <TurnsChart curve={curve} usualTurns={usualTurns} limitNm={limitNm} />
        </Suspense>
      )}
      <div className={styles.gauges} aria-live="polite">
        <p>
          <span>{words('visit.turns')}</span>
          <b>{visit.turns ?? '–'}</b>
        </p>
        {curve.length > 0 && (
          <p>
            <span>{words('visit.torque')}</span>
            <b>{quantity(curve.at(-1)?.torqueNm, 'torque')}</b>
          </p>
        )}
        {curve.length > 0 && (
          <p className={styles.means} data-meaning={judged.meaning}>
            {translated(judged.text)}
          </p>
        )}
      </div>
      {counter.isLost && <Alert severity="warning">{words('visit.lost')}</Alert>}
      {trouble !== undefined && <Alert severity="error">{trouble}</Alert>}
      <div className={styles.row}>
        <Button variant="outlined" onClick={() => tap(1)} disabled={counter.isRunning}>
          + 1
        </Button>
        <Button variant="outlined" onClick={() => tap(0.5)} disabled={counter.isRunning}>
          + ½
        </Button>
        <Button variant="outlined" onClick={() => tap(-1)} disabled={counter.isRunning}>
          − 1
        </Button>
        <Button
          variant={counter.isRunning ? 'contained' : 'outlined'}
          onClick={() =>
            counter.isRunning ? counter.stop() : counter.start({ dn, turns: usualTurns, fault })
          }
        >
          {words(counter.isRunning ? 'visit.counterStop' : 'visit.counterStart')}
        </Button>
      </div>
      <details className={styles.scan}>
        <summary>{words('visit.counter')}</summary>
        <TextField
          select
          label={words('visit.counterFault')}
          value={fault}
          onChange={({ target }) => setFault(target.value as TurnFault)}
        >
          {TURN_FAULTS.map((one) => (
            <MenuItem key={one} value={one}>
              {words(`visit.faults.${one}`)}
            </MenuItem>
          ))}
        </TextField>
        <Button component="label" variant="outlined">
          {words('visit.counterFile')}
          <input
            type="file"
            hidden
            accept=".csv,text/csv"
            onChange={({ target }) => void open(target.files?.[0])}
          />
        </Button>
      </details>
    </div>
  );
}
