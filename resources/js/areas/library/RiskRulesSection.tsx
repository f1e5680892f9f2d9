import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { answerOf, api } from '@/api/client';
import { useMay, useMe, useZone } from '@/api/session';
import type { ClassRule, FallsShort, RiskRules } from '@/api/types';
import { count, day } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { SignPanel } from '@/ui/SignPanel';
import { TableHead } from '@/ui/TableHead';
import { Loaded } from '@/ui/states';
import { RiskRulesPanel } from './RiskRulesPanel';
import { LIBRARY } from './queries';

/** What each risk class asks for in this shop, whose word that is, and which procedures allow less. */
export function RiskRulesSection() {
  const may = useMay();
  const [open, setOpen] = useState<'change' | 'sign' | null>(null);
  const query = useQuery({ queryKey: [...LIBRARY, 'risk-rules'], queryFn: () => answerOf(api.GET('/library/risk-rules')) });
  return (
    <section className="mt-9" aria-label="Risk classes">
      <Loaded query={query}>
        {(risks) => (
          <>
            <div className="flex items-center justify-between">
              <h2 className="text-2xl">Risk classes</h2>
              {may('draft-procedures') && (
                <Button small onClick={() => setOpen('change')}>
                  Change them
                </Button>
              )}
            </div>
            <Whose risks={risks} />
            <Classes rules={risks.rules} />
            <Short list={risks.fall_short} says="allow less than that; each is revised when it comes up" />
            {risks.asked !== null && (
              <Asked asked={risks.asked} would={risks.would_fall_short} sign={may('approve-procedures')} onSign={() => setOpen('sign')} />
            )}
            {open === 'change' && <RiskRulesPanel rules={risks.asked?.rules ?? risks.rules} onClose={() => setOpen(null)} />}
            {open === 'sign' && risks.asked !== null && <Sign id={risks.asked.id} onClose={() => setOpen(null)} />}
          </>
        )}
      </Loaded>
    </section>
  );
}

function Whose({ risks: { set } }: { risks: RiskRules }) {
  const zone = useZone();
  if (set === null) return <p className="mt-1 text-soft">As they come: nobody has said otherwise.</p>;
  return (
    <p className="mt-1 text-soft">
      “{set.why}” Asked for by {set.asked_by ?? 'somebody'}, signed by {set.signature ?? ''} on {day(set.approved_at ?? set.asked_at, zone)}.
    </p>
  );
}

function Classes({ rules }: { rules: ClassRule[] }) {
  return (
    <table className="mt-3 w-full">
      <TableHead columns={['class', 'the loading round rests at least on', 'beside it', 'at the end']} />
      <tbody>
        {rules.map((rule) => (
          <tr key={rule.class} className="h-10 border-b border-hair">
            <th scope="row" className="w-24 font-semibold">
              {rule.class}
            </th>
            <td>{rule.least_words}</td>
            <td className={rule.watched ? '' : 'text-soft'}>{rule.watched ? 'a second quantity is watched' : 'what its procedure says'}</td>
            <td className={rule.second_look ? '' : 'text-soft'}>{rule.second_look ? 'a second person looks at every head' : 'one looks'}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Short({ list, says }: { list: FallsShort[]; says: string }) {
  if (list.length === 0) return null;
  return (
    <div className="mt-3">
      <p className="font-semibold text-fault">
        {count(list.length, 'procedure')} {says}.
      </p>
      <ul>
        {list.map((p) => (
          <li key={p.revision} className="border-b border-hair py-1.5">
            <Link className="quiet font-semibold" to={`/library/${p.revision}`}>
              {p.title}, {p.letter}
            </Link>{' '}
            <span className="text-soft">{p.why}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}

type AskedProps = { asked: NonNullable<RiskRules['asked']>; would: FallsShort[]; sign: boolean; onSign: () => void };

function Asked({ asked, would, sign, onSign }: AskedProps) {
  return (
    <div className="mt-5 border-l-4 border-now pl-4">
      <div className="flex items-center justify-between gap-4">
        <p>
          <b className="font-semibold">{asked.asked_by ?? 'Somebody'} asks for more:</b> “{asked.why}”
        </p>
        {sign && !asked.asked_by_me ? (
          <Button look="main" onClick={onSign}>
            Sign them
          </Button>
        ) : (
          <span className="text-fault">not signed</span>
        )}
      </div>
      <Classes rules={asked.rules} />
      <Short list={would} says="would allow less" />
    </div>
  );
}

function Sign({ id, onClose }: { id: string; onClose: () => void }) {
  const me = useMe();
  return (
    <SignPanel
      refreshes={LIBRARY}
      signer={me.name}
      title="Sign the rules of the risk classes"
      meaning="Approved as what this shop asks of each risk class, from now on."
      verb="Sign"
      onClose={onClose}
      command={({ password }) => answerOf(api.POST('/library/risk-rules/{rules}/approve', { params: { path: { rules: id } }, body: { password } }))}
    />
  );
}
