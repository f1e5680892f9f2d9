import { useId, useLayoutEffect, useRef } from 'react';
import { Link, useNavigate } from 'react-router';
import { answerOf, api } from '@/api/client';
import { useMay } from '@/api/session';
import type { LineSketch } from '@/api/types';
import { Button } from '@/ui/Button';
import { Refusal } from '@/ui/Refusal';
import { Empty, Loaded } from '@/ui/states';
import { useCommand } from '@/ui/useCommand';
import { LIBRARY, useFamilies } from '../queries';
import { Questions } from '../write/Questions';
import { RoundsRead } from '../write/RoundsRead';
import { Sisters } from '../write/Sisters';
import { WhatFor } from '../write/WhatFor';
import { type Writing as Typed, asTyped, useSketch, useWriting } from '../write/useWriting';

type Begin = { part: string | null; copyOf: string | null };

/** A procedure begins with its line; bolts, map and papers are asked for as it needs them, and nothing is assumed. */
export function Write() {
  const may = useMay();
  if (!may('draft-procedures'))
    return (
      <main className="px-7 py-5">
        <Empty>A quality lead writes procedures. You read here what was approved.</Empty>
      </main>
    );
  return <Writing />;
}

function Writing() {
  const families = useFamilies();
  const { writing, put, forget } = useWriting();
  const { query, behind } = useSketch(writing.line);
  const { begin, go } = useBegin(writing, forget);
  const isFor = writing.joint !== '' && writing.option.trim() !== '';
  const ready = isFor && !begin.isPending;
  const whole: Begin = { part: writing.line.trim() === '' ? null : 'rounds', copyOf: null };
  return (
    <main className="px-7 py-4">
      <div className="flex items-baseline justify-between gap-6">
        <h1 className="text-2xl">Write a procedure</h1>
        <p className="text-soft">kept in this browser as you type; nobody else sees it</p>
      </div>
      <Loaded query={families}>
        {(known) => (known.families.length === 0 ? <NoFamily /> : <WhatFor families={known.families} writing={writing} onPut={put} />)}
      </Loaded>
      <LineField line={writing.line} onType={(line) => put({ line })} onEnter={() => ready && go(whole)} />
      <Refusal of={begin} className="mt-3" />
      <Loaded query={query}>
        {(sketch) => (
          <>
            <RoundsRead rounds={sketch.rounds} behind={behind} onReplace={(at, text) => put({ line: replaced(sketch, at, text) })} />
            <div className="mt-5 grid gap-x-10 border-t border-line pt-4 lg:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)]">
              <Wanting sketch={sketch} isFor={isFor} ready={ready} onBegin={() => go(whole)} onAnswer={(part) => go({ part, copyOf: null })} />
              <Drawn sketch={sketch} ready={ready} onCopy={(copyOf) => go({ part: null, copyOf })} />
            </div>
          </>
        )}
      </Loaded>
    </main>
  );
}

/** The draft is begun with what was typed, and opened where its first answer belongs. */
function useBegin(writing: Typed, forget: () => void) {
  const navigate = useNavigate();
  const begin = useCommand(({ copyOf }: Begin) => answerOf(api.POST('/library/procedures', { body: bodyOf(writing, copyOf) })), LIBRARY);
  const go = (how: Begin) =>
    begin.mutate(how, {
      onSuccess: ({ id }) => {
        forget();
        void navigate(`/library/drafts/${id}${how.part === null ? '' : `?part=${how.part}`}`);
      },
    });
  return { begin, go };
}

const replaced = ({ rounds }: LineSketch, at: number, text: string) => rounds.map((round, i) => (i === at ? text : round.text)).join(' · ');

function NoFamily() {
  return (
    <Empty>
      There is no engine family to write one for yet.{' '}
      <Link className="quiet" to="/library">
        Add one under Families and joints
      </Link>
      ; what is typed here stays meanwhile.
    </Empty>
  );
}

type WantingProps = { sketch: LineSketch; isFor: boolean; ready: boolean; onBegin: () => void; onAnswer: (part: string) => void };

function Wanting({ sketch, isFor, ready, onBegin, onAnswer }: WantingProps) {
  return (
    <section aria-label="Still wanting">
      <div className="flex items-baseline justify-between border-b border-line pb-1">
        <h2 className="text-lg font-semibold">Still wanting, in the order that saves you most</h2>
        <p className="text-sm text-soft">{sketch.questions.length} before it can be handed in</p>
      </div>
      <Questions questions={sketch.questions} disabled={!ready} onAnswer={({ part }) => onAnswer(part)} />
      <div className="mt-4 flex items-center gap-4">
        <Button look="main" disabled={!ready} onClick={onBegin}>
          Begin the draft
        </Button>
        {!isFor && <span className="text-soft">Say first for which joint and hardware it is.</span>}
      </div>
    </section>
  );
}

type LineProps = { line: string; onType: (line: string) => void; onEnter: () => void };

function LineField({ line, onType, onEnter }: LineProps) {
  const id = useId();
  const { fieldRef, moveTo } = useCaret();
  return (
    <div className="mt-4 flex items-center gap-4 rounded border-2 border-now bg-sheet pr-4">
      <label htmlFor={id} className="sr-only">
        The line: round by round
      </label>
      <input
        ref={fieldRef}
        id={id}
        autoFocus
        autoComplete="off"
        spellCheck={false}
        maxLength={400}
        aria-describedby={`${id}-how`}
        className="h-16 min-w-0 grow bg-transparent px-5 text-[28px] font-semibold outline-none placeholder:font-normal placeholder:text-soft"
        placeholder="seat · 9 N·m · 18 N·m"
        value={line}
        onChange={(e) => {
          const { value, selectionStart } = e.target;
          moveTo(asTyped(value.slice(0, selectionStart ?? value.length)).length);
          onType(asTyped(value));
        }}
        onKeyDown={(e) => {
          if (e.key === 'Enter') onEnter();
        }}
      />
      <p id={`${id}-how`} className="shrink-0 text-right text-sm text-soft">
        a dot or ; ends a round,
        <br />a stroke parts its groups
      </p>
    </div>
  );
}

/** What is put in for a sign moves the cursor along, wherever in the line it stands: before the next key, or that lands in the wrong place. */
function useCaret() {
  const fieldRef = useRef<HTMLInputElement>(null);
  const caretRef = useRef<number | null>(null);
  useLayoutEffect(() => {
    if (caretRef.current !== null) fieldRef.current?.setSelectionRange(caretRef.current, caretRef.current);
    caretRef.current = null;
  });
  const moveTo = (at: number) => {
    caretRef.current = at;
  };
  return { fieldRef, moveTo };
}

type DrawnProps = { sketch: LineSketch; ready: boolean; onCopy: (procedure: string) => void };

/** Dotted: not known, and not made up. */
function Drawn({ sketch, ready, onCopy }: DrawnProps) {
  return (
    <section aria-label="What will be drawn here">
      <h2 className="border-b border-line pb-1 text-lg font-semibold">What will be drawn here</h2>
      <p className="mt-3 flex h-36 items-center justify-center rounded border-2 border-dashed border-hair text-center text-soft">
        how many bolts, and where,
        <br />
        nobody has said yet
      </p>
      <Sisters sisters={sketch.sisters} typed={sketch.rounds.length > 0} disabled={!ready} onCopy={onCopy} />
      <p className="mt-4 text-sm text-soft">Until one is approved, the shop’s general table may serve a joint of risk class C, once its bolts are named.</p>
    </section>
  );
}

function bodyOf({ joint, option, variant, line }: Typed, copyOf: string | null) {
  return {
    joint,
    option: option.trim(),
    variant: variant === 'all' ? null : variant,
    copy_of: copyOf,
    line: copyOf === null && line.trim() !== '' ? line.trim() : null,
  };
}
