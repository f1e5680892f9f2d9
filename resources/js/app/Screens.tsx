import { Suspense } from 'react';
import { Navigate, Outlet, Route, Routes, useLocation } from 'react-router';
import { LetThrough, useSession } from '@/api/session';
import type { Me } from '@/api/types';
import { ScreenOutlet } from '@/ui/ScreenOutlet';
import { Loaded } from '@/ui/states';
import { DeskFrame } from './DeskFrame';
import { NotFound } from './NotFound';
import { audit, bench, builds, cards, crib, desk, library, people, screen, shop, stops } from './areas';

const SignIn = screen(people, (m) => m.SignIn);
const BenchSignIn = screen(people, (m) => m.BenchSignIn);
const Notices = screen(people, (m) => m.Notices);
const PeopleFrame = screen(shop, (m) => m.PeopleFrame);
const PeopleBoard = screen(shop, (m) => m.PeopleBoard);
const Shifts = screen(shop, (m) => m.Shifts);
const Customers = screen(shop, (m) => m.Customers);
const Benches = screen(shop, (m) => m.Benches);
const ShopPage = screen(shop, (m) => m.ShopPage);
const FirstUse = screen(shop, (m) => m.FirstUse);
const FirstSteps = screen(shop, (m) => m.FirstSteps);
const Welcome = screen(shop, (m) => m.Welcome);
const LibraryFrame = screen(library, (m) => m.LibraryFrame);
const LibraryList = screen(library, (m) => m.LibraryList);
const Revision = screen(library, (m) => m.Revision);
const Editor = screen(library, (m) => m.Editor);
const Sources = screen(library, (m) => m.Sources);
const GeneralTables = screen(library, (m) => m.GeneralTables);
const Conflicts = screen(library, (m) => m.Conflicts);
const Permits = screen(library, (m) => m.Permits);
const Workbench = screen(library, (m) => m.Workbench);
const ImportFile = screen(library, (m) => m.ImportFile);
const Write = screen(library, (m) => m.Write);
const BuildsFrame = screen(builds, (m) => m.BuildsFrame);
const Builds = screen(builds, (m) => m.Builds);
const Subassemblies = screen(builds, (m) => m.Subassemblies);
const Shipped = screen(builds, (m) => m.Shipped);
const ComeIn = screen(builds, (m) => m.ComeIn);
const Build = screen(builds, (m) => m.Build);
const Cards = screen(cards, (m) => m.Cards);
const Card = screen(cards, (m) => m.Card);
const CribFrame = screen(crib, (m) => m.CribFrame);
const Crib = screen(crib, (m) => m.Crib);
const ToolTable = screen(crib, (m) => m.ToolTable);
const ToolPage = screen(crib, (m) => m.ToolPage);
const Calibrate = screen(crib, (m) => m.Calibrate);
const Study = screen(crib, (m) => m.Study);
const RegisterTools = screen(crib, (m) => m.Register);
const Lots = screen(crib, (m) => m.Lots);
const CribCases = screen(crib, (m) => m.Cases);
const CribCase = screen(crib, (m) => m.Case);
const Standards = screen(crib, (m) => m.Standards);
const Served = screen(crib, (m) => m.Served);
const Stops = screen(stops, (m) => m.Stops);
const StopNow = screen(stops, (m) => m.StopNow);
const StopPage = screen(stops, (m) => m.StopPage);
const Today = screen(desk, (m) => m.Today);
const Audit = screen(audit, (m) => m.Audit);
const Sheet = screen(audit, (m) => m.Sheet);
const JobHook = screen(bench, (m) => m.JobHook);
const KeepSending = screen(bench, (m) => m.KeepSending);
const BenchLock = screen(bench, (m) => m.BenchLock);
const WithLastSeq = screen(bench, (m) => m.WithLastSeq);
const AskValue = screen(bench, (m) => m.AskValue);
const Handover = screen(bench, (m) => m.Handover);
const PaperCard = screen(bench, (m) => m.PaperCard);
const Run = screen(bench, (m) => m.Run);

/** The screens of the library, below its own frame. */
const libraryScreens = (
  <Route path="/library" element={<LibraryFrame />}>
    <Route index element={<LibraryList />} />
    <Route path="general-tables" element={<GeneralTables />} />
    <Route path="sources" element={<Sources />} />
    <Route path="conflicts" element={<Conflicts />} />
    <Route path="permits" element={<Permits />} />
    <Route path="workbench" element={<Workbench />} />
    <Route path="import" element={<ImportFile />} />
    <Route path="write" element={<Write />} />
    <Route path="drafts/:procedure" element={<Editor />} />
    <Route path=":revision" element={<Revision />} />
  </Route>
);

/** Engines, here and gone. */
const buildScreens = (
  <Route path="/builds" element={<BuildsFrame />}>
    <Route index element={<Builds />} />
    <Route path="subassemblies" element={<Subassemblies />} />
    <Route path="shipped" element={<Shipped />} />
    <Route path="come-in" element={<ComeIn />} />
    <Route path=":build" element={<Build />} />
  </Route>
);

/** The screens of the crib, below its own frame. */
const cribScreens = (
  <Route path="/crib" element={<CribFrame />}>
    <Route index element={<Crib />} />
    <Route path="table" element={<ToolTable />} />
    <Route path="register" element={<RegisterTools />} />
    <Route path="cases" element={<CribCases />} />
    <Route path="cases/:number" element={<CribCase />} />
    <Route path="lots" element={<Lots />} />
    <Route path="standards" element={<Standards />} />
    <Route path="served" element={<Served />} />
    <Route path="tools/:tool" element={<ToolPage />} />
    <Route path="tools/:tool/calibrate" element={<Calibrate />} />
    <Route path="tools/:tool/study" element={<Study />} />
  </Route>
);

/** What is stopped for everybody. */
const stopScreens = (
  <Route path="/stops">
    <Route index element={<Stops />} />
    <Route path="new" element={<StopNow />} />
    <Route path=":number" element={<StopPage />} />
  </Route>
);

/** Who works here, and how the shop is set. */
const peopleScreens = (
  <Route path="/people" element={<PeopleFrame />}>
    <Route index element={<PeopleBoard />} />
    <Route path="shifts" element={<Shifts />} />
    <Route path="customers" element={<Customers />} />
    <Route path="benches" element={<Benches />} />
    <Route path="shop" element={<ShopPage />} />
  </Route>
);

/** What an enrolled bench shows to whoever sits there, beneath its lock. */
const benchScreens = (
  <Route element={<Locking />}>
    <Route path="/bench" element={<JobHook notices={<Notices big />} />} />
    <Route path="/bench/runs/:run" element={<Run />} />
    <Route path="/bench/ask" element={<AskValue />} />
    <Route path="/bench/handover" element={<Handover />} />
    <Route path="/bench/cards/:card" element={<PaperCard />} />
  </Route>
);

/** Every address and the screen behind it. */
export function Screens() {
  const session = useSession();
  return (
    <Loaded query={session}>
      {({ device, shop: { opened } }) => (
        <>
          <Suspense>{device && <KeepSending />}</Suspense>
          <Routes>
            <Route element={<ScreenOutlet />}>
              <Route path="/" element={<Home />} />
              <Route path="/first-use" element={<FirstUse />} />
              <Route path="/welcome/:token" element={<Welcome />} />
              <Route path="/sign-in" element={opened ? <SignIn /> : <Navigate replace to="/first-use" />} />
              <Route path="/bench/sign-in" element={<BenchDoor enrolled={device !== null} />} />
              <Route element={<RequireSignIn kind="desk" />}>
                <Route element={<DeskFrame />}>
                  {libraryScreens}
                  <Route path="/today" element={<Today />} />
                  {buildScreens}
                  <Route path="/cards" element={<Cards />} />
                  <Route path="/cards/:card" element={<Card />} />
                  {cribScreens}
                  {stopScreens}
                  <Route path="/audit" element={<Audit />} />
                  <Route path="/audit/:build" element={<Sheet />} />
                  {peopleScreens}
                  <Route path="/first-steps" element={<FirstSteps />} />
                  <Route path="*" element={<NotFound />} />
                </Route>
              </Route>
              <Route element={<RequireSignIn kind="bench" />}>{benchScreens}</Route>
            </Route>
          </Routes>
        </>
      )}
    </Loaded>
  );
}

/**
 * Who is signed in is asked of the session by whoever needs it, and not handed down: a sign-in goes on to its page at once,
 * and the screens around are told of it a moment later, now and then only when that page is drawn already.
 */
function usePerson(): Me | null {
  return useSession().data?.person ?? null;
}

/** Where one begins: at one's own first page, or at a door. */
function Home() {
  const person = usePerson();
  const { device, shop } = useSession().data ?? {};
  return <Navigate replace to={person ? home(person) : !shop?.opened ? '/first-use' : device ? '/bench/sign-in' : '/sign-in'} />;
}

/** Lets through whoever is signed in at the right kind of place; the address asked for is kept for afterwards. */
function RequireSignIn({ kind }: { kind: Me['kind'] }) {
  const person = usePerson();
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
      ['read-library', '/today'],
      ['read-builds', '/builds'],
    ] as const
  ).find(([ability]) => person.abilities.includes(ability));
  return first?.[1] ?? '/sign-in';
}
