import { useEffect, useState } from 'react';
import { Outlet } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { keepOnlyFor, useSessionQuery } from '../../store/people-api';
import { useWords } from '../../words';
import { SignInPage } from './SignInPage';

/** Shows its screens to whoever is signed in, and the ways in to everybody else. */
export function SignedIn() {
  const { data, error, isError, refetch } = useSessionQuery();
  const words = useWords();
  const personId = data?.session?.person.id;
  const [wasIn, setWasIn] = useState(false);
  if (personId !== undefined && !wasIn) setWasIn(true);
  useEffect(() => {
    // Whoever is there now, or nobody: what the device keeps for another person goes, however their session ended.
    if (data) void keepOnlyFor(personId);
  }, [data, personId]);
  if (data?.session) return <Outlet />;
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  return data ? <SignInPage doors={data.doors} hasEnded={wasIn} /> : <Loading what={words('app.name')} />;
}
