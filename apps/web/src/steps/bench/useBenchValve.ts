import type { ModelView, PositionView } from '@grevik/contracts';
import { type Duty, type HouseRuleSettings, VALVE_TYPES, type ValveType, lineUp } from '@grevik/core';
import { useMemo } from 'react';

export interface ValveOnBench {
  model?: ModelView;
  type: ValveType;
  /** What else could be put there, what serves first. */
  models: readonly ModelView[];
}

/** Types one may want on the bench though the catalogue has no model of them in the size. */
export const BARE_TYPES: readonly ValveType[] = [
  'ball',
  'gate-resilient',
  'globe',
  'butterfly-resilient',
  'plug-eccentric',
];

/** The valve on the bench: the one asked for, else what is picked, else what was found there, else the first that could serve. */
export function useBenchValve({
  duty,
  position,
  models,
  settings,
  asked,
  walkedType,
}: {
  duty: Duty;
  position: PositionView;
  models: readonly ModelView[];
  settings: HouseRuleSettings;
  asked: string | null;
  /** As somebody wrote it down when they walked the line. */
  walkedType: ValveType | undefined;
}): ValveOnBench {
  return useMemo(() => {
    const { columns, tray } = lineUp(
      duty,
      models.filter(({ retired }) => !retired),
      settings,
    );
    const moved = [...columns, ...tray]
      .map(({ model }) => model)
      .filter(({ type }) => !type.startsWith('check'));
    const byId = (id: string | null | undefined): ModelView | undefined =>
      moved.find((model) => model.id === id);
    const bare = VALVE_TYPES.find((type) => type === asked);
    if (bare) return { type: bare, models: moved };
    const found = position.condition.type ?? walkedType;
    const model =
      byId(asked) ??
      byId(position.pick?.modelId) ??
      (found !== undefined && found !== 'nothing' ? moved.find(({ type }) => type === found) : undefined) ??
      moved[0];
    const bareFound =
      found !== undefined && found !== 'nothing' && !found.startsWith('check') ? found : 'ball';
    return model ? { model, type: model.type, models: moved } : { type: bareFound, models: moved };
  }, [duty, models, settings, asked, walkedType, position.pick?.modelId, position.condition.type]);
}
