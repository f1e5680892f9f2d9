import { useQuery } from '@tanstack/react-query';
import { Suspense, lazy, useState } from 'react';
import { Link, NavLink, useNavigate } from 'react-router';
import { answerOf, api } from '@/api/client';
import { useMay, useMe, useSession, useSignOut, useZone } from '@/api/session';
import type { Ability } from '@/api/types';
import { Notices } from '@/areas/people';
import { sentenceOf } from '@/lib/problem';
import { ScanField } from '@/ui/ScanField';
import { ScreenOutlet } from '@/ui/ScreenOutlet';
import { SignOut } from '@/ui/SignOut';
import { Unreachable } from '@/ui/Unreachable';
import { useTheme } from '@/ui/theme';

// Seldom opened, and its form is of many parts.
const OwnPin = lazy(async () => ({ default: (await import('./OwnPin')).OwnPin }));

const PLACES: { to: string; name: string; needs: Ability }[] = [
  { to: '/today', name: 'Today', needs: 'read-library' },
  { to: '/library', name: 'Library', needs: 'read-library' },
  { to: '/builds', name: 'Builds', needs: 'read-builds' },
  { to: '/cards', name: 'Job cards', needs: 'handle-cards' },
  { to: '/crib', name: 'Crib', needs: 'read-crib' },
  { to: '/audit', name: 'Audit', needs: 'audit' },
  { to: '/people', name: 'People', needs: 'read-people' },
];

/** The desk's frame: where one can go, the one field, who one is. */
export function DeskFrame() {
  const may = useMay();
  const zone = useZone();
  return (
    <div className="flex min-h-screen flex-col">
      <header className="no-print flex min-h-[52px] flex-wrap items-center gap-x-6 border-b border-line px-7 max-xl:py-2 xl:h-[52px]">
        <Link to="/" className="wide text-[22px] font-bold">
          Tekkal
        </Link>
        <nav aria-label="Places" className="flex flex-wrap items-stretch gap-x-5 xl:h-full">
          {PLACES.filter((place) => may(place.needs)).map((place) => (
            <NavLink
              key={place.to}
              to={place.to}
              className={({ isActive }) =>
                `flex items-center border-b-[3px] pt-[3px] max-xl:py-1 ${isActive ? 'border-paint font-semibold' : 'border-transparent text-soft hover:text-ink'}`
              }
            >
              {place.name}
            </NavLink>
          ))}
        </nav>
        <div className="ml-auto flex flex-wrap items-center justify-end gap-x-4 gap-y-1">
          <Who />
          <Find />
        </div>
      </header>
      <Unreachable zone={zone} />
      <Notices />
      <ScreenOutlet />
    </div>
  );
}

function Who() {
  const me = useMe();
  const shop = useSession().data?.shop;
  const { theme, flip } = useTheme();
  const signOut = useSignOut();
  return (
    <div className="flex items-center gap-4 text-[15px] text-soft">
      <Name of={`${me.name}, ${me.roles.join(', ')}`} title={`${shop?.name ?? ''}${shop?.demo ? ', demo' : ''}`} />
      <button type="button" className="quiet underline decoration-hair underline-offset-4 hover:text-ink" onClick={flip}>
        {theme === 'light' ? 'Dark' : 'Light'}
      </button>
      <SignOut
        error={signOut.error}
        busy={signOut.isPending}
        className="underline decoration-hair underline-offset-4 hover:text-ink"
        onSignOut={() => signOut.mutate()}
      />
    </div>
  );
}

/** Who one is; whoever has a badge sets its PIN behind it. */
function Name({ of, title }: { of: string; title: string }) {
  const [open, setOpen] = useState(false);
  if (useMe().badge === null) return <span title={title}>{of}</span>;
  return (
    <>
      <button type="button" title={`${title}; set your PIN`} className="max-w-64 truncate hover:text-ink" onClick={() => setOpen(true)}>
        {of}
      </button>
      {open && (
        <Suspense>
          <OwnPin onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}

function Find() {
  const [text, setText] = useState('');
  const navigate = useNavigate();
  const q = text.trim();
  const found = useQuery({
    queryKey: ['find', q],
    queryFn: () => answerOf(api.GET('/find', { params: { query: { q } } })),
    enabled: q.length >= 2 && q.length <= 60,
  });
  return (
    <ScanField
      value={text}
      onChange={setText}
      placeholder="serial, tool, person, value …"
      busy={found.isFetching}
      refusal={found.isError ? sentenceOf(found.error) : null}
      hits={(found.data?.found ?? []).map((f) => ({ key: f.link, ...f }))}
      onChoose={(link) => {
        setText('');
        void navigate(link);
      }}
    />
  );
}
