import { Link } from 'react-router';
import { useZone } from '@/api/session';
import type { CaseEngine, CaseJoint } from '@/api/types';
import { day } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { JointMap } from '@/ui/JointMap';
import { CasePlot } from './CasePlot';
import { marksOf } from './caseMarks';

type Props = { engine: CaseEngine; main: boolean; onDecide: (() => void) | null };

/** One engine of a case: its joints with what is outside ringed, a sentence, the clamp load before and now, and the decision. */
export function CaseEngineRow({ engine, main, onDecide }: Props) {
  return (
    <section aria-label={engine.serial} className="border-b border-hair py-3">
      {engine.joints.map((joint, i) => (
        <div key={joint.name + String(i)} className="grid grid-cols-[9rem_1fr] items-center gap-x-6 gap-y-2 py-1 lg:grid-cols-[9rem_1fr_21rem_14rem]">
          <div className="h-[4.5rem]">
            {joint.map !== null && (
              <JointMap sketch={joint.map} detail="small" marks={marksOf(joint)} label={`${joint.name} of ${engine.serial}: ${joint.says}`} />
            )}
          </div>
          <div>
            {i === 0 && <Name engine={engine} />}
            <p className={joint.counts.out > 0 ? 'font-semibold text-fault' : joint.counts.in_doubt > 0 ? 'font-semibold' : ''}>{joint.says}</p>
            <p className="text-[15px] text-soft">
              Risk class {joint.risk_class}. {lossOf(joint)}
            </p>
          </div>
          <div className="max-lg:col-start-2 max-lg:max-w-[21rem]">
            <CasePlot joint={joint} />
          </div>
          <div className="max-lg:col-start-2">{i === 0 && <Decision engine={engine} main={main} onDecide={onDecide} />}</div>
        </div>
      ))}
    </section>
  );
}

function Name({ engine }: { engine: CaseEngine }) {
  return (
    <p>
      <Link to={`/audit/${engine.build}`} className="wide text-lg font-bold">
        {engine.serial}
      </Link>{' '}
      <span className="text-soft">
        {engine.where}, {engine.customer}
        {engine.also.length > 0 && `; also in case ${engine.also.join(' and ')}`}
      </span>
    </p>
  );
}

function lossOf(joint: CaseJoint): string {
  const losses = joint.results.flatMap((r) => (r.loss === null ? [] : [r.loss]));
  if (losses.length === 0) return 'Nobody can say what was lost.';
  const most = losses.reduce((m, l) => (Math.abs(l) > Math.abs(m) ? l : m), 0);
  const clamps = joint.results.flatMap((r) => (r.clamp === null ? [] : [Math.abs(r.clamp.believed - r.clamp.now)]));
  const share = `${String(Math.round(Math.abs(most) * 100))} % of its window`;
  const way = most >= 0 ? 'loss' : 'gain';
  return clamps.length > 0 ? `Worst ${way} of clamp load ${Math.max(...clamps).toFixed(1)} kN, ${share}.` : `Worst ${way} ${share}.`;
}

function Decision({ engine, main, onDecide }: Props) {
  const zone = useZone();
  const begun = engine.decisions.length > 0;
  return (
    <div>
      {engine.decisions.map((decision) => (
        <div key={`${decision.decision} ${decision.about}`} className="mb-1">
          <p className="font-semibold first-letter:uppercase">
            {decision.words}
            {decision.about !== '' && `: ${decision.about}`}
          </p>
          <p className="text-[15px] text-soft">
            {decision.by}
            {decision.at !== null && `, ${day(decision.at, zone)}`}
          </p>
        </div>
      ))}
      {begun && engine.open !== '' && <p className="mb-1 text-[15px]">Still to be decided: {engine.open}</p>}
      {onDecide !== null && (
        <Button look={main ? 'main' : 'plain'} small={begun} onClick={onDecide} aria-label={`Decide about ${engine.serial}`}>
          {engine.decided ? 'Decide anew' : 'Decide'}
        </Button>
      )}
      {!begun && onDecide === null && <p className="text-soft">no decision yet</p>}
    </div>
  );
}
