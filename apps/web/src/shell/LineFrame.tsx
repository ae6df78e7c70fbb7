import { MEDIUM_FACTS, houseSides } from '@grevik/core';
import { useEffect, useMemo } from 'react';
import { Outlet, useLocation, useNavigate, useParams } from 'react-router';
import { counted } from '../kit/counted';
import { Failure, Loading, Notice } from '../kit/Notice';
import { LineStrip } from '../kit/strip/LineStrip';
import { useCatalogueQuery, useCompanyQuery, useJobQuery, useLineQuery } from '../store/api';
import styles from './LineFrame.module.css';
import { stepOf } from './steps';
import type { LineFrameContext } from './useLineFrame';
import { useStripKeys } from './useStripKeys';

/** A line and the position walked to, under the strip that stays in place from step to step. */
export function LineFrame() {
  const { jobId = '', lineId = '', tag } = useParams();
  const step = stepOf(useLocation().pathname);
  const navigate = useNavigate();
  const job = useJobQuery(jobId);
  const line = useLineQuery(lineId);
  const catalogue = useCatalogueQuery();
  const company = useCompanyQuery();

  const positions = useMemo(() => line.data?.positions ?? [], [line.data]);
  const lines = job.data?.lines ?? [];
  const lineIndex = lines.findIndex(({ id }) => id === lineId);
  const current = tag === undefined ? positions[0] : positions.find((position) => position.tag === tag);

  const go = (to: string | undefined): void => {
    // At once, so that the next of two quick key presses walks on from here.
    if (to !== undefined) void navigate(to, { flushSync: true });
  };
  const addressOf = (position: { tag: string }): string =>
    `/jobs/${jobId}/lines/${lineId}/${step}/${encodeURIComponent(position.tag)}`;
  const walk = (by: number): void => {
    const next = current && positions[positions.indexOf(current) + by];
    go(next && addressOf(next));
  };
  const changeLine = (by: number): void => {
    const next = lines[lineIndex + by];
    go(next && `/jobs/${jobId}/lines/${next.id}/${step}`);
  };
  useStripKeys(walk, changeLine);

  useEffect(() => {
    document.title = [current?.tag, line.data?.name, 'Grevik'].filter(Boolean).join(' · ');
  }, [current?.tag, line.data?.name]);

  const failed = [line, job, catalogue, company].find(({ isError }) => isError);
  if (failed) return <Failure error={failed.error} retry={() => void failed.refetch()} />;
  if (!line.data || !job.data || !catalogue.data || !company.data) return <Loading what="the line" />;
  if (positions.length === 0)
    return <Notice title={`${line.data.name} has no positions yet`}>Bring a walk list to fill it.</Notice>;
  if (!current) {
    return (
      <Notice title={`${tag} is not on ${line.data.name}`}>
        <p>It may be on another line of this job, or have been given another tag.</p>
      </Notice>
    );
  }

  const { currency } = company.data;
  const context: LineFrameContext = {
    line: line.data,
    position: current,
    models: catalogue.data,
    sides: houseSides(company.data.houseRules),
    companyName: company.data.name,
    jobName: job.data.name,
    money: (amount) => new Intl.NumberFormat('en', { style: 'currency', currency }).format(amount),
  };
  const picked = positions.filter(({ pick }) => pick).length;

  return (
    <>
      <header className={`${styles.head} no-print`}>
        <div className={styles.title}>
          <h2>{line.data.name}</h2>
          <span>
            line {lineIndex + 1} of {lines.length} · {MEDIUM_FACTS[line.data.medium].words} ·{' '}
            {counted(positions.length, 'position')}, {picked} picked
          </span>
          <span className={styles.keys}>
            <kbd>←</kbd> <kbd>→</kbd> follow the water <kbd>↑</kbd> <kbd>↓</kbd> change line
          </span>
        </div>
        <LineStrip
          line={line.data}
          current={current}
          models={catalogue.data}
          sides={context.sides}
          addressOf={addressOf}
          walk={walk}
        />
      </header>
      <Outlet context={context} />
    </>
  );
}
