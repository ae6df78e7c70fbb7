import type { PositionDuty } from '@grevik/core';
import { Button, Checkbox, FormControlLabel } from '@mui/material';
import { useState } from 'react';
import { useWords } from '../../words';
import { Term } from './Term';
import { CONDITIONS, type Condition, isCondition } from './duty-words';

/** What else is so of the place and the water: a list of short clauses, ticked together. */
export function ConditionsTerm({ duty, save }: { duty: PositionDuty; save: (duty: PositionDuty) => void }) {
  const words = useWords();
  const holding = CONDITIONS.filter((condition) => duty[condition]);
  const said =
    holding.length === 0
      ? words('duty.nothingElse')
      : holding.map((condition) => words(`conditions.${condition}`)).join('; ');
  return (
    <Term name={words('duty.conditions')} words={said}>
      {(close) => (
        <Conditions
          holding={holding}
          done={(chosen) => {
            close();
            if (chosen.join() !== holding.join()) save(withConditions(duty, chosen));
          }}
        />
      )}
    </Term>
  );
}

function Conditions({
  holding,
  done,
}: {
  holding: readonly Condition[];
  done: (chosen: Condition[]) => void;
}) {
  const words = useWords();
  const [ticked, setTicked] = useState<ReadonlySet<Condition>>(new Set(holding));
  const toggle = (condition: Condition): void => {
    const next = new Set(ticked);
    if (!next.delete(condition)) next.add(condition);
    setTicked(next);
  };
  return (
    <div style={{ display: 'grid', padding: 14, gap: 2 }}>
      {CONDITIONS.map((condition) => (
        <FormControlLabel
          key={condition}
          label={words(`conditions.${condition}`)}
          control={
            <Checkbox
              size="small"
              sx={{ padding: '3px 8px' }}
              checked={ticked.has(condition)}
              onChange={() => toggle(condition)}
            />
          }
        />
      ))}
      <Button
        variant="contained"
        onClick={() => done(CONDITIONS.filter((condition) => ticked.has(condition)))}
      >
        {words('duty.set')}
      </Button>
    </div>
  );
}

/** A condition that does not hold is left out, not written as false. */
function withConditions(duty: PositionDuty, chosen: readonly Condition[]): PositionDuty {
  const plain = Object.fromEntries(
    Object.entries(duty).filter(([field]) => !isCondition(field)),
  ) as PositionDuty;
  return { ...plain, ...Object.fromEntries(chosen.map((condition) => [condition, true])) };
}
