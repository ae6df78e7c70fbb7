import {
  type StationCase,
  STATION_FAULTS,
  checkDiagnosisCalculation,
  stationCase,
  wellAreaM2,
} from '@grevik/core';
import { Alert, Button, LinearProgress } from '@mui/material';
import { useMemo } from 'react';
import { useWords } from '../../../words';
import { BasisNote } from '../BasisNote';
import page from '../BenchPage.module.css';
import type { BenchProps } from '../bench-props';
import { CaseFields } from '../case/CaseFields';
import { useCase } from '../case/useCase';
import { StationChart } from './StationChart';
import { StationSaid } from './StationSaid';
import { stationFields } from './station-fields';
import { useStationLog } from './useStationLog';

/** What the log of a pump station says of its check: a ball that sticks open gives no alarm. */
export function StationLogBench({ position, duty }: BenchProps) {
  const words = useWords();
  const fields = useMemo(() => stationFields(words), [words]);
  const filled = useMemo(() => stationCase(duty), [duty]);
  const of = useCase<StationCase>(filled, fields, { of: 'station-log' });
  const { wellDiameterM, pumpFlowM3s, platePowerKw } = of.values;
  const here = useStationLog({ wellAreaM2: wellAreaM2(wellDiameterM), pumpFlowM3s });
  const { read, diagnosis, stretch, trouble, progress } = here;
  return (
    <div className={page.work}>
      <CaseFields of={of} fields={fields} />
      <div className={page.pictures}>
        <p className="no-print">
          <Button variant="contained" component="label">
            {words('station.import')}
            <input
              type="file"
              accept=".csv,text/csv"
              hidden
              onChange={({ target }) => {
                const file = target.files?.[0];
                target.value = '';
                if (file) here.open(file);
              }}
            />
          </Button>{' '}
          {words('station.practice')}{' '}
          {STATION_FAULTS.map((fault) => (
            <Button key={fault} size="small" onClick={() => here.play(fault)}>
              {words(`station.faults.${fault}`)}
            </Button>
          ))}
        </p>
        {progress !== undefined && (
          <div role="status">
            <LinearProgress
              variant="determinate"
              value={100 * progress}
              aria-label={words('station.reading')}
            />
            {words('station.reading')}{' '}
            <Button size="small" onClick={here.cancel}>
              {words('station.cancel')}
            </Button>
          </div>
        )}
        {trouble !== undefined && <Alert severity="error">{trouble}</Alert>}
        {!read && progress === undefined && trouble === undefined && <p>{words('station.none')}</p>}
        {read && (
          <p>
            {words('station.read', { count: read.samples })}
            {read.unread > 0 && ` ${words('station.unread', { count: read.unread })}`}
          </p>
        )}
        {read && diagnosis && (
          <StationSaid
            position={position}
            diagnosis={diagnosis}
            fromS={read.fromS}
            platePowerKw={platePowerKw}
            query={of.query}
          />
        )}
        {read && stretch && (
          <StationChart read={read} stretch={stretch} sinceS={diagnosis?.sinceS} show={here.show} />
        )}
        {checkDiagnosisCalculation.basis && <BasisNote basis={checkDiagnosisCalculation.basis} />}
      </div>
    </div>
  );
}
