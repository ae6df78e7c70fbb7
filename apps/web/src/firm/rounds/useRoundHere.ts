import type { RoundStopView, RoundView } from '@grevik/contracts';
import type { Visit } from '@grevik/core';
import { useCompanyQuery } from '../../store/api';
import { useSessionQuery } from '../../store/people-api';
import { useRoundQuery } from '../../store/rounds-api';
import { useKeepAnswer } from '../../store/useKeepAnswer';
import { useKeepPictures } from '../../store/useKeepPictures';
import { useUnsent } from '../../store/useUnsent';

/** Photos of a stop that are shown, the newest first. */
export const SHOWN_PHOTOS = 3;

/** A visit as it is known on this device. */
export interface VisitHere {
  visit: Visit;
  text: string;
  happenedAt: string;
  by: string;
  /** It is not on the server yet. */
  waits: boolean;
}

export interface RoundHere {
  round: RoundView | undefined;
  /** The visit of a stop on this round, what waits on this device too. */
  visitOf: (stop: RoundStopView) => VisitHere | undefined;
  error: unknown;
  isError: boolean;
  refetch: () => unknown;
}

interface SentVisit {
  kind: string;
  text: string;
  happenedAt: string;
  visit?: Visit;
}

/** A round, kept on the device with what waits there to be sent. */
export function useRoundHere(roundId: string): RoundHere {
  const {
    data: round,
    error,
    isError,
    refetch,
  } = useRoundQuery(roundId, { refetchOnMountOrArgChange: true });
  const session = useSessionQuery().data;
  const unsent = useUnsent();
  useKeepAnswer('session', session);
  useKeepAnswer('company', useCompanyQuery().data);
  useKeepAnswer(`rounds/${roundId}`, round);
  useKeepPictures(
    (round?.stopsInOrder ?? []).flatMap(({ positionId, photos }) =>
      photos.slice(0, SHOWN_PHOTOS).map((id) => `positions/${positionId}/photos/${id}`),
    ),
  );
  const me = session?.session?.person.name ?? '';
  const visitOf = (stop: RoundStopView): VisitHere | undefined => {
    const waiting = unsent
      .filter(({ path }) => path === `positions/${stop.positionId}/entries`)
      .map(({ body }) => body as SentVisit)
      .filter(({ visit }) => visit?.roundId === roundId)
      .at(-1);
    if (waiting?.visit)
      return {
        visit: waiting.visit,
        text: waiting.text,
        happenedAt: waiting.happenedAt,
        by: me,
        waits: true,
      };
    return stop.visit ? { ...stop.visit, waits: false } : undefined;
  };
  return { round, visitOf, error, isError, refetch };
}
