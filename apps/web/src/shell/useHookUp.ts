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
import { failureText } from '../store/failure';
import { useWords } from '../words';

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
  const joined: HookUp | undefined = useMemo(
    () =>
      model &&
      size &&
      hookUp({
        duty,
        valve: candidateOf(model, size),
        ...choices,
        pipes: { ...pipesBeside(line.walk.items, position.id), ...choices.pipes },
        settings,
      }),
    [model, size, duty, choices, settings, line.walk.items, position.id],
  );
  const settle = async (next: HookUpChoices): Promise<void> => {
    try {
      const { changed } = await change({
        id: position.id,
        lineId: line.id,
        version: position.version,
        hookUp: next,
      }).unwrap();
      undoable(words('hookUp.saved', { tag: position.tag }), changed);
    } catch (error) {
      enqueueSnackbar(failureText(error), { variant: 'error' });
    }
  };
  return { line, position, duty, picked, joined, choices, settle, isSaving: isLoading };
}
