/** What the kit needs to know of a joint, its fasteners and its results to draw them; the API's own shapes hold it. */
export type Evidence = 'curve' | 'measured_value' | 'transcribed' | 'attested_one_by_one' | 'attested_as_round' | 'unknown';
export type Mark = {
  position: string;
  strokes: Evidence[];
  old: number;
  fault?: string | null;
  /** Where its paint line points, and must point once the round is done: degrees clockwise from where it was drawn. */
  line?: string;
  must?: string;
};
export type HeadShape = 'hex' | 'twelve_point' | 'internal' | 'stud_with_nut';
export type Fastener = { key: string; head: HeadShape | null; across_flats_mm: string | null };
export type MapPart = { key: string; name: string; shape: 'box' | 'cap' | 'round'; x: string; y: string; width: string; height: string };
export type MapPosition = { key: string; number: string; x: string; y: string; group: string; part: string; landmark?: string; adapter?: string };
export type Sketch = {
  map: { width: string; height: string; front: 'left' | 'right' | 'top' | 'bottom'; parts: MapPart[]; positions: MapPosition[] };
  groups: { key: string; fastener: string }[];
  fasteners: Fastener[];
};
export type PlottedLine = {
  step: string;
  position: string;
  number: string | null;
  low: string | null;
  high: string | null;
  attempts: { entry: string; base: string | null; given: string | null; word: string; verdict: string; status: string }[];
};
/** Of the record's verdicts, those that are as they must be. */
export const isGood = (verdict: string) => ['in', 'passed', 'attested', 'not_below'].includes(verdict);
export type Answer = 'yes' | 'not_yet' | 'in_doubt' | 'no';

/** A side of a head: one step right (+1) or left, down (+1) or up. */
export type Side = { x: -1 | 0 | 1; y: -1 | 0 | 1 };

const NUMBER_OFF = 24;
/** Nearer than this to another head's centre, or to a name, a number cannot be read; mm on the drawing. */
const CLEAR = 19;

/** Where a part's name is written: within a cap, below what is round, else above its left corner. */
function nameAt(part: MapPart): readonly [number, number] {
  const [x, y, height] = [Number(part.x), Number(part.y), Number(part.height)];
  const middle = x + Number(part.width) / 2;
  if (part.shape === 'box') return [x + 20, y - 7];
  return part.shape === 'cap' ? [middle, y + height / 2] : [middle, y + height + 9];
}

/** Nearer than this to each other, two numbers run into one. */
const APART = 13;

const towardsMiddle = (p: MapPosition, map: Sketch['map']): 1 | -1 => (Number(p.y) < Number(map.height) / 2 ? 1 : -1);

/** Where a position's number stands: towards the middle of the joint unless another head, its number or the cap's name is there. */
export function numberPlace(position: MapPosition, map: Sketch['map']): Side {
  const [px, py] = [Number(position.x), Number(position.y)];
  const towards = towardsMiddle(position, map);
  const part = map.parts.find((p) => p.key === position.part);
  const others = map.positions.filter((p) => p.key !== position.key);
  const taken = others.map((p) => [Number(p.x), Number(p.y)] as const);
  const numbers = others.map((p) => [Number(p.x), Number(p.y) + towardsMiddle(p, map) * NUMBER_OFF] as const);
  const name = part && map.parts.length > 1 ? nameAt(part) : null;
  const sides: Side[] = [
    { x: 0, y: towards },
    { x: 0, y: towards === 1 ? -1 : 1 },
    { x: 1, y: 0 },
    { x: -1, y: 0 },
  ];
  const clear = ({ x, y }: Side) => {
    const [nx, ny] = [px + x * NUMBER_OFF, py + y * NUMBER_OFF];
    const onDrawing = nx > 4 && nx < Number(map.width) - 4;
    return (
      onDrawing &&
      taken.every(([tx, ty]) => Math.hypot(tx - nx, ty - ny) >= CLEAR) &&
      numbers.every(([tx, ty]) => Math.hypot(tx - nx, ty - ny) >= APART) &&
      (name === null || Math.hypot(name[0] - nx, name[1] - ny) >= CLEAR - 5)
    );
  };
  return sides.find(clear) ?? { x: 0, y: towards };
}
