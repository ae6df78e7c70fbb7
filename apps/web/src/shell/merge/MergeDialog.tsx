import type { PositionDuty } from '@grevik/core';
import { Alert, Button, Dialog, DialogActions, DialogContent, DialogTitle, Radio } from '@mui/material';
import { useState } from 'react';
import { type DutyFact, factName, factWords, factsApart, withFact } from '../../kit/duty/field-words';
import { useFigures } from '../../kit/useFigures';
import { useUndoable } from '../../kit/useUndoable';
import { whenWords } from '../../kit/when';
import { useChangeDutyMutation } from '../../store/api';
import { failureText, refusalOf } from '../../store/failure';
import { type Clash, clashed, merged } from '../../store/merge-slice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useWords } from '../../words';
import styles from './MergeDialog.module.css';

type Side = 'yours' | 'theirs';

/** Shown as soon as two people have changed one duty at once. */
export function MergeDialog() {
  const clash = useAppSelector(({ merge }) => merge);
  return clash && <Merge key={`${clash.current.id} ${clash.current.version}`} clash={clash} />;
}

/** Fact by fact: what one changed alone is proposed from that side, what both changed is asked. */
function Merge({ clash }: { clash: Clash }) {
  const { lineId, mine, current } = clash;
  const facts = factsApart(mine, current.duty);
  const [taken, setTaken] = useState<Partial<Record<DutyFact, Side>>>(() =>
    Object.fromEntries(facts.map((fact) => [fact, proposed(clash, fact)])),
  );
  const [change, { isLoading, error }] = useChangeDutyMutation();
  const figures = useFigures();
  const undoable = useUndoable();
  const dispatch = useAppDispatch();
  const words = useWords();
  const done = (): void => void dispatch(merged());

  const save = async (duty: PositionDuty): Promise<void> => {
    try {
      const { changed } = await change({
        id: current.id,
        lineId,
        version: current.version,
        base: current.duty,
        duty,
      }).unwrap();
      done();
      undoable(words('duty.changed', { tag: current.tag }), changed);
    } catch (refused) {
      const refusal = refusalOf(refused);
      if (refusal?.code === 'stale')
        dispatch(
          clashed({ lineId, base: current.duty, mine: duty, current: refusal.current as Clash['current'] }),
        );
    }
  };
  const asChosen = facts.reduce(
    (duty, fact) => (taken[fact] === 'yours' ? withFact(duty, fact, mine) : duty),
    current.duty,
  );

  return (
    <Dialog open fullWidth maxWidth="sm" aria-labelledby="merge-title">
      <DialogTitle id="merge-title">{words('merge.title', { tag: current.tag })}</DialogTitle>
      <DialogContent>
        <p>
          {current.changed
            ? words('merge.body', { by: current.changed.by, time: whenWords(current.changed.at) })
            : words('merge.bodyUnsigned')}
        </p>
        <table className={styles.facts}>
          <thead>
            <tr>
              <th scope="col">{words('merge.fact')}</th>
              <th scope="col">{words('merge.yours')}</th>
              <th scope="col">{words('merge.theirs')}</th>
            </tr>
          </thead>
          <tbody>
            {facts.map((fact) => (
              <tr key={fact}>
                <th scope="row">
                  {factName(fact)}
                  {bothChanged(clash, fact) && <em>{words('merge.clash')}</em>}
                </th>
                {(['yours', 'theirs'] as const).map((side) => (
                  <td key={side}>
                    <label>
                      <Radio
                        size="small"
                        name={fact}
                        checked={taken[fact] === side}
                        onChange={() => setTaken({ ...taken, [fact]: side })}
                      />
                      {factWords(side === 'yours' ? mine : current.duty, fact, figures)}
                    </label>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
        {error !== undefined && refusalOf(error)?.code !== 'stale' && (
          <Alert severity="error">{failureText(error)}</Alert>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={done}>{words('merge.keepTheirs')}</Button>
        <Button disabled={isLoading} onClick={() => void save(mine)}>
          {words('merge.keepYours')}
        </Button>
        <Button
          variant="contained"
          disabled={isLoading || facts.some((fact) => taken[fact] === undefined)}
          onClick={() => (facts.every((fact) => taken[fact] === 'theirs') ? done() : void save(asChosen))}
        >
          {words('merge.save')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** Whether both sides left what they started from. */
function bothChanged({ base, mine, current }: Clash, fact: DutyFact): boolean {
  return factsApart(base, mine).includes(fact) && factsApart(base, current.duty).includes(fact);
}

/** The side that changed a fact alone; none where both did. */
function proposed(clash: Clash, fact: DutyFact): Side | undefined {
  if (bothChanged(clash, fact)) return undefined;
  return factsApart(clash.base, clash.mine).includes(fact) ? 'yours' : 'theirs';
}
