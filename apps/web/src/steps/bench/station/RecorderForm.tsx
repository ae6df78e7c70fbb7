import type { PositionView, StationView } from '@grevik/contracts';
import { STATION_FAULTS, type StationCase, type StationFault, wellAreaM2 } from '@grevik/core';
import { Alert, Button, MenuItem, TextField } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { useUndoable } from '../../../kit/useUndoable';
import { useDevicesQuery } from '../../../store/devices-api';
import { failureText } from '../../../store/failure';
import { useChangeStationMutation } from '../../../store/stations-api';
import { useWords } from '../../../words';
import page from '../BenchPage.module.css';
import type { BenchCase } from '../case/useCase';

const W_IN_KW = 1000;

interface RecorderFormProps {
  position: PositionView;
  station: StationView;
  of: BenchCase<StationCase>;
}

/** Puts a level recorder at the station, with what is known of the station, or takes it away. */
export function RecorderForm({ position, station, of }: RecorderFormProps) {
  const words = useWords();
  const undoable = useUndoable();
  const { data: devices = [] } = useDevicesQuery();
  const [change, { error, isLoading }] = useChangeStationMutation();
  const [deviceId, setDevice] = useState(station.device?.id ?? '');
  const [plays, setPlays] = useState<StationFault>(station.plays ?? 'holds');
  const recorders = devices.filter(
    ({ kind, station: at }) => kind === 'recorder' && (at === null || at.positionId === position.id),
  );
  const isPlayed = recorders.find(({ id }) => id === deviceId)?.isStandIn ?? false;
  // What is only assumed is no fact of a station; a played one is what the form says.
  const isKnown = (name: keyof StationCase): boolean => isPlayed || of.from(name) !== 'assumed';
  const put = async (id: string): Promise<void> => {
    const { pumpFlowM3s, platePowerKw, wellDiameterM } = of.values;
    const done = await change({
      positionId: position.id,
      station: {
        version: station.version,
        wellAreaM2: wellAreaM2(wellDiameterM),
        ...(isKnown('pumpFlowM3s') && { pumpFlowM3s }),
        ...(id !== '' && { deviceId: id }),
        ...(platePowerKw > 0 && { platePowerW: platePowerKw * W_IN_KW }),
        ...(id !== '' && isPlayed && { plays }),
      },
    });
    if (!done.data) return;
    of.reset();
    const { changeId } = done.data;
    undoable(
      words(id === '' ? 'station.taken' : 'station.put', { tag: position.tag }),
      changeId === null ? null : { id: changeId },
    );
  };
  if (recorders.length === 0)
    return (
      <p className="no-print">
        {words('station.noRecorder')} <Link to="/devices">{words('station.register')}</Link>
      </p>
    );
  return (
    <form
      className={`${page.recorder} no-print`}
      onSubmit={(event) => {
        event.preventDefault();
        void put(deviceId);
      }}
    >
      <TextField
        select
        size="small"
        label={words('station.recorder')}
        value={deviceId}
        onChange={({ target }) => setDevice(target.value)}
        sx={{ minWidth: 240 }}
      >
        {recorders.map(({ id, name }) => (
          <MenuItem key={id} value={id}>
            {name}
          </MenuItem>
        ))}
      </TextField>
      {isPlayed && (
        <TextField
          select
          size="small"
          label={words('station.plays')}
          value={plays}
          onChange={({ target }) => setPlays(target.value as StationFault)}
          sx={{ minWidth: 160 }}
        >
          {STATION_FAULTS.map((fault) => (
            <MenuItem key={fault} value={fault}>
              {words(`station.faults.${fault}`)}
            </MenuItem>
          ))}
        </TextField>
      )}
      <Button
        type="submit"
        variant="outlined"
        disabled={deviceId === '' || isLoading || !isKnown('wellDiameterM')}
      >
        {words(station.device ? 'station.keep' : 'station.putHere')}
      </Button>
      {station.device && (
        <Button disabled={isLoading} onClick={() => void put('')}>
          {words('station.take')}
        </Button>
      )}
      {deviceId !== '' && !isKnown('wellDiameterM') && <p>{words('station.measureWell')}</p>}
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
    </form>
  );
}
