import type { WalkEdited } from '@grevik/contracts';
import { DEEPEST_BRANCH, type WalkItem, readWalkText, settleDrafts, type Medium } from '@grevik/core';
import { type ClipboardEvent, type KeyboardEvent, type Ref, useState } from 'react';
import { useFigures } from '../../kit/useFigures';
import { newId } from '../../store/new-id';
import { useWords } from '../../words';
import { itemWords } from '../../kit/isolation/item-words';
import styles from './Outline.module.css';
import { type Edit, putIn } from './outline-edits';

interface WriteFieldProps {
  ref: Ref<HTMLInputElement>;
  items: readonly WalkItem[];
  /** What is written goes in behind this one. */
  after: number;
  medium: Medium;
  /** The item that is written anew, and as it reads now. */
  rewritten?: WalkItem;
  typed?: string;
  edit: (edit: Edit, done: string) => Promise<WalkEdited | string>;
  done: (lastId: string | undefined) => void;
}

/** Where a walk is typed: a shorthand line, or several pasted; says what it understood before it is put in. */
export function WriteField({
  ref,
  items,
  after,
  medium,
  rewritten,
  typed = '',
  edit,
  done,
}: WriteFieldProps) {
  const [text, setText] = useState(typed);
  const [deeper, setDeeper] = useState(0);
  const [trouble, setTrouble] = useState<string>();
  const [isSaving, setIsSaving] = useState(false);
  const figures = useFigures();
  const words = useWords();
  const above = items[after]?.depth ?? 0;
  const depth = rewritten?.depth ?? Math.max(0, Math.min(above + 1, above + deeper, DEEPEST_BRANCH));
  const reading = readWalkText(text, depth, medium);
  const isEmpty = text.trim() === '';

  const submit = async (): Promise<void> => {
    if (isEmpty || isSaving) return;
    const [problem] = reading.problems;
    if (problem) return setTrouble(problem.message);
    if (rewritten && reading.items.length !== 1) return setTrouble(words('walk.oneForOne'));
    const settled = settleDrafts(reading.items, items, newId);
    const [only] = settled;
    const at = rewritten ? items.indexOf(rewritten) : 0;
    const to: Edit =
      rewritten && only
        ? {
            at,
            remove: 1,
            insert: [{ ...only, id: rewritten.id, ...(rewritten.endsAt && { endsAt: rewritten.endsAt }) }],
          }
        : putIn(items, after, settled);
    setIsSaving(true);
    const edited = await edit(to, words('walk.written', { count: settled.length }));
    setIsSaving(false);
    if (typeof edited === 'string') return setTrouble(edited);
    setTrouble(undefined);
    setText('');
    setDeeper(0);
    done(edited.items.at(-1)?.id);
  };
  const onKey = (event: KeyboardEvent): void => {
    event.stopPropagation();
    if (event.key === 'Enter') {
      event.preventDefault();
      void submit();
    } else if (event.key === 'Tab' && !isEmpty && !rewritten) {
      event.preventDefault();
      setDeeper(Math.max(-above, Math.min(1, deeper + (event.shiftKey ? -1 : 1))));
    } else if (event.key === 'Escape') {
      setText('');
      done(undefined);
    }
  };
  // A field of one line would run several together: they are kept apart until they are read.
  const onPaste = (event: ClipboardEvent): void => {
    const pasted = event.clipboardData.getData('text');
    if (!pasted.trim().includes('\n')) return;
    event.preventDefault();
    setText(text + pasted.replace(/\s+$/, ''));
  };

  return (
    <div className={styles.write}>
      <label>
        <span className={styles.mark} aria-hidden="true" style={{ paddingLeft: depth * 20 }}>
          {rewritten ? '✎' : '+'}
        </span>
        <input
          ref={ref}
          value={text}
          disabled={isSaving}
          autoComplete="off"
          spellCheck={false}
          aria-label={words(rewritten ? 'walk.rewrite' : 'walk.write')}
          aria-describedby="walk-understood"
          placeholder={words('walk.example')}
          onChange={({ target }) => {
            setText(target.value);
            setTrouble(undefined);
          }}
          onKeyDown={onKey}
          onPaste={onPaste}
        />
        {!isEmpty && (
          <button type="button" onClick={() => void submit()} disabled={isSaving}>
            {words(rewritten ? 'walk.keep' : 'walk.add')}
          </button>
        )}
      </label>
      <p id="walk-understood" aria-live="polite" className={trouble ? styles.trouble : undefined}>
        {trouble ??
          (isEmpty
            ? words('walk.writeHint')
            : reading.problems[0]
              ? words('walk.notUnderstood', { text: reading.problems[0].text })
              : reading.items
                  .slice(0, 4)
                  .map((item) => understood(item, figures, words))
                  .join('; ') +
                (reading.items.length > 4 ? words('walk.andMore', { count: reading.items.length - 4 }) : ''))}
      </p>
    </div>
  );
}

function understood(
  item: ReturnType<typeof readWalkText>['items'][number],
  figures: ReturnType<typeof useFigures>,
  words: ReturnType<typeof useWords>,
): string {
  if (item.kind === 'valve')
    return words('walk.understoodValve', {
      what: [
        item.valve?.tag,
        item.valve?.dn === undefined ? '' : figures.size(item.valve.dn),
        item.type?.replaceAll('-', ' ') ?? words('walk.valve'),
        item.name,
      ]
        .filter(Boolean)
        .join(' '),
    });
  const { name, facts } = itemWords({ ...item, id: '' }, undefined, figures, words);
  return [name, facts].filter(Boolean).join(' · ');
}
