import { MEDIUM_FACTS, modelWords, partWords, connectionWords } from '@grevik/core';
import { Button } from '@mui/material';
import { Link } from 'react-router';
import { Notice } from '../../kit/Notice';
import { shortName } from '../../kit/position-name';
import { useFigures } from '../../kit/useFigures';
import { dateWords } from '../../kit/when';
import { translated, useWords } from '../../words';
import { FacingList } from './FacingList';
import { FacingPicture } from './FacingPicture';
import styles from './InstallCard.module.css';
import { QrCode } from '../../kit/QrCode';
import { PrintLanguage, usePrintLanguage } from '../../shell/PrintLanguage';
import { useHookUp } from '../../shell/useHookUp';

/** One page to take to the place: what goes in, which way, with what, in which order; its code opens the position. */
export function InstallCardPage() {
  const { line, position, duty, picked, joined } = useHookUp();
  const figures = useFigures();
  const words = useWords();
  const printed = usePrintLanguage();
  const { tag } = position;
  const at = `/jobs/${line.jobId}/lines/${line.id}`;
  const back = `${at}/hook-up/${encodeURIComponent(tag)}`;
  if (!picked || !joined)
    return (
      <Notice title={words('hookUp.noPick', { tag })}>
        <p>{words('hookUp.noPickBody')}</p>
      </Notice>
    );
  const [first] = joined.facing;
  return (
    <article className={styles.card}>
      <header>
        <div>
          <h1>{tag}</h1>
          <p className={styles.model}>
            {words('installCard.for', { model: modelWords(picked.model).from, size: figures.size(duty.dn) })}
          </p>
          <p>
            {shortName(position)} · {line.name}, {translated(MEDIUM_FACTS[line.medium].words)}
          </p>
          <p>
            {words('installCard.duty')} {figures.quantity(duty.pressurePa, 'pressure')},{' '}
            {figures.quantity(duty.temperatureC, 'temperature')}
          </p>
        </div>
        <figure className={styles.code}>
          <QrCode
            address={`${window.location.origin}${at}/log/${encodeURIComponent(tag)}`}
            label={words('installCard.scan')}
          />
          <figcaption>{words('installCard.scan')}</figcaption>
        </figure>
      </header>
      <FacingPicture facing={joined.facing} model={picked.model} />
      <div className={styles.columns}>
        <section>
          <h2>{words('installCard.steps')}</h2>
          <ol>
            <li>{words('installCard.step.prove')}</li>
            <li>{words('installCard.step.flush')}</li>
            {first && <li>{words('installCard.step.face', { first: translated(first.text) })}</li>}
            {joined.sides.map(({ side, taken }) => (
              <li key={side}>
                {words('installCard.step.join', {
                  side: words(`hookUp.${side}`),
                  way: taken ? translated(connectionWords(taken)) : words('hookUp.noWay'),
                })}
              </li>
            ))}
            <li>{words('installCard.step.open')}</li>
            <li>{words('installCard.step.note')}</li>
          </ol>
        </section>
        <section>
          <h2>{words('hookUp.kit')}</h2>
          <ul className={styles.kit}>
            {joined.kit.map((part) => {
              const said = translated(partWords(part, figures.system));
              return (
                <li key={said}>
                  <b>{part.count ?? '–'}</b> {said}
                </li>
              );
            })}
          </ul>
        </section>
        <section>
          <h2>{words('hookUp.facing')}</h2>
          <FacingList facing={joined.facing} />
        </section>
      </div>
      <footer>
        <p>
          {translated(MEDIUM_FACTS[line.medium].caution)} {words('hookUp.caution')}
        </p>
        <p>{words('installCard.made', { date: dateWords(new Date().toISOString()) })}</p>
      </footer>
      <div className={`${styles.acts} no-print`}>
        <Button variant="contained" onClick={() => window.print()}>
          {words('installCard.print')}
        </Button>
        <PrintLanguage {...printed} />
        <Button component={Link} to={back}>
          {words('installCard.back')}
        </Button>
      </div>
    </article>
  );
}
