import { Suspense, lazy } from 'react';
import { Navigate, Outlet, Route, Routes, useLocation } from 'react-router';
import { LetThrough, useSession } from '@/api/session';
import type { Me } from '@/api/types';
import { ScreenOutlet } from '@/ui/ScreenOutlet';
import { Loaded } from '@/ui/states';
import { DeskFrame } from './DeskFrame';
import { NotFound } from './NotFound';

const people = () => import('@/areas/people');
const SignIn = lazy(() => people().then((m) => ({ default: m.SignIn })));
const BenchSignIn = lazy(() => people().then((m) => ({ default: m.BenchSignIn })));
const Notices = lazy(() => people().then((m) => ({ default: m.Notices })));
const People = lazy(() => people().then((m) => ({ default: m.People })));
const library = () => import('@/areas/library');
const LibraryFrame = lazy(() => library().then((m) => ({ default: m.LibraryFrame })));
const LibraryList = lazy(() => library().then((m) => ({ default: m.LibraryList })));
const Revision = lazy(() => library().then((m) => ({ default: m.Revision })));
const Editor = lazy(() => library().then((m) => ({ default: m.Editor })));
const Sources = lazy(() => library().then((m) => ({ default: m.Sources })));
const Conflicts = lazy(() => library().then((m) => ({ default: m.Conflicts })));
const Permits = lazy(() => library().then((m) => ({ default: m.Permits })));
const Workbench = lazy(() => library().then((m) => ({ default: m.Workbench })));
const ImportFile = lazy(() => library().then((m) => ({ default: m.ImportFile })));
const Builds = lazy(() => import('@/areas/builds').then((m) => ({ default: m.Builds })));
const Build = lazy(() => import('@/areas/builds').then((m) => ({ default: m.Build })));
const Crib = lazy(() => import('@/areas/crib').then((m) => ({ default: m.Crib })));
const Audit = lazy(() => import('@/areas/audit').then((m) => ({ default: m.Audit })));
const Sheet = lazy(() => import('@/areas/audit').then((m) => ({ default: m.Sheet })));
const JobHook = lazy(() => import('@/areas/bench').then((m) => ({ default: m.JobHook })));
const KeepSending = lazy(() => import('@/areas/bench').then((m) => ({ default: m.KeepSending })));
const BenchLock = lazy(() => import('@/areas/bench').then((m) => ({ default: m.BenchLock })));
const WithLastSeq = lazy(() => import('@/areas/bench').then((m) => ({ default: m.WithLastSeq })));
const Run = lazy(() => import('@/areas/bench').then((m) => ({ default: m.Run })));

/** The screens of the library, below its own frame. */
const libraryScreens = (
  <Route path="/library" element={<LibraryFrame />}>
    <Route index element={<LibraryList />} />
    <Route path="sources" element={<Sources />} />
    <Route path="conflicts" element={<Conflicts />} />
    <Route path="permits" element={<Permits />} />
    <Route path="workbench" element={<Workbench />} />
    <Route path="import" element={<ImportFile />} />
    <Route path="drafts/:procedure" element={<Editor />} />
    <Route path=":revision" element={<Revision />} />
  </Route>
);

/** Every address and the screen behind it. */
export function Screens() {
  const session = useSession();
  return (
    <Loaded query={session}>
      {({ person, device }) => (
        <>
          <Suspense>{device && <KeepSending />}</Suspense>
          <Routes>
            <Route element={<ScreenOutlet />}>
              <Route path="/" element={<Navigate replace to={person ? home(person) : device ? '/bench/sign-in' : '/sign-in'} />} />
              <Route path="/sign-in" element={<SignIn />} />
              <Route path="/bench/sign-in" element={<BenchDoor enrolled={device !== null} />} />
              <Route element={<RequireSignIn kind="desk" person={person} />}>
                <Route element={<DeskFrame />}>
                  {libraryScreens}
                  <Route path="/builds" element={<Builds />} />
                  <Route path="/builds/:build" element={<Build />} />
                  <Route path="/crib" element={<Crib />} />
                  <Route path="/audit" element={<Audit />} />
                  <Route path="/audit/:build" element={<Sheet />} />
                  <Route path="/people" element={<People />} />
                  <Route path="*" element={<NotFound />} />
                </Route>
              </Route>
              <Route element={<RequireSignIn kind="bench" person={person} />}>
                <Route element={<Locking />}>
                  <Route path="/bench" element={<JobHook notices={<Notices big />} />} />
                  <Route path="/bench/runs/:run" element={<Run />} />
                </Route>
              </Route>
            </Route>
          </Routes>
        </>
      )}
    </Loaded>
  );
}

/** Lets through whoever is signed in at the right kind of place; the address asked for is kept for afterwards. */
function RequireSignIn({ kind, person }: { kind: Me['kind']; person: Me | null }) {
  const { pathname, search } = useLocation();
  if (person?.kind === kind)
    return (
      <LetThrough value={person}>
        <Outlet />
      </LetThrough>
    );
  if (person) return <Navigate replace to={home(person)} />;
  return <Navigate replace to={`${kind === 'bench' ? '/bench/sign-in' : '/sign-in'}?then=${encodeURIComponent(pathname + search)}`} />;
}

/** An enrolled bench says with the sign-in how far its outbox has counted. */
function BenchDoor({ enrolled }: { enrolled: boolean }) {
  if (!enrolled) return <BenchSignIn lastSeq={nothing} />;
  return <WithLastSeq>{(lastSeq) => <BenchSignIn lastSeq={lastSeq} />}</WithLastSeq>;
}

function Locking() {
  return (
    <BenchLock>
      <ScreenOutlet />
    </BenchLock>
  );
}

const nothing = () => Promise.resolve(null);

function home(person: Me): string {
  if (person.kind === 'bench') return '/bench';
  const first = (
    [
      ['read-builds', '/builds'],
      ['read-crib', '/crib'],
      ['read-library', '/library'],
    ] as const
  ).find(([ability]) => person.abilities.includes(ability));
  return first?.[1] ?? '/sign-in';
}
