import type { LineSketch } from '@/api/types';
import { count } from '@/lib/typeset';
import { Button } from '@/ui/Button';
import { JointMap } from '@/ui/JointMap';

type Props = { sisters: LineSketch['sisters']; typed: boolean; disabled: boolean; onCopy: (procedure: string) => void };

/** Approved procedures with the same kinds of rounds in the same order: to begin from, instead of from nothing. */
export function Sisters({ sisters, typed, disabled, onCopy }: Props) {
  if (sisters.of === 0) return null;
  return (
    <section className="mt-6" aria-label="Sisters">
      <p>
        <b className="font-semibold">Begin from a sister instead:</b> <span className="text-soft">{howMany(sisters, typed)}</span>
      </p>
      <ul>
        {sisters.first.map((sister) => (
          <li key={sister.procedure} className="flex items-center gap-4 border-b border-hair py-2">
            <span className="h-11 w-28 shrink-0">{sister.sketch !== null && <JointMap sketch={sister.sketch} detail="small" label={sister.title} />}</span>
            <p className="min-w-0 grow text-sm">
              <b className="block truncate text-base font-semibold">
                {sister.title}, {sister.option}
              </b>
              <span className="line-clamp-2 text-soft">{sister.line}</span>
            </p>
            <Button small disabled={disabled} aria-label={`Copy ${sister.title}, ${sister.option}`} onClick={() => onCopy(sister.procedure)}>
              Copy
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function howMany({ of, alike }: LineSketch['sisters'], typed: boolean): string {
  const procedures = count(of, 'procedure');
  if (!typed) return `which of ${procedures} go by the same rounds is said here, once there are some.`;
  if (alike === 0) return `none of ${procedures} goes by the same rounds.`;
  return alike === 1 ? `one of ${procedures} goes by the same rounds.` : `${String(alike)} of ${procedures} go by the same rounds.`;
}
