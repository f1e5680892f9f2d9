import { useCallback, useEffect, useRef, useState } from 'react';
import { answerOf, api } from '@/api/client';
import type { DraftSheet } from '@/api/types';
import { closingGuard } from '@/lib/closing-guard';
import { RetryQueue } from '@/lib/retry-queue';
import type { Doc } from '@/lib/document';
import { type History, begin, change, redo, undo } from '@/lib/history';
import { Problem, sentenceOf } from '@/lib/problem';
import { Saver } from '@/lib/saver';
import type { Saving, Work } from './editor';

const AFTER_MS = 800;
const AGAIN_MS = 5_000;

/** Saves that go on after a draft was left. */
const leaving = new RetryQueue(AGAIN_MS, closingGuard());

/** The draft as it is stored, what is still on its way to be stored included. */
export async function fetchDraft(procedure: string): Promise<DraftSheet> {
  await leaving.done(procedure);
  return answerOf(api.GET('/library/drafts/{procedure}', { params: { path: { procedure } } }));
}

/** Why a save did not come about; where somebody else saved, with what stands there now, or why that cannot be had. */
async function why(error: unknown, procedure: string): Promise<Saving> {
  const sentence = sentenceOf(error);
  if (!(error instanceof Problem) || error.type !== 'draft-changed') return { state: 'failed', sentence };
  return answerOf(api.GET('/library/drafts/{procedure}', { params: { path: { procedure } } })).then(
    (theirs) => ({ state: 'conflict', sentence, theirs }),
    (unread: unknown) => ({ state: 'failed', sentence: sentenceOf(unread) }),
  );
}

async function save(procedure: string, { doc, answers }: Work, version: number): Promise<number> {
  const saved = await answerOf(api.POST('/library/drafts/{procedure}', { params: { path: { procedure } }, body: { document: doc, answers, version } }));
  return saved.version;
}

const workOf = (sheet: DraftSheet): Work => ({ doc: sheet.document as Doc, answers: sheet.answers });

/** Whoever goes on to another page within the second, or while a save is under way, has still been saved. */
function useSaveOnLeaving(procedure: string, saver: Saver<Work>, pending: Work | null) {
  const unsaved = useRef<Work | null>(null);
  useEffect(() => {
    unsaved.current = pending;
  }, [pending]);
  useEffect(
    () => () => {
      const last = unsaved.current;
      if (last !== null) leaving.go(procedure, () => saver.save(last));
    },
    [saver, procedure],
  );
}

function useClosingGuard(needed: boolean) {
  useEffect(() => {
    if (!needed) return;
    const guard = closingGuard();
    guard(true);
    return () => guard(false);
  }, [needed]);
}

/** What is stored of the work, and that the rest follows by itself. */
function useStored({ procedure, version }: DraftSheet, work: Work) {
  const [saving, setSaving] = useState<Saving>({ state: 'saved' });
  const [stored, setStored] = useState<Work>(work);
  const [saver] = useState(() => new Saver<Work>(version, (what, at) => save(procedure, what, at)));
  const dirty = work !== stored;
  const store = useCallback(
    async (what: Work): Promise<boolean> => {
      setSaving({ state: 'saving' });
      try {
        await saver.save(what);
        setStored(what);
        setSaving({ state: 'saved' });
        return true;
      } catch (error) {
        setSaving(await why(error, procedure));
        return false;
      }
    },
    [saver, procedure],
  );
  useSaveOnLeaving(procedure, saver, dirty && saving.state !== 'conflict' ? work : null);
  useEffect(() => {
    if (!dirty || saving.state === 'saving' || saving.state === 'conflict') return;
    const timer = setTimeout(() => void store(work), saving.state === 'failed' ? AGAIN_MS : AFTER_MS);
    return () => clearTimeout(timer);
  }, [dirty, saving.state, work, store]);
  useClosingGuard(dirty);
  /** Takes what somebody else stored as what is stored. */
  const adopt = (theirs: Work, theirVersion: number) => {
    saver.adopt(theirVersion);
    setStored(theirs);
    setSaving({ state: 'saved' });
  };
  return { saving, dirty, store, adopt, version: () => saver.settled() };
}

/** A draft as it is worked on: what was, what is, and that it is saved by itself, never over somebody else's work. */
export function useWork(sheet: DraftSheet) {
  const [history, setHistory] = useState<History<Work>>(() => begin(workOf(sheet)));
  const work = history.now;
  const { saving, dirty, store, adopt, version } = useStored(sheet, work);
  const put = useCallback((field: string, next: (work: Work) => Work) => setHistory((h) => change(h, next(h.now), field, performance.now())), []);

  /** Which of two versions to go on with. The other one is a step of undo away. */
  const settle = (which: 'mine' | 'theirs') => {
    if (saving.state !== 'conflict') return;
    const theirs = workOf(saving.theirs);
    if (which === 'theirs') setHistory((h) => change(h, theirs, 'their version', performance.now()));
    else setHistory((h) => ({ ...h, past: [...h.past, theirs] }));
    adopt(theirs, saving.theirs.version);
  };
  return {
    work,
    put,
    saving: saving.state === 'saved' && dirty ? ({ state: 'changed' } as const) : saving,
    settle,
    undo: () => setHistory(undo),
    redo: () => setHistory(redo),
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    /** Saved to the last letter: the version that is stored, or null where it could not be. */
    settled: async (): Promise<number | null> => (!dirty || (await store(work)) ? version() : null),
  };
}
