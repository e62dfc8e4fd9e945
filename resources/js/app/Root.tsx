import '../ui/fields.css';
import fieldWords from 'virtual:field-words';
import { App as AntApp, ConfigProvider } from 'antd';
import { lazy, Suspense, useEffect, useMemo } from 'react';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { locale, usualUnits } from '../lang/language';
import { UNITS, type Units, UnitsContext } from '../lang/units';
import { Failed, Waiting } from '../ui/bar/Messages';
import { PreferencesContext } from '../ui/bar/preferences';
import { antTheme, type Mode } from '../ui/theme/theme';
import { useNarrow } from '../ui/useNarrow';
import { useStored } from '../ui/useStored';
import { Signed } from './Signed';

const SignIn = lazy(() => import('../features/sign-in/SignIn'));
const Today = lazy(() => import('../features/today/Today'));
const RushList = lazy(() => import('../features/rushes/RushList'));
const Desk = lazy(() => import('../features/desk/Desk'));
const Kit = lazy(() => import('../features/kit/Kit'));
const OutingPage = lazy(() => import('../features/outing/OutingPage'));
const OutingList = lazy(() => import('../features/outing/OutingList'));
const CardPage = lazy(() => import('../features/card/CardPage'));
const CardList = lazy(() => import('../features/card/CardList'));
const SharedCard = lazy(() => import('../features/card/SharedCard'));
const Review = lazy(() => import('../features/review/Review'));
const Pictures = lazy(() => import('../features/pictures/Pictures'));
const BurstPage = lazy(() => import('../features/pictures/BurstPage'));
const Layouts = lazy(() => import('../features/layouts/Layouts'));
const BenchList = lazy(() => import('../features/bench/BenchList'));
const BenchPage = lazy(() => import('../features/bench/BenchPage'));
const Why = lazy(() => import('../features/review/Why'));
const Compare = lazy(() => import('../features/review/Compare'));
const HowRight = lazy(() => import('../features/review/HowRight'));
const Practice = lazy(() => import('../features/practice/Practice'));
const RingDrill = lazy(() => import('../features/practice/RingDrill'));
const ButtonsDrill = lazy(() => import('../features/practice/ButtonsDrill'));
const Rehearse = lazy(() => import('../features/practice/Rehearse'));
const AreaDrill = lazy(() => import('../features/practice/AreaDrill'));
const MomentDrill = lazy(() => import('../features/practice/MomentDrill'));
const FirstSharp = lazy(() => import('../features/practice/FirstSharp'));
const Progress = lazy(() => import('../features/practice/Progress'));
const Groups = lazy(() => import('../features/practice/Groups'));
const GroupPage = lazy(() => import('../features/practice/GroupPage'));
const TaskPage = lazy(() => import('../features/practice/TaskPage'));
const CopyPage = lazy(() => import('../features/practice/CopyPage'));
const ShelfPage = lazy(() => import('../features/kit/shelf/ShelfPage'));
const Described = lazy(() => import('../features/kit/described/Described'));
const BodyEditor = lazy(() => import('../features/kit/body/BodyEditor'));
const LensEditor = lazy(() => import('../features/kit/lens/LensEditor'));
const Subjects = lazy(() => import('../features/subjects/Subjects'));
const HabitsPage = lazy(() => import('../features/habits/HabitsPage'));
const AimTest = lazy(() => import('../features/habits/AimTest'));
const Account = lazy(() => import('../features/account/Account'));
const Register = lazy(() => import('../features/sign-in/Register'));
const Forgotten = lazy(() => import('../features/sign-in/Forgotten'));
const ConfirmAddress = lazy(() => import('../features/sign-in/ConfirmAddress'));
const Confirm = lazy(() => import('../features/sign-in/Confirm'));
const NewPassword = lazy(() => import('../features/sign-in/NewPassword'));

const router = createBrowserRouter([
  { path: '/sign-in', element: <SignIn />, errorElement: <Failed /> },
  { path: '/register', element: <Register />, errorElement: <Failed /> },
  { path: '/forgotten-password', element: <Forgotten />, errorElement: <Failed /> },
  { path: '/confirm/:token', element: <Confirm />, errorElement: <Failed /> },
  { path: '/confirm-address/:token', element: <ConfirmAddress />, errorElement: <Failed /> },
  { path: '/reset-password/:token', element: <NewPassword />, errorElement: <Failed /> },
  // Cards work without a connection, so nobody is asked who they are.
  { path: '/card', element: <CardList />, errorElement: <Failed /> },
  { path: '/card/:id', element: <CardPage />, errorElement: <Failed /> },
  { path: '/shared/:secret', element: <SharedCard />, errorElement: <Failed /> },
  { path: '/copy/:secret', element: <CopyPage />, errorElement: <Failed /> },
  {
    element: <Signed />,
    errorElement: <Failed />,
    children: [
      { path: '/', element: <Today /> },
      { path: '/outings', element: <OutingList /> },
      { path: '/outings/new', element: <OutingPage key="new" /> },
      { path: '/outings/:id', element: <OutingPage key="kept" /> },
      { path: '/outings/:id/rehearse', element: <Rehearse /> },
      { path: '/rushes', element: <RushList /> },
      { path: '/rushes/new', element: <Desk /> },
      { path: '/rushes/:id', element: <Desk /> },
      { path: '/review', element: <Review /> },
      { path: '/review/pictures', element: <Pictures /> },
      { path: '/review/bursts/:id', element: <BurstPage /> },
      { path: '/review/bursts/:id/why', element: <Why key="burst" /> },
      { path: '/review/why', element: <Why key="nothing" /> },
      { path: '/review/compare', element: <Compare /> },
      { path: '/review/learned', element: <HowRight /> },
      { path: '/practice', element: <Practice /> },
      { path: '/practice/ring', element: <RingDrill /> },
      { path: '/practice/buttons', element: <ButtonsDrill /> },
      { path: '/practice/moment', element: <MomentDrill /> },
      { path: '/practice/rehearsal', element: <Rehearse /> },
      { path: '/tasks/:id', element: <TaskPage /> },
      { path: '/practice/area', element: <AreaDrill /> },
      { path: '/practice/first-sharp', element: <FirstSharp /> },
      { path: '/practice/progress', element: <Progress /> },
      { path: '/practice/groups', element: <Groups /> },
      { path: '/practice/groups/:id', element: <GroupPage /> },
      { path: '/kit', element: <Kit /> },
      { path: '/kit/layouts', element: <Layouts /> },
      { path: '/kit/bench', element: <BenchList /> },
      { path: '/kit/bench/:id', element: <BenchPage /> },
      { path: '/kit/shelf', element: <ShelfPage /> },
      { path: '/kit/from-pictures', element: <Described /> },
      { path: '/kit/bodies/new', element: <BodyEditor /> },
      { path: '/kit/bodies/:id', element: <BodyEditor /> },
      { path: '/kit/lenses/new', element: <LensEditor /> },
      { path: '/kit/lenses/:id', element: <LensEditor /> },
      { path: '/subjects', element: <Subjects /> },
      { path: '/subjects/:id', element: <Subjects /> },
      { path: '/habits', element: <HabitsPage /> },
      { path: '/habits/aim', element: <AimTest /> },
      { path: '/account', element: <Account /> },
      { path: '*', element: <Failed missing /> },
    ],
  },
]);

/** What fields and dialogs say of themselves; English is built in. */
const ofFields = (await fieldWords[locale]?.())?.default;

const prefersLight = window.matchMedia('(prefers-color-scheme: light)').matches;
const still = window.matchMedia('(prefers-reduced-motion: reduce)').matches;

export function Root() {
  const [mode, setMode] = useStored<Mode>('rush-hold.mode', prefersLight ? 'light' : 'dark', [
    'dark',
    'light',
  ]);
  const [units, setUnits] = useStored<Units>('rush-hold.units', usualUnits as Units, UNITS);
  const preferences = useMemo(
    () => ({ mode, setMode, units, setUnits, still }),
    [mode, setMode, units, setUnits],
  );

  const narrow = useNarrow();
  useEffect(() => {
    document.documentElement.dataset.mode = mode;
  }, [mode]);

  return (
    <ConfigProvider
      theme={antTheme(mode, still, narrow)}
      wave={{ disabled: true }}
      {...(ofFields ? { locale: ofFields } : {})}
    >
      <PreferencesContext value={preferences}>
        <UnitsContext value={units}>
          <AntApp className="app-root" message={{ maxCount: 2 }}>
            <Suspense fallback={<Waiting />}>
              <RouterProvider router={router} />
            </Suspense>
          </AntApp>
        </UnitsContext>
      </PreferencesContext>
    </ConfigProvider>
  );
}
