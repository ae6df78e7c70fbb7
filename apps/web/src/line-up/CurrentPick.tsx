import type { LineView, ModelView, PositionView } from '@grevik/contracts';
import { type HouseSides, judgePick, modelWords } from '@grevik/core';
import { Button } from '@mui/material';
import { VerdictMark } from '../kit/VerdictMark';
import { useUndoable } from '../kit/useUndoable';
import { usePickMutation, useUnpickMutation } from '../store/api';
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
  const { pick: picked } = position;
  const model = models.find(({ id }) => id === picked?.modelId);
  if (!picked || !model) return null;
  const { verdict, reasons } = judgePick({ ...position.duty, medium: line.medium }, model, sides);
  const at = { id: position.id, lineId: line.id };

  const letGo = async (): Promise<void> => {
    const { version } = await unpick({ ...at, version: position.version }).unwrap();
    undoable(`${position.tag}: pick let go`, () =>
      pick({ ...at, version, modelId: picked.modelId, reason: picked.reason }).unwrap(),
    );
  };

  return (
    <section className={verdict === 'out' ? styles.broken : styles.pick} aria-label="Picked">
      <h3>Picked: {modelWords(model).from}</h3>
      {verdict === 'out' ? (
        <>
          <VerdictMark verdict="out" word="no longer fits" />
          <Reasons reasons={reasons.filter((reason) => reason.verdict === 'out')} />
        </>
      ) : (
        <p>{picked.reason}</p>
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
