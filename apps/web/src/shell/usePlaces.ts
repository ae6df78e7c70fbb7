import { useColorScheme } from '@mui/material/styles';
import { useMemo } from 'react';
import { useNavigate, useParams } from 'react-router';
import { shortName } from '../kit/position-name';
import { useFigures } from '../kit/useFigures';
import { useUndoLast } from './own-changes/useUndoLast';
import { useJobPositionsQuery, useJobQuery, useJobsQuery } from '../store/api';
import { handleMoved } from '../store/handle-slice';
import { useMay, useSignOutMutation } from '../store/people-api';
import { useAppDispatch } from '../store/store';
import { unitsChosen } from '../store/units-slice';
import { useWords } from '../words';
import { STEPS, type ToLineUp } from './steps';

/** Somewhere to go, or something to do. */
export interface Place {
  id: string;
  group: string;
  name: string;
  go: () => void;
}

/** Every position of the open job, every line and job, every screen and action. */
export function usePlaces(showKeys: () => void): Place[] {
  const { jobId, lineId, tag } = useParams();
  const skip = jobId === undefined;
  const { data: positions } = useJobPositionsQuery(jobId ?? '', { skip });
  const { data: job } = useJobQuery(jobId ?? '', { skip });
  const { data: jobs } = useJobsQuery();
  const figures = useFigures();
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  const { setMode } = useColorScheme();
  const undoLast = useUndoLast();
  const mayBring = useMay('bring-lines');
  const mayPick = useMay('pick');
  const [signOut] = useSignOutMutation();
  const words = useWords();

  return useMemo(() => {
    const to = (address: string, state?: ToLineUp) => (): void => void navigate(address, { state });
    const place = (group: Place['group'], name: string, go: () => void): Place => ({
      id: `${group} ${name}`,
      group,
      name,
      go,
    });
    const ofPositions = (positions ?? []).map((position) =>
      place(
        words('palette.positions'),
        `${position.tag} · ${figures.size(position.dn)} · ${shortName({ remarks: position.remarks, duty: position })}`,
        to(`/jobs/${jobId}/lines/${position.lineId}/line-up/${encodeURIComponent(position.tag)}`),
      ),
    );
    const ofLines = (job?.lines ?? []).map(({ id, name }) =>
      place(words('palette.lines'), name, to(`/jobs/${jobId}/lines/${id}/line-up`)),
    );
    const ofJobs = (jobs ?? []).map(({ id, name }) => place(words('palette.jobs'), name, to(`/jobs/${id}`)));
    const screen = (name: string, address: string): Place =>
      place(words('palette.screens'), name, to(address));
    const action = (name: string, go: () => void): Place => place(words('palette.actions'), name, go);
    const line = lineId ?? job?.lines[0]?.id;
    const at = tag === undefined ? '' : `/${encodeURIComponent(tag)}`;
    return [
      ...ofPositions,
      ...ofLines,
      ...ofJobs,
      ...(line === undefined
        ? []
        : STEPS.map((step) => screen(words(`steps.${step}`), `/jobs/${jobId}/lines/${line}/${step}${at}`))),
      ...(jobId !== undefined && mayBring ? [screen(words('walkList.title'), `/jobs/${jobId}/walk`)] : []),
      ...(jobId === undefined ? [] : [screen(words('orders.link'), `/jobs/${jobId}/orders`)]),
      ...(jobId === undefined ? [] : [screen(words('takeoff.link'), `/jobs/${jobId}/takeoff`)]),
      screen(words('jobs.title'), '/'),
      screen(words('water.title'), '/emergency'),
      screen(words('catalogue.title'), '/catalogue'),
      screen(words('types.title'), '/catalogue/types'),
      screen(words('counter.title'), '/parts-list'),
      screen(words('houseRules.title'), '/house-rules'),
      screen(words('account.people'), '/people'),
      screen(words('account.title'), '/account'),
      ...(tag === undefined || line === undefined
        ? []
        : [
            ...(mayPick
              ? [
                  action(
                    words('actions.pick', { tag }),
                    to(`/jobs/${jobId}/lines/${line}/line-up${at}`, { picks: true }),
                  ),
                ]
              : []),
            action(words('actions.write', { tag }), to(`/jobs/${jobId}/lines/${line}/log${at}`)),
          ]),
      ...(lineId === undefined
        ? []
        : [
            action(words('actions.csv'), () =>
              window.location.assign(`/api/lines/${lineId}/schedule.csv?units=${figures.system}`),
            ),
          ]),
      action(words('actions.units', { units: words('units.usLong') }), () => dispatch(unitsChosen('us'))),
      action(words('actions.units', { units: words('units.metricLong') }), () =>
        dispatch(unitsChosen('metric')),
      ),
      action(words('actions.light'), () => setMode('light')),
      action(words('actions.dark'), () => setMode('dark')),
      action(words('actions.undo'), undoLast),
      action(words('actions.shut'), () => dispatch(handleMoved(0))),
      action(words('actions.open'), () => dispatch(handleMoved(1))),
      action(words('actions.print'), () => window.print()),
      action(words('actions.keys'), showKeys),
      action(words('actions.signOut'), () => void signOut({ everywhere: false })),
    ];
  }, [
    positions,
    job,
    jobs,
    figures,
    jobId,
    lineId,
    tag,
    mayBring,
    mayPick,
    signOut,
    navigate,
    dispatch,
    setMode,
    undoLast,
    showKeys,
    words,
  ]);
}
