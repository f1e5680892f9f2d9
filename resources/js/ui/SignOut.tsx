import { sentenceOf } from '@/lib/problem';

type Props = { error: unknown; busy: boolean; onSignOut: () => void; className: string };

/** The way off a shared device. That it failed stands before it: whoever walks away must see that. */
export function SignOut({ error, busy, onSignOut, className }: Props) {
  return (
    <>
      {error !== null && (
        <span role="alert" className="px-2 font-semibold text-fault" title={sentenceOf(error)}>
          Still signed in. Try again.
        </span>
      )}
      <button type="button" className={className} disabled={busy} onClick={onSignOut}>
        Sign out
      </button>
    </>
  );
}
