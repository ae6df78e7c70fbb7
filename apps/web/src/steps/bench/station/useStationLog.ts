import type { CheckDiagnosis, StationFault } from '@grevik/core';
import { useEffect, useRef, useState } from 'react';
import { type OpenedLog, openStationLog } from './open-station-log';
import type { LogRead, LogStretch } from './station-log';

/** Points that the screen shows at once. */
const SHOWN = 900;
const WEEK_S = 7 * 86_400;
const EVERY_S = 10;

interface Station {
  wellAreaM2: number;
  pumpFlowM3s: number;
  /** Else the log is judged against its own first cycles. */
  isFlowKnown: boolean;
}

export interface StationLogHere {
  read: LogRead | undefined;
  diagnosis: CheckDiagnosis | undefined;
  stretch: LogStretch | undefined;
  trouble: string | undefined;
  /** How much of a file is read, as a share; undefined while none is. */
  progress: number | undefined;
  open: (file: File) => void;
  play: (fault: StationFault) => void;
  show: (fromS: number, toS: number) => void;
  cancel: () => void;
}

/** A station’s log, read and judged beside the screen. */
export function useStationLog({ wellAreaM2, pumpFlowM3s, isFlowKnown }: Station): StationLogHere {
  const opened = useRef<OpenedLog>(undefined);
  const [read, setRead] = useState<LogRead>();
  const [diagnosis, setDiagnosis] = useState<CheckDiagnosis>();
  const [stretch, setStretch] = useState<LogStretch>();
  const [trouble, setTrouble] = useState<string>();
  const [progress, setProgress] = useState<number>();
  useEffect(() => () => opened.current?.close(), []);
  useEffect(() => {
    const log = opened.current?.log;
    if (!read || !log) return undefined;
    let wanted = true;
    void log.diagnose({ wellAreaM2, ...(isFlowKnown && { pumpFlowM3s }) }).then((said) => {
      if (!wanted) return;
      setDiagnosis('diagnosis' in said ? said.diagnosis : undefined);
      setTrouble('trouble' in said ? said.trouble : undefined);
    });
    return () => {
      wanted = false;
    };
  }, [read, wellAreaM2, pumpFlowM3s, isFlowKnown]);

  const begin = (): OpenedLog => {
    opened.current?.close();
    opened.current = openStationLog();
    // Nothing of the log before is asked of the new one.
    setRead(undefined);
    setDiagnosis(undefined);
    setStretch(undefined);
    setTrouble(undefined);
    return opened.current;
  };
  const show = async (fromS: number, toS: number): Promise<void> =>
    setStretch(await opened.current?.log.stretch(fromS, toS, SHOWN));
  const take = async (said: LogRead | { trouble: string }): Promise<void> => {
    setProgress(undefined);
    if ('trouble' in said) return setTrouble(said.trouble);
    setRead(said);
    await show(said.fromS, said.toS);
  };
  return {
    ...{ read, diagnosis, stretch, trouble, progress },
    open: (file) => {
      const { read: readFile } = begin();
      setProgress(0);
      void readFile(file, setProgress).then(take);
    },
    play: (fault) => {
      const { log } = begin();
      const played = { fault, fromS: WEEK_S, wellAreaM2, pumpFlowM3s, everyS: EVERY_S };
      void log.play(played, 2 * WEEK_S).then(take);
    },
    show: (fromS, toS) => void show(fromS, toS),
    cancel: () => {
      opened.current?.close();
      setProgress(undefined);
    },
  };
}
