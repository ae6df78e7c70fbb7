import { type HammerCase, type SweptRow, VALVE_TYPE_FACTS, sweptPipes } from '@grevik/core';
import type { PipeMaterial } from '@grevik/core';
import { Button, LinearProgress } from '@mui/material';
import { useEffect, useState } from 'react';
import { saveCsv } from '../../../kit/figure/save-file';
import { useFigures } from '../../../kit/useFigures';
import { translated, useWords } from '../../../words';
import page from '../BenchPage.module.css';
import { simulator, told } from '../simulator';
import styles from './Hammer.module.css';
import { seconds } from './seconds';

const TYPES_A_PIPE = 5;

interface SweepProps {
  of: HammerCase;
  pipe: { material: PipeMaterial; dn: number } | undefined;
  file: string;
}

/** Closing time by type by pipe: worked out beside the screen, row by row, and stopped when one has seen enough. */
export function Sweep({ of, pipe, file }: SweepProps) {
  const figures = useFigures();
  const words = useWords();
  const [rows, setRows] = useState<SweptRow[]>([]);
  const [state, setState] = useState<'idle' | 'running' | 'stopped' | 'done'>('idle');
  const [limitPa, setLimitPa] = useState(of.limitPa);
  useEffect(() => () => void simulator('long').stopSweep(), []);
  const pipes = pipe ? sweptPipes(pipe.material, pipe.dn) : [];
  const all = pipes.length * TYPES_A_PIPE;

  const run = async (): Promise<void> => {
    setRows([]);
    setLimitPa(of.limitPa);
    setState('running');
    const answer = await simulator('long').sweep(
      of,
      pipes,
      told((row: SweptRow) => setRows((before) => [...before, row])),
    );
    setState(answer === undefined ? 'stopped' : 'done');
  };
  const stop = (): void => void simulator('long').stopSweep();
  const takeCsv = (): void => {
    saveCsv(`${file}.csv`, [
      ['pipe', 'dn', 'type', 'closing s', 'peak Pa', 'least closing s'],
      ...rows.flatMap(({ pipe: { material, dn }, type, peaks, leastS }) =>
        peaks.map(({ closingS, peakPa }) => [material, dn, type, closingS, peakPa, leastS ?? '']),
      ),
    ]);
  };

  const first = rows[0];
  return (
    <section aria-label={words('hammer.sweep')} className={styles.sweep}>
      <header>
        <h2>{words('hammer.sweep')}</h2>
        {state === 'running' ? (
          <Button size="small" variant="outlined" onClick={stop}>
            {words('hammer.sweepStop')}
          </Button>
        ) : (
          <Button size="small" variant="outlined" disabled={all === 0} onClick={() => void run()}>
            {words('hammer.sweepRun')}
          </Button>
        )}
        {state !== 'running' && rows.length > 0 && (
          <Button size="small" onClick={takeCsv}>
            CSV
          </Button>
        )}
        <span>{words(all === 0 ? 'hammer.sweepNone' : 'hammer.sweepHint')}</span>
      </header>
      {state === 'running' && (
        <LinearProgress
          variant="determinate"
          value={(100 * rows.length) / all}
          aria-label={words('bench.running')}
        />
      )}
      {state === 'stopped' && <p role="status">{words('hammer.sweepStopped', { done: rows.length, all })}</p>}
      {first && (
        <div className={page.scroll} tabIndex={0} role="region" aria-label={words('hammer.sweep')}>
          <table className={page.plain}>
            <thead>
              <tr>
                <th>{words('hammer.pipe')}</th>
                <th>{words('hammer.type')}</th>
                {first.peaks.map(({ closingS }) => (
                  <th key={closingS}>{seconds(closingS)} s</th>
                ))}
                <th>{words('hammer.leastTime')}</th>
              </tr>
            </thead>
            <tbody>
              {rows.map(({ pipe: { dn }, type, peaks, leastS }) => (
                <tr key={`${dn} ${type}`}>
                  <th scope="row">{figures.size(dn)}</th>
                  <td>{translated(VALVE_TYPE_FACTS[type].words)}</td>
                  {peaks.map(({ closingS, peakPa }) => (
                    <td key={closingS} data-number data-over={peakPa > limitPa || undefined}>
                      {figures.quantity(peakPa, 'pressure')}
                      {peakPa > limitPa && <b title={words('hammer.over')}> ×</b>}
                    </td>
                  ))}
                  <td data-number>
                    {leastS === undefined
                      ? ''
                      : leastS === 0
                        ? words('hammer.leastNone')
                        : `${seconds(leastS)} s`}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}
