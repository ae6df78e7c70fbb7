import {
  type Duty,
  type HookUp,
  type HookUpChoices,
  candidateOf,
  hookUp,
  pickedNow,
  pipesBeside,
} from '@grevik/core';
import { useSnackbar } from 'notistack';
import { useMemo } from 'react';
import { useUndoable } from '../kit/useUndoable';
import { useLineFrame } from './useLineFrame';
import { useChangeHookUpMutation } from '../store/api';
import { changedOn } from '../store/changed-on';
import { failureText } from '../store/failure';
import { inTurn } from '../store/in-turn';
import { useWords } from '../words';

/** Settles facts of a hook-up beside those that are settled; one that is undefined is let go. */
export type SettleFact = (facts: {
  [F in keyof HookUpChoices]?: HookUpChoices[F] | undefined;
}) => Promise<void>;

/** How what is picked at the position joins its pipe, and the way to settle something of it. */
export function useHookUp() {
  const { line, position, models, settings } = useLineFrame();
  const [change, { isLoading }] = useChangeHookUpMutation();
  const undoable = useUndoable();
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const duty: Duty = useMemo(() => ({ ...position.duty, medium: line.medium }), [position.duty, line.medium]);
  const picked = pickedNow(position, line, models, settings);
  const model = picked?.model;
  const size = picked?.size;
  const choices = position.hookUp;
  const valve = useMemo(() => model && size && candidateOf(model, size), [model, size]);
  const joined: HookUp | undefined = useMemo(
    () =>
      valve &&
      hookUp({
        duty,
        valve,
        metricTube: line.facts.metricTube,
        ...choices,
        pipes: { ...pipesBeside(line.walk.items, position.id), ...choices.pipes },
        settings,
      }),
    [valve, duty, choices, settings, line.walk.items, line.facts.metricTube, position.id],
  );
  const settle = async (next: HookUpChoices): Promise<void> => {
    try {
      const { changed } = await inTurn(position, (latest) =>
        change({
          id: position.id,
          lineId: line.id,
          version: latest.version,
          base: latest.hookUp,
          hookUp: changedOn(choices, next, latest.hookUp),
        }).unwrap(),
      );
      undoable(words('hookUp.saved', { tag: position.tag }), changed);
    } catch (error) {
      enqueueSnackbar(failureText(error), { variant: 'error' });
    }
  };
  const settleFact: SettleFact = (facts) =>
    settle(
      Object.fromEntries(
        Object.entries({ ...choices, ...facts }).filter(([, value]) => value !== undefined),
      ) as HookUpChoices,
    );
  return {
    line,
    position,
    settings,
    duty,
    picked,
    valve,
    joined,
    choices,
    settle,
    settleFact,
    isSaving: isLoading,
  };
}
