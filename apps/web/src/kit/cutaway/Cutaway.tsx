import { type CatalogueModel, VALVE_TYPE_FACTS } from '@grevik/core';
import { AngleCutaway } from './AngleCutaway';
import { BallCutaway } from './BallCutaway';
import { ButterflyCutaway } from './ButterflyCutaway';
import { DiaphragmCutaway } from './DiaphragmCutaway';
import { GateCutaway } from './GateCutaway';
import { GlobeCutaway } from './GlobeCutaway';
import { Drawing } from './Drawing';
import { InclinedGlobeCutaway } from './InclinedGlobeCutaway';
import { NeedleCutaway } from './NeedleCutaway';
import { QuarterTurnStopCutaway } from './QuarterTurnStopCutaway';
import { RubberWedgeCutaway } from './RubberWedgeCutaway';

interface CutawayProps {
  model: Pick<CatalogueModel, 'type' | 'stem' | 'operator'>;
  /** 0 shut to 1 open. */
  opening: number;
  boreRatio?: number | undefined;
}

/** A valve sawn in half, moved by the handle. */
export function Cutaway({ model, opening, boreRatio }: CutawayProps) {
  const { words, inside } = VALVE_TYPE_FACTS[model.type];
  const label = `${words} valve cut open, handle ${Math.round(opening * 100)} % open. ${inside}.`;
  switch (model.type) {
    case 'ball':
      return <BallCutaway opening={opening} label={label} {...(boreRatio !== undefined && { boreRatio })} />;
    case 'gate-solid':
      return (
        <GateCutaway
          opening={opening}
          risingStem={model.stem === 'rising' || model.stem === 'os-y'}
          label={label}
        />
      );
    case 'gate-resilient':
      return (
        <RubberWedgeCutaway
          opening={opening}
          risingStem={model.stem === 'rising' || model.stem === 'os-y'}
          keyed={model.operator === 'operating-nut'}
          label={label}
        />
      );
    case 'globe':
      return <GlobeCutaway opening={opening} label={label} />;
    case 'compression-stop':
      return <GlobeCutaway opening={opening} washer label={label} />;
    case 'globe-y':
      return <InclinedGlobeCutaway opening={opening} label={label} />;
    case 'angle':
      return <AngleCutaway opening={opening} label={label} />;
    case 'compression-stop-angle':
      return <AngleCutaway opening={opening} washer label={label} />;
    case 'quarter-turn-stop':
      return <QuarterTurnStopCutaway opening={opening} label={label} />;
    case 'needle':
      return <NeedleCutaway opening={opening} label={label} />;
    case 'diaphragm':
      return <DiaphragmCutaway opening={opening} label={label} />;
    case 'butterfly-resilient':
      return <ButterflyCutaway opening={opening} label={label} />;
    default:
      return (
        <Drawing label={label}>
          <text x="90" y="62" textAnchor="middle" fontSize="13" fill="currentColor">
            {inside}
          </text>
        </Drawing>
      );
  }
}
