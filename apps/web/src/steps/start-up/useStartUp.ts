import type { StartUpView } from '@grevik/contracts';
import { type StartUp, type StartedLine, startUp, startedLineOf } from '@grevik/core';
import { useMemo } from 'react';
import { useKeepLine } from '../../shell/useKeepLine';
import { useLineFrame } from '../../shell/useLineFrame';
import { storedHere } from '../../store/stored-here';
import { useUnsent } from '../../store/useUnsent';
import { useSessionQuery } from '../../store/people-api';
import { useStartUpQuery } from '../../store/start-up-api';
import { useKeepAnswer } from '../../store/useKeepAnswer';
import { withWritten } from './with-written';

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
  const {
    data: view,
    error,
    isError,
    refetch,
  } = useStartUpQuery(line.id, {
    refetchOnMountOrArgChange: true,
  });
  const started = useMemo(
    () => startedLineOf({ ...line, items: line.walk?.items ?? [] }, models),
    [line, models],
  );
  useKeepLine(line);
  useKeepAnswer(`lines/${line.id}/start-up`, view);
  const me = useSessionQuery().data?.session?.person;
  const unsent = useUnsent();
  const whole = useMemo(
    () => (view && me ? withWritten(view, line.id, [...storedHere(me.id), ...unsent], me.name) : view),
    [view, line.id, unsent, me],
  );
  const state = useMemo(() => whole && startUp(started, whole.entries), [whole, started]);
  return { view: whole, line: started, startUp: state, error, isError, refetch };
}
