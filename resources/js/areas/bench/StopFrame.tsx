import type { ReactNode } from 'react';
import type { BenchView } from '@/api/types';

/** Of what went wrong at a bolt, and of what the shop has stopped. */
type Shape = NonNullable<BenchView['call']['stop']>['shape'] | 'barred';

const STROKE = { fill: 'none', stroke: 'var(--fault)', strokeWidth: 14, strokeLinejoin: 'miter', vectorEffect: 'non-scaling-stroke' } as const;
const GROUND = 'var(--fault-ground)';

/** Of a sheet of 100 by 100, stretched over the screen: closed; running off its edge; cracked; dotted; half of it missing; or barred above and below. */
const SHAPES: Record<Shape, ReactNode> = {
  closed: <rect x={0.6} y={1} width={98.8} height={98} {...STROKE} fill={GROUND} />,
  edge: (
    <>
      <path d="M101 1H0.6V99H101" {...STROKE} fill={GROUND} />
      <rect x={90.5} y={0.2} width={11} height={99.6} fill="var(--fault)" />
    </>
  ),
  cracked: (
    <>
      <path d="M66 1H0.6V99H65L60.5 72L66 48L60.5 24Z" {...STROKE} fill={GROUND} />
      <path d="M70.5 1H99.4V99H69.5L65 72L70.5 48L65 24Z" {...STROKE} />
    </>
  ),
  dotted: <rect x={0.6} y={1} width={98.8} height={98} {...STROKE} fill={GROUND} strokeDasharray="0.1 38" strokeLinecap="round" />,
  barred: (
    <>
      <rect x={0} y={0} width={100} height={100} fill={GROUND} />
      <rect x={0} y={0} width={100} height={5.5} fill="var(--fault)" />
      <rect x={0} y={94.5} width={100} height={5.5} fill="var(--fault)" />
    </>
  ),
  half: (
    <>
      <rect x={0.6} y={1} width={57} height={98} {...STROKE} fill={GROUND} />
      <path d="M61 1H99.4V99H61" {...STROKE} strokeDasharray="38 30" />
    </>
  ),
};

/** Where words and picture find room inside it. */
const ROOM: Record<Shape, string> = {
  closed: 'grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] pr-9 py-6',
  edge: 'grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] pr-[12%] py-6',
  cracked: 'grid-cols-[57fr_27fr] gap-x-[11%] pr-7 py-6',
  dotted: 'grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] pr-9 py-6',
  barred: 'grid-cols-[minmax(0,1.3fr)_minmax(0,1fr)] pr-9 py-12',
  half: 'grid-cols-[56fr_38fr] gap-x-[5%] pr-9 py-6',
};

/** Anything but a good result changes the whole screen's shape, and each in its own way: it is seen before it is read. The keys stay where they always are. */
export function StopFrame({ shape, what, joint, keys }: { shape: Shape; what: ReactNode; joint: ReactNode; keys: ReactNode }) {
  return (
    <>
      <main className="relative m-4 flex min-h-0 grow flex-col" data-shape={shape}>
        <svg viewBox="0 0 100 100" preserveAspectRatio="none" className="absolute inset-0 h-full w-full overflow-visible" aria-hidden="true">
          {SHAPES[shape]}
        </svg>
        <div className={`relative grid min-h-0 grow gap-9 pl-9 portrait:grid-cols-1 portrait:grid-rows-[auto_minmax(0,1fr)] ${ROOM[shape]}`}>
          {what}
          {joint}
        </div>
      </main>
      <footer className="flex shrink-0 flex-wrap items-center gap-4 border-t border-hair px-7 py-3 portrait:gap-3 portrait:px-5">{keys}</footer>
    </>
  );
}
