import type { LineView, PositionView } from '@grevik/contracts';
import { MEDIUM_FACTS, type PositionDuty } from '@grevik/core';
import { memo } from 'react';
import { QuantityField } from '../QuantityField';
import { FactField } from './FactField';
import { unbroken } from '../unbroken';
import { useFigures } from '../useFigures';
import { useMay } from '../../store/people-api';
import { translated, useWords } from '../../words';
import { ChoiceTerm } from './ChoiceTerm';
import { MoreFacts, type QuantityTerm } from './MoreFacts';
import { ConditionsTerm } from './ConditionsTerm';
import styles from './Duty.module.css';
import { Fixed, Term } from './Term';
import { functionChoices, orientationChoices, pipeChoices, placeChoices, turnedChoices } from './duty-words';
import { type DutyFact, originKey, originWords } from './field-words';
import { useChangeDuty } from './useChangeDuty';
import { useSayFacts } from './useSayFacts';

/** What the position asks, as a sentence whose words are fields. */
export const DutySentence = memo(function DutySentence({
  line,
  position,
}: {
  line: LineView;
  position: PositionView;
}) {
  const figures = useFigures();
  const words = useWords();
  const mayChange = useMay('change-duty');
  const save = useChangeDuty(position, line.id);
  const { replace, say } = useSayFacts(position, line.id);
  const { duty } = position;

  const choose = (change: Partial<PositionDuty>): void => void say(change);
  const from = (fact: DutyFact): string | undefined => originWords(duty, fact);
  const quantity: QuantityTerm = (name, fact, of, value, set, unknown) => {
    const shown = value === undefined ? '' : figures.quantity(value, of);
    return (
      <Term
        name={name}
        words={value === undefined ? unknown : unbroken(shown)}
        missing={value === undefined}
        from={from(fact)}
      >
        {(close) => (
          <FactField
            label={name}
            quantity={of}
            shown={shown}
            origin={duty.origins?.[originKey(fact)]}
            save={(typed, origin) =>
              save({ ...duty, ...set(typed), origins: { ...duty.origins, [originKey(fact)]: origin } })
            }
            close={close}
          />
        )}
      </Term>
    );
  };
  const { pipe } = duty;

  return (
    <Fixed value={!mayChange}>
      <p className={styles.sentence} title={mayChange ? undefined : words('mayNot.change-duty')}>
        <ChoiceTerm
          name={words('duty.function')}
          choices={functionChoices()}
          value={duty.function}
          unknown={words('duty.doWhat')}
          choose={(value) => choose({ function: value })}
        />{' '}
        {translated(MEDIUM_FACTS[line.medium].words)} {words('duty.at')}{' '}
        {quantity(
          words('duty.pressure'),
          'pressurePa',
          'pressure',
          duty.pressurePa,
          (pressurePa) => ({ pressurePa }),
          words('duty.pressureUnknown'),
        )}
        ,{' '}
        {quantity(
          words('duty.temperature'),
          'temperatureC',
          'temperature',
          duty.temperatureC,
          (temperatureC) => ({ temperatureC }),
          words('duty.temperatureUnknown'),
        )}
        ,{' '}
        {quantity(
          words('duty.flow'),
          'flowM3s',
          'flow',
          duty.flowM3s,
          (flowM3s) => ({ flowM3s }),
          words('duty.flowUnknown'),
        )}{' '}
        {words('duty.through')}{' '}
        <Term name={words('duty.size')} words={unbroken(figures.size(duty.dn))}>
          {(close) => (
            <QuantityField
              label={words('duty.size')}
              quantity="size"
              shown={figures.size(duty.dn)}
              save={(dn = duty.dn) => save({ ...duty, dn })}
              close={close}
            />
          )}
        </Term>{' '}
        <ChoiceTerm
          name={words('duty.pipe')}
          choices={pipeChoices()}
          value={pipe?.material}
          unknown={words('duty.pipeUnknown')}
          from={from('pipe')}
          choose={(material) => choose({ pipe: { lengthUpstreamM: pipe?.lengthUpstreamM, material } })}
        />
        {pipe && (
          <>
            ,{' '}
            {quantity(
              words('duty.run'),
              'run',
              'length',
              pipe.lengthUpstreamM,
              (lengthUpstreamM) => ({ pipe: { ...pipe, lengthUpstreamM } }),
              words('duty.runUnknown'),
            )}{' '}
            {words('duty.back')}
          </>
        )}
        ,{' '}
        <ChoiceTerm
          name={words('duty.direction')}
          choices={orientationChoices()}
          value={duty.orientation}
          unknown={words('duty.directionUnknown')}
          from={from('orientation')}
          choose={(orientation) => choose({ orientation })}
        />
        ,{' '}
        <ChoiceTerm
          name={words('duty.place')}
          choices={placeChoices()}
          value={duty.place}
          unknown={words('duty.placeUnknown')}
          from={from('place')}
          choose={(place) => choose({ place })}
        />
        . {words('duty.turned')}{' '}
        <ChoiceTerm
          name={words('duty.often')}
          choices={turnedChoices()}
          value={duty.operatedPerYear}
          unknown={words('duty.oftenUnknown')}
          choose={(operatedPerYear) => choose({ operatedPerYear })}
        />
        ; <ConditionsTerm duty={duty} save={(changed) => void replace(changed)} />.
      </p>
      <MoreFacts
        duty={duty}
        mayChange={mayChange}
        medium={line.medium}
        choose={choose}
        quantity={quantity}
        from={from}
      />
    </Fixed>
  );
});
