import { sentenceOf } from '@/lib/problem';

type Props = { error: unknown; busy: boolean; onSignOut: () => void; className: string };

/** The way off a shared device. That it failed stands before it: whoever walks away must see that. */
export function SignOut({ error, busy, onSignOut, className }: Props) {
  return (
    <>
      <StillIn error={error} className="px-2" />
      <button type="button" className={className} disabled={busy} onClick={onSignOut}>
        Sign out
      </button>
    </>
  );
}

/** Signing out that did not come through. */
export function StillIn({ error, className }: { error: unknown; className: string }) {
  if (error === null) return null;
  return (
    <span role="alert" className={`font-semibold text-fault ${className}`} title={sentenceOf(error)}>
      Still signed in. Try again.
    </span>
  );
}
