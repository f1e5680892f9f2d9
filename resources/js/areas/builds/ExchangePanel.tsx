import { useState } from 'react';
import type { Build, Exchange } from '@/api/types';
import { day } from '@/lib/typeset';
import { useZone } from '@/api/session';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { FormPanel } from '@/ui/FormPanel';
import { TextArea } from '@/ui/TextArea';
import { Loaded } from '@/ui/states';
import { ComesApart } from './ComesApart';
import { BUILDS, exchange, useExchange } from './queries';

const NONE = 'none';

type Props = { build: Build; kind: string; onClose: () => void };

type Said = { fit: string; serial: string; why: string };

/** A head goes in, comes off, or is exchanged: what that opens and costs is read before it is said. */
export function ExchangePanel({ build, kind, onClose }: Props) {
  const [said, setSaid] = useState<Said>({ fit: NONE, serial: '', why: '' });
  const query = useExchange(build.id, kind);
  const comesOff = query.data !== undefined && query.data.off !== null;
  const what = kind.toLowerCase();
  return (
    <FormPanel
      title={`The ${what} of ${build.title}`}
      note={
        comesOff
          ? 'What comes off takes its record along; what holds it comes apart.'
          : `Nothing of its own ${what} is recorded: one that was tightened by itself can go in.`
      }
      verb={verb(comesOff, said.fit !== NONE)}
      fault={comesOff}
      wide
      unready={query.data === undefined}
      onClose={onClose}
      refreshes={BUILDS}
      command={() => exchange(build.id, kind, { fit: said.fit === NONE ? null : said.fit, serial: said.serial, why: said.why.trim() })}
    >
      <Loaded query={query}>{(data) => <Fields data={data} what={what} said={said} onPut={(next) => setSaid((was) => ({ ...was, ...next }))} />}</Loaded>
    </FormPanel>
  );
}

type FieldsProps = { data: Exchange; what: string; said: Said; onPut: (next: Partial<Said>) => void };

function Fields({ data: { off, joints, ready }, what, said, onPut }: FieldsProps) {
  return (
    <>
      {off && <ComesOff off={off} joints={joints} what={what} />}
      {off?.own && (
        <Field
          label={`The number that its own ${what} gets`}
          value={said.serial}
          onChange={(e) => onPut({ serial: e.target.value })}
          hint="What is stamped on it, or a tag. Its runs are found under it from then on."
        />
      )}
      {off && <TextArea label="Why it comes off" rows={2} maxLength={200} value={said.why} onChange={(e) => onPut({ why: e.target.value })} />}
      <GoesIn ready={ready} what={what} value={said.fit} onChange={(fit) => onPut({ fit })} mayBeNone={off !== null} />
    </>
  );
}

function verb(comesOff: boolean, goesIn: boolean): string {
  if (!comesOff) return 'It is fitted';
  return goesIn ? 'It is exchanged' : 'It is off';
}

function ComesOff({ off, joints, what }: { off: NonNullable<Exchange['off']>; joints: Exchange['joints']; what: string }) {
  return (
    <section>
      <p>
        <b className="font-semibold">{off.title ?? `Its own ${what}`}</b> comes off as it is
        {joints.length === 0 ? '; nothing that holds it was begun.' : ', and with it comes apart:'}
      </p>
      <ComesApart joints={joints} />
    </section>
  );
}

type GoesInProps = { ready: Exchange['ready']; what: string; value: string; onChange: (id: string) => void; mayBeNone: boolean };

function GoesIn({ ready, what, value, onChange, mayBeNone }: GoesInProps) {
  const zone = useZone();
  if (ready.length === 0)
    return <p className="text-soft">No {what} is ready to go in. One is when every joint that it carries is recorded and it is finished.</p>;
  const none = mayBeNone ? [{ value: NONE, text: 'None for now' }] : [];
  const text = (one: Exchange['ready'][number]) => `${one.title}, ${one.owner}${one.finished_at === null ? '' : `, ready since ${day(one.finished_at, zone)}`}`;
  return (
    <Choice
      label="What goes in"
      value={value === NONE && !mayBeNone ? '' : value}
      onChange={onChange}
      placeholder={`Choose the ${what}`}
      options={[...none, ...ready.map((one) => ({ value: one.id, text: text(one) }))]}
    />
  );
}
