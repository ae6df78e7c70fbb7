import type { StationView } from '@grevik/contracts';
import { useState } from 'react';
import { useLevelsQuery } from '../../../store/stations-api';
import type { LogRead, LogStretch } from './station-log';

const SHOWN = 900;
const MS_IN_S = 1000;

interface RecordedLog {
  /** From when to when there are levels, s since 1970. */
  read: Pick<LogRead, 'fromS' | 'toS'>;
  stretch: LogStretch | undefined;
  error: unknown;
  show: (fromS: number, toS: number) => void;
}

/** The stretch of a recorded log that is looked at. One that reaches to its end goes on with it. */
export function useRecordedLog(positionId: string, { firstAt, lastAt }: StationView): RecordedLog {
  const fromS = Math.floor(secondsOf(firstAt));
  const toS = Math.ceil(secondsOf(lastAt));
  const [shown, setShown] = useState<{ fromS: number; toS?: number }>();
  const from = shown?.fromS ?? fromS;
  const to = shown?.toS ?? toS;
  const { data, currentData, error } = useLevelsQuery(
    { positionId, from: momentOf(from), to: momentOf(to), most: SHOWN },
    { skip: firstAt === null || to <= from },
  );
  return {
    read: { fromS, toS },
    stretch: currentData ?? data,
    error,
    show: (begin, end) => setShown({ fromS: Math.floor(begin), ...(end < toS && { toS: Math.ceil(end) }) }),
  };
}

const secondsOf = (at: string | null): number => (at === null ? 0 : Date.parse(at) / MS_IN_S);
const momentOf = (timeS: number): string => new Date(timeS * MS_IN_S).toISOString();
