import { Navigate, useParams } from 'react-router';
import { Failure, Loading } from '../kit/Notice';
import { useJobQuery } from '../store/api';
import { useWords } from '../words';

/** A job opens on its first line; an empty one on the walk list that fills it. */
export function FirstLine() {
  const { jobId = '' } = useParams();
  const words = useWords();
  const { data, error, isError, refetch } = useJobQuery(jobId);
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  if (!data) return <Loading what={words('line.job')} />;
  const [line] = data.lines;
  return <Navigate replace to={line ? `/jobs/${jobId}/lines/${line.id}/line-up` : `/jobs/${jobId}/walk`} />;
}
