import type { PositionView } from '@grevik/contracts';
import { STATION_FAULTS, type StationCase, wellAreaM2 } from '@grevik/core';
import { Alert, Button, LinearProgress } from '@mui/material';
import { useWords } from '../../../words';
import type { BenchCase } from '../case/useCase';
import { StationChart } from './StationChart';
import { StationSaid } from './StationSaid';
import { useStationLog } from './useStationLog';

interface ImportedLogProps {
  position: PositionView;
  of: BenchCase<StationCase>;
}

/** A recorder's file, or the practice station, judged beside the screen. */
export function ImportedLog({ position, of }: ImportedLogProps) {
  const words = useWords();
  const { wellDiameterM, pumpFlowM3s, platePowerKw } = of.values;
  const isFlowKnown = of.from('pumpFlowM3s') !== 'assumed';
  const here = useStationLog({ wellAreaM2: wellAreaM2(wellDiameterM), pumpFlowM3s, isFlowKnown });
  const { read, diagnosis, stretch, trouble, progress } = here;
  return (
    <>
      <p className="no-print">
        <Button variant="contained" component="label">
          {words('station.import')}
          <input
            type="file"
            accept=".csv,text/csv"
            hidden
            onChange={({ target }) => {
              const file = target.files?.[0];
              target.value = '';
              if (file) here.open(file);
            }}
          />
        </Button>{' '}
        {words('station.practice')}{' '}
        {STATION_FAULTS.map((fault) => (
          <Button key={fault} size="small" onClick={() => here.play(fault)}>
            {words(`station.faults.${fault}`)}
          </Button>
        ))}
      </p>
      {progress !== undefined && (
        <div role="status">
          <LinearProgress
            variant="determinate"
            value={100 * progress}
            aria-label={words('station.reading')}
          />
          {words('station.reading')}{' '}
          <Button size="small" onClick={here.cancel}>
            {words('station.cancel')}
          </Button>
        </div>
      )}
      {trouble !== undefined && <Alert severity="error">{trouble}</Alert>}
      {!read && progress === undefined && trouble === undefined && <p>{words('station.none')}</p>}
      {read && (
        <p>
          {words('station.read', { count: read.samples })}
          {read.unread > 0 && ` ${words('station.unread', { count: read.unread })}`}
          {!isFlowKnown && ` ${words('station.ownFlow')}`}
        </p>
      )}
      {read && diagnosis && (
        <StationSaid
          position={position}
          diagnosis={diagnosis}
          fromS={read.fromS}
          platePowerKw={platePowerKw}
          query={of.query}
        />
      )}
      {read && stretch && (
        <StationChart read={read} stretch={stretch} sinceS={diagnosis?.sinceS} show={here.show} />
      )}
    </>
  );
}
