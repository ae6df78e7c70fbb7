import type { OwnTaskView } from '@grevik/contracts';
import { Alert, Button, Link } from '@mui/material';
import { useEffect, useRef, useState } from 'react';
import { failureText } from '../../store/failure';
import { useWords } from '../../words';
import { TaskProgress } from './TaskProgress';
import styles from './TaskProgress.module.css';

interface FileButtonProps {
  label: string;
  size?: 'small' | 'medium';
  /** Asks for the file. @returns the id of the task that writes it */
  ask: () => Promise<string>;
}

/** Has a file written in the background, and downloads it when it is there. */
export function FileButton({ label, size = 'medium', ask }: FileButtonProps) {
  const [taskId, setTaskId] = useState<string>();
  const [done, setDone] = useState<OwnTaskView>();
  const [error, setError] = useState<unknown>();
  const words = useWords();
  const link = useRef<HTMLAnchorElement>(null);
  const begin = async (): Promise<void> => {
    setDone(undefined);
    setError(undefined);
    try {
      setTaskId(await ask());
    } catch (refused) {
      setError(refused);
    }
  };
  // The browser downloads it at once; the link stays for a second time.
  useEffect(() => link.current?.click(), [done]);
  const isUnderWay = taskId !== undefined && done === undefined;
  return (
    <>
      <Button variant="outlined" size={size} disabled={isUnderWay} onClick={() => void begin()}>
        {label}
      </Button>
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
      {isUnderWay && <TaskProgress taskId={taskId} onDone={setDone} onClose={() => setTaskId(undefined)} />}
      {done?.file && (
        <p className={styles.file}>
          <Link ref={link} href={`/api/tasks/mine/${done.id}/file`} download={done.file.name}>
            {words('tasks.file', { name: done.file.name, kB: Math.ceil(done.file.bytes / 1024) })}
          </Link>
        </p>
      )}
    </>
  );
}
