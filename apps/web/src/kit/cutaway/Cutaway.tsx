import { type CatalogueModel, type ValveType, VALVE_STORIES, VALVE_TYPE_FACTS } from '@grevik/core';
import type { ReactNode } from 'react';
import { AngleCutaway } from './AngleCutaway';
import { BallCheckCutaway } from './BallCheckCutaway';
import { BallCutaway } from './BallCutaway';
import { ButterflyCutaway } from './ButterflyCutaway';
import styles from './Cutaway.module.css';
import { DiaphragmCutaway } from './DiaphragmCutaway';
import { DualPlateCutaway } from './DualPlateCutaway';
import { EccentricPlugCutaway } from './EccentricPlugCutaway';
import { GateCutaway } from './GateCutaway';
import { GlobeCutaway } from './GlobeCutaway';
import { InclinedGlobeCutaway } from './InclinedGlobeCutaway';
import { KnifeGateCutaway } from './KnifeGateCutaway';
import { NeedleCutaway } from './NeedleCutaway';
import { PlugCutaway } from './PlugCutaway';
import { PoppetCheckCutaway, VerticalLiftCutaway } from './PoppetCheckCutaway';
import { QuarterTurnStopCutaway } from './QuarterTurnStopCutaway';
import { ResilientWedgeCutaway } from './ResilientWedgeCutaway';
import { SolenoidCutaway } from './SolenoidCutaway';
import { ReducerCutaway, ReliefCutaway } from './SpringLoadedCutaway';
import { SwingCheckCutaway } from './SwingCheckCutaway';
import { ThreeWayCutaway } from './ThreeWayCutaway';
import { TiltingCheckCutaway } from './TiltingCheckCutaway';
import { type Fault, MARKS, openingWith } from './marks';
import { translated, useWords } from '../../words';

interface CutawayProps {
  model: Pick<CatalogueModel, 'type' | 'stem' | 'operator' | 'pieces'>;
  /** 0 shut to 1 open; what moves by itself is held so far open by the flow. */
  opening: number;
  boreRatio?: number | undefined;
  /** What is wrong inside. */
  fault?: Fault | undefined;
  /** Whether the part that wears is ringed. */
  marksWear?: boolean;
  isLarge?: boolean;
  /** Said in place of its name and what is inside, where the name is what is asked. */
  said?: string | undefined;
}

type Drawn = Omit<CutawayProps, 'marksWear' | 'isLarge' | 'said'> & { label: string };

const rises = ({ stem }: Drawn['model']): boolean => stem === 'rising' || stem === 'os-y';

/** Every type's drawing. */
const DRAWINGS: Readonly<Record<ValveType, (drawn: Drawn) => ReactNode>> = {
  ball: ({ opening, model, boreRatio, label }) => (
    <BallCutaway
      opening={opening}
      pieces={model.pieces}
      operator={model.operator}
      label={label}
      {...(boreRatio !== undefined && { boreRatio })}
    />
  ),
  'ball-3-way': ({ opening, model, label }) => (
    <ThreeWayCutaway opening={opening} seats operator={model.operator} label={label} />
  ),
  'gate-solid': ({ opening, model, label }) => (
    <GateCutaway opening={opening} risingStem={rises(model)} label={label} />
  ),
  'gate-resilient': ({ opening, model, label }) => (
    <ResilientWedgeCutaway
      opening={opening}
      risingStem={rises(model)}
      keyed={model.operator === 'operating-nut'}
      label={label}
    />
  ),
  'knife-gate': ({ opening, label }) => <KnifeGateCutaway opening={opening} label={label} />,
  globe: ({ opening, label }) => <GlobeCutaway opening={opening} label={label} />,
  'globe-y': ({ opening, label }) => <InclinedGlobeCutaway opening={opening} label={label} />,
  angle: ({ opening, label }) => <AngleCutaway opening={opening} label={label} />,
  'compression-stop': ({ opening, label }) => <GlobeCutaway opening={opening} washer label={label} />,
  'compression-stop-angle': ({ opening, label }) => <AngleCutaway opening={opening} washer label={label} />,
  'quarter-turn-stop': ({ opening, label }) => <QuarterTurnStopCutaway opening={opening} label={label} />,
  needle: ({ opening, label }) => <NeedleCutaway opening={opening} label={label} />,
  'radiator-disc': ({ opening, label }) => <AngleCutaway opening={opening} washer label={label} />,
  'radiator-metering': ({ opening, label }) => <NeedleCutaway opening={opening} label={label} />,
  'butterfly-resilient': ({ opening, model, label }) => (
    <ButterflyCutaway opening={opening} operator={model.operator} label={label} />
  ),
  'butterfly-metal': ({ opening, model, label }) => (
    <ButterflyCutaway opening={opening} lining={false} operator={model.operator} label={label} />
  ),
  'butterfly-gas-cock': ({ opening, label }) => (
    <ButterflyCutaway opening={opening} lining={false} isCock label={label} />
  ),
  'plug-taper': ({ opening, fault, label }) => (
    <PlugCutaway opening={opening} isDrawnDown={fault === 'drawn-down'} label={label} />
  ),
  'plug-lubricated': ({ opening, label }) => <PlugCutaway opening={opening} gun label={label} />,
  'plug-eccentric': ({ opening, label }) => <EccentricPlugCutaway opening={opening} label={label} />,
  'plug-3-way': ({ opening, model, label }) => (
    <ThreeWayCutaway opening={opening} seats={false} operator={model.operator} label={label} />
  ),
  diaphragm: ({ opening, label }) => <DiaphragmCutaway opening={opening} label={label} />,
  solenoid: ({ opening, label }) => <SolenoidCutaway opening={opening} label={label} />,
  'pressure-reducing': ({ opening, label }) => <ReducerCutaway opening={opening} label={label} />,
  relief: ({ opening, label }) => <ReliefCutaway opening={opening} label={label} />,
  'check-swing': ({ opening, label }) => <SwingCheckCutaway opening={opening} by="weight" label={label} />,
  'check-swing-spring': ({ opening, label }) => (
    <SwingCheckCutaway opening={opening} by="spring" label={label} />
  ),
  'check-swing-weighted': ({ opening, label }) => (
    <SwingCheckCutaway opening={opening} by="arm" label={label} />
  ),
  'check-spring-inline': ({ opening, label }) => <PoppetCheckCutaway opening={opening} label={label} />,
  'check-lift-horizontal': ({ opening, label }) => <GlobeCutaway opening={opening} guided label={label} />,
  'check-lift-vertical': ({ opening, label }) => <VerticalLiftCutaway opening={opening} label={label} />,
  'check-ball': ({ opening, fault, label }) => (
    <BallCheckCutaway opening={opening} isEgg={fault === 'egg'} label={label} />
  ),
  'check-dual-plate': ({ opening, label }) => <DualPlateCutaway opening={opening} label={label} />,
  'check-tilting': ({ opening, label }) => <TiltingCheckCutaway opening={opening} label={label} />,
};

/** A valve sawn in half, moved by the handle; on wish with what wears ringed, or with something wrong inside. */
export function Cutaway({
  model,
  opening,
  boreRatio,
  fault,
  marksWear = false,
  isLarge = false,
  said,
}: CutawayProps) {
  const words = useWords();
  const { words: type, inside, strokes } = VALVE_TYPE_FACTS[model.type];
  const own = [
    words(strokes === 'self' ? 'cutaway.held' : 'cutaway.handle', {
      type: translated(type),
      percent: Math.round(opening * 100),
      inside: translated(inside),
    }),
    fault && words(`cutaway.fault.${fault}`),
    marksWear && words('cutaway.wears', { what: translated(VALVE_STORIES[model.type].wears) }),
  ]
    .filter(Boolean)
    .join(' ');
  const label = said ?? own;
  const marks = MARKS[model.type];
  return (
    <div className={`${styles.stack} ${isLarge ? styles.large : ''}`}>
      {DRAWINGS[model.type]({ model, opening: openingWith(fault, opening), boreRatio, fault, label })}
      {(marksWear || fault) && (
        <svg className={styles.marks} viewBox="0 0 180 118" aria-hidden="true">
          {fault === 'scale' &&
            marks.scale?.map(([x, y]) => (
              <path
                key={`${x} ${y}`}
                className={styles.scale}
                d={`M${x - 9} ${y + 3}q2-6 5-4q2-5 5-1q4-4 5 1q3-1 3 4Z`}
              />
            ))}
          {fault === 'over-tightened' && marks.cracks && (
            <path
              className={styles.crack}
              d={`M${marks.cracks[0] - 6} ${marks.cracks[1] - 4}l5 3l-3 3l6 3l-2 3`}
            />
          )}
          {marksWear &&
            marks.wears.map(([x, y]) => (
              <circle key={`${x} ${y}`} cx={x} cy={y} r="9" className={styles.wears} />
            ))}
        </svg>
      )}
    </div>
  );
}
