import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useLive } from '@/api/live';
import { useZone } from '@/api/session';
import type { AuditJoint, BuildSheet } from '@/api/types';
import { stateSince } from '@/lib/build-day';
import { count, day } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Loaded } from '@/ui/states';
import { AsideTable } from '../AsideTable';
import { JointEvidence } from '../JointEvidence';
import { Replies } from '../Replies';
import { SHEET, useSheet } from '../queries';

/** The one sheet of a build: was every fastener right, and how do we know. */
export function Sheet() {
  const { build = '' } = useParams();
  const query = useSheet(build);
  return <Loaded query={query}>{(sheet) => <Page sheet={sheet} />}</Loaded>;
}

type Picked = { joint: string; position: string };

function Page({ sheet }: { sheet: BuildSheet }) {
  const running = sheet.joints.find((joint) => joint.run !== null && !joint.run.finished && joint.opened === null)?.run ?? null;
  useLive(running?.id ?? null, running?.last_seq ?? 0, SHEET(sheet.id));
  const [picked, setPicked] = useState<Picked | null>(null);
  return (
    <main className="flex grow flex-col">
      <Head sheet={sheet} />
      <div className="grid grow grid-cols-1 lg:grid-cols-[minmax(0,21.5rem)_minmax(0,1fr)]">
        <section aria-label="The audit’s questions" className="p-7 lg:border-r lg:border-line">
          <Replies replies={sheet.replies} onPick={(joint, position) => setPicked({ joint, position })} />
        </section>
        <div className="flex flex-col gap-10 p-7">
          {[...sheet.joints]
            .sort((a, b) => Number(a.without !== null) - Number(b.without !== null))
            .map((joint) => (
              <JointEvidence
                key={joint.id + (joint.opened?.at ?? '')}
                build={sheet.id}
                joint={joint}
                picked={picked?.joint === joint.name ? picked.position : null}
                onPick={(position) => setPicked({ joint: joint.name, position })}
              />
            ))}
          {sheet.aside.length > 0 && (
            <section>
              <h2 className="text-lg">Set aside</h2>
              <AsideTable lines={sheet.aside} />
            </section>
          )}
        </div>
      </div>
    </main>
  );
}

function Head({ sheet }: { sheet: BuildSheet }) {
  const zone = useZone();
  const { text, fault } = headline(sheet);
  const results = sheet.joints.flatMap((joint) => joint.lines).flatMap((l) => l.attempts);
  const people = new Set(results.map((a) => a.person)).size;
  const tools = new Set(results.map((a) => a.tool)).size;
  const since = stateSince(sheet);
  // "Head HD-0031", "TN3-26-0417, build 2": the number is read first.
  const [before, after] = sheet.title.split(sheet.serial);
  return (
    <header className="flex flex-wrap items-center gap-x-7 gap-y-2 border-b border-line px-7 py-4">
      <h1 className="wide text-[38px] leading-tight font-bold">
        <span className="text-2xl">{before}</span>
        {sheet.serial}
        <span className="text-2xl">{after}</span>
      </h1>
      <div className="grow">
        <p className={`text-xl font-semibold ${fault ? 'text-fault' : ''}`}>{text}</p>
        <p className="text-soft">
          {sheet.family}, {sheet.customer}, {sheet.state}
          {since !== null && ` ${day(since, zone)}`}, {count(results.length, 'result')}, {count(people, 'person', 'people')}, {count(tools, 'tool')}
        </p>
      </div>
      {sheet.other_builds.map((other) => (
        <Link key={other.id} className="quiet" to={`/audit/${other.id}`}>
          {other.title.startsWith(`${sheet.serial}, `) ? other.title.slice(sheet.serial.length + 2) : other.title}
        </Link>
      ))}
      <a className="quiet no-print" href={`/api/audit/${sheet.id}/folder.pdf`} target="_blank" rel="noreferrer">
        Page for the folder
      </a>
      <Button className="no-print" onClick={() => window.print()}>
        Print
      </Button>
    </header>
  );
}

const WRONG: Record<string, string> = {
  every_step: 'steps are missing',
  in_window: 'a result is out of its window',
  in_sequence: 'the sequence was not kept',
  tools_good: 'a tool was out of calibration',
};
const DOUBTFUL: Record<string, string> = { ...WRONG, in_window: 'a reading is set aside', tools_good: 'a tool failed its next calibration' };

/** What is wrong with this engine, before anything else. */
function headline(sheet: BuildSheet): { text: string; fault: boolean } {
  const about = (answer: string, words: Record<string, string>) =>
    sheet.replies
      .filter((r) => r.answer === answer)
      .map((r) => words[r.question] ?? r.words)
      .join(', ');
  const stopped = sheet.joints.find((joint: AuditJoint) => joint.run?.stopped);
  if (stopped) return { text: `${stopped.name}: stopped at a bolt that went wrong and is not redone`, fault: true };
  const no = about('no', sheet.state === 'open' ? { ...WRONG, every_step: '' } : WRONG).replace(/^, |, $/g, '');
  if (no !== '') return { text: `Not right: ${no}`, fault: true };
  const doubt = about('in_doubt', DOUBTFUL);
  if (doubt !== '') return { text: `In doubt: ${doubt}`, fault: true };
  if (sheet.state === 'open') return { text: 'Still on its stand, right so far', fault: false };
  return sheet.replies.some((r) => r.answer === 'not_yet')
    ? { text: 'Right as far as is known; a later calibration settles the rest', fault: false }
    : { text: 'Every question is answered yes', fault: false };
}
