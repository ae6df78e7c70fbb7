import type { LineView, PositionView } from '@grevik/contracts';
import { MEDIUM_FACTS, type PositionDuty, type Quantity } from '@grevik/core';
import { useSnackbar } from 'notistack';
import { QuantityField } from '../kit/QuantityField';
import { useFigures } from '../kit/useFigures';
import { ChoiceTerm } from './ChoiceTerm';
import { ConditionsTerm } from './ConditionsTerm';
import styles from './Duty.module.css';
import { Term } from './Term';
import {
  FUNCTION_CHOICES,
  ORIENTATION_CHOICES,
  PIPE_CHOICES,
  PLACE_CHOICES,
  TURNED_CHOICES,
} from './duty-words';
import { useChangeDuty } from './useChangeDuty';

/** What the position asks, as a sentence whose words are fields. */
export function DutySentence({ line, position }: { line: LineView; position: PositionView }) {
  const figures = useFigures();
  const save = useChangeDuty(position, line.id);
  const { enqueueSnackbar } = useSnackbar();
  const { duty } = position;

  const replace = (changed: PositionDuty): void => {
    void save(changed).then(
      (refused) => refused !== undefined && enqueueSnackbar(refused, { variant: 'error' }),
    );
  };
  const choose = (change: Partial<PositionDuty>): void => replace({ ...duty, ...change });
  const quantity = (
    name: string,
    of: Quantity,
    value: number | undefined,
    set: (value: number | undefined) => Partial<PositionDuty>,
    unknown?: string,
  ) => {
    const shown = value === undefined ? '' : figures.quantity(value, of);
    return (
      <Term
        name={name}
        words={value === undefined ? (unknown ?? '') : unbroken(shown)}
        missing={value === undefined}
      >
        {(close) => (
          <QuantityField
            label={name}
            quantity={of}
            shown={shown}
            optional={unknown !== undefined}
            save={(typed) => save({ ...duty, ...set(typed) })}
            close={close}
          />
        )}
      </Term>
    );
  };
  const { pipe } = duty;

  return (
    <p className={styles.sentence}>
      <ChoiceTerm
        name="function"
        choices={FUNCTION_CHOICES}
        value={duty.function}
        unknown="Do what?"
        choose={(value) => choose({ function: value })}
      />{' '}
      {MEDIUM_FACTS[line.medium].words} at{' '}
      {quantity('pressure', 'pressure', duty.pressurePa, (value = 0) => ({ pressurePa: value }))},{' '}
      {quantity('temperature', 'temperature', duty.temperatureC, (value = 0) => ({ temperatureC: value }))},{' '}
      {quantity('flow', 'flow', duty.flowM3s, (flowM3s) => ({ flowM3s }), 'flow not known')} through{' '}
      <Term name="size" words={unbroken(figures.size(duty.dn))}>
        {(close) => (
          <QuantityField
            label="size"
            quantity="size"
            shown={figures.size(duty.dn)}
            save={(dn = duty.dn) => save({ ...duty, dn })}
            close={close}
          />
        )}
      </Term>{' '}
      <ChoiceTerm
        name="pipe"
        choices={PIPE_CHOICES}
        value={pipe?.material}
        unknown="pipe not known"
        choose={(material) => choose({ pipe: { lengthUpstreamM: pipe?.lengthUpstreamM, material } })}
      />
      {pipe && (
        <>
          ,{' '}
          {quantity(
            'run back to the first large volume',
            'length',
            pipe.lengthUpstreamM,
            (lengthUpstreamM) => ({ pipe: { ...pipe, lengthUpstreamM } }),
            'run not measured',
          )}{' '}
          back
        </>
      )}
      ,{' '}
      <ChoiceTerm
        name="direction"
        choices={ORIENTATION_CHOICES}
        value={duty.orientation}
        unknown="which way?"
        choose={(orientation) => choose({ orientation })}
      />
      ,{' '}
      <ChoiceTerm
        name="place"
        choices={PLACE_CHOICES}
        value={duty.place}
        unknown="where?"
        choose={(place) => choose({ place })}
      />
      . Turned{' '}
      <ChoiceTerm
        name="how often it is turned"
        choices={TURNED_CHOICES}
        value={duty.operatedPerYear}
        unknown="how often?"
        choose={(operatedPerYear) => choose({ operatedPerYear })}
      />
      ; <ConditionsTerm duty={duty} save={replace} />.
    </p>
  );
}

/** A figure and its unit stay on one line. */
const unbroken = (figure: string): string => figure.replaceAll(' ', '\u00a0');
