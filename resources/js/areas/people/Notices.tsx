import { Link } from 'react-router';
import { useZone } from '@/api/session';
import type { Notices as ToldOf } from '@/api/types';
import { dayAndTime } from '@/lib/typeset';
import { Refusal } from '@/ui/Refusal';
import { useAcknowledge, useNotices } from './queries';

/** Bulletins that one has not acknowledged yet. They stay until one has. */
export function Notices({ big = false }: { big?: boolean }) {
  const told = useNotices();
  const acknowledge = useAcknowledge();
  const notices = told.data?.notices ?? [];
  if (notices.length === 0) return null;
  return (
    <section aria-label="Bulletins" className="no-print border-b border-line bg-sheet">
      <Refusal of={acknowledge} className={`px-7 pt-3 font-semibold ${big ? 'text-xl' : ''}`} />
      {notices.map((n) => (
        <Bulletin key={n.id} notice={n} big={big} busy={acknowledge.isPending} onRead={() => acknowledge.mutate(n.id)} />
      ))}
    </section>
  );
}

type Notice = ToldOf['notices'][number];
type BulletinProps = { notice: Notice; big: boolean; busy: boolean; onRead: () => void };

function Bulletin({ notice: n, big, busy, onRead }: BulletinProps) {
  const zone = useZone();
  return (
    <article className={`flex items-center gap-6 border-b border-hair px-7 last:border-b-0 ${big ? 'py-4 text-xl' : 'py-2.5'}`}>
      <p className="grow">
        <b>{n.title}</b>{' '}
        <span className="text-soft">
          {dayAndTime(n.sent_at, zone)}
          {n.link !== '' && !big && (
            <>
              {', '}
              <Link className="quiet" to={n.link}>
                open it
              </Link>
            </>
          )}
        </span>
        {n.body.split('\n').map((line, i) => (
          <span key={i} className="block">
            {line}
          </span>
        ))}
      </p>
      <button
        type="button"
        disabled={busy}
        aria-label={`I have read: ${n.title}`}
        className={`shrink-0 rounded border border-line bg-paper font-semibold ${big ? 'h-24 px-8' : 'px-3 py-1 text-[15px]'}`}
        onClick={onRead}
      >
        I have read it
      </button>
    </article>
  );
}
