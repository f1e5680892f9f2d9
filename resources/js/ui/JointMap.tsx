import { type KeyboardEvent, type MouseEvent, type SVGProps, memo } from 'react';
import { type Fastener, type MapPart, type MapPosition, type Mark, type Side, type Sketch, numberPlace } from '@/lib/drawing';
import { nearest } from '@/lib/nearest';
import { BoltHead } from './BoltHead';
import { Front, Walk, Way } from './MapWays';
import { useDrag } from './useDrag';

type Pair = { positions: string[]; apart: string };

type Props = {
  sketch: Sketch;
  marks?: Mark[];
  /** The position to work at now. */
  now?: string | null;
  /** The position worked at just before, from which the hand moves on. */
  from?: string | null;
  detail: 'full' | 'small';
  /** The casting alone, so that nobody counts the picture. */
  bare?: boolean;
  /** What a screen reader says the picture is. */
  label: string;
  onPick?: (position: string, more: boolean) => void;
  /** Picked by keys, too: Tab goes to the one that is picked, arrows to its neighbours. A bench has keys of its own. */
  byKeys?: boolean;
  /** One position, or several. */
  picked?: string | readonly string[] | null;
  /** The way from fastener to fastener, drawn thin. */
  order?: readonly string[];
  /** Fasteners that are paired by their length, and how far apart they are. */
  pairs?: readonly Pair[] | undefined;
  /** Fasteners easily mistaken for their neighbours: a pointed ring. */
  odd?: readonly string[];
  /** Positions that were moved by the hand on the picture, in mm. */
  onDrag?: (position: string, dx: number, dy: number, done: boolean) => void;
  onDragStart?: (position: string, more: boolean) => void;
};

const MARGIN = 10;

/** A joint's plan view, drawn true from its fastener map: the one picture of it everywhere. What is typed beside it does not draw it again. */
export const JointMap = memo(function JointMap(props: Props) {
  const { sketch, now, from, label, order = [] } = props;
  const { map } = sketch;
  const [width, height] = [Number(map.width), Number(map.height)];
  const full = props.detail === 'full';
  const pad = full ? MARGIN + 6 : 4;
  const at = (key: string | null | undefined) => map.positions.find((p) => p.key === key);
  const drag = useDrag(props.onDrag, props.onDragStart);
  const here = at(now);
  const before = at(from);
  return (
    <svg
      viewBox={`${String(-pad)} ${String(-pad)} ${String(width + 2 * pad)} ${String(height + 2 * pad + (full ? 16 : 0))}`}
      role={props.byKeys ? 'group' : 'img'}
      aria-label={label}
      className="block h-full w-full select-none"
      {...(props.byKeys ? { onKeyDown: (event: KeyboardEvent) => goTo(event, map.positions) } : {})}
    >
      <rect x={0} y={0} width={width} height={height} rx={3} fill="none" stroke="var(--casting-edge)" strokeWidth={full ? 0.8 : 1.4} />
      {full && map.parts.some((p) => p.shape === 'cap') && (
        <line x1={-6} x2={width + 6} y1={height / 2} y2={height / 2} stroke="var(--casting-edge)" strokeWidth={0.6} strokeDasharray="9 3 2 3" />
      )}
      {map.parts.map((part) => (
        <Part key={part.key} part={part} full={full} named={map.parts.length > 1} />
      ))}
      {full && <Walk positions={order.map((key) => at(key)).filter((p) => p !== undefined)} />}
      {props.pairs?.map((pair) => (
        <Tie key={pair.positions.join()} pair={pair} of={pair.positions.map(at)} />
      ))}
      {(props.bare === true ? [] : map.positions).map((p) => (
        <Position key={p.key} position={p} full={full} {...ofPosition(p.key, props)} drag={drag(p.key)} />
      ))}
      {full && here && before && here !== before && <Way from={before} to={here} />}
      {full && <Front front={map.front} width={width} height={height} />}
    </svg>
  );
});

/** Two that go together: a tie from head to head. */
function Tie({ pair, of: [one, other] }: { pair: Pair; of: (MapPosition | undefined)[] }) {
  if (!one || !other) return null;
  const [x1, y1, x2, y2] = [one.x, one.y, other.x, other.y].map(Number) as [number, number, number, number];
  return (
    <g>
      <line x1={x1} y1={y1} x2={x2} y2={y2} stroke="var(--ink)" strokeWidth={4.4} strokeLinecap="round" />
      <line x1={x1} y1={y1} x2={x2} y2={y2} stroke="var(--sheet)" strokeWidth={2} strokeLinecap="round" />
      <title>{`nearest in length, ${pair.apart} apart`}</title>
    </g>
  );
}

/** What of the picture belongs to one position. */
function ofPosition(key: string, { sketch, marks, now, picked, odd, onPick, byKeys }: Props) {
  const isPicked = typeof picked === 'string' ? picked === key : (picked?.includes(key) ?? false);
  return {
    sketch,
    mark: marks?.find((m) => m.position === key),
    isNow: key === now,
    isPicked,
    isOdd: odd?.includes(key) ?? false,
    onPick,
    tab: byKeys ? isPicked || (!picked && key === sketch.map.positions[0]?.key) : null,
  };
}

type PositionProps = {
  position: MapPosition;
  sketch: Sketch;
  mark: Mark | undefined;
  full: boolean;
  isNow: boolean;
  isPicked: boolean;
  isOdd: boolean;
  onPick: Props['onPick'];
  /** Is it the one that Tab goes to? Null where none is. */
  tab: boolean | null;
  drag: SVGProps<SVGGElement>;
};

/** A fastener in its place: what is painted on it, and that it is picked, odd or the one to work at. */
const Position = memo(function Position({ position: p, sketch, mark, full, isNow, isPicked, isOdd, onPick, tab, drag }: PositionProps) {
  const fastener = fastenerAt(sketch, p);
  const picking = onPick ? { onClick: (event: MouseEvent) => onPick(p.key, event.shiftKey), className: 'cursor-pointer' } : {};
  return (
    <g {...picking} {...drag} {...(tab === null ? {} : keyed(p, isPicked, tab))}>
      {onPick && full && <circle cx={p.x} cy={p.y} r={20} fill="transparent" />}
      {isPicked && <circle cx={p.x} cy={p.y} r={19} fill="none" stroke="var(--ink)" strokeWidth={1} />}
      {isOdd && <circle cx={p.x} cy={p.y} r={16.5} fill="none" stroke="var(--paint)" strokeWidth={2.2} strokeDasharray="2.4 3.2" />}
      {isNow && <circle cx={p.x} cy={p.y} r={18.5} fill="var(--sheet)" stroke="var(--now)" strokeWidth={2.6} />}
      <BoltHead
        id={p.key}
        x={Number(p.x)}
        y={Number(p.y)}
        fastener={fastener}
        mark={mark}
        scale={full ? (isNow ? 1.12 : 1) : 1.55}
        size={Number(fastener?.across_flats_mm ?? '16') / Math.sqrt(3)}
        now={isNow}
      />
      {full && <PositionNumber position={p} now={isNow} place={numberPlace(p, sketch.map)} />}
    </g>
  );
});

const keyed = (p: MapPosition, isPicked: boolean, tab: boolean) =>
  ({ role: 'button', 'aria-label': `Bolt ${p.number}`, 'aria-pressed': isPicked, tabIndex: tab ? 0 : -1, 'data-position': p.key }) as const;

const boltsOf = (one: SVGElement) => [...(one.ownerSVGElement?.querySelectorAll<SVGElement>('[data-position]') ?? [])];

/** An arrow goes to the next one that way; Enter and the space bar pick the one that is stood on. */
function goTo(event: KeyboardEvent, positions: MapPosition[]): void {
  const here = event.target instanceof SVGElement ? event.target.closest<SVGElement>('[data-position]') : null;
  const from = positions.find((p) => p.key === here?.dataset.position);
  if (!here || !from) return;
  const next = nearest(from, positions, event.key);
  if (event.key === 'Enter' || event.key === ' ') here.dispatchEvent(new window.MouseEvent('click', { bubbles: true, shiftKey: event.shiftKey }));
  else if (next)
    boltsOf(here)
      .find((b) => b.dataset.position === next.key)
      ?.focus();
  else return;
  event.preventDefault();
}

function fastenerAt(sketch: Sketch, position: MapPosition): Fastener | undefined {
  return sketch.fasteners.find((f) => f.key === sketch.groups.find((g) => g.key === position.group)?.fastener);
}
function PositionNumber({ position, now, place }: { position: MapPosition; now: boolean; place: Side }) {
  const off = now ? 27 : 24;
  return (
    <text
      x={Number(position.x) + place.x * off}
      y={Number(position.y) + place.y * off + (now ? 4.4 : 3.4)}
      stroke="var(--casting)"
      strokeWidth={3}
      paintOrder="stroke"
      textAnchor="middle"
      fontSize={now ? 13 : 10}
      fontWeight={now ? 760 : 600}
      fill={now ? 'var(--now)' : 'var(--ink)'}
    >
      {position.number}
    </text>
  );
}

function PartName({ part }: { part: MapPart }) {
  const [x, y, w, h] = boxOf(part);
  const inside = part.shape === 'cap';
  return (
    <text
      x={inside || part.shape === 'round' ? x + w / 2 : x + 2}
      y={inside ? y + h / 2 + 3.2 : part.shape === 'round' ? y + h + 12 : y - 4}
      textAnchor={inside || part.shape === 'round' ? 'middle' : 'start'}
      fontSize={9}
      fill="var(--ink-soft)"
      stroke={inside ? 'none' : 'var(--paper)'}
      strokeWidth={inside ? 0 : 3}
      paintOrder="stroke"
    >
      {part.name}
    </text>
  );
}

const boxOf = (part: MapPart) => [Number(part.x), Number(part.y), Number(part.width), Number(part.height)] as const;

function Part({ part, full, named }: { part: MapPart; full: boolean; named: boolean }) {
  const [x, y, w, h] = boxOf(part);
  const name = full && named && <PartName part={part} />;
  if (part.shape === 'round') {
    return (
      <g>
        <ellipse cx={x + w / 2} cy={y + h / 2} rx={w / 2} ry={h / 2} fill="var(--casting)" stroke="var(--casting-edge)" strokeWidth={0.8} />
        {name}
      </g>
    );
  }
  const mid = y + h / 2;
  const bore = w * 0.36;
  return (
    <g>
      <rect x={x} y={y} width={w} height={h} rx={5} fill="var(--casting)" stroke="var(--casting-edge)" strokeWidth={full ? 0.8 : 1.2} />
      {part.shape === 'cap' && full && (
        <path
          d={`M${String(x)} ${String(mid - bore)} Q${String(x + w / 2)} ${String(mid - bore * 0.35)} ${String(x + w)} ${String(mid - bore)} M${String(x)} ${String(mid + bore)} Q${String(x + w / 2)} ${String(mid + bore * 0.35)} ${String(x + w)} ${String(mid + bore)}`}
          fill="none"
          stroke="var(--casting-edge)"
          strokeWidth={0.6}
        />
      )}
      {name}
    </g>
  );
}
