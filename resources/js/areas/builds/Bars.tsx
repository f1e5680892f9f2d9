import type { Stand } from '@/api/types';

type As = Stand['joints'][number]['as'];

const WORDS: Record<As, string> = { done: 'done', outside: 'outside the record', in_hand: 'in hand', to_come: 'to come' };

/** One joint of an engine as a bar: crossed with paint when it is done, dashed when it stands outside the record, open when it is to come. */
export function Bar({ name, as }: { name: string; as: As }) {
  return (
    <svg viewBox="0 0 12 28" className="h-7 w-3 shrink-0" role="img" aria-label={`${name}: ${WORDS[as]}`}>
      <rect
        x={1.2}
        y={2}
        width={9.6}
        height={24}
        rx={2}
        fill={as === 'done' ? 'var(--casting)' : 'none'}
        stroke={as === 'outside' ? 'var(--ink)' : 'var(--metal-edge)'}
        strokeWidth={1}
        {...(as === 'outside' ? { strokeDasharray: '2.4 2' } : {})}
      />
      {as === 'done' && (
        <>
          <path d="M3.4 5 L8.6 23 M8.6 5 L3.4 23" stroke="var(--paint-ink)" strokeWidth={3.2} strokeLinecap="round" />
          <path d="M3.4 5 L8.6 23 M8.6 5 L3.4 23" stroke="var(--paint)" strokeWidth={2} strokeLinecap="round" />
        </>
      )}
      {as === 'outside' && <path d="M3.4 22 L8.6 6" stroke="var(--ink)" strokeWidth={1} strokeDasharray="2 1.6" />}
    </svg>
  );
}
