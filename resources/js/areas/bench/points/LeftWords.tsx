import { useZone } from '@/api/session';
import type { RunSheet } from '@/api/types';
import { dayAndTime } from '@/lib/typeset';

/** Who left it, when, and in whose words. */
export function LeftWords({ left }: { left: RunSheet['left'] }) {
  const zone = useZone();
  if (left === null) return null;
  return (
    <figure className="mb-5 border-l-8 border-now pl-4">
      <blockquote className="text-2xl font-semibold break-words">{left.says}</blockquote>
      <figcaption className="mt-1 text-lg text-soft">
        {left.person_name ?? 'somebody'}, {dayAndTime(left.at, zone)}
      </figcaption>
    </figure>
  );
}
