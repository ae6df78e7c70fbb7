import { FAILURE_WORDS, MEDIUM_FACTS, coinAmounts, nearestTags, valveFailure } from '@grevik/core';
import { useCallback, useEffect, useMemo } from 'react';
import { Link, Outlet, useLocation, useNavigate, useParams } from 'react-router';
import { Failure, Loading, Notice } from '../kit/Notice';
import { rulesOnJob } from '../kit/company-rules';
import { LineStrip } from '../kit/strip/LineStrip';
import { UrgentHere } from '../kit/found/UrgentFinding';
import { dateWords } from '../kit/when';
import { useKeys } from '../kit/useKeys';
import { isStopped } from '../store/failure';
import { AlsoHere } from './AlsoHere';
import { MergeDialog } from './merge/MergeDialog';
import { useCatalogueQuery, useCompanyQuery, useJobQuery, useLineQuery } from '../store/api';
import { useOverdue } from '../store/useOverdue';
import { translated, useWords } from '../words';
import styles from './LineFrame.module.css';
import { LineFacts } from './LineFacts';
import { stepOf } from './steps';
import { StepsNav } from './StepsNav';

/** A line and the position walked to, under the strip that stays in place from step to step. */
export function LineFrame() {
  const { jobId = '', lineId = '', tag } = useParams();
  const step = stepOf(useLocation().pathname);
  const navigate = useNavigate();
  const job = useJobQuery(jobId);
  const line = useLineQuery(lineId);
  const catalogue = useCatalogueQuery();
  const company = useCompanyQuery();
  const overdue = useOverdue(jobId);
  const words = useWords();

  const positions = useMemo(() => line.data?.positions ?? [], [line.data]);
  const lines = job.data?.lines ?? [];
  const lineIndex = lines.findIndex(({ id }) => id === lineId);
  const current = tag === undefined ? positions[0] : positions.find((position) => position.tag === tag);

  const go = (to: string | undefined): void => {
    // At once, so that the next of two quick key presses walks on from here.
    if (to !== undefined) void navigate(to, { flushSync: true });
  };
  const addressOf = useCallback(
    (position: { tag: string }): string =>
      `/jobs/${jobId}/lines/${lineId}/${step}/${encodeURIComponent(position.tag)}`,
    [jobId, lineId, step],
  );
  const walk = (by: number): void => {
    const next = current && positions[positions.indexOf(current) + by];
    go(next && addressOf(next));
  };
  const changeLine = (by: number): void => {
    const next = lines[lineIndex + by];
    go(next && `/jobs/${jobId}/lines/${next.id}/${step}`);
  };
  useKeys({
    ArrowRight: () => walk(1),
    j: () => walk(1),
    ArrowLeft: () => walk(-1),
    k: () => walk(-1),
    ArrowDown: () => changeLine(1),
    ArrowUp: () => changeLine(-1),
  });

  useEffect(() => {
    document.title = [current?.tag, line.data?.name, 'Grevik'].filter(Boolean).join(' · ');
  }, [current?.tag, line.data?.name]);

  // The same from one drawing to the next, so that a screen judges again only where something it judges by is another.
  const settings = useMemo(
    () => company.data && rulesOnJob(company.data, job.data),
    [company.data, job.data],
  );
  const context = useMemo(
    () =>
      line.data &&
      job.data &&
      catalogue.data &&
      company.data &&
      settings && {
        line: line.data,
        position: current,
        addressOf,
        models: catalogue.data,
        settings,
        companyName: company.data.name,
        jobName: job.data.name,
        money: coinAmounts(company.data.currency),
      },
    [line.data, job.data, catalogue.data, company.data, settings, current, addressOf],
  );

  const failed = [line, job, catalogue, company].find(isStopped);
  if (failed) return <Failure error={failed.error} retry={() => void failed.refetch()} />;
  if (!context || !line.data || !job.data) return <Loading what={words('line.what')} />;
  const isWalk = step === 'walk';
  const isEmpty = positions.length === 0 && !isWalk;
  const isLost = !isEmpty && !current && !(isWalk && tag === undefined);

  const picked = positions.filter(({ pick }) => pick).length;
  const failure = current && valveFailure(current.condition, line.data.medium);

  return (
    <>
      <header className={`${styles.head} no-print`}>
        <div className={styles.title}>
          <Link to={`/jobs/${jobId}`} className={styles.board}>
            ‹ {job.data.name}
          </Link>
          <h2>{line.data.name}</h2>
          <span>
            {words('line.facts', {
              number: lineIndex + 1,
              lines: lines.length,
              medium: translated(MEDIUM_FACTS[line.data.medium].words),
              count: positions.length,
              picked,
            })}
            {line.data.handedOverAt !== null &&
              ` · ${words('line.inServiceSince', { date: dateWords(line.data.handedOverAt) })}`}
          </span>
          <LineFacts line={line.data} />
          <AlsoHere positionId={current?.id} />
          <StepsNav jobId={jobId} lineId={lineId} tag={tag} />
        </div>
        {failure !== undefined && current && (
          <p className={styles.failure} role="status">
            {isWalk ? (
              <b>
                {current.tag} {translated(FAILURE_WORDS[failure])}.
              </b>
            ) : (
              <UrgentHere line={line.data} position={current} settings={context.settings} />
            )}
          </p>
        )}
        {positions.length > 0 && (
          <LineStrip
            line={line.data}
            current={current}
            models={context.models}
            settings={context.settings}
            overdue={overdue}
            addressOf={addressOf}
            walk={walk}
          />
        )}
      </header>
      {isEmpty && (
        <Notice
          title={words('line.empty', { line: line.data.name })}
          action={<Link to={`/jobs/${jobId}/lines/${lineId}/walk`}>{words('line.walkIt')}</Link>}
        >
          <p>{words('line.emptyBody')}</p>
        </Notice>
      )}
      {isLost && (
        <Notice title={words('line.notOn', { tag: tag ?? '', line: line.data.name })}>
          <p>{words('line.notOnBody')}</p>
          <p>
            {words('line.nearest')}{' '}
            {nearestTags(
              tag ?? '',
              positions.map((one) => one.tag),
            ).map((near) => (
              <Link key={near} to={addressOf({ tag: near })} className={styles.near}>
                {near}
              </Link>
            ))}
          </p>
        </Notice>
      )}
      {!isEmpty && !isLost && <Outlet context={context} />}
      <MergeDialog />
    </>
  );
}
