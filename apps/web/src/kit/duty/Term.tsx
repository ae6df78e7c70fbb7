import { ButtonBase, Popover } from '@mui/material';
import { type ReactNode, createContext, use, useState } from 'react';
import styles from './Duty.module.css';

interface TermProps {
  /** What the word is: "pressure". */
  name: string;
  words: string;
  /** Not known yet: shown as a gap to fill. */
  missing?: boolean;
  /** Where it is from, where that is not plainly said. */
  from?: string | undefined;
  /** What opens when the word is pressed. */
  children: (close: () => void) => ReactNode;
}

/** Whether the words around can not be changed by whoever looks at them. */
export const Fixed = createContext(false);

/** A word of the sentence that is a field: press it to change it. */
export function Term({ name, words, missing = false, from, children }: TermProps) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const close = (): void => setAnchor(null);
  if (use(Fixed)) return <b>{words}</b>;
  return (
    <>
      <ButtonBase
        component="span"
        className={missing ? styles.missing : styles.term}
        aria-label={`${name}: ${words}`}
        aria-haspopup="dialog"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {words}
      </ButtonBase>
      {from !== undefined && <small className={styles.from}> ({from})</small>}
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={close}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
        slotProps={{ paper: { role: 'dialog', 'aria-label': name } }}
      >
        {children(close)}
      </Popover>
    </>
  );
}
