import { Link } from 'react-router';
import type { Build, JointOnStand } from '@/api/types';
import { JointMap } from '@/ui/JointMap';
import { isGiven, jointSentence } from './jointSentence';

/** One engine on its stand: its joints in assembly order with the marks that are on them. */
export function EngineStand({ build }: { build: Build }) {
  const here = build.joints.filter(isGiven);
  const rest = build.joints.filter((joint) => !isGiven(joint));
  return (
    <Link to={`/builds/${build.id}`} className="group flex flex-col">
      <span className="wide text-xl font-bold group-hover:underline group-hover:underline-offset-4">{build.title}</span>
      <span className="text-soft">
        {build.family}, {build.customer}
      </span>
      <span className="mt-3 block">
        {here.map((joint) => (
          <span key={joint.id} className="block h-28">
            <Drawn joint={joint} title={build.title} />
          </span>
        ))}
        {rest.length > 0 && (
          <span className="mt-1 flex h-14 justify-center gap-2">
            {rest.map((joint) => (
              <span key={joint.id} className="block min-w-0">
                <Drawn joint={joint} title={build.title} />
              </span>
            ))}
          </span>
        )}
      </span>
      <Stand />
      {here.map((joint) => {
        const { text, fault } = jointSentence(joint);
        return (
          <span key={joint.id} className="mt-2 block">
            <span className="font-semibold">{joint.name}</span> <span className={fault ? 'text-fault' : 'text-soft'}>{text}</span>
          </span>
        );
      })}
      {rest.length > 0 && <span className="mt-2 block text-sm text-soft">Not given out: {rest.map((joint) => joint.name.toLowerCase()).join(', ')}</span>}
    </Link>
  );
}

function Drawn({ joint, title }: { joint: JointOnStand; title: string }) {
  return joint.map && <JointMap sketch={joint.map} marks={joint.run?.marks} detail="small" label={`${joint.name} of ${title}`} />;
}

function Stand() {
  return (
    <svg viewBox="0 0 280 34" className="-mt-px w-full" aria-hidden="true">
      <path
        d="M62 0 V18 M218 0 V18 M40 18 H240 M70 18 L52 30 M210 18 L228 30 M36 30 H68 M212 30 H244"
        fill="none"
        stroke="var(--metal-edge)"
        strokeWidth={2}
        strokeLinecap="round"
      />
      <circle cx={44} cy={31} r={2.6} fill="var(--metal-edge)" />
      <circle cx={60} cy={31} r={2.6} fill="var(--metal-edge)" />
      <circle cx={220} cy={31} r={2.6} fill="var(--metal-edge)" />
      <circle cx={236} cy={31} r={2.6} fill="var(--metal-edge)" />
    </svg>
  );
}
