import { ENDS, END_WORDS, OPERATORS, PORTS } from '@grevik/core';
import { Button } from '@mui/material';
import { Fragment, useState } from 'react';
import { type UseFormReturn, useFieldArray, useWatch } from 'react-hook-form';
import { RATING_CHOICES, ratingWords } from '../../kit/rating-choices';
import { useFigures } from '../../kit/useFigures';
import { translated, useWords } from '../../words';
import type { ModelTyped } from './model-form';
import styles from './ModelPage.module.css';
import { EMPTY_SIZE, type OwnField, isOwn } from './size-form';

const COLUMNS = ['dn', 'bore', 'kv', 'price', 'breaks'] as const;

interface SizesTableProps {
  form: UseFormReturn<ModelTyped>;
  currency: string;
  disabled: boolean;
}

/** The sizes of a model with their prices; what is made differently in a size stands below its row. */
export function SizesTable({ form, currency, disabled }: SizesTableProps) {
  const words = useWords();
  const sizes = useFieldArray({ control: form.control, name: 'sizes' });
  const typed = useWatch({ control: form.control, name: 'sizes' });
  const type = useWatch({ control: form.control, name: 'type' });
  const [opened, setOpened] = useState<readonly string[]>([]);
  return (
    <fieldset className={styles.sizes} disabled={disabled}>
      <legend>{words('catalogue.sizesAndPrices', { currency })}</legend>
      <table>
        <thead>
          <tr>
            {COLUMNS.map((of) => (
              <th key={of}>{words(`catalogue.size.${of}`)}</th>
            ))}
            <th />
          </tr>
        </thead>
        <tbody>
          {sizes.fields.map(({ id }, at) => {
            const isOpen = opened.includes(id) || isOwn(typed[at] ?? EMPTY_SIZE);
            return (
              <Fragment key={id}>
                <tr>
                  {COLUMNS.map((of) => (
                    <td key={of}>
                      <input
                        aria-label={`${words(`catalogue.size.${of}`)} ${at + 1}`}
                        autoComplete="off"
                        {...form.register(`sizes.${at}.${of}`)}
                      />
                    </td>
                  ))}
                  <td className={styles.rowActs}>
                    {!isOpen && (
                      <Button size="small" onClick={() => setOpened([...opened, id])}>
                        {words('catalogue.ownOfSize')}
                      </Button>
                    )}
                    {sizes.fields.length > 1 && (
                      <Button size="small" onClick={() => sizes.remove(at)}>
                        {words('catalogue.dropSize')}
                      </Button>
                    )}
                  </td>
                </tr>
                {isOpen && (
                  <tr>
                    <td colSpan={COLUMNS.length + 1}>
                      <OwnFacts form={form} at={at} isRelief={type === 'relief'} />
                    </td>
                  </tr>
                )}
              </Fragment>
            );
          })}
        </tbody>
      </table>
      <Button size="small" onClick={() => sizes.append(EMPTY_SIZE)}>
        {words('catalogue.addSize')}
      </Button>
    </fieldset>
  );
}

/** What one size says for itself; what is left empty is as the model says. */
function OwnFacts({
  form,
  at,
  isRelief,
}: {
  form: UseFormReturn<ModelTyped>;
  at: number;
  isRelief: boolean;
}) {
  const figures = useFigures();
  const words = useWords();
  const ends = ENDS.map((end) => [end, translated(END_WORDS[end])] as const);
  const plain = (ids: readonly string[]) =>
    ids.map((id) => [id, translated(id.replaceAll('-', ' '))] as const);
  const choices: Partial<Record<OwnField, readonly (readonly [string, string])[]>> = {
    port: plain(PORTS),
    operator: plain(OPERATORS),
    inlet: ends,
    outlet: ends,
    ratingId: RATING_CHOICES.map((id) => [id, ratingWords(id, figures, words)] as const),
  };
  const shown: readonly OwnField[] = [
    'port',
    'operator',
    'inlet',
    'outlet',
    'ratingId',
    'points',
    ...(isRelief ? (['capacity'] as const) : []),
  ];
  return (
    <div className={styles.own} role="group" aria-label={words('catalogue.ownOf', { size: at + 1 })}>
      {shown.map((field) => {
        const label = words(`catalogue.own.${field}`);
        const options = choices[field];
        return (
          <label key={field}>
            {label}
            {options ? (
              <select {...form.register(`sizes.${at}.${field}`)}>
                <option value="">{words('catalogue.asModel')}</option>
                {options.map(([value, said]) => (
                  <option key={value} value={value}>
                    {said}
                  </option>
                ))}
              </select>
            ) : (
              <input
                autoComplete="off"
                placeholder={words('catalogue.asModel')}
                {...form.register(`sizes.${at}.${field}`)}
              />
            )}
          </label>
        );
      })}
    </div>
  );
}
