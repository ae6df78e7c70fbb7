import {
  type StationCase,
  STATION_FAULTS,
  checkDiagnosisCalculation,
  stationCase,
  wellAreaM2,
} from '@grevik/core';
import { Alert, Button, LinearProgress } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useMemo } from 'react';
import { FindingBar } from '../../../kit/finding/FindingBar';
import { useFigures } from '../../../kit/useFigures';
import { newId } from '../../../store/new-id';
import { useMay } from '../../../store/people-api';
import { useWriteEntry } from '../../../store/useWriteEntry';
import { useWords } from '../../../words';
import { BasisNote } from '../BasisNote';
import page from '../BenchPage.module.css';
import { Facts } from '../Facts';
import type { BenchProps } from '../bench-props';
import { CaseFields } from '../case/CaseFields';
import { useCase } from '../case/useCase';
import { StationChart } from './StationChart';
import { momentWords } from './moment-words';
import { stationFields } from './station-fields';
import { useStationLog } from './useStationLog';

/** Of what the pump lifted, the share that runs back while a check holds. */
const HOLDS_TO = 0.03;
const DAYS_A_YEAR = 365;

/** What the log of a pump station says of its check: a ball that sticks open gives no alarm. */
export function StationLogBench({ position, duty }: BenchProps) {
  const words = useWords();
  const figures = useFigures();
  const { enqueueSnackbar } = useSnackbar();
  const mayWrite = useMay('record');
  const { write, isWriting } = useWriteEntry(position);
  const fields = useMemo(() => stationFields(words), [words]);
  const filled = useMemo(() => stationCase(duty), [duty]);
  const of = useCase<StationCase>(filled, fields, { of: 'station-log' });
  const { wellDiameterM, pumpFlowM3s, platePowerKw } = of.values;
  const here = useStationLog({ wellAreaM2: wellAreaM2(wellDiameterM), pumpFlowM3s });
  const { read, diagnosis, stretch, trouble, progress } = here;
  const verdict = diagnosis && (diagnosis.tooFew ? 'not-known' : diagnosis.verdict);
  const isBad = verdict === 'passing' || verdict === 'stuck-open';
  const said = verdict && words(`station.verdicts.${verdict}`);
  const extraHours = (diagnosis?.extraRunS ?? 0) / 3600;
  const record = async (): Promise<void> => {
    const sent = await write({
      id: newId(),
      kind: 'found',
      text: said ?? '',
      found: { holding: 'passes' },
      happenedAt: new Date().toISOString(),
    });
    enqueueSnackbar(
      sent.kind === 'refused' ? sent.refusal : words('station.recorded', { tag: position.tag }),
      sent.kind === 'refused' ? { variant: 'error' } : {},
    );
  };
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
        {read && diagnosis && said !== undefined && (
          <>
            <FindingBar
              position={position}
              text={said}
              finding={{
                bench: 'station-log',
                verdict: isBad ? 'care' : 'supports',
                measured: {
                  value: diagnosis.evidence[0]?.share ?? 0,
                  limit: HOLDS_TO,
                  unit: 'ratio',
                },
              }}
              query={of.query}
              isPending={verdict === 'not-known'}
            >
              {isBad && mayWrite && (
                <Button size="small" disabled={isWriting} onClick={() => void record()}>
                  {words('station.record', { tag: position.tag })}
                </Button>
              )}
            </FindingBar>
            {isBad && (
              <p>
                {words('station.sinceWhen', { when: momentWords(diagnosis.sinceS ?? 0, read.fromS) })}{' '}
                {words(verdict === 'passing' ? 'station.lookPassing' : 'station.lookStuck')}
              </p>
            )}
            <Facts
              facts={[
                [words('station.starts'), (diagnosis.startsPerHour * 24).toFixed(0)],
                [words('station.inflow'), figures.quantity(diagnosis.inflowM3s, 'flow')],
                ...(isBad
                  ? ([
                      [words('station.back'), figures.volume(diagnosis.backflowVolumeM3PerStop)],
                      [words('station.extraStarts'), diagnosis.extraStartsPerDay.toFixed(0)],
                      [words('station.extraRun'), extraHours.toFixed(1)],
                      ...(platePowerKw > 0
                        ? ([
                            [
                              words('station.energy'),
                              words('station.kwh', {
                                kwh: (extraHours * platePowerKw * DAYS_A_YEAR).toFixed(0),
                              }),
                            ],
                          ] as const)
                        : []),
                    ] as const)
                  : []),
              ]}
            />
          </>
        )}
        {read && stretch && (
          <StationChart read={read} stretch={stretch} sinceS={diagnosis?.sinceS} show={here.show} />
        )}
        {diagnosis && isBad && (
          <details>
            <summary>{words('station.evidence', { count: diagnosis.evidence.length })}</summary>
            <ul>
              {diagnosis.evidence.map(({ timeS, share, backflowM3 }) => (
                <li key={timeS}>
                  {words('station.stop', {
                    when: momentWords(timeS, read?.fromS ?? 0),
                    volume: figures.volume(backflowM3),
                    share: (100 * share).toFixed(0),
                  })}
                </li>
              ))}
            </ul>
          </details>
        )}
        {checkDiagnosisCalculation.basis && <BasisNote basis={checkDiagnosisCalculation.basis} />}
      </div>
    </div>
  );
}
