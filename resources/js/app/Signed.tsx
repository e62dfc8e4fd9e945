import { Suspense, useEffect } from 'react';
import { Navigate, Outlet, useLocation } from 'react-router';
import { useSession } from '../api/hooks';
import { useHabits } from '../api/kit';
import { useField } from '../field/useField';
import { chooseLanguage, languages, locale } from '../lang/language';
import { Keys } from '../ui/bar/Keys';
import { Failed, Waiting } from '../ui/bar/Messages';
import { Offline } from '../ui/bar/Offline';
import { usePreferences } from '../ui/bar/preferences';

/** Only for those signed in; others are sent to the door and brought back afterwards. */
export function Signed() {
  const session = useSession();
  const { pathname } = useLocation();
  const { units, setUnits, setMode } = usePreferences();
  useField(units);
  const own = session.data?.user != null && !session.data.user.is_demo;
  const habits = useHabits(own).data;
  // Units, colours and language belong to the person; a device that is signed in takes them over.
  useEffect(() => {
    if (!own || !habits) return;
    if (habits.units) setUnits(habits.units);
    if (habits.colours) setMode(habits.colours);
    if (habits.language && habits.language in languages && habits.language !== locale)
      chooseLanguage(habits.language);
  }, [own, habits, setUnits, setMode]);
  if (session.isPending) return <Waiting />;
  if (session.isError) return <Failed message={session.error.message} />;
  if (!session.data.user) return <Navigate to={`/sign-in?to=${encodeURIComponent(pathname)}`} replace />;
  return (
    <Suspense fallback={<Waiting />}>
      <Outlet />
      <Offline />
      <Keys />
    </Suspense>
  );
}
