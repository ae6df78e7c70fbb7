import {
  ACCESSORIES,
  ACCESSORY_WORDS,
  type Accessory,
  type Candidate,
  type Duty,
  accessoryReasons,
  capitalized,
} from '@grevik/core';
import { Checkbox } from '@mui/material';
import { translated, useWords } from '../../words';
import styles from './HookUp.module.css';

interface AccessoryChoiceProps {
  duty: Duty;
  valve: Candidate;
  chosen: readonly Accessory[];
  mayChange: boolean;
  set: (accessories: Accessory[]) => void;
}

/** What goes along with the valve as part of it; what the place suggests says why. */
export function AccessoryChoice({ duty, valve, chosen, mayChange, set }: AccessoryChoiceProps) {
  const words = useWords();
  const reasons = new Map(accessoryReasons(duty, valve).map(({ accessory, text }) => [accessory, text]));
  return (
    <section className={styles.accessories} aria-label={words('hookUp.accessories')}>
      <h2>{words('hookUp.accessories')}</h2>
      <p>{words('hookUp.accessoriesNote')}</p>
      {ACCESSORIES.map((accessory) => (
        <label key={accessory} className={styles.limit}>
          <Checkbox
            size="small"
            checked={chosen.includes(accessory)}
            disabled={!mayChange}
            onChange={() =>
              set(
                chosen.includes(accessory)
                  ? chosen.filter((one) => one !== accessory)
                  : [...chosen, accessory],
              )
            }
          />
          {capitalized(translated(ACCESSORY_WORDS[accessory]))}
          {reasons.has(accessory) && <span>: {reasons.get(accessory)}</span>}
        </label>
      ))}
    </section>
  );
}
