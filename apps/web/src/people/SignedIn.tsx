import { Outlet } from 'react-router';
import { Failure, Loading } from '../kit/Notice';
import { useSessionQuery } from '../store/people-api';
import { useWords } from '../words';
import { DoorsPage } from './DoorsPage';

/** Shows its screens to whoever is signed in, and the ways in to everybody else. */
export function SignedIn() {
  const { data, error, isError, refetch } = useSessionQuery();
  const words = useWords();
  if (data?.session) return <Outlet />;
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  return data ? <DoorsPage doors={data.doors} /> : <Loading what={words('app.name')} />;
}
