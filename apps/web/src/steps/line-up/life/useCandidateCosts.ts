import type { LifeBasisView, LineView, ModelView, PositionView } from '@grevik/contracts';
import {
  type CostedCandidate,
  type CostedOption,
  type HouseRuleSettings,
  candidateCost,
  learnedIn,
  lifeCost,
  modelWords,
  priceEach,
} from '@grevik/core';
import { useMemo } from 'react';
import type { ModelColumn } from '../../../kit/outlook/model-column';
import { useLifeBasisQuery } from '../../../store/budget-api';

/** Years that the line-up looks ahead. */
export const USUAL_YEARS = 20;

/** A candidate with what it costs over the years. */
export interface CandidateOverYears extends CostedCandidate {
  model: ModelView;
  over: CostedOption;
}

interface Here {
  line: Pick<LineView, 'medium'>;
  position: Pick<PositionView, 'id' | 'duty'>;
  settings: HouseRuleSettings;
}

/** What candidates cost over the years at a position, by model; undefined until what it rests on is there. */
export function useCandidateCosts(
  { line, position, settings }: Here,
  columns: readonly ModelColumn[],
  years = USUAL_YEARS,
): { basis: LifeBasisView | undefined; costs: ReadonlyMap<string, CandidateOverYears> | undefined } {
  const { data: basis } = useLifeBasisQuery(position.id);
  const costs = useMemo(
    () =>
      basis &&
      overYears(columns, { duty: { ...position.duty, medium: line.medium }, settings, basis, years }),
    [basis, columns, position.duty, line.medium, settings, years],
  );
  return { basis, costs };
}

interface OverYears {
  duty: Parameters<typeof candidateCost>[1]['duty'];
  settings: HouseRuleSettings;
  basis: LifeBasisView;
  years: number;
}

function overYears(
  columns: readonly ModelColumn[],
  { duty, settings, basis, years }: OverYears,
): Map<string, CandidateOverYears> {
  const place = {
    duty,
    settings: basis.settings,
    houseRules: settings,
    learned: learnedIn(basis.learned),
    isBehindSeized: basis.isBehindSeized,
    ...(basis.wets !== null && { wets: basis.wets }),
  };
  return new Map(
    columns.map(({ model, size }) => {
      const { type, operator, pieces, bodyMaterial } = model;
      const costed = candidateCost(
        { name: modelWords(model).from, type, operator, pieces, bodyMaterial, price: priceEach(size, 1) },
        place,
      );
      const { options } = lifeCost({
        horizonYears: years,
        discountRate: basis.settings.discountRate,
        options: [costed.option],
      });
      return [model.id, { ...costed, model, over: options[0] as CostedOption }];
    }),
  );
}
