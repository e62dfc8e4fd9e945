import { Suspense } from 'react';
import { Navigate, Outlet, useLocation } from 'react-router';
import { useSession } from '../api/hooks';
import { Failed, Waiting } from './Messages';

/** Only for those signed in; others are sent to the door and brought back afterwards. */
export function Signed() {
  const session = useSession();
  const { pathname } = useLocation();
  if (session.isPending) return <Waiting />;
  if (session.isError) return <Failed message={session.error.message} />;
  if (!session.data.user) return <Navigate to={`/sign-in?to=${encodeURIComponent(pathname)}`} replace />;
  return (
    <Suspense fallback={<Waiting />}>
      <Outlet />
    </Suspense>
  );
}
