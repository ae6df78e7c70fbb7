import { type HookUp, type HookUpChoices, LINE_STOPS, LINE_STOP_IDS, type LineStop } from '@grevik/core';
import { MenuItem, TextField } from '@mui/material';
import { useFigures } from '../../kit/useFigures';
import { useWords } from '../../words';
import styles from './HookUp.module.css';
import { LengthField } from './LengthField';

interface ChangeSectionProps {
  change: NonNullable<HookUp['change']>;
  choices: HookUpChoices;
  /** Tag of the next valve upstream that can be relied on, by the walk. */
  upstream: string | undefined;
  mayChange: boolean;
  settle: (choices: HookUpChoices) => Promise<void>;
}

/** Taking out the valve that stands there: what shuts the line, what the change takes, and whether the new body fits the gap. */
export function ChangeSection({ change, choices, upstream, mayChange, settle }: ChangeSectionProps) {
  const figures = useFigures();
  const words = useWords();
  const { takeUpM, steps } = change;
  const withFact = (fact: Partial<HookUpChoices>): Promise<void> => {
    const next = { ...choices, ...fact };
    return settle(
      Object.fromEntries(Object.entries(next).filter(([, value]) => value !== undefined)) as HookUpChoices,
    );
  };
  return (
    <section className={styles.change} aria-label={words('hookUp.change')}>
      <h2>{words('hookUp.change')}</h2>
      <div className={styles.asked}>
        <TextField
          select
          size="small"
          label={words('hookUp.stop')}
          value={choices.stop ?? ''}
          disabled={!mayChange}
          onChange={({ target }) =>
            void withFact({ stop: target.value === '' ? undefined : (target.value as LineStop) })
          }
          slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
        >
          <MenuItem value="">{words('hookUp.stopUnknown')}</MenuItem>
          {LINE_STOP_IDS.map((stop) => (
            <MenuItem key={stop} value={stop}>
              {LINE_STOPS[stop]}
            </MenuItem>
          ))}
        </TextField>
        <LengthField
          label={words('hookUp.oldLength')}
          lengthM={choices.oldLengthM}
          disabled={!mayChange}
          set={(oldLengthM) => withFact({ oldLengthM })}
        />
        <LengthField
          label={words('hookUp.newLength')}
          lengthM={choices.newLengthM}
          disabled={!mayChange}
          set={(newLengthM) => withFact({ newLengthM })}
        />
      </div>
      <p>
        {upstream === undefined ? words('hookUp.noUpstream') : words('hookUp.upstream', { tag: upstream })}
      </p>
      <ol>
        {steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
        {takeUpM !== undefined && (
          <li>
            {takeUpM === 0
              ? words('hookUp.sameLength')
              : words(takeUpM > 0 ? 'hookUp.longer' : 'hookUp.shorter', {
                  length: figures.quantity(Math.abs(takeUpM), 'length'),
                })}
          </li>
        )}
      </ol>
    </section>
  );
}
