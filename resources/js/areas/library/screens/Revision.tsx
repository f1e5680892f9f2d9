import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import type { Mark, RevisionSheet } from '@/api/types';
import { count } from '@/lib/typeset';
import { JointMap } from '@/ui/JointMap';
import { Loaded } from '@/ui/states';
import { Tabs } from '@/ui/Tabs';
import { useRevision } from '../queries';
import { Beside } from '../sheet/Beside';
import { Cautions } from '../sheet/Cautions';
import { FastenerTable } from '../sheet/FastenerTable';
import { FigureLine } from '../sheet/FigureLine';
import { GroundsView } from '../sheet/GroundsView';
import { HistoryView } from '../sheet/HistoryView';
import { ReviewPanel } from '../sheet/ReviewPanel';
import { SheetHead } from '../sheet/SheetHead';
import { StageLadder } from '../sheet/StageLadder';

/** One revision of a procedure: what to do, where, why, and who says so. */
export function Revision() {
  const { revision = '' } = useParams();
  return <Loaded query={useRevision(revision)}>{(sheet) => <Sheet key={sheet.id} sheet={sheet} />}</Loaded>;
}

function Sheet({ sheet }: { sheet: RevisionSheet }) {
  const [params, setParams] = useSearchParams();
  return (
    <main className="flex grow flex-col">
      <SheetHead sheet={sheet} />
      {sheet.state === 'in_review' && <ReviewPanel sheet={sheet} />}
      <Tabs
        label="What to look at"
        value={params.get('view') ?? 'procedure'}
        onChange={(view) => setParams(view === 'procedure' ? {} : { view }, { replace: true })}
        views={[
          { key: 'procedure', name: 'Procedure', body: <ProcedureView sheet={sheet} /> },
          { key: 'grounds', name: 'Why these figures', body: <GroundsView sheet={sheet} /> },
          { key: 'history', name: 'Revisions and changes', body: <HistoryView sheet={sheet} /> },
        ]}
      />
    </main>
  );
}

function ProcedureView({ sheet }: { sheet: RevisionSheet }) {
  const [round, setRound] = useState(0);
  const { positions } = sheet.sketch.map;
  return (
    <div className="grid grow grid-cols-1 lg:grid-cols-[minmax(0,1fr)_minmax(0,0.86fr)]">
      <div className="px-7 py-5 lg:border-r lg:border-line">
        <StageLadder rungs={sheet.rungs} round={round} onRound={setRound} />
        <FigureLine figures={sheet.figures} fasteners={positions.length} />
        <FastenerTable types={sheet.fastener_types} />
      </div>
      <div className="px-7 py-5">
        <h2 className="text-lg">
          Round {round + 1}, {sheet.rounds[round]}
        </h2>
        <div className="mt-2">
          <JointMap
            sketch={sheet.sketch}
            detail="full"
            marks={paintAfter(sheet, round)}
            order={sheet.rungs[round]?.positions ?? []}
            label={`Map of the ${sheet.joint} with ${count(positions.length, 'fastener')}, as painted after round ${String(round + 1)}, with the way from fastener to fastener`}
          />
        </div>
        <p className="mt-1 text-sm text-soft">
          The thin line is the way from fastener to fastener. The paint shows what every head must carry after this round.
        </p>
        <Beside sentences={sheet.beside} />
        <Cautions surfaces={sheet.surfaces} cautions={sheet.cautions} />
      </div>
    </div>
  );
}

/** The marks that every position touched so far must carry once the round is done. */
function paintAfter(sheet: RevisionSheet, round: number): Mark[] {
  return sheet.sketch.map.positions.map((p) => ({
    position: p.key,
    strokes: sheet.rungs
      .slice(0, round + 1)
      .filter((r) => r.positions.includes(p.key))
      .map(() => 'measured_value' as const),
    old: 0,
    fault: null,
  }));
}
