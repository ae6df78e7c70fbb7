import type { JobWalkView, ModelView } from '@grevik/contracts';
import { type HouseRuleSettings, SHOWN_KINDS } from '@grevik/core';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { Failure, Loading, Notice } from '../../kit/Notice';
import { rulesOnJob } from '../../kit/company-rules';
import { useCatalogueQuery } from '../../store/api';
import { useJobWalkQuery } from '../../store/walk-api';
import { useWords } from '../../words';
import { type DrillToTake, fromSeed, fromShown } from './drill-to-take';
import { firstFive } from './first-five';
import { type ScoredDrill, nextRun } from './next-run';
import { realDrill } from './real-drills';
import { Run } from './Run';
import { type RunAsked, readRunAddress } from './run-address';
import { type Material, useMaterial } from './useMaterial';

/** A run as its address asks for it. */
export function RunPage() {
  const [address] = useSearchParams();
  const words = useWords();
  const asked = readRunAddress(address);
  const material = useMaterial();
  const skip = asked.jobId === undefined;
  const walk = useJobWalkQuery(asked.jobId ?? '', { skip });
  const models = useCatalogueQuery(undefined, { skip });
  const error = material.error ?? walk.error ?? models.error;
  const { company, record } = material;
  if (company && record && (skip || (walk.data && models.data)))
    return (
      <Begun
        key={address.toString()}
        asked={asked}
        taken={record.results}
        settings={walk.data ? rulesOnJob(company, walk.data) : material.settings}
        job={walk.data}
        models={models.data}
      />
    );
  if (error) return <Failure error={error} retry={material.again} />;
  return <Loading what={words('drills.title')} />;
}

interface BegunProps {
  asked: RunAsked;
  taken: readonly ScoredDrill[];
  settings: Material['settings'];
  job: JobWalkView | undefined;
  models: readonly ModelView[] | undefined;
}

/** The questions are made once: what is answered meanwhile does not change them. */
function Begun({ asked, taken, settings, job, models }: BegunProps) {
  const words = useWords();
  const [begun, setBegun] = useState(() => ({ taken, seed: seedNow() }));
  const [drills, setDrills] = useState(() => made(begun.seed, begun.taken));
  function made(seed: number, before: readonly ScoredDrill[]): DrillToTake[] {
    if (asked.isFirst) return firstFive(seed, settings);
    const run = nextRun(before, { trade: asked.trade, seed, now: new Date() });
    if (!job || !models) return run.map((one) => fromSeed(one, settings));
    return run.map((one, at) => realOrMade(one, at, { job, models, settings }));
  }
  const again = (): void => {
    const next = { taken, seed: seedNow() };
    setBegun(next);
    setDrills(made(next.seed, next.taken));
  };
  if (drills.length === 0) return <Notice title={words('drills.nothing')} />;
  return <Run key={begun.seed} drills={drills} {...(!asked.isFirst && { again })} />;
}

/** Seconds since the beginning of the year 2026: other questions each time. */
const seedNow = (): number => Math.floor(Date.now() / 1000) - 1_767_225_600;

/** A question about the job where it has one of the kind; else one of the four that can be asked of it, else a made-up one. */
function realOrMade(
  of: Parameters<typeof fromSeed>[0],
  at: number,
  real: { job: JobWalkView; models: readonly ModelView[]; settings: HouseRuleSettings },
): DrillToTake {
  const own = SHOWN_KINDS.find((kind) => kind === of.kind) ?? SHOWN_KINDS[at % SHOWN_KINDS.length];
  const shown = own && realDrill({ ...real, now: new Date() }, { kind: own, level: of.level, seed: of.seed });
  return shown ? { ...fromShown(shown, real.settings), id: `${of.seed}` } : fromSeed(of, real.settings);
}
