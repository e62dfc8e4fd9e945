import { Suspense, useEffect } from 'react';
import { Navigate, Outlet, useLocation } from 'react-router';
import { client, take } from '../api/client';
import { useSession } from '../api/hooks';
import { Failed, Waiting } from './Messages';
import { usePreferences } from './preferences';

/** Only for those signed in; others are sent to the door and brought back afterwards. */
export function Signed() {
  const session = useSession();
  const { pathname } = useLocation();
  const { setUnits, setMode } = usePreferences();
  const person = session.data?.user && !session.data.user.is_demo ? session.data.user.email : null;
  // Units and colours belong to the person; a device that is signed in takes them over.
  useEffect(() => {
    if (!person) return;
    void take(client.GET('/api/habits'))
      .then((habits) => {
        if (habits.units) setUnits(habits.units);
        if (habits.colours) setMode(habits.colours);
      })
      .catch(() => undefined);
  }, [person, setUnits, setMode]);
  if (session.isPending) return <Waiting />;
  if (session.isError) return <Failed message={session.error.message} />;
  if (!session.data.user) return <Navigate to={`/sign-in?to=${encodeURIComponent(pathname)}`} replace />;
  return (
    <Suspense fallback={<Waiting />}>
      <Outlet />
    </Suspense>
  );
}
