import { Link } from 'react-router';

/** A revision by its letter; a link for whoever may open it. */
export function RevisionLink({ revision: { id, letter }, open }: { revision: { id: string; letter: string }; open: boolean }) {
  if (!open) return `revision ${letter}`;
  return (
    <Link className="quiet" to={`/library/${id}`}>
      revision {letter}
    </Link>
  );
}
