import { MEDIUM_FACTS } from '@grevik/core';
import { Alert } from '@mui/material';
import { Link } from 'react-router';
import { useLineFrame } from '../../shell/useLineFrame';
import { useStationQuery } from '../../store/stations-api';
import { useWords } from '../../words';

/** What the levels of its well say of a check on sewage, and a way to them. */
export function CheckLog({ positionId }: { positionId: string }) {
  const words = useWords();
  const { line } = useLineFrame();
  const position = line.positions.find(({ id }) => id === positionId);
  const isPumped = position !== undefined && MEDIUM_FACTS[line.medium].family === 'waste';
  const { data: station } = useStationQuery(positionId, { skip: !isPumped });
  if (!isPumped || !station) return null;
  const at = `/jobs/${line.jobId}/lines/${line.id}/bench/${encodeURIComponent(position.tag)}?of=station-log`;
  const verdict = station.verdict ?? 'not-known';
  return (
    <>
      {station.firstAt !== null && (
        <Alert severity={verdict === 'holding' ? 'success' : verdict === 'not-known' ? 'info' : 'warning'}>
          {words(`station.verdicts.${verdict}`)}
        </Alert>
      )}
      <Link className="no-print" to={at}>
        {words(station.firstAt === null ? 'station.judgeByLog' : 'station.toLog')}
      </Link>
    </>
  );
}
