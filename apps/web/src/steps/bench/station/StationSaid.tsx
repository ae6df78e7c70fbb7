import type { PositionView } from '@grevik/contracts';
import { CHECK_HOLDS_TO, type CheckDiagnosis } from '@grevik/core';
import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { FindingBar } from '../../../kit/finding/FindingBar';
import { useFigures } from '../../../kit/useFigures';
import { newId } from '../../../store/new-id';
import { useMay } from '../../../store/people-api';
import { useWriteEntry } from '../../../store/useWriteEntry';
import { useWords } from '../../../words';
import { Facts } from '../Facts';
import { momentWords } from './moment-words';

const DAYS_A_YEAR = 365;
const HOUR_S = 3600;

interface StationSaidProps {
  position: PositionView;
  diagnosis: CheckDiagnosis;
  /** Where the log begins, s. */
  fromS: number;
  /** On the plate of the pump; 0 where nobody read it. */
  platePowerKw: number;
  query: () => string;
  /** The recorder writes at the position by itself. */
  isRecorded?: boolean;
}

/** What a log says of the check: verdict, since when, what it costs, and the stops that show it. */
export function StationSaid({
  position,
  diagnosis,
  fromS,
  platePowerKw,
  query,
  isRecorded = false,
}: StationSaidProps) {
  const words = useWords();
  const figures = useFigures();
  const { enqueueSnackbar } = useSnackbar();
  const mayWrite = useMay('record');
  const { write, isWriting } = useWriteEntry(position);
  const { evidence, extraRunS, sinceS = fromS } = diagnosis;
  const verdict = diagnosis.tooFew ? 'not-known' : diagnosis.verdict;
  const isBad = verdict === 'passing' || verdict === 'stuck-open';
  const said = words(`station.verdicts.${verdict}`);
  const extraHours = extraRunS / HOUR_S;
  const facts: [name: string, figure: string][] = [
    [words('station.starts'), (diagnosis.startsPerHour * 24).toFixed(0)],
    [words('station.inflow'), figures.quantity(diagnosis.inflowM3s, 'flow')],
  ];
  if (isBad)
    facts.push(
      [words('station.back'), figures.volume(diagnosis.backflowVolumeM3PerStop)],
      [words('station.extraStarts'), diagnosis.extraStartsPerDay.toFixed(0)],
      [words('station.extraRun'), extraHours.toFixed(1)],
    );
  if (isBad && platePowerKw > 0)
    facts.push([
      words('station.energy'),
      words('station.kwh', { kwh: (extraHours * platePowerKw * DAYS_A_YEAR).toFixed(0) }),
    ]);
  const record = async (): Promise<void> => {
    const sent = await write({
      id: newId(),
      kind: 'found',
      text: said,
      found: { holding: 'passes' },
      happenedAt: new Date().toISOString(),
    });
    if (sent.kind === 'refused') enqueueSnackbar(sent.refusal, { variant: 'error' });
    else enqueueSnackbar(words('station.recorded', { tag: position.tag }));
  };
  return (
    <>
      <FindingBar
        position={position}
        text={said}
        finding={{
          bench: 'station-log',
          verdict: isBad ? 'care' : 'supports',
          measured: { value: evidence[0]?.share ?? 0, limit: CHECK_HOLDS_TO, unit: 'ratio' },
        }}
        query={query}
        isPending={verdict === 'not-known'}
      >
        {isBad && mayWrite && !isRecorded && (
          <Button size="small" disabled={isWriting} onClick={() => void record()}>
            {words('station.record', { tag: position.tag })}
          </Button>
        )}
      </FindingBar>
      {isBad && (
        <p>
          {words('station.sinceWhen', { when: momentWords(sinceS, fromS) })}{' '}
          {words(verdict === 'passing' ? 'station.lookPassing' : 'station.lookStuck')}
        </p>
      )}
      <Facts facts={facts} />
      {isBad && (
        <details>
          <summary>{words('station.evidence', { count: evidence.length })}</summary>
          <ul>
            {evidence.map(({ timeS, share, backflowM3 }) => (
              <li key={timeS}>
                {words('station.stop', {
                  when: momentWords(timeS, fromS),
                  volume: figures.volume(backflowM3),
                  share: (100 * share).toFixed(0),
                })}
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}
