import {
  type ValveType,
  VALVE_STORIES,
  VALVE_TYPE_FACTS,
  capitalized,
  flowWay,
  functionWords,
  mediaWords,
  typeService,
} from '@grevik/core';
import { Slider } from '@mui/material';
import { useState } from 'react';
import { Cutaway } from '../../kit/cutaway/Cutaway';
import { type Fault, faultsOf } from '../../kit/cutaway/marks';
import { useFigures } from '../../kit/useFigures';
import { translated, useWords } from '../../words';
import styles from './TypeStory.module.css';

/** A type from the inside: moved by its handle, what wears ringed, what can be wrong with it switched on, and its story. */
export function TypeStory({ type }: { type: ValveType }) {
  const [opening, setOpening] = useState(0.6);
  const [fault, setFault] = useState<Fault>();
  const words = useWords();
  const { inside, strokes } = VALVE_TYPE_FACTS[type];
  const { wears, fails, shows, lifeYears, typicalDn } = VALVE_STORIES[type];
  const figures = useFigures();
  const { does, madeFor, withCare, never, neverThrottles } = typeService(type);
  const rows = [
    [words('types.inside'), `${translated(inside)}.`],
    [words('types.does'), capitalized(translated(functionWords(does)))],
    [words('types.madeFor'), capitalized(translated(mediaWords(madeFor)))],
    [
      words('types.withCare'),
      withCare
        .map(({ media, why }) => `${capitalized(translated(mediaWords(media)))}: ${translated(why)}`)
        .join('\n'),
    ],
    [
      words('types.never'),
      capitalized(
        [neverThrottles ? words('types.throttling') : '', translated(mediaWords(never))]
          .filter(Boolean)
          .join(', '),
      ),
    ],
    [words('types.way'), flowWay(type).map(translated).join(' ')],
    [words('types.wears'), translated(wears)],
    [words('types.fails'), translated(fails)],
    [words('types.shows'), translated(shows)],
    [words('types.sizes'), `${figures.size(typicalDn[0])} – ${figures.size(typicalDn[1])}`],
    [words('types.life'), words('types.years', { low: lifeYears[0], high: lifeYears[1] })],
  ] as const;
  return (
    <div className={styles.story}>
      <div>
        <Cutaway model={{ type }} opening={opening} fault={fault} marksWear isLarge />
        <label className={styles.handle}>
          {words(strokes === 'self' ? 'types.flow' : 'types.handle')}
          <Slider
            size="small"
            value={opening}
            min={0}
            max={1}
            step={0.02}
            onChange={(_event, to) => setOpening(to as number)}
            aria-label={words(strokes === 'self' ? 'types.flow' : 'types.handle')}
            getAriaValueText={(at) => words('lineUp.percentOpen', { percent: Math.round(at * 100) })}
          />
        </label>
        <div className={styles.faults} role="group" aria-label={words('types.faults')}>
          <button type="button" aria-pressed={fault === undefined} onClick={() => setFault(undefined)}>
            {words('types.sound')}
          </button>
          {faultsOf(type).map((of) => (
            <button key={of} type="button" aria-pressed={fault === of} onClick={() => setFault(of)}>
              {words(`types.fault.${of}`)}
            </button>
          ))}
        </div>
      </div>
      <dl>
        {rows
          .filter(([, says]) => says !== '')
          .map(([term, says]) => (
            <div key={term}>
              <dt>{term}</dt>
              <dd>{says}</dd>
            </div>
          ))}
      </dl>
    </div>
  );
}
