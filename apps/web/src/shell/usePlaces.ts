import type { LineView } from '@grevik/contracts';
import {
  type WalkItem,
  VALVE_TYPES,
  VALVE_TYPE_FACTS,
  capitalized,
  upstreamValve,
  walkNetwork,
} from '@grevik/core';
import { useColorScheme } from '@mui/material/styles';
import { useMemo } from 'react';
import { useNavigate, useParams } from 'react-router';
import { shortName } from '../kit/position-name';
import { useFigures } from '../kit/useFigures';
import { useUndoLast } from './own-changes/useUndoLast';
import { useCatalogueQuery, useJobPositionsQuery, useJobQuery, useJobNamesQuery } from '../store/api';
import { useJobWalkQuery } from '../store/walk-api';
import { handleMoved } from '../store/handle-slice';
import { useMay, useSignOutMutation } from '../store/people-api';
import { useAppDispatch } from '../store/store';
import { unitsChosen } from '../store/units-slice';
import { useOverdue } from '../store/useOverdue';
import { translated, useWords } from '../words';
import { failureSaid } from '../kit/failure-said';
import { itemWords } from '../kit/isolation/item-words';
import { STEPS, type ToLineUp } from './steps';
import { CALCULATION_WORDS, SCREEN_WORDS } from './trade-words';

/** Somewhere to go, or something to do. */
export interface Place {
  id: string;
  group: string;
  name: string;
  /** Other words people have for it. */
  also?: string;
  go: () => void;
}

/** Every position of the open job, every line and job, every screen and action. */
export function usePlaces(showKeys: () => void): Place[] {
  const { jobId, lineId, tag } = useParams();
  const skip = jobId === undefined;
  const { data: positions } = useJobPositionsQuery(jobId ?? '', { skip });
  const { data: job } = useJobQuery(jobId ?? '', { skip });
  const { data: jobs } = useJobNamesQuery();
  const { data: models } = useCatalogueQuery();
  const overdue = useOverdue(jobId);
  const { data: walks } = useJobWalkQuery(jobId ?? '', { skip });
  const figures = useFigures();
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  const { setMode } = useColorScheme();
  const undoLast = useUndoLast();
  const mayBring = useMay('bring-lines');
  const mayPick = useMay('pick');
  const maySeeTasks = useMay('tasks');
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
    const mediumOf = new Map((job?.lines ?? []).map(({ id, medium }) => [id, medium]));
    const ofPositions = (positions ?? []).map((position) =>
      place(
        words('palette.positions'),
        `${position.tag} · ${figures.size(position.dn)} · ${shortName({ remarks: position.remarks, duty: position })}${failureSaid(position, mediumOf.get(position.lineId))}${overdue.has(position.id) ? ` · ${words('rounds.isOverdue')}` : ''}`,
        to(`/jobs/${jobId}/lines/${position.lineId}/line-up/${encodeURIComponent(position.tag)}`),
      ),
    );
    const ofFixtures = (walks?.lines ?? []).flatMap((walk) =>
      fixturesOf(walk).map(({ item, tag: upstream }) =>
        place(
          words('palette.fixtures'),
          `${itemWords(item, undefined, figures, words).name}${item.name === undefined ? '' : `, ${item.name}`} · ${words('palette.servedBy', { tag: upstream })}`,
          to(`/jobs/${jobId}/lines/${walk.id}/line-up/${encodeURIComponent(upstream)}`),
        ),
      ),
    );
    const ofLines = (job?.lines ?? []).map(({ id, name }) =>
      place(words('palette.lines'), name, to(`/jobs/${jobId}/lines/${id}/line-up`)),
    );
    const ofJobs = (jobs ?? []).map(({ id, name }) => place(words('palette.jobs'), name, to(`/jobs/${id}`)));
    const screen = (name: string, address: string, also?: keyof typeof SCREEN_WORDS): Place => ({
      ...place(words('palette.screens'), name, to(address)),
      ...(also && { also: SCREEN_WORDS[also] }),
    });
    const action = (name: string, go: () => void): Place => place(words('palette.actions'), name, go);
    const line = lineId ?? job?.lines[0]?.id;
    const at = tag === undefined ? '' : `/${encodeURIComponent(tag)}`;
    const ofTypes = VALVE_TYPES.map((type) =>
      place(
        words('palette.types'),
        capitalized(translated(VALVE_TYPE_FACTS[type].words)),
        to(`/catalogue/types/${type}`),
      ),
    );
    const ofModels = (models ?? [])
      .filter(({ retired }) => !retired)
      .map((model) =>
        place(
          words('palette.models'),
          `${model.maker} ${model.model} · ${translated(VALVE_TYPE_FACTS[model.type].words)}`,
          to(`/catalogue/models/${model.id}`),
        ),
      );
    const ofCalculations =
      line === undefined
        ? []
        : CALCULATION_WORDS.map(({ bench, also }) => ({
            ...place(
              words('palette.calculations'),
              words(`benches.${bench}`),
              to(`/jobs/${jobId}/lines/${line}/bench${at}?of=${bench}`),
            ),
            also,
          }));
    return [
      ...ofPositions,
      ...ofFixtures,
      ...ofLines,
      ...ofJobs,
      ...(line === undefined
        ? []
        : STEPS.map((step) =>
            screen(words(`steps.${step}`), `/jobs/${jobId}/lines/${line}/${step}${at}`, step),
          )),
      ...(line === undefined
        ? []
        : [screen(words('owner.title'), `/jobs/${jobId}/lines/${line}/owner${at}`, 'owner')]),
      ...(jobId !== undefined && mayBring
        ? [screen(words('walkList.title'), `/jobs/${jobId}/walk`, 'walk-list')]
        : []),
      ...(jobId === undefined ? [] : [screen(words('board.title'), `/jobs/${jobId}`)]),
      ...(jobId === undefined ? [] : [screen(words('orders.link'), `/jobs/${jobId}/orders`, 'orders')]),
      ...(jobId === undefined ? [] : [screen(words('rounds.due'), `/jobs/${jobId}/rounds`, 'rounds')]),
      screen(words('rounds.title'), '/rounds', 'rounds'),
      screen(words('drills.title'), '/drills', 'drills'),
      ...(jobId === undefined ? [] : [screen(words('takeoff.link'), `/jobs/${jobId}/takeoff`, 'takeoff')]),
      ...ofTypes,
      ...ofModels,
      ...ofCalculations,
      screen(words('jobs.title'), '/'),
      screen(words('water.button'), '/emergency', 'emergency'),
      screen(words('catalogue.title'), '/catalogue', 'catalogue'),
      screen(words('types.title'), '/catalogue/types', 'types'),
      screen(words('counter.title'), '/parts-list', 'parts-list'),
      screen(words('houseRules.title'), '/house-rules', 'house-rules'),
      screen(words('account.people'), '/people', 'people'),
      ...(maySeeTasks ? [screen(words('tasks.title'), '/tasks', 'tasks')] : []),
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
    walks,
    overdue,
    models,
    job,
    jobs,
    figures,
    jobId,
    lineId,
    tag,
    mayBring,
    mayPick,
    maySeeTasks,
    signOut,
    navigate,
    dispatch,
    setMode,
    undoLast,
    showKeys,
    words,
  ]);
}

/** Every fixture of a line with the tag of the valve that serves it. */
function fixturesOf({ walk, positions }: LineView): { item: WalkItem; tag: string }[] {
  const tags = new Map(positions.map(({ id, tag }) => [id, tag]));
  const network = walkNetwork(walk.items, () => ({ kind: 'valve' }));
  const positionOf = new Map(walk.items.map(({ id, positionId }) => [id, positionId]));
  return walk.items.flatMap((item) => {
    if (item.kind !== 'fixture') return [];
    const tag = tags.get(positionOf.get(upstreamValve(network, item.id) ?? '') ?? '');
    return tag === undefined ? [] : [{ item, tag }];
  });
}
