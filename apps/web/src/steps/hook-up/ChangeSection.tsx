import type { LineView, PositionView } from '@grevik/contracts';
import {
  type HookUp,
  type HookUpChoices,
  type HouseRuleSettings,
  LINE_STOPS,
  LINE_STOP_IDS,
  type LineStop,
} from '@grevik/core';
import { MenuItem, TextField } from '@mui/material';
import { upstreamTag } from '../../kit/found/advice-at';
import { useWalk } from '../../kit/isolation/useWalk';
import type { SettleFact } from '../../shell/useHookUp';
import { useFigures } from '../../kit/useFigures';
import { useWords } from '../../words';
import styles from './HookUp.module.css';
import { LengthField } from './LengthField';

interface ChangeSectionProps {
  change: NonNullable<HookUp['change']>;
  choices: HookUpChoices;
  line: LineView;
  position: PositionView;
  settings: HouseRuleSettings;
  mayChange: boolean;
  settleFact: SettleFact;
}

/** Taking out the valve that stands there: what shuts the line, what the change takes, and whether the new body fits the gap. */
export function ChangeSection({
  change,
  choices,
  line,
  position,
  settings,
  mayChange,
  settleFact,
}: ChangeSectionProps) {
  const figures = useFigures();
  const words = useWords();
  const { takeUpM, steps } = change;
  const upstream = upstreamTag(useWalk(line, settings), position);
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
            void settleFact({ stop: target.value === '' ? undefined : (target.value as LineStop) })
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
          set={(oldLengthM) => settleFact({ oldLengthM })}
        />
        <LengthField
          label={words('hookUp.newLength')}
          lengthM={choices.newLengthM}
          disabled={!mayChange}
          set={(newLengthM) => settleFact({ newLengthM })}
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
