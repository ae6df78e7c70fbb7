import type { PositionDuty } from '@grevik/core';
import { Button, Checkbox, FormControlLabel } from '@mui/material';
import { useState } from 'react';
import { Term } from './Term';
import { CONDITIONS, type Condition } from './duty-words';

const ALL = Object.keys(CONDITIONS) as Condition[];

/** What else is so of the place and the water: a list of short clauses, ticked together. */
export function ConditionsTerm({ duty, save }: { duty: PositionDuty; save: (duty: PositionDuty) => void }) {
  const holding = ALL.filter((condition) => duty[condition]);
  const words =
    holding.length === 0
      ? 'nothing else special'
      : holding.map((condition) => CONDITIONS[condition]).join('; ');
  return (
    <Term name="conditions" words={words}>
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
  const [ticked, setTicked] = useState<ReadonlySet<Condition>>(new Set(holding));
  const toggle = (condition: Condition): void => {
    const next = new Set(ticked);
    if (!next.delete(condition)) next.add(condition);
    setTicked(next);
  };
  return (
    <div style={{ display: 'grid', padding: 14, gap: 2 }}>
      {ALL.map((condition) => (
        <FormControlLabel
          key={condition}
          label={CONDITIONS[condition]}
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
      <Button variant="contained" onClick={() => done(ALL.filter((condition) => ticked.has(condition)))}>
        Set
      </Button>
    </div>
  );
}

/** A condition that does not hold is left out, not written as false. */
function withConditions(duty: PositionDuty, chosen: readonly Condition[]): PositionDuty {
  const plain = Object.fromEntries(
    Object.entries(duty).filter(([field]) => !(field in CONDITIONS)),
  ) as PositionDuty;
  return { ...plain, ...Object.fromEntries(chosen.map((condition) => [condition, true])) };
}
