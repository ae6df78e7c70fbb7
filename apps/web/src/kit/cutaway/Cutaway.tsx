import { type CatalogueModel, VALVE_TYPE_FACTS } from '@grevik/core';
import { BallCutaway } from './BallCutaway';
import { ButterflyCutaway } from './ButterflyCutaway';
import { GateCutaway } from './GateCutaway';
import { GlobeCutaway } from './GlobeCutaway';
import { Drawing } from './Drawing';

interface CutawayProps {
  model: Pick<CatalogueModel, 'type' | 'stem'>;
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
    case 'globe':
      return <GlobeCutaway opening={opening} label={label} />;
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
