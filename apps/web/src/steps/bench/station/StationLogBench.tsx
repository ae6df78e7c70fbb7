import type { StationView } from '@grevik/contracts';
import { type StationCase, checkDiagnosisCalculation, stationCase } from '@grevik/core';
import { Button } from '@mui/material';
import { useMemo, useState } from 'react';
import { Failure, Loading } from '../../../kit/Notice';
import { useStationQuery } from '../../../store/stations-api';
import { useWords } from '../../../words';
import { BasisNote } from '../BasisNote';
import page from '../BenchPage.module.css';
import type { BenchProps } from '../bench-props';
import { CaseFields } from '../case/CaseFields';
import { useCase } from '../case/useCase';
import { ImportedLog } from './ImportedLog';
import { RecordedStation } from './RecordedStation';
import { RecorderForm } from './RecorderForm';
import { stationFields } from './station-fields';

/** What the levels of a pump station say of its check: a ball that sticks open gives no alarm. */
export function StationLogBench(props: BenchProps) {
  const words = useWords();
  const { data, error, isError, refetch } = useStationQuery(props.position.id);
  if (data) return <Station key={props.position.id} {...props} station={data} />;
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  return <Loading what={words('benches.station-log')} />;
}

function Station({ position, duty, station }: BenchProps & { station: StationView }) {
  const words = useWords();
  const fields = useMemo(() => stationFields(words), [words]);
  const filled = useMemo(() => stationCase(duty, station), [duty, station]);
  const of = useCase<StationCase>(filled, fields, { of: 'station-log' });
  const [isFile, setFile] = useState(false);
  const isRecorded = station.device !== null || station.firstAt !== null;
  return (
    <div className={page.work}>
      <CaseFields of={of} fields={fields} />
      <div className={page.pictures}>
        {isRecorded && !isFile ? (
          <RecordedStation
            position={position}
            station={station}
            platePowerKw={of.values.platePowerKw}
            query={of.query}
          />
        ) : (
          <ImportedLog position={position} of={of} />
        )}
        <RecorderForm
          key={`${station.device?.id ?? ''} ${station.version}`}
          position={position}
          station={station}
          of={of}
        />
        {isRecorded && (
          <p className="no-print">
            <Button size="small" onClick={() => setFile(!isFile)}>
              {words(isFile ? 'station.recorderInstead' : 'station.fileInstead')}
            </Button>
          </p>
        )}
        {checkDiagnosisCalculation.basis && <BasisNote basis={checkDiagnosisCalculation.basis} />}
      </div>
    </div>
  );
}
