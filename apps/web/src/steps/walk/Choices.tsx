import { useId } from 'react';
import styles from './WhatIsHere.module.css';

interface ChoicesProps<T extends string> {
  label: string;
  options: readonly T[];
  chosen: string | undefined;
  say: (option: T) => string;
  choose: (option: T) => void;
}

/** One of a few, by one tap: as large as a wet thumb. */
export function Choices<T extends string>({ label, options, chosen, say, choose }: ChoicesProps<T>) {
  const id = useId();
  return (
    <div className={styles.choices} role="group" aria-labelledby={id}>
      <span id={id}>{label}</span>
      {options.map((option) => (
        <button key={option} type="button" aria-pressed={option === chosen} onClick={() => choose(option)}>
          {say(option)}
        </button>
      ))}
    </div>
  );
}
