import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Build } from '@/api/types';
import { count } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { FormPanel } from '@/ui/FormPanel';
import { Panel } from '@/ui/Panel';
import { TextArea } from '@/ui/TextArea';
import { LetGoPanel } from './LetGoPanel';
import { PaperPanel } from './PaperPanel';
import { jointSentence } from './jointSentence';
import { BUILDS, callOffBuild, finishBuild, reopenBuild, shipBuild } from './queries';

export type Move = 'finish' | 'ship' | 'reopen' | 'call-off';

type Props = { build: Build; onClose: () => void };

/** Where an engine goes next is asked once more, with what that means. */
export function MovePanel({ move, ...props }: Props & { move: Move }) {
  switch (move) {
    case 'finish':
      return props.build.missing.length === 0 ? <Finish {...props} /> : <Missing {...props} />;
    case 'ship':
      return <Ship {...props} />;
    case 'reopen':
      return <Reopen {...props} />;
    case 'call-off':
      return <CallOff {...props} />;
  }
}

function Finish({ build, onClose }: Props) {
  const outside = build.joints.filter((joint) => joint.outside !== null);
  return (
    <FormPanel
      title={`Finish ${build.title}`}
      note="Nothing more is given out or recorded at its joints from then on. As long as it is here, it can be taken up again."
      verb="Finish it"
      onClose={onClose}
      refreshes={BUILDS}
      command={() => finishBuild(build.id)}
    >
      <p>{count(build.joints.length - outside.length, 'joint')} recorded here, to the last signature.</p>
      {outside.map((joint) => (
        <p key={joint.id}>
          <b>{joint.name}</b>: {joint.outside?.kind === 'stayed' && `${jointSentence(joint).text}; `}
          {joint.outside?.says}.
        </p>
      ))}
    </FormPanel>
  );
}

/** What is not recorded, each with its ways on. Nothing is finished in silence. */
function Missing({ build, onClose }: Props) {
  const [way, setWay] = useState<{ what: 'paper' | 'permit'; joint: Build['missing'][number] } | null>(null);
  if (way?.what === 'paper') return <PaperPanel build={build} joint={{ id: way.joint.joint, name: way.joint.name }} onClose={() => setWay(null)} />;
  if (way?.what === 'permit') return <LetGoPanel build={build} joint={{ id: way.joint.joint, name: way.joint.name }} onClose={() => setWay(null)} />;
  const workedHere = (joint: string) => build.joints.some((one) => one.id === joint && one.given !== null);
  return (
    <Panel title={`${build.title} cannot be finished yet`} note="This is not recorded:" open wide onClose={onClose}>
      <ul className="border-t border-hair">
        {build.missing.map((joint) => (
          <li key={joint.joint} className="flex items-center justify-between gap-6 border-b border-hair py-3">
            <span>
              <b>{joint.name}</b>
              <span className="block text-soft">
                {joint.asked ? 'A permit for it waits for a signature.' : `${joint.why.charAt(0).toUpperCase()}${joint.why.slice(1)}.`}
              </span>
            </span>
            <span className="flex shrink-0 gap-2">
              {!workedHere(joint.joint) && (
                <Button small onClick={() => setWay({ what: 'paper', joint })}>
                  Done before, on paper
                </Button>
              )}
              {!joint.asked && (
                <Button small onClick={() => setWay({ what: 'permit', joint })}>
                  Ask for a permit
                </Button>
              )}
            </span>
          </li>
        ))}
      </ul>
      <div className="mt-5">
        <Button look="main" onClick={onClose}>
          Back to its page
        </Button>
      </div>
    </Panel>
  );
}

function Ship({ build, onClose }: Props) {
  return (
    <FormPanel
      title={`Ship ${build.title}`}
      note={`It leaves the house. What has left is not called back here${build.subassembly === null ? ': when it returns, that is its next build' : ''}.`}
      verb="It has left"
      onClose={onClose}
      refreshes={BUILDS}
      command={() => shipBuild(build.id)}
    >
      {build.subassembly === null && <p>To {build.customer}.</p>}
    </FormPanel>
  );
}

function Reopen({ build, onClose }: Props) {
  return (
    <WithReason
      title={`Take ${build.title} up again`}
      note="It is no longer finished; what was recorded stays as it is."
      verb="Take it up again"
      onClose={onClose}
      command={(reason) => reopenBuild(build.id, reason)}
    />
  );
}

function CallOff({ build, onClose }: Props) {
  const navigate = useNavigate();
  return (
    <WithReason
      title={`${build.title} was entered by mistake`}
      note="It stands here no more, and its number is free again. That it was entered stays on record."
      verb="Take it off the stands"
      fault
      onClose={onClose}
      onDone={() => void navigate('/builds', { replace: true })}
      command={(reason) => callOffBuild(build.id, reason)}
    />
  );
}

type WithReasonProps = {
  title: string;
  note: string;
  verb: string;
  fault?: boolean;
  onClose: () => void;
  onDone?: () => void;
  command: (reason: string) => Promise<unknown>;
};

/** What is undone is undone for a reason. */
function WithReason({ command, onDone, ...panel }: WithReasonProps) {
  const [reason, setReason] = useState('');
  return (
    <FormPanel {...panel} refreshes={BUILDS} command={() => command(reason)} onDone={onDone ?? panel.onClose}>
      <TextArea label="Why" value={reason} onChange={(e) => setReason(e.target.value)} />
    </FormPanel>
  );
}
