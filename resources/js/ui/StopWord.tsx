import { Link } from 'react-router';

type Stop = { number: number; says: string; why: string } | null;

/** Something is stopped for everybody: said where it is shown, with the way to the stop for whoever may look at it. */
export function StopWord({ stop, opens, className = '' }: { stop: Stop; opens: boolean; className?: string }) {
  if (stop === null) return null;
  return (
    <p className={`border-l-8 border-fault py-1 pl-4 ${className}`} role="status">
      <b className="font-semibold text-fault">Stopped: {stop.why}</b> <span className="text-soft">{stop.says}</span>{' '}
      {opens && (
        <Link className="quiet" to={`/stops/${String(stop.number)}`}>
          See what it holds
        </Link>
      )}
    </p>
  );
}

/** To the page on which it is stopped, which says first what that holds. */
export function StopNowLink({ what, of, className = '' }: { what: 'revision' | 'tool' | 'lot'; of: string; className?: string }) {
  return (
    <Link className={`quiet text-fault underline decoration-hair underline-offset-4 ${className}`} to={`/stops/new?what=${what}&key=${encodeURIComponent(of)}`}>
      Stop now
    </Link>
  );
}
