import type { LineView, ModelView, PositionView } from '@grevik/contracts';
import { type HouseSides, modelWords, pickedNow } from '@grevik/core';
import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { VerdictMark } from '../kit/VerdictMark';
import { useUndoable } from '../kit/useUndoable';
import { usePickMutation, useUnpickMutation } from '../store/api';
import { failureText } from '../store/failure';
import styles from './CurrentPick.module.css';
import { Reasons } from './Reasons';

interface CurrentPickProps {
  line: LineView;
  position: PositionView;
  models: readonly ModelView[];
  sides: HouseSides;
}

/** What is picked here and why; judged again on the duty as it is now. */
export function CurrentPick({ line, position, models, sides }: CurrentPickProps) {
  const [unpick, { isLoading }] = useUnpickMutation();
  const [pick] = usePickMutation();
  const undoable = useUndoable();
  const { enqueueSnackbar } = useSnackbar();
  const picked = pickedNow(position, line, models, sides);
  if (!picked) return null;
  const { model, verdict, reasons, reason } = picked;
  const at = { id: position.id, lineId: line.id };

  const letGo = async (): Promise<void> => {
    try {
      const { version } = await unpick({ ...at, version: position.version }).unwrap();
      undoable(`${position.tag}: pick let go`, () =>
        pick({ ...at, version, modelId: model.id, reason }).unwrap(),
      );
    } catch (error) {
      enqueueSnackbar(failureText(error), { variant: 'error' });
    }
  };

  return (
    <section className={verdict === 'out' ? styles.broken : styles.pick} aria-label="Picked">
      <h3>Picked: {modelWords(model).from}</h3>
      {verdict === 'out' ? (
        <>
          <VerdictMark verdict="out" word="no longer fits" />
          <Reasons reasons={reasons.filter((why) => why.verdict === 'out')} />
        </>
      ) : (
        <p>{reason}</p>
      )}
      <Button
        size="small"
        variant="outlined"
        className="no-print"
        disabled={isLoading}
        onClick={() => void letGo()}
      >
        Let it go
      </Button>
    </section>
  );
}
