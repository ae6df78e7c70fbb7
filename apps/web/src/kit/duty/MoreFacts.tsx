import type { Medium, PositionDuty, Quantity } from '@grevik/core';
import { Button } from '@mui/material';
import { type ReactNode, useState } from 'react';
import { useWords } from '../../words';
import { ChoiceTerm } from './ChoiceTerm';
import type { DutyFact } from './field-words';
import styles from './Duty.module.css';
import { MORE_FACTS, type MoreFact } from './more-facts';
import { YesNoTerm } from './YesNoTerm';

/** A figure as a term of the sentence. */
export type QuantityTerm = (
  name: string,
  fact: DutyFact,
  of: Quantity,
  value: number | undefined,
  set: (value: number | undefined) => Partial<PositionDuty>,
  unknown: string,
) => ReactNode;

interface MoreFactsProps {
  duty: PositionDuty;
  mayChange: boolean;
  medium: Medium;
  choose: (change: Partial<PositionDuty>) => void;
  quantity: QuantityTerm;
  /** Where a fact is from, in words, where that is to be shown. */
  from: (fact: DutyFact) => string | undefined;
}

/** Facts that the sentence does not say: those that matter here or are known, the rest behind a button. */
export function MoreFacts({ duty, mayChange, medium, choose, quantity, from }: MoreFactsProps) {
  const words = useWords();
  const [isOpen, setOpen] = useState(false);
  const shown = MORE_FACTS.filter(
    ({ fact, matters }) => isOpen || duty[fact] !== undefined || matters?.(duty, medium),
  );
  const term = (more: MoreFact): ReactNode => {
    const { fact } = more;
    const name = words(`facts.${fact as 'solids'}`);
    const value = duty[fact];
    const unknown = words('factValues.unknown');
    if ('quantity' in more)
      return quantity(
        name,
        fact,
        more.quantity,
        value as number | undefined,
        (to) => ({ [fact]: to }),
        unknown,
      );
    if ('yesOrNo' in more)
      return (
        <YesNoTerm
          name={name}
          value={value as boolean | undefined}
          from={from(fact)}
          choose={(to) => choose({ [fact]: to })}
        />
      );
    return (
      <ChoiceTerm
        name={name}
        choices={more.choices()}
        value={value as string | number | undefined}
        unknown={unknown}
        from={from(fact)}
        choose={(to) => choose({ [fact]: to })}
      />
    );
  };
  return (
    <div className={styles.more} role="group" aria-label={words('duty.facts')}>
      {shown.map((more) => (
        <span key={more.fact}>
          {words(`facts.${more.fact as 'solids'}`)} {term(more)}
        </span>
      ))}
      {mayChange && (
        <Button
          size="small"
          sx={{ paddingInline: 0, minWidth: 0 }}
          onClick={() => setOpen(!isOpen)}
          aria-expanded={isOpen}
        >
          {words(isOpen ? 'duty.fewerFacts' : 'duty.moreFacts')}
        </Button>
      )}
    </div>
  );
}
