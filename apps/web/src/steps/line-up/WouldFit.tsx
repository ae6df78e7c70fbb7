import { en } from '@grevik/words';
import {
  BODY_WORDS,
  type BodyMaterial,
  type Duty,
  END_WORDS,
  type End,
  HOUSE_RULES,
  type HouseRuleSettings,
  type Remedy,
  SEAT_WORDS,
  type SeatMaterial,
  candidateOf,
  modelWords,
  remedies,
} from '@grevik/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { VerdictMark } from '../../kit/VerdictMark';
import { type DutyFact, factName, factWords } from '../../kit/duty/field-words';
import type { ModelColumn } from '../../kit/outlook/model-column';
import styles from '../../kit/outlook/Outlook.module.css';
import { type Figures, useFigures } from '../../kit/useFigures';
import { useLineFrame } from '../../shell/useLineFrame';
import { translated, useWords, words } from '../../words';

const SHOWN = 5;

interface WouldFitProps {
  duty: Duty;
  settings: HouseRuleSettings;
  column: ModelColumn;
  /** What could serve: the models a change may lead to. */
  columns: readonly ModelColumn[];
}

/** The single changes that would lift a verdict, each with where it is made: another model, the duty, or a house rule. */
export function WouldFit({ duty, settings, column, columns }: WouldFitProps) {
  const figures = useFigures();
  const words = useWords();
  const { line, position } = useLineFrame();
  const { remedies: found } = useMemo(
    () => remedies(duty, candidateOf(column.model, column.size), settings),
    [duty, column, settings],
  );
  if (found.length === 0) return <p className={styles.pending}>{words('wouldFit.nothing')}</p>;
  return (
    <>
      <p className={styles.pending}>{words('wouldFit.title')}</p>
      <ul className={styles.remedies}>
        {found.slice(0, SHOWN).map((remedy) => {
          const has = columns.find(
            (other) => other.model.type === column.model.type && isMade(other, remedy),
          );
          const step = has ? undefined : STEP_OF[`${remedy.of} ${remedy.field}`];
          return (
            <li key={`${remedy.of} ${remedy.field} ${String(remedy.to)}`}>
              {said(remedy, duty, figures)} <VerdictMark verdict={remedy.verdict} />{' '}
              {has && (
                <Link to={`/catalogue/models/${has.model.id}`}>
                  {words('wouldFit.model', { model: modelWords(has.model).from })}
                </Link>
              )}
              {remedy.of === 'house-rule' && <Link to="/house-rules">{words('wouldFit.rule')}</Link>}
              {step && (
                <Link to={`/jobs/${line.jobId}/lines/${line.id}/${step}/${encodeURIComponent(position.tag)}`}>
                  {words(`wouldFit.${step}`)}
                </Link>
              )}
            </li>
          );
        })}
      </ul>
    </>
  );
}

/** The same behind a line that is opened, so that it is worked out only when somebody asks. */
export function HelpOf(props: WouldFitProps) {
  const [isOpen, setOpen] = useState(false);
  const words = useWords();
  return (
    <details className={styles.help} onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary>{words('wouldFit.of')}</summary>
      {isOpen && <WouldFit {...props} />}
    </details>
  );
}

const isMade = ({ model }: ModelColumn, { of, field, to }: Remedy): boolean => {
  if (of !== 'candidate') return false;
  if (field === 'approvals') return model.approvals?.includes(to as 'potable') ?? false;
  const value = model[field as 'port'];
  return Array.isArray(to) ? JSON.stringify(value) === JSON.stringify(to) : value === to;
};

/** A change in words: “seats: PTFE”, “pressure: 180 psi”. */
function said({ of, field, to }: Remedy, duty: Duty, figures: Figures): string {
  if (of === 'house-rule') {
    const rule = HOUSE_RULES[field as keyof typeof HOUSE_RULES];
    return translated(`${rule.question} ${(rule.options as Record<string, string>)[String(to)] ?? ''}`);
  }
  if (of === 'duty') {
    const fact = field as DutyFact;
    return `${factName(fact)}: ${factWords({ ...duty, [fact]: to }, fact, figures)}`;
  }
  const what = field in en.wouldFit ? words(`wouldFit.${field as 'port'}`) : field;
  return words('wouldFit.change', { what, to: valueSaid(field, to) });
}

function valueSaid(field: string, to: Remedy['to']): string {
  if (Array.isArray(to)) return (to as End[]).map((end) => translated(END_WORDS[end])).join(' × ');
  const value = String(to);
  if (field === 'seatMaterial') return translated(SEAT_WORDS[value as SeatMaterial]);
  if (field === 'bodyMaterial') return translated(BODY_WORDS[value as BodyMaterial]);
  return field === 'closeTimeS' ? `${value} s` : translated(value.replaceAll('-', ' '));
}

/** The step on which a change is made or tried. */
const STEP_OF: Readonly<Record<string, 'hook-up' | 'bench'>> = {
  'candidate ends': 'hook-up',
  'duty orientation': 'hook-up',
  'duty screened': 'hook-up',
  'duty closureTimeS': 'bench',
  'duty pressurePa': 'bench',
  'candidate closeTimeS': 'bench',
};
