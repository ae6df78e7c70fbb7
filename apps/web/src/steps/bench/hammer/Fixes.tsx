import { type HammerFix, VALVE_TYPE_FACTS } from '@grevik/core';
import { VerdictMark } from '../../../kit/VerdictMark';
import { type Figures, useFigures } from '../../../kit/useFigures';
import { translated, useWords, type Words } from '../../../words';
import page from '../BenchPage.module.css';
import { seconds } from './seconds';

interface FixesProps {
  fixes: readonly HammerFix[];
  limitPa: number;
}

/** The usual ways out side by side, each against the same limit. */
export function Fixes({ fixes, limitPa }: FixesProps) {
  const figures = useFigures();
  const words = useWords();
  return (
    <section aria-label={words('hammer.fixes')}>
      <table className={page.plain}>
        <thead>
          <tr>
            <th>{words('hammer.fixes')}</th>
            <th>{words('hammer.peak')}</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {fixes.map((fix) => {
            const isOver = fix.peakPa > limitPa;
            return (
              <tr key={fix.fix === 'other-type' ? fix.type : fix.fix}>
                <td>{sayFix(fix, figures, words)}</td>
                <td data-number>{figures.quantity(fix.peakPa, 'pressure')}</td>
                <td>
                  <VerdictMark
                    verdict={isOver ? 'out' : 'fits'}
                    word={words(isOver ? 'hammer.over' : 'hammer.under')}
                  />
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}

function sayFix(fix: HammerFix, figures: Figures, words: Words): string {
  switch (fix.fix) {
    case 'as-it-is':
      return words('hammer.fix.as-it-is', { seconds: seconds(fix.closingS) });
    case 'slower':
      return fix.operator
        ? words('hammer.fix.slowerBy', {
            seconds: seconds(fix.closingS),
            operator: words(`operators.${fix.operator}`),
          })
        : words('hammer.fix.slower', { seconds: seconds(fix.closingS) });
    case 'other-type':
      return words('hammer.fix.other-type', {
        type: translated(VALVE_TYPE_FACTS[fix.type].words),
        seconds: seconds(fix.closingS),
      });
    case 'arrester':
      return words('hammer.fix.arrester', {
        volume: figures.volume(fix.gasM3),
        charge: figures.quantity(fix.prechargePa, 'pressure'),
      });
    case 'lower-velocity':
      return words('hammer.fix.lower-velocity', { flow: figures.quantity(fix.flowM3s, 'flow') });
  }
}
