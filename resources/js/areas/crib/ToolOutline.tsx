import type { ToolOnBoard } from '@/api/types';

/** A tool's shadow on the board. A chain across it says that it is out of use. */
export function ToolOutline({ kind, chained }: { kind: ToolOnBoard['kind']; chained: boolean }) {
  return (
    <svg viewBox="0 0 240 84" className="h-24 w-full" aria-hidden="true">
      <g fill="var(--paper)" stroke="var(--metal-edge)" strokeWidth={1.6} strokeLinejoin="round">
        {kind === 'torque_wrench' ? <Wrench /> : <Gauge />}
      </g>
      {chained && <Chain />}
    </svg>
  );
}

function Wrench() {
  return (
    <>
      <path d="M42 34 H150 V50 H42 Z" />
      <path d="M150 31 H222 q7 0 7 7 v8 q0 7 -7 7 H150 Z" />
      <circle cx={28} cy={42} r={19} />
      <rect x={21} y={35} width={14} height={14} />
      <circle cx={108} cy={42} r={15} />
      <path d="M108 42 L117 33" />
      <path d="M164 31 V53 M178 31 V53 M192 31 V53 M206 31 V53" />
    </>
  );
}

function Gauge() {
  return (
    <>
      <circle cx={84} cy={42} r={34} />
      <circle cx={84} cy={42} r={25} />
      <rect x={77} y={35} width={14} height={14} />
      {Array.from({ length: 24 }, (_, i) => {
        const a = (i * Math.PI) / 12;
        return (
          <path
            key={i}
            d={`M${String(84 + 25 * Math.cos(a))} ${String(42 + 25 * Math.sin(a))} L${String(84 + 31 * Math.cos(a))} ${String(42 + 31 * Math.sin(a))}`}
          />
        );
      })}
      <path d="M118 42 q30 -22 52 0 t48 4" fill="none" strokeWidth={4} />
      <rect x={214} y={36} width={16} height={20} />
    </>
  );
}

function Chain() {
  return (
    <g fill="none" stroke="var(--fault)" strokeWidth={3.2}>
      {Array.from({ length: 11 }, (_, i) => (
        <ellipse
          key={i}
          cx={10 + i * 22}
          cy={66 - i * 4.8}
          rx={14}
          ry={i % 2 === 0 ? 5.5 : 2.2}
          transform={`rotate(-12 ${String(10 + i * 22)} ${String(66 - i * 4.8)})`}
        />
      ))}
    </g>
  );
}
