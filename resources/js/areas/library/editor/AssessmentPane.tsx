import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { DraftAssessment, Wanting } from '@/api/types';
import { count } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { Failure, Waiting } from '@/ui/states';
import { Tabs } from '@/ui/Tabs';
import { ChangeList } from '../sheet/ChangeList';
import { FigureLine } from '../sheet/FigureLine';
import { LoadPlot } from '../sheet/LoadPlot';
import { Questions } from '../write/Questions';
import type { Editing } from './editor';

/** What the core says while it is written: what it means, what is doubtful, what is missing, what changed. */
export function AssessmentPane(editing: Editing) {
  const { look, failed, doc, answers } = editing;
  const [chosen, setView] = useState<string | null>(null);
  if (failed !== null) return <Failure sentence={failed} />;
  if (!look) return <Waiting />;
  const open = look.challenges.filter((c) => (answers[c.key] ?? '') === '').length;
  const missing = look.questions.length + look.problems.length + look.not_approvable.length;
  // What is asked for first comes first, as long as nobody has looked at something else.
  const view = chosen ?? (look.questions.length > 0 ? 'missing' : 'meaning');
  return (
    <Tabs
      tight
      label="What it means"
      value={view}
      onChange={setView}
      views={[
        { key: 'meaning', name: 'Meaning', body: <Meaning look={look} rounds={doc.stages.length} fasteners={doc.map.positions.length} /> },
        { key: 'doubts', name: 'Doubts', ...note(open), body: <Doubts {...editing} look={look} /> },
        { key: 'missing', name: 'Still wanting', ...note(missing), body: <Missing look={look} show={editing.show} /> },
        {
          key: 'changes',
          name: 'Changes',
          body: (
            <div className="px-7 py-3">
              <ChangeList changes={look.changes} />
            </div>
          ),
        },
      ]}
    />
  );
}

const note = (n: number) => (n > 0 ? { note: String(n) } : {});

function Meaning({ look, rounds, fasteners }: { look: DraftAssessment; rounds: number; fasteners: number }) {
  return (
    <div className="px-7 py-3">
      <p className="text-lg font-semibold">{look.line !== '' ? look.line : rounds === 0 ? 'Nothing to tighten yet.' : 'It cannot be read whole yet.'}</p>
      {look.line === '' && rounds > 0 && (
        <p className="mt-1 text-soft">{count(look.problems.length, 'thing stands', 'things stand')} in the way, said under “Still wanting”.</p>
      )}
      {look.assumed.length > 0 && <p className="mt-1 text-soft">Reckoned meanwhile, until somebody says otherwise: {look.assumed.join(', ')}.</p>}
      {look.figures && <FigureLine figures={look.figures} fasteners={fasteners} />}
      {look.bands.length > 0 && (
        <div className="mt-4">
          <h2 className="mb-1">Clamp load, by estimate</h2>
          <LoadPlot bands={look.bands} />
        </div>
      )}
    </div>
  );
}

function Doubts({ look, answers, answer }: Editing & { look: DraftAssessment }) {
  if (look.challenges.length === 0)
    return <p className="px-7 py-3 text-soft">Nothing looks implausible{look.sheet === null ? ' in what can be read so far' : ''}.</p>;
  return (
    <ul className="px-7 py-2">
      {look.challenges.map((c, i) => (
        <li key={c.key} className="border-b border-hair py-2.5">
          <p className={(answers[c.key] ?? '') === '' ? 'font-semibold' : ''}>{c.sentence}</p>
          {c.plausible !== null && <p className="text-soft">Plausible would be {c.plausible}.</p>}
          <input
            aria-label={`Answer to doubt ${String(i + 1)}`}
            className="mt-1.5 w-full rounded border border-line bg-sheet px-2.5 py-1.5"
            placeholder="Put the figure right, or say why it stands"
            maxLength={1000}
            value={answers[c.key] ?? ''}
            onChange={(e) => answer(c.key, e.target.value)}
          />
        </li>
      ))}
    </ul>
  );
}

function Missing({ look, show }: { look: DraftAssessment; show: Editing['show'] }) {
  const [, setParams] = useSearchParams();
  if (look.questions.length + look.problems.length + look.not_approvable.length === 0)
    return <p className="px-7 py-3 text-soft">Nothing is wanting. It can be handed in.</p>;
  const goTo = (part: string, stage: string | null) => {
    setParams({ part }, { replace: true });
    if (stage !== null) show(stage);
  };
  return (
    <div className="px-7 py-2">
      <Questions questions={look.questions} onAnswer={({ part }) => goTo(part, null)} />
      <ul>
        {look.problems.map((p) => (
          <Want key={p.pointer + p.says} wanting={p} onGo={goTo} />
        ))}
        {look.not_approvable.map((p) => (
          <Want key={p.pointer + p.says} wanting={p} onGo={goTo} blocks />
        ))}
      </ul>
    </div>
  );
}

type WantProps = { wanting: Wanting; onGo: (part: string, stage: string | null) => void; blocks?: boolean };

function Want({ wanting, onGo, blocks = false }: WantProps) {
  const { place, says, part, stage } = wanting;
  return (
    <li className="flex items-start gap-4 border-b border-hair py-1.5">
      <p className="min-w-0 grow py-1">
        {place !== '' && <b>{place}: </b>}
        {says}.{blocks && <span className="text-soft"> Blocks the signature.</span>}
      </p>
      {part !== null && (
        <Button small onClick={() => onGo(part, stage)} aria-label={`Go there: ${place === '' ? says : place}`}>
          Go there
        </Button>
      )}
    </li>
  );
}
