import type { ReactNode } from 'react';

/** What went wrong, drawn: one small picture a tile, in ink, metal and paint. */
export function TilePicture({ of }: { of: string }) {
  const picture = PICTURES[of];
  if (picture === undefined) return null;
  return (
    <svg
      viewBox="0 0 56 56"
      className="h-14 w-14 shrink-0 small:hidden"
      aria-hidden="true"
      fill="none"
      stroke="var(--ink)"
      strokeWidth={3}
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      {picture}
    </svg>
  );
}

const hex = (x: number, y: number, r: number) =>
  Array.from({ length: 6 }, (_, i) => `${String(x + r * Math.cos((Math.PI * i) / 3))},${String(y + r * Math.sin((Math.PI * i) / 3))}`).join(' ');

/** A head seen from above. */
const Head = ({ x = 28, y = 30, r = 10, struck = false }: { x?: number; y?: number; r?: number; struck?: boolean }) => (
  <>
    <polygon points={hex(x, y, r)} fill="var(--metal)" stroke="var(--metal-edge)" strokeWidth={2} />
    {struck && <line x1={x - r * 0.8} y1={y + r * 0.8} x2={x + r * 0.8} y2={y - r * 0.8} stroke="var(--paint)" strokeWidth={4} />}
  </>
);

/** A bolt seen from the side, from its head down. */
const Shank = ({ to = 48 }: { to?: number }) => (
  <>
    <rect x={18} y={8} width={20} height={9} fill="var(--metal)" stroke="var(--metal-edge)" strokeWidth={2} />
    <rect x={22} y={17} width={12} height={to - 17} fill="var(--metal)" stroke="var(--metal-edge)" strokeWidth={2} />
  </>
);

const Around = ({ d }: { d: string }) => <path d={d} />;

const PICTURES: Record<string, ReactNode> = {
  '11': (
    <>
      <Head />
      <Around d="M10 30a18 18 0 0 0 36 0a18 18 0 0 0-18-18l6-6m-6 6 6 6" />
    </>
  ),
  '12': (
    <>
      <Shank to={28} />
      <path d="M22 36l4-4 4 4 4-4v16H22z" fill="var(--metal)" stroke="var(--metal-edge)" strokeWidth={2} />
    </>
  ),
  '13': (
    <>
      <path d="M4 44h16M36 44h16M20 44v8M36 44v8" />
      <g transform="rotate(17 28 26)">
        <Shank to={40} />
      </g>
    </>
  ),
  '14': (
    <>
      <Head x={15} y={28} r={11} />
      <circle cx={42} cy={28} r={11} fill="var(--metal)" stroke="var(--metal-edge)" strokeWidth={2} strokeDasharray="3.4 2.4" />
      <path d="M34 8 22 50" stroke="var(--fault)" />
    </>
  ),
  '21': (
    <>
      <Head y={36} />
      <path d="M12 20a18 18 0 0 1 32 0M44 20l1-8M44 20l-8-1" strokeDasharray="1 6" />
      <path d="M20 14 38 6" stroke="var(--fault)" />
    </>
  ),
  '22': (
    <>
      <Head x={14} y={36} r={10} />
      <Head x={42} y={36} r={10} struck />
      <path d="M14 18c6-10 20-10 27-2m0 0v-8m0 8h-8" />
    </>
  ),
  '23': (
    <>
      <Head x={14} y={30} r={11} struck />
      <Head x={42} y={30} r={11} struck />
    </>
  ),
  '24': (
    <>
      <Head y={30} r={17} />
      <path d="M18 42 38 20" stroke="var(--paint)" strokeWidth={4} strokeDasharray="0.1 7" />
    </>
  ),
  '31': (
    <>
      <path d="M6 38h44M10 38v-6M19 38v-6M28 38v-6M37 38v-6M46 38v-6" />
      <path d="M33 26v-6h16v6" stroke="var(--paint-ink)" />
      <path d="M10 16h12l-6 10z" fill="var(--ink)" />
    </>
  ),
  '32': (
    <>
      <path d="M8 50h40" />
      <path d="M12 26 42 12" strokeWidth={6} />
      <circle cx={12} cy={27} r={6} fill="var(--metal)" />
      <path d="M28 26v14m0 0-5-5m5 5 5-5" />
    </>
  ),
  '33': (
    <>
      <circle cx={28} cy={20} r={14} fill="var(--sheet)" />
      <path d="M28 20 36 12" />
      <path d="M12 46l6-6 6 6 6-6 6 6 6-6" />
    </>
  ),
  '34': (
    <>
      <rect x={6} y={16} width={44} height={24} rx={3} fill="var(--sheet)" />
      <text x={28} y={35} textAnchor="middle" fontSize={18} fontWeight={700} fill="var(--ink)" stroke="none">
        38
      </text>
      <path d="M12 28h32" stroke="var(--fault)" />
    </>
  ),
  '41': (
    <>
      <rect x={6} y={22} width={26} height={24} strokeDasharray="4 5" />
      <rect x={22} y={10} width={26} height={24} rx={2} fill="var(--casting)" transform="rotate(8 35 22)" />
    </>
  ),
  '42': (
    <>
      <path d="M4 30h14v20h20V30h14" />
      <circle cx={28} cy={42} r={5} fill="var(--ink)" stroke="none" />
      <path d="M28 6v20m0 0-5-5m5 5 5-5" />
    </>
  ),
  '43': (
    <>
      <path d="M28 6c8 12 14 18 14 27a14 14 0 0 1-28 0c0-9 6-15 14-27z" fill="var(--sheet)" />
      <path d="M10 46 46 16" stroke="var(--fault)" />
    </>
  ),
  '44': (
    <>
      <Head y={28} r={10} />
      <path d="M12 20a18 18 0 0 1 31-2m0 0v-8m0 8h-8" />
      <path d="M12 40a20 20 0 0 0 32 0" strokeDasharray="1 7" />
    </>
  ),
  '51': (
    <>
      <Head y={36} struck />
      <path d="M10 16 26 26" strokeWidth={6} />
      <path d="M10 16 4 12" strokeWidth={6} />
    </>
  ),
  '52': (
    <>
      <Head y={32} struck />
      <path d="M46 22a18 18 0 0 0-32-4m0 0v-9m0 9h9" />
    </>
  ),
  '53': (
    <>
      <rect x={8} y={18} width={34} height={20} rx={3} fill="var(--sheet)" />
      <path d="M46 24v8" strokeWidth={5} />
      <path d="M15 24v8" stroke="var(--fault)" strokeWidth={5} />
    </>
  ),
  '54': (
    <>
      <path d="M10 44V22a18 18 0 0 1 36 0v22" fill="var(--casting)" />
      <path d="M28 50V32m0 0-6 6m6-6 6 6" stroke="var(--fault)" />
    </>
  ),
};
