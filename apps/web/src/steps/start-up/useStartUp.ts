import type { StartUpView } from '@grevik/contracts';
import { type StartUp, type StartedLine, startUp, startedLineOf } from '@grevik/core';
import { useMemo } from 'react';
import { useLineFrame } from '../../shell/useLineFrame';
import { useStartUpQuery } from '../../store/start-up-api';

/** A reading that runs is asked after so often, ms. */
const LIVE_MS = 2000;

export interface StartUpHere {
  view: StartUpView | undefined;
  line: StartedLine;
  startUp: StartUp | undefined;
  error: unknown;
  isError: boolean;
  refetch: () => unknown;
}

/** The start-up of the line one stands at, kept up to date while a reading runs. */
export function useStartUp(): StartUpHere {
  const { line, models } = useLineFrame();
  const first = useStartUpQuery(line.id);
  const isReading = first.data?.readings.some(({ endedAt }) => endedAt === null) ?? false;
  const {
    data: view,
    error,
    isError,
    refetch,
  } = useStartUpQuery(line.id, {
    pollingInterval: isReading ? LIVE_MS : 0,
    refetchOnMountOrArgChange: true,
  });
  const started = useMemo(
    () => startedLineOf({ ...line, items: line.walk?.items ?? [] }, models),
    [line, models],
  );
  const state = useMemo(() => view && startUp(started, view.entries), [view, started]);
  return { view, line: started, startUp: state, error, isError, refetch };
}
