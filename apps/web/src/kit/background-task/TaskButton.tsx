import { Button } from '@mui/material';
import { useTell } from '../useTell';

interface TaskButtonProps {
  label: string;
  /** The task, for whoever does not see which row the button is in. */
  task: string;
  isBusy: boolean;
  act: () => Promise<unknown>;
}

/** Does something to one of several background tasks, and says what went wrong. */
export function TaskButton({ label, task, isBusy, act }: TaskButtonProps) {
  const tell = useTell();
  return (
    <Button size="small" aria-label={`${label}: ${task}`} disabled={isBusy} onClick={() => tell(act())}>
      {label}
    </Button>
  );
}
