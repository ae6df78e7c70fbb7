import type { OwnerItem, OwnerPageView } from '@grevik/contracts';
import { type ValveType, coinAmounts, namedIn, valveTypeFacts } from '@grevik/core';
import { Slider } from '@mui/material';
import { useState } from 'react';
import { Cutaway } from '../kit/cutaway/Cutaway';
import { type Fault, faultsOf } from '../kit/cutaway/marks';
import { dateWords } from '../kit/when';
import { translated, useWords } from '../words';
import { OwnerDecides } from './OwnerDecides';
import styles from './OwnerPage.module.css';

interface OwnerItemShownProps {
  item: OwnerItem;
  page: OwnerPageView;
  secret: string;
}

/** One valve for its owner: found, inside as it is and as it should be, what can happen, options with their price in whole. */
export function OwnerItemShown({ item, page, secret }: OwnerItemShownProps) {
  const words = useWords();
  const { positionId, tag, place, type, failure, found, canHappen, ifNothing, photos, options } = item;
  const [opening, setOpening] = useState(1);
  const answer = page.answers.find((one) => one.positionId === positionId);
  const money = coinAmounts(page.currency);
  const isStuck = failure === 'seized' || failure === 'gas-seized';
  const accepted = answer && options[answer.option];
  return (
    <section className={styles.item} aria-labelledby={`item-${positionId}`}>
      <h2 id={`item-${positionId}`}>
        {namedIn(place).name || tag} <small>{tag}</small>
      </h2>
      <p className={styles.found}>{translated(found)}</p>
      {photos.length > 0 && (
        <div className={styles.photos}>
          {photos.map((id, at) => (
            <img
              key={id}
              src={`/api/owner/${encodeURIComponent(secret)}/photos/${id}`}
              alt={words('walk.photoOf', { number: at + 1, tag })}
            />
          ))}
        </div>
      )}
      <div className={styles.inside}>
        {type && (
          <figure>
            <Cutaway model={{ type }} opening={isStuck ? 1 : opening} fault={faultOf(type, item)} />
            <figcaption>
              {words('owner.asIs', { type: plainType(type) })}
              {isStuck && ` ${words('owner.stuck')}`}
            </figcaption>
          </figure>
        )}
        {options[0] && (
          <figure>
            <Cutaway model={{ type: options[0].type }} opening={opening} />
            <figcaption>{words('owner.asShould', { type: plainType(options[0].type) })}</figcaption>
          </figure>
        )}
      </div>
      <label className={`${styles.handle} no-print`}>
        {words('owner.handle')}
        <Slider
          aria-label={words('owner.handle')}
          value={Math.round(100 * opening)}
          getAriaValueText={(percent) => words('lineUp.percentOpen', { percent })}
          onChange={(_event, to) => setOpening(Number(to) / 100)}
        />
      </label>
      {canHappen !== '' && (
        <>
          <h3>{words('owner.canHappen')}</h3>
          <p>{translated(canHappen)}</p>
        </>
      )}
      <h3>{words('owner.options')}</h3>
      <ol className={styles.options}>
        {options.map(({ modelId, name, hours, price }, at) => (
          <li key={modelId} data-chosen={answer?.option === at || undefined}>
            <div>
              <b>{name}</b>
              <small>
                {words(price.tax > 0 ? 'owner.madeUpTaxed' : 'owner.madeUp', {
                  valve: money(price.valve),
                  parts: money(price.parts),
                  work: money(price.work),
                  tax: money(price.tax),
                  hours,
                })}
              </small>
            </div>
            <b className={styles.whole}>{money(price.whole)}</b>
          </li>
        ))}
      </ol>
      <h3>{words('owner.ifNothing')}</h3>
      <p>{translated(ifNothing)}</p>
      {answer ? (
        <p role="status" className={styles.decided}>
          {words(accepted ? 'owner.accepted' : 'owner.refused', {
            name: answer.name,
            date: dateWords(answer.at),
            option: accepted?.name ?? '',
          })}
        </p>
      ) : (
        <OwnerDecides item={item} secret={secret} money={money} />
      )}
    </section>
  );
}

const plainType = (type: ValveType): string => translated(valveTypeFacts(type).words);

/** What is wrong inside, as far as a drawing of the type shows it. */
function faultOf(type: ValveType, { failure }: OwnerItem): Fault | undefined {
  const wanted: readonly Fault[] =
    failure === 'seized' || failure === 'gas-seized'
      ? ['scale']
      : failure === 'leaks-by'
        ? ['egg', 'over-tightened', 'scale']
        : [];
  const drawn = faultsOf(type);
  return wanted.find((fault) => drawn.includes(fault));
}
