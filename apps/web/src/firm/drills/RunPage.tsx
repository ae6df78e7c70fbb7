import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { Failure, Loading, Notice } from '../../kit/Notice';
import { rulesOnJob } from '../../kit/company-rules';
import { useJobWalkQuery } from '../../store/walk-api';
import { useWords } from '../../words';
import type { DrillToTake } from './drill-to-take';
import { firstFive } from './first-five';
import { type RunMaterial, makeRun } from './make-run';
import { Run } from './Run';
import { type RunAsked, readRunAddress } from './run-address';
import { useMaterial } from './useMaterial';

/** A run as its address asks for it. */
export function RunPage() {
  const [address] = useSearchParams();
  const words = useWords();
  const asked = readRunAddress(address);
  const material = useMaterial();
  const skip = asked.jobId === undefined;
  const walk = useJobWalkQuery(asked.jobId ?? '', { skip });
  const error = material.error ?? walk.error;
  const { company, record, models } = material;
  if (company && record && models && (skip || walk.data))
    return (
      <Begun
        key={address.toString()}
        asked={asked}
        taken={record.results}
        settings={walk.data ? rulesOnJob(company, walk.data) : material.settings}
        job={walk.data}
        models={models}
      />
    );
  if (error) return <Failure error={error} retry={material.again} />;
  return <Loading what={words('drills.title')} />;
}

interface BegunProps extends Omit<RunMaterial, 'seed' | 'now'> {
  asked: RunAsked;
}

/** The questions are made once: what is answered meanwhile does not change them. */
function Begun({ asked, ...material }: BegunProps) {
  const words = useWords();
  const [{ drills, seed }, setRun] = useState(() => begin(asked, material));
  if (drills.length === 0) return <Notice title={words('drills.nothing')} />;
  return (
    <Run
      key={seed}
      drills={drills}
      {...(!asked.isFirst && { again: () => setRun(begin(asked, material)) })}
    />
  );
}

function begin(
  { trade, isFirst }: RunAsked,
  material: Omit<RunMaterial, 'seed' | 'now'>,
): { seed: number; drills: DrillToTake[] } {
  const now = new Date();
  const seed = Math.floor(now.getTime() / 1000) - SEEDS_BEGIN_S;
  return {
    seed,
    drills: isFirst ? firstFive(seed, material.settings) : makeRun({ ...material, seed, now }, trade),
  };
}

/** The beginning of the year 2026: a run has other seeds each second. */
const SEEDS_BEGIN_S = 1_767_225_600;
