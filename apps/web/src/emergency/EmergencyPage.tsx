import {
  type IsolationAnswer,
  type WalkItem,
  MEDIUM_FACTS,
  houseRuleSettings,
  isolationAnswer,
} from '@grevik/core';
import type { LineView } from '@grevik/contracts';
import { useEffect, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Loading } from '../kit/Notice';
import { useFigures } from '../kit/useFigures';
import { whenWords } from '../kit/when';
import { Answer } from '../kit/isolation/Answer';
import { itemWords } from '../kit/isolation/item-words';
import { walked } from '../kit/isolation/useWalk';
import { LanguageSwitch } from '../shell/LanguageSwitch';
import { translated, useWords } from '../words';
import { type Emergency, EMERGENCIES, emergencyOf } from './emergency';
import type { KeptJob } from '../store/kept-job';
import { useLastJob } from './useLastJob';
import styles from './EmergencyPage.module.css';

/** It is coming through the ceiling: where from, what to close, what then. Works from what the device last kept. */
export function EmergencyPage() {
  const [query, setQuery] = useSearchParams();
  const kept = useLastJob(query.get('job'));
  const words = useWords();
  useEffect(() => {
    document.title = `${words('water.title')} · Grevik`;
  }, [words]);
  if (!kept) return <Loading what={words('line.job')} />;
  if (kept === 'none') return <FirstByMedium />;
  const job: Record<string, string> = query.get('job') === null ? {} : { job: kept.job.id };
  const line = kept.job.lines.find(({ id }) => id === query.get('line'));
  const itemId = query.get('at');
  return (
    <div className={styles.page}>
      <header>
        <h1>{words('water.title')}</h1>
        <p>
          {kept.job.name} · {words('water.asOf', { when: whenWords(kept.keptAt) })}
        </p>
        <LanguageSwitch />
      </header>
      {line && itemId !== null ? (
        <ClosingAt
          key={`${line.id} ${itemId}`}
          kept={kept}
          line={line}
          itemId={itemId}
          back={() => setQuery(job)}
        />
      ) : (
        <Where kept={kept} choose={(lineId, at) => setQuery({ ...job, line: lineId, at })} />
      )}
    </div>
  );
}

/** What to do first, by what comes out, where no job is stored on the device; and how to store one. */
function FirstByMedium() {
  const words = useWords();
  return (
    <div className={styles.page}>
      <header>
        <Link to="/" className={styles.brand} aria-label={words('app.allJobs')}>
          GRE<b>V</b>IK
        </Link>
        <h1>{words('water.title')}</h1>
        <LanguageSwitch />
        <p>{words('water.none')}</p>
      </header>
      {EMERGENCIES.map((kind) => (
        <section key={kind} className={styles.emergency} data-kind={kind}>
          <h2>{words(`water.kinds.${kind}`)}</h2>
          <p className={styles.first}>{words(`water.first.${kind}`)}</p>
          <ol>
            {stepsOf(kind, words).map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ol>
        </section>
      ))}
      <p>{words('water.noneBody')}</p>
      <Link to="/" className={styles.back}>
        {words('app.openJobs')}
      </Link>
    </div>
  );
}

const stepsOf = (kind: Emergency, words: ReturnType<typeof useWords>): readonly string[] =>
  words(`water.then.${kind}`, { returnObjects: true }) as unknown as readonly string[];

/** Every place water, gas or steam may come out of, by line: one tap answers. */
function Where({ kept, choose }: { kept: KeptJob; choose: (lineId: string, itemId: string) => void }) {
  const [sought, setSought] = useState('');
  const figures = useFigures();
  const words = useWords();
  const wanted = sought.trim().toLowerCase();
  return (
    <>
      <h2>{words('water.where')}</h2>
      <input
        className={styles.find}
        type="search"
        value={sought}
        aria-label={words('water.find')}
        placeholder={words('water.find')}
        onChange={({ target }) => setSought(target.value)}
      />
      {kept.job.lines.map((line) => {
        const places = placesOf(line.walk.items, figures, words).filter(
          ({ name }) => wanted === '' || `${line.name} ${name}`.toLowerCase().includes(wanted),
        );
        return (
          places.length > 0 && (
            <section key={line.id} className={styles.line} data-kind={emergencyOf(line.medium)}>
              <h3>
                {line.name} <span>{translated(MEDIUM_FACTS[line.medium].words)}</span>
              </h3>
              <div className={styles.places}>
                {places.slice(0, MOST_PLACES).map(({ id, name }) => (
                  <button key={id} type="button" onClick={() => choose(line.id, id)}>
                    {name}
                  </button>
                ))}
              </div>
              {places.length > MOST_PLACES && (
                <p>{words('water.more', { count: places.length - MOST_PLACES })}</p>
              )}
            </section>
          )
        );
      })}
    </>
  );
}

const MOST_PLACES = 12;

/** Places by the name people call them, each once: its last fixture stands for it. */
function placesOf(
  items: readonly WalkItem[],
  figures: ReturnType<typeof useFigures>,
  words: ReturnType<typeof useWords>,
): { id: string; name: string }[] {
  const places = new Map<string, string>();
  for (const item of items) {
    if (item.kind !== 'fixture' && item.kind !== 'tee') continue;
    const name = item.name ?? itemWords(item, undefined, figures, words).name;
    if (item.kind === 'fixture' || !places.has(name)) places.set(name, item.id);
  }
  return [...places].map(([name, id]) => ({ id, name }));
}

function ClosingAt({
  kept,
  line,
  itemId,
  back,
}: {
  kept: KeptJob;
  line: LineView;
  itemId: string;
  back: () => void;
}) {
  const figures = useFigures();
  const words = useWords();
  const kind = emergencyOf(line.medium);
  const walk = useMemo(
    () => walked(line, houseRuleSettings({ ...kept.houseRules, ...kept.job.houseRules }), new Date()),
    [line, kept],
  );
  const answer: IsolationAnswer | undefined = useMemo(
    () => isolationAnswer(walk.network, itemId),
    [walk, itemId],
  );
  const item = walk.itemOf.get(itemId);
  return (
    <div data-kind={kind} className={styles.emergency}>
      <p className={styles.first}>{words(`water.first.${kind}`)}</p>
      {item && (
        <p className={styles.at}>
          {line.name}: {item.name ?? itemWords(item, undefined, figures, words).name}
        </p>
      )}
      {answer && <Answer line={line} walk={walk} answer={answer} />}
      <h2>{words('water.thenTitle')}</h2>
      <ol>
        {stepsOf(kind, words).map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      <button type="button" className={styles.back} onClick={back}>
        {words('water.elsewhere')}
      </button>
      <Link
        className={styles.back}
        to={`/jobs/${kept.job.id}/lines/${line.id}/walk?at=${encodeURIComponent(itemId)}`}
      >
        {words('water.onPlan')}
      </Link>
    </div>
  );
}
