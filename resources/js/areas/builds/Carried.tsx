import { useState } from 'react';
import { Link } from 'react-router';
import { useMay, useZone } from '@/api/session';
import type { Build } from '@/api/types';
import { day } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { ExchangePanel } from './ExchangePanel';

/** Which head and which short block are in an engine; or, of such a one, the engines that it has been in. */
export function Carried({ build }: { build: Build }) {
  return build.subassembly === null ? <InEngine build={build} /> : <Been been={build.subassembly.been} />;
}

function InEngine({ build }: { build: Build }) {
  const may = useMay();
  const [kind, setKind] = useState<string | null>(null);
  if (build.carries.length === 0) return null;
  return (
    <dl className="flex flex-col gap-2.5">
      {build.carries.map((one) => (
        <div key={one.kind}>
          <dt className="text-sm text-soft">{one.kind.toLowerCase()}</dt>
          <dd className="flex flex-wrap items-baseline justify-between gap-x-3">
            {one.fitted === null ? (
              'its own'
            ) : may('give-work') ? (
              <Link className="quiet" to={`/builds/${one.fitted.id}`}>
                {one.fitted.title}
              </Link>
            ) : (
              one.fitted.title
            )}
            {may('give-work') && build.state === 'open' && (
              <Button small onClick={() => setKind(one.kind)} aria-label={`Exchange the ${one.kind.toLowerCase()}`}>
                Exchange
              </Button>
            )}
          </dd>
        </div>
      ))}
      {kind !== null && <ExchangePanel build={build} kind={kind} onClose={() => setKind(null)} />}
    </dl>
  );
}

function Been({ been }: { been: NonNullable<Build['subassembly']>['been'] }) {
  const zone = useZone();
  if (been.length === 0) return <p className="text-soft">It has been in no engine yet.</p>;
  return (
    <section>
      <h2 className="text-sm text-soft">has been in</h2>
      <ul className="flex flex-col gap-1.5">
        {been.map((one, i) => (
          <li key={i}>
            <Link className="quiet" to={`/builds/${one.id}`}>
              {one.title}
            </Link>
            <span className="block text-[15px] text-soft">
              {one.own ? 'as its own' : one.fitted_at !== null && `since ${day(one.fitted_at, zone)}`}
              {one.removed_at !== null && `${one.own ? ', until' : ', to'} ${day(one.removed_at, zone)}: ${one.why}`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
