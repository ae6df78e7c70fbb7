import type { PositionView } from '@grevik/contracts';
import type { PositionDuty } from '@grevik/core';
import { useSnackbar } from 'notistack';
import { useChangeDuty } from './useChangeDuty';

/** Ways to change a duty where a refusal is shown by itself; each answers whether it was saved. */
export interface SayFacts {
  /** Puts another duty in its place. */
  replace: (duty: PositionDuty) => Promise<boolean>;
  /** Sets facts that somebody said. */
  say: (facts: Partial<PositionDuty>) => Promise<boolean>;
}

/** Changes the duty of a position; what is refused is shown as a message. */
export function useSayFacts(position: PositionView, lineId: string): SayFacts {
  const save = useChangeDuty(position, lineId);
  const { enqueueSnackbar } = useSnackbar();
  const { duty } = position;
  const replace = async (changed: PositionDuty): Promise<boolean> => {
    const refused = await save(changed);
    if (refused !== undefined) enqueueSnackbar(refused, { variant: 'error' });
    return refused === undefined;
  };
  return {
    replace,
    say: (facts) => {
      const said = Object.fromEntries(Object.keys(facts).map((fact) => [fact, 'said' as const]));
      return replace({ ...duty, ...facts, origins: { ...duty.origins, ...said } });
    },
  };
}
