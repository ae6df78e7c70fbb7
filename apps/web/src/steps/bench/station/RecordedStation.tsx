import type { PositionView, StationView } from '@grevik/contracts';
import { Alert } from '@mui/material';
import { useNow } from '../../../kit/useNow';
import { useFigures } from '../../../kit/useFigures';
import { dateWords, timeWords } from '../../../kit/when';
import { failureText } from '../../../store/failure';
import { useWords } from '../../../words';
import { StationChart } from './StationChart';
import { StationSaid } from './StationSaid';
import { useRecordedLog } from './useRecordedLog';

/** A recorder that reports nothing for so long is silent. */
const SILENT_MS = 5 * 60_000;
const S_IN_MS = 1000;

interface RecordedStationProps {
  position: PositionView;
  station: StationView;
  platePowerKw: number;
  query: () => string;
}

/** A station as its recorder sees it now: level and pump, what they say of the check, and the log. */
export function RecordedStation({ position, station, platePowerKw, query }: RecordedStationProps) {
  const words = useWords();
  const figures = useFigures();
  const { read, stretch, error, show } = useRecordedLog(position.id, station);
  const { device, lastAt, lastLevelM, isPumpOn, diagnosis, since } = station;
  const nowMs = useNow();
  const isSilent = lastAt !== null && nowMs - Date.parse(lastAt) >= SILENT_MS;
  const sinceS = since === null ? undefined : Date.parse(since) / S_IN_MS;
  return (
    <>
      {device?.trouble != null && (
        <Alert severity="warning">
          {words('station.refused', { name: device.name, trouble: device.trouble })}
        </Alert>
      )}
      {isSilent && (
        <Alert severity="warning">
          {words('station.silent', { date: dateWords(lastAt), time: timeWords(lastAt) })}
        </Alert>
      )}
      {lastAt === null || lastLevelM === null ? (
        <p role="status">{words('station.nothingYet', { name: device?.name ?? '' })}</p>
      ) : (
        <p role="status">
          {words(isPumpOn ? 'station.nowRunning' : 'station.nowResting', {
            name: device?.name ?? words('station.recorder'),
            time: timeWords(lastAt),
            level: figures.quantity(lastLevelM, 'length'),
          })}
        </p>
      )}
      {diagnosis && (
        <StationSaid
          position={position}
          diagnosis={{ ...diagnosis, ...(sinceS !== undefined && { sinceS }) }}
          fromS={read.fromS}
          platePowerKw={platePowerKw}
          query={query}
          isRecorded
        />
      )}
      {!diagnosis && lastAt !== null && <p>{words('station.verdicts.not-known')}</p>}
      {error !== undefined && <Alert severity="error">{failureText(error as never)}</Alert>}
      {stretch && stretch.timeS.length > 1 && (
        <StationChart read={read} stretch={stretch} sinceS={sinceS} show={show} />
      )}
    </>
  );
}
