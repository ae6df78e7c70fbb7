import type { LineView, ModelView, PositionView } from '@grevik/contracts';
import { type HouseRuleSettings, modelWords, pickedNow } from '@grevik/core';
import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { crossedSaid } from '../../kit/outlook/edges-said';
import { useFigures } from '../../kit/useFigures';
import { VerdictMark } from '../../kit/VerdictMark';
import { useUndoable } from '../../kit/useUndoable';
import { dateWords } from '../../kit/when';
import { useUnpickMutation } from '../../store/api';
import { failureText } from '../../store/failure';
import { inTurn } from '../../store/in-turn';
import { useMay } from '../../store/people-api';
import { translated, useWords } from '../../words';
import styles from './CurrentPick.module.css';
import { Reasons } from './Reasons';

interface CurrentPickProps {
  line: LineView;
  position: PositionView;
  models: readonly ModelView[];
  settings: HouseRuleSettings;
}

/** What is picked here, by whom and why; judged again on the duty as it is now. */
export function CurrentPick({ line, position, models, settings }: CurrentPickProps) {
  const [unpick, { isLoading }] = useUnpickMutation();
  const mayPick = useMay('pick');
  const undoable = useUndoable();
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const figures = useFigures();
  const picked = pickedNow(position, line, models, settings);
  if (!picked || !position.pick) return null;
  const { model, verdict, reasons, reason, crossed } = picked;
  const { pickedBy, pickedAt } = position.pick;

  const letGo = async (): Promise<void> => {
    try {
      const { changed } = await inTurn(position, ({ version }) =>
        unpick({ id: position.id, lineId: line.id, version }).unwrap(),
      );
      undoable(words('pick.gone', { tag: position.tag }), changed);
    } catch (error) {
      enqueueSnackbar(failureText(error), { variant: 'error' });
    }
  };

  return (
    <section className={verdict === 'out' ? styles.broken : styles.pick} aria-label={words('pick.label')}>
      <h3>{words('pick.current', { model: modelWords(model).from })}</h3>
      {verdict === 'out' ? (
        <>
          <VerdictMark verdict="out" word={words('verdicts.noLongerFits')} />
          <Reasons reasons={reasons.filter((why) => why.verdict === 'out')} />
        </>
      ) : (
        <p>{translated(reason)}</p>
      )}
      {crossedSaid(crossed, figures, words).map((said) => (
        <p key={said} className={styles.crossed}>
          {said}
        </p>
      ))}
      {pickedBy !== null && (
        <p className={styles.signed}>{words('pick.signed', { by: pickedBy, date: dateWords(pickedAt) })}</p>
      )}
      {mayPick && (
        <Button
          size="small"
          variant="outlined"
          className="no-print"
          disabled={isLoading}
          onClick={() => void letGo()}
        >
          {words('pick.letGo')}
        </Button>
      )}
    </section>
  );
}
