import type { DrillItem } from '@grevik/core';
import type { KeyboardEvent, ReactNode } from 'react';
import { useKeys } from '../../../kit/useKeys';
import { useWords } from '../../../words';
import styles from '../Drills.module.css';

interface ChoicesProps {
  label: string;
  choices: readonly DrillItem[];
  chosen: string | undefined;
  choose: (id: string) => void;
  /** The answer that passes, once it was graded. */
  rightOne: string | undefined;
  say: (choice: DrillItem, at: number) => ReactNode;
  areSideBySide?: boolean;
}

/** One of a few, by thumb or by its number. */
export function Choices({
  label,
  choices,
  chosen,
  choose,
  rightOne,
  say,
  areSideBySide = false,
}: ChoicesProps) {
  const words = useWords();
  const isOpen = rightOne === undefined;
  useKeys(
    Object.fromEntries(
      choices.map(({ id }, at) => [String(at + 1), () => (isOpen ? choose(id) : undefined)] as const),
    ),
  );
  const move = (event: KeyboardEvent<HTMLDivElement>): void => {
    const by = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 }[event.key];
    if (by === undefined || !isOpen) return;
    event.preventDefault();
    const from = choices.findIndex(({ id }) => id === chosen);
    const to = choices[(from + by + choices.length) % choices.length];
    if (!to) return;
    choose(to.id);
    event.currentTarget.querySelector<HTMLElement>(`[data-id="${CSS.escape(to.id)}"]`)?.focus();
  };
  return (
    <>
      <div
        className={styles.choices}
        role="radiogroup"
        aria-label={label}
        data-side={areSideBySide}
        onKeyDown={move}
      >
        {choices.map((choice, at) => (
          <button
            key={choice.id}
            type="button"
            role="radio"
            className={styles.choice}
            data-id={choice.id}
            aria-checked={choice.id === chosen}
            aria-disabled={!isOpen}
            tabIndex={choice.id === chosen || (chosen === undefined && at === 0) ? 0 : -1}
            data-mark={
              isOpen ? undefined : choice.id === rightOne ? 'key' : choice.id === chosen ? 'wrong' : undefined
            }
            onClick={() => isOpen && choose(choice.id)}
          >
            <span className={styles.number}>{at + 1}</span>
            {say(choice, at)}
          </button>
        ))}
      </div>
      <p className={`${styles.keys} no-print`}>{words('drills.keys', { count: choices.length })}</p>
    </>
  );
}
