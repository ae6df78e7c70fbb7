import { Navigate, useLocation } from 'react-router';

/** An address that has another name now; what was asked of it stays. */
export function Moved({ to }: { to: string }) {
  const { search } = useLocation();
  return <Navigate replace to={`${to}${search}`} />;
}
