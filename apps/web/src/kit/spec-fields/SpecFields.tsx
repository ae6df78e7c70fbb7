import {
  ENDS,
  type End,
  type ValveSpec,
  chooseEnd,
  chooseField,
  chooseTube,
  openFields,
  orderChoice,
  orderEndWords,
  specFieldWords,
  takenFamily,
} from '@grevik/core';
import { useFigures } from '../useFigures';
import { translated, useWords } from '../../words';
import styles from './SpecFields.module.css';

/** Tubes of fixtures by their outside diameter in inches, as the counter says them. */
const TUBES: Readonly<Record<string, string>> = {
  '0.25': '1/4 in OD',
  '0.375': '3/8 in OD',
  '0.4375': '7/16 in OD',
  '0.5': '1/2 in OD',
};

interface SpecFieldsProps {
  spec: ValveSpec;
  change: (spec: ValveSpec) => void;
}

/** Every field its family's order needs, one at a time, each with why it matters. */
export function SpecFields({ spec, change }: SpecFieldsProps) {
  const figures = useFigures();
  const words = useWords();
  const family = spec.family ?? takenFamily(spec);
  const needed = openFields({ ...(family && { family }), ...(spec.ends && { ends: spec.ends }) });
  return (
    <div className={styles.fields}>
      {(spec.ends ?? []).map(({ side, style, odIn, dn }, at) => {
        const number = { number: at + 1 };
        const isTube = family === 'stop' && at > 0 && style === 'od-compression';
        return (
          <label key={side} data-open={(isTube && odIn === undefined && dn === undefined) || undefined}>
            <b>{words('order.end', number)}</b>
            <select
              aria-label={words('order.endOf', number)}
              value={style}
              onChange={({ target }) => change(chooseEnd(spec, at, target.value as End))}
            >
              {ENDS.map((end) => (
                <option key={end} value={end}>
                  {translated(orderEndWords(end))}
                </option>
              ))}
            </select>
            {isTube && (
              <select
                aria-label={words('order.tubeOf', number)}
                value={odIn ?? ''}
                onChange={({ target }) =>
                  change(chooseTube(spec, at, target.value === '' ? undefined : Number(target.value)))
                }
              >
                <option value="">{words('order.tubeNotSaid')}</option>
                {Object.entries(TUBES).map(([inches, said]) => (
                  <option key={inches} value={inches}>
                    {said}
                  </option>
                ))}
              </select>
            )}
          </label>
        );
      })}
      {needed
        .filter(({ field }) => field !== 'ends' && field !== 'type')
        .map(({ field, why, choices }) => {
          const said = specFieldWords(spec, field, figures.system);
          const name = words(`specFields.${field as 'type'}`);
          return (
            <label key={field} data-open={said === '' || undefined} title={translated(why)}>
              <b>{name}</b>
              <select
                aria-label={name}
                value=""
                onChange={({ target }) =>
                  change(chooseField(spec, field, target.value === '-' ? '' : target.value))
                }
              >
                <option value="">{said === '' ? words('order.notSaid') : translated(said)}</option>
                {choices
                  .filter((choice) => orderChoice(field, choice) !== said)
                  .map((choice) => (
                    <option key={choice} value={choice}>
                      {translated(orderChoice(field, choice))}
                    </option>
                  ))}
                {said !== '' && <option value="-">{words('order.notSaid')}</option>}
              </select>
              {said === '' && <span>{translated(why)}</span>}
            </label>
          );
        })}
    </div>
  );
}
