import { sentenceOf } from '@/lib/problem';

/** Why a command was refused, until it is tried again. */
export function Refusal({ of, className = '' }: { of: { isError: boolean; error: unknown }; className?: string }) {
  if (!of.isError) return null;
  return (
    <p role="alert" className={`text-fault ${className}`}>
      {sentenceOf(of.error)}
    </p>
  );
}
