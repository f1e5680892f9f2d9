import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import type { DraftSheet } from '@/api/types';
import type { Doc } from '@/lib/document';
import { Loaded } from '@/ui/states';
import { Tabs } from '@/ui/Tabs';
import { BenchTab } from './BenchTab';
import { ChecksTab } from './ChecksTab';
import { ConflictPanel } from './ConflictPanel';
import { EditorHead } from './EditorHead';
import { FastenersTab } from './FastenersTab';
import { GroundsTab } from './GroundsTab';
import { JointTab } from './JointTab';
import { AssessmentPane } from './AssessmentPane';
import { MapPane } from './MapPane';
import { MapTab } from './MapTab';
import { OrdersTab } from './OrdersTab';
import { RoundsTab } from './RoundsTab';
import { TextTab } from './TextTab';
import type { Editing } from './editor';
import { useAssessment } from './useAssessment';
import { fetchDraft, useWork } from './useWork';

/** Writing a procedure: its parts on the left, what it looks like and what it means on the right. */
export function Editor() {
  const { procedure = '' } = useParams();
  const query = useQuery({
    queryKey: ['library', 'editing', procedure],
    queryFn: () => fetchDraft(procedure),
    staleTime: 0,
    gcTime: 0,
    refetchOnWindowFocus: false,
  });
  return <Loaded query={query}>{(sheet) => <Desk key={sheet.procedure} sheet={sheet} />}</Loaded>;
}

function Desk({ sheet }: { sheet: DraftSheet }) {
  const work = useWork(sheet);
  const { look, failed } = useAssessment(work.work.doc, sheet.based_on);
  const shown = useShown(work.work.doc);
  useUndoKeys(work.undo, work.redo);
  const editing: Editing = {
    doc: work.work.doc,
    answers: work.work.answers,
    edit: (field, change) => work.put(field, (w) => ({ ...w, doc: change(w.doc) })),
    answer: (challenge, text) => work.put(`answer ${challenge}`, (w) => ({ ...w, answers: { ...w.answers, [challenge]: text } })),
    look,
    failed,
    ...shown,
  };
  return (
    <main className="flex grow flex-col">
      <EditorHead sheet={sheet} work={work} look={look} />
      {work.saving.state === 'conflict' && <ConflictPanel mine={work.work} conflict={work.saving} onSettle={work.settle} />}
      <div className="grid min-h-0 grow grid-cols-1 lg:grid-cols-[minmax(0,1.15fr)_minmax(0,0.9fr)]">
        <section aria-label="Parts of the procedure" className="flex flex-col pt-2 lg:border-r lg:border-line">
          <Parts {...editing} />
        </section>
        <section aria-label="What it looks like and means" className="flex flex-col lg:sticky lg:top-0 lg:max-h-screen lg:overflow-auto">
          <MapPane {...editing} />
          <AssessmentPane {...editing} />
        </section>
      </div>
    </main>
  );
}

/** What is selected, touched and shown on the map. A position that is gone is selected no more. */
function useShown(doc: Doc) {
  const [selected, select] = useState<string[]>([]);
  const [touched, touch] = useState<string[] | null>(null);
  const [round, show] = useState<string | null>(null);
  return { selected: selected.filter((key) => doc.map.positions.some((p) => p.key === key)), select, touched, touch, round, show };
}

/** The procedure's parts, one at a time; which one stands in the address. */
function Parts(editing: Editing) {
  const [params, setParams] = useSearchParams();
  return (
    <Tabs
      tight
      label="Parts of the procedure"
      value={params.get('part') ?? 'joint'}
      onChange={(part) => {
        setParams({ part }, { replace: true });
        editing.touch(null);
      }}
      views={[
        { key: 'joint', name: 'Joint', body: <JointTab {...editing} /> },
        { key: 'fasteners', name: 'Fasteners', body: <FastenersTab {...editing} /> },
        { key: 'map', name: 'Map', body: <MapTab {...editing} /> },
        { key: 'orders', name: 'Orders', body: <OrdersTab {...editing} /> },
        { key: 'sources', name: 'Sources', body: <GroundsTab {...editing} /> },
        { key: 'rounds', name: 'Rounds', body: <RoundsTab {...editing} /> },
        { key: 'checks', name: 'Checks', body: <ChecksTab {...editing} /> },
        { key: 'bench', name: 'Bench', body: <BenchTab {...editing} /> },
        { key: 'text', name: 'Text', body: <TextTab {...editing} /> },
      ]}
    />
  );
}
/** Ctrl+Z takes back, Ctrl+Shift+Z and Ctrl+Y bring back, wherever the cursor is. */
function useUndoKeys(undo: () => void, redo: () => void) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey) return;
      const key = event.key.toLowerCase();
      if (key !== 'z' && key !== 'y') return;
      event.preventDefault();
      if (key === 'y' || event.shiftKey) redo();
      else undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo]);
}
