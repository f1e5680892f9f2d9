import type { ReactNode } from 'react';
import type { ToolOnBoard } from '@/api/types';

type Props = { tool: Pick<ToolOnBoard, 'form' | 'size' | 'state' | 'holder' | 'away_to'>; due?: string | null; className?: string };

const LENGTH = [0, 62, 76, 88, 102];

/** A tool's shadow on the board: a tag with a name where somebody has it, a slip where it is away, a chain across one that is out of use, a dashed date where it is due. */
export function ToolOutline({ tool, due = null, className = 'h-[52px] w-full' }: Props) {
  const ghost = tool.state === 'out' || tool.state === 'away';
  return (
    <svg viewBox="0 0 124 52" className={className} aria-hidden="true">
      <g
        fill={ghost ? 'none' : 'var(--sheet)'}
        stroke={ghost ? 'var(--casting-edge)' : 'var(--metal-edge)'}
        strokeWidth={1.4}
        strokeLinejoin="round"
        {...(ghost ? { strokeDasharray: '3 2.4' } : {})}
      >
        {shapeOf(tool)}
      </g>
      {tool.state === 'out' && <Tag name={tool.holder ?? ''} />}
      {tool.state === 'away' && <Slip text={tool.away_to ?? 'away'} />}
      {tool.state === 'chained' && <Chain />}
      {due !== null && !ghost && <DueSlip text={due} />}
    </svg>
  );
}

function shapeOf({ form, size }: Pick<ToolOnBoard, 'form' | 'size'>): ReactNode {
  switch (form) {
    case 'click_wrench':
    case 'wrench':
      return <Wrench length={LENGTH[size] ?? 80} />;
    case 'dial_wrench':
      return <Wrench length={LENGTH[size] ?? 80} on="dial" />;
    case 'electronic_wrench':
      return <Wrench length={LENGTH[size] ?? 80} on="display" />;
    case 'beam_wrench':
      return <Wrench length={LENGTH[size] ?? 80} on="beam" />;
    case 'multiplier':
      return <Multiplier />;
    case 'angle_gauge':
      return <AngleGauge />;
    case 'stretch_gauge':
      return <StretchGauge />;
    case 'dial_indicator':
      return <Indicator />;
    case 'micrometer':
      return <Micrometer />;
    case 'feeler_gauge':
    case 'plastic_gauge':
      return <Feelers />;
    case 'adapter':
      return <path d="M8 20 q10 -12 22 -4 h36 v-3 h14 v22 h-14 v-3 h-36 q-12 8 -22 -4 l9 -1 v-4 z" />;
    case 'powered_driver':
      return <path d="M6 20 h12 v-4 h46 q8 0 8 8 v6 h-14 l4 14 h-16 l-4 -14 h-24 v-4 h-12 z" />;
  }
}

function Wrench({ length, on }: { length: number; on?: 'dial' | 'display' | 'beam' }) {
  const end = 10 + length;
  return (
    <>
      <path d={`M18 23 H${String(end - 26)} V31 H18 Z`} />
      <path d={`M${String(end - 26)} 20 h22 q5 0 5 5 v4 q0 5 -5 5 h-22 z`} />
      <circle cx={12} cy={27} r={9} />
      <rect x={8.6} y={23.6} width={6.8} height={6.8} />
      {[20, 14, 8].map((x) => (
        <path key={x} d={`M${String(end - x)} 20.5 V33.5`} />
      ))}
      {on === 'dial' && (
        <>
          <circle cx={36} cy={27} r={9} />
          <path d="M36 27 L41 21" />
        </>
      )}
      {on === 'display' && <path d="M28 18 h18 v18 h-18 z M31 22 h12 v5 h-12 z" />}
      {on === 'beam' && <path d={`M14 25 L${String(end - 30)} 17 m-5 -5 v11`} fill="none" />}
    </>
  );
}

function Multiplier() {
  return (
    <>
      <circle cx={24} cy={26} r={19} />
      <circle cx={24} cy={26} r={10} />
      <path d="M24 7 v6 M24 39 v6 M5 26 h6 M37 26 h6" />
      <rect x={43} y={20} width={62} height={12} />
    </>
  );
}

function AngleGauge() {
  return (
    <>
      <circle cx={24} cy={26} r={18} />
      <circle cx={24} cy={26} r={12} />
      <rect x={20} y={22} width={8} height={8} />
      {Array.from({ length: 16 }, (_, i) => {
        const [c, s] = [Math.cos((i * Math.PI) / 8), Math.sin((i * Math.PI) / 8)];
        return <path key={i} d={`M${String(24 + 14 * c)} ${String(26 + 14 * s)} L${String(24 + 17 * c)} ${String(26 + 17 * s)}`} />;
      })}
      <path d="M42 26 q14 -14 28 0 t26 2" fill="none" strokeWidth={2.4} />
      <rect x={96} y={23} width={9} height={11} />
    </>
  );
}

function StretchGauge() {
  return (
    <>
      <path d="M8 10 h10 v24 h52 v-8 h10 v16 h-72 z" />
      <circle cx={88} cy={20} r={13} />
      <path d="M88 20 L95 13" />
    </>
  );
}

function Indicator() {
  return (
    <>
      <circle cx={26} cy={26} r={18} />
      <circle cx={26} cy={26} r={14} />
      <path d="M26 26 L34 15" />
      <path d="M44 23 h34 v6 h-34 z M78 25 h22 v2.4 h-22 z" />
      <circle cx={102} cy={26} r={2.6} />
    </>
  );
}

function Micrometer() {
  return (
    <>
      <path d="M8 8 h46 v14 h-5 v-9 h-31 v30 h-5 v5 h-5 z" />
      <path d="M54 10 h22 v10 h-22 z M76 7 h26 v16 h-26 z M84 7 v16 M90 7 v16 M96 7 v16" />
    </>
  );
}

function Feelers() {
  return (
    <>
      {[-14, -5, 4, 13].map((a) => (
        <path key={a} d="M14 22 h72 q5 4 0 8 h-72 z" transform={`rotate(${String(a)} 14 26)`} />
      ))}
      <circle cx={15} cy={26} r={3} />
    </>
  );
}

function Tag({ name }: { name: string }) {
  const first = name.split(' ')[0] ?? name;
  return (
    <g>
      <path d="M30 12 L40 21" stroke="var(--metal-edge)" strokeWidth={1.2} />
      <circle cx={30} cy={11} r={2.6} fill="var(--metal-edge)" />
      <path d="M42 18 h52 v19 h-52 l-6 -6 v-7 z" fill="var(--sheet)" stroke="var(--line)" strokeWidth={1.4} />
      <circle cx={41.5} cy={27.5} r={2} fill="none" stroke="var(--line)" />
      <text x={48} y={32} fontSize={12.5} fontWeight={650} fill="var(--ink)">
        {first.slice(0, 7)}
      </text>
    </g>
  );
}

function Slip({ text }: { text: string }) {
  return (
    <g>
      <rect x={24} y={16} width={88} height={21} fill="var(--paper)" stroke="var(--metal-edge)" strokeWidth={1.2} />
      <text x={30} y={31} fontSize={12} fill="var(--ink-soft)">
        {text.length > 12 ? `${text.slice(0, 11).trim()}…` : text}
      </text>
    </g>
  );
}

function DueSlip({ text }: { text: string }) {
  return (
    <g>
      <rect x={72} y={2} width={46} height={17} rx={2} fill="var(--sheet)" stroke="var(--line)" strokeWidth={1.3} strokeDasharray="3.5 2.4" />
      <text x={95} y={14.6} textAnchor="middle" fontSize={11.5} fontWeight={650} fill="var(--ink)">
        {text}
      </text>
    </g>
  );
}

function Chain() {
  return (
    <g fill="none" stroke="var(--fault)" strokeWidth={2.2}>
      {Array.from({ length: 9 }, (_, i) => {
        const [x, y] = [8 + i * 12.6, 40 - i * 3.6];
        return <ellipse key={i} cx={x} cy={y} rx={8} ry={i % 2 === 0 ? 3.4 : 1.4} transform={`rotate(-16 ${String(x)} ${String(y)})`} />;
      })}
    </g>
  );
}
