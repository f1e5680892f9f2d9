import type { DraftAssessment, DraftSheet } from '@/api/types';
import type { Doc } from '@/lib/document';

export type Work = { doc: Doc; answers: Record<string, string> };

export type Saving =
  | { state: 'saved' }
  | { state: 'changed' }
  | { state: 'saving' }
  | { state: 'failed'; sentence: string }
  | { state: 'conflict'; sentence: string; theirs: DraftSheet };

/** What every part of the editor works with. */
export type Editing = {
  doc: Doc;
  answers: Record<string, string>;
  /** One change, undone as one; the same field typed into again soon is the same change. */
  edit: (field: string, change: (doc: Doc) => Doc) => void;
  answer: (challenge: string, text: string) => void;
  /** What the core says of it as it stands; what it said last while it looks again. */
  look: DraftAssessment | undefined;
  /** Why the core could not be asked; null while it could. */
  failed: string | null;
  selected: string[];
  select: (positions: string[]) => void;
  /** The order that is being touched, position by position; null while none is. */
  touched: string[] | null;
  touch: (order: string[] | null) => void;
  /** Key of the round that the map shows. */
  round: string | null;
  show: (stage: string | null) => void;
};
