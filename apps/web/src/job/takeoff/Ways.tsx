import type { ModelView } from '@grevik/contracts';
import { type Takeoff, type TakeoffInput, breakEvenYear, modelWords } from '@grevik/core';
import { useWords } from '../../words';
import styles from './Takeoff.module.css';

const middle = (life: readonly number[] | undefined): number | undefined =>
  life ? ((life[0] ?? 0) + (life[1] ?? 0)) / 2 : undefined;

/** A model in a size as the takeoff compares it. */
export function optionOf(model: ModelView, dn: number): TakeoffInput['options'][number] {
  const size = model.sizes.find((one) => one.dn === dn);
  const lifeYears = middle(model.lifeYears);
  return {
    name: modelWords(model).from,
    unitPrice: size?.price ?? 0,
    ...(size?.breaks && { breaks: size.breaks.map(({ from, price }) => ({ from, unitPrice: price })) }),
    ...(lifeYears !== undefined && { lifeYears }),
  };
}

interface WaysProps {
  counted: Takeoff;
  compared: readonly ModelView[];
  dn: number;
  fixtures: number;
  money: (amount: number) => string;
}

/** Each way in money, in all, a piece, a fixture and a year; of two what they differ by and when the dearer comes out. */
export function Ways({ counted, compared, dn, fixtures, money }: WaysProps) {
  const words = useWords();
  const { options, difference, quantity } = counted;
  const [first, second] = options;
  const year =
    difference && first && second
      ? breakEvenYear(
          { total: first.total, lifeYears: middle(compared[0]?.lifeYears) },
          { total: second.total, lifeYears: middle(compared[1]?.lifeYears) },
        )
      : undefined;
  return (
    <>
      <div className={styles.scroll}>
        <table className={styles.table}>
          <thead>
            <tr>
              {(['way', 'unit', 'total', 'perFixture', 'perYear'] as const).map((name) => (
                <th key={name}>{words(`takeoff.${name}`)}</th>
              ))}
            </tr>
          </thead>
          <tbody>
            {options.map(({ name, unit, total, perYear }, at) => {
              const model = compared[at];
              const next = model && nextBreak(model, dn, quantity);
              const life = middle(model?.lifeYears);
              return (
                <tr key={name}>
                  <th scope="row">
                    {name}
                    {life !== undefined && <span>{words('takeoff.life', { years: life })}</span>}
                    {next && (
                      <span>
                        {words('takeoff.breakAt', {
                          from: next.from,
                          price: money(next.price),
                          missing: next.from - quantity,
                        })}
                      </span>
                    )}
                  </th>
                  <td data-number>{money(unit)}</td>
                  <td data-number>{money(total)}</td>
                  <td data-number>{fixtures === 0 ? '–' : money(total / fixtures)}</td>
                  <td data-number>{perYear === undefined ? '–' : money(perYear)}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      {difference && first && second && (
        <p className={styles.difference}>
          {difference.total === 0
            ? words('takeoff.same')
            : words(difference.total > 0 ? 'takeoff.more' : 'takeoff.less', {
                first: first.name,
                second: second.name,
                total: money(Math.abs(difference.total)),
                each: money(Math.abs(difference.perUnit)),
                fixture: money(Math.abs(difference.perFixture)),
              })}{' '}
          {difference.total !== 0 &&
            (year === undefined ? words('takeoff.noBreakEven') : words('takeoff.breakEven', { year }))}
        </p>
      )}
    </>
  );
}

/** The next price break, where it is within a tenth of what is bought. */
function nextBreak(
  model: ModelView,
  dn: number,
  quantity: number,
): { from: number; price: number } | undefined {
  const breaks = model.sizes.find((size) => size.dn === dn)?.breaks ?? [];
  return breaks
    .filter(({ from }) => from > quantity && from <= quantity * 1.1)
    .sort((a, b) => a.from - b.from)[0];
}
