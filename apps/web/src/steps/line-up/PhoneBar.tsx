import { modelWords } from '@grevik/core';
import { Button } from '@mui/material';
import { useNavigate } from 'react-router';
import { useMay } from '../../store/people-api';
import { useVerdictWords } from '../../kit/useVerdictWords';
import { useWords } from '../../words';
import { useLineFrame } from '../../shell/useLineFrame';
import type { ModelColumn } from '../../kit/outlook/model-column';
import styles from './PhoneBar.module.css';

/** On a phone, the one thing to do next: pick the first choice, or walk on. */
export function PhoneBar({
  first,
  isSoFar,
  pick,
}: {
  first: ModelColumn | undefined;
  isSoFar: boolean;
  pick: (column: ModelColumn) => void;
}) {
  const { line, position } = useLineFrame();
  const navigate = useNavigate();
  const words = useWords();
  const say = useVerdictWords();
  const mayPick = useMay('pick');
  const next = line.positions[line.positions.indexOf(position) + 1];
  if (!position.pick && first && mayPick) {
    return (
      <div className={`${styles.bar} no-print`}>
        <Button variant="contained" fullWidth onClick={() => pick(first)}>
          {words('lineUp.pickVerdict', {
            model: modelWords(first.model).from,
            verdict: say(first.verdict, isSoFar),
          })}
        </Button>
      </div>
    );
  }
  if (!next) return null;
  return (
    <div className={`${styles.bar} no-print`}>
      <Button
        variant="contained"
        fullWidth
        onClick={() =>
          void navigate(`/jobs/${line.jobId}/lines/${line.id}/line-up/${encodeURIComponent(next.tag)}`)
        }
      >
        {words('lineUp.next', { tag: next.tag })}
      </Button>
    </div>
  );
}
