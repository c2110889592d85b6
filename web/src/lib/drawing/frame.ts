/** Drawing geometry: from metres with y up to pixels with y down, at one scale. Pure. */
import type { Schemas, View } from '../api/client';

type Shape = Schemas['ShapeDto'];
type Dimension = Schemas['DimensionDto'];

/** Pixels beside a drawing without dimensions, and with some beside or above it. */
const BARE = 12;
const BESIDE = 72;
const ABOVE = 54;

export interface Bounds {
  x0: number;
  y0: number;
  x1: number;
  y1: number;
}

export interface Frame {
  /** Pixels to a metre. */
  scale: number;
  width: number;
  height: number;
  x: (metres: number) => number;
  y: (metres: number) => number;
}

export interface Placed {
  dimension: Dimension;
  /** The dimension line, then the two legs from the drawing to it, in pixels. */
  line: [number, number, number, number];
  legs: [number, number, number, number][];
  /** Where the label stands, its middle. */
  x: number;
  y: number;
}

export function boundsOf(shapes: readonly Pick<Shape, 'points' | 'radius'>[]): Bounds {
  const b: Bounds = { x0: Infinity, y0: Infinity, x1: -Infinity, y1: -Infinity };
  for (const s of shapes) {
    const r = s.radius ?? 0;
    for (let i = 0; i < s.points.length; i += 2) {
      b.x0 = Math.min(b.x0, s.points[i] - r);
      b.x1 = Math.max(b.x1, s.points[i] + r);
      b.y0 = Math.min(b.y0, s.points[i + 1] - r);
      b.y1 = Math.max(b.y1, s.points[i + 1] + r);
    }
  }
  return Number.isFinite(b.x0) ? b : { x0: 0, y0: 0, x1: 1, y1: 1 };
}

/** Pixels left free on each side of a drawing. */
export interface Margins {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

export const evenly = (margin: number): Margins => ({ left: margin, right: margin, top: margin, bottom: margin });

/** Room for the dimension lines and their numbers on the sides where a view has any. */
export function marginsOf(view: View): Margins {
  const margins = evenly(BARE);
  for (const d of view.dimensions) {
    if (d.offset === 0) continue;
    const [dx, dy] = [d.to[0] - d.from[0], d.to[1] - d.from[1]];
    // Left of the way from one to the other, y up.
    const [nx, ny] = [-dy * Math.sign(d.offset), dx * Math.sign(d.offset)];
    if (Math.abs(nx) > Math.abs(ny)) margins[nx < 0 ? 'left' : 'right'] = BESIDE;
    else margins[ny < 0 ? 'bottom' : 'top'] = ABOVE;
  }
  return margins;
}

/** Fits bounds into a box of pixels, leaving margins for the dimension lines, in the middle of what is left. */
export function frameFor(b: Bounds, width: number, height: number, margins: Margins, scale?: number): Frame {
  const w = Math.max(b.x1 - b.x0, 1e-3);
  const h = Math.max(b.y1 - b.y0, 1e-3);
  const [across, up] = [width - margins.left - margins.right, height - margins.top - margins.bottom];
  const s = scale ?? Math.max(1, Math.min(across / w, up / h));
  const left = margins.left + (across - w * s) / 2;
  const top = margins.top + (up - h * s) / 2;
  return { scale: s, width, height, x: (m) => left + (m - b.x0) * s, y: (m) => top + (b.y1 - m) * s };
}

const LABEL = { width: 66, height: 28 };

/** Lays out the dimension lines of a view and moves labels apart that would cover each other. */
export function placeDimensions(view: View, frame: Frame): Placed[] {
  const placed = view.dimensions.map((d) => place(d, frame));
  for (let round = 0; round < 12; round++) {
    let moved = false;
    for (let i = 0; i < placed.length; i++) {
      for (let j = i + 1; j < placed.length; j++) moved = apart(placed[i], placed[j]) || moved;
    }
    if (!moved) break;
  }
  for (const p of placed) {
    p.x = Math.min(Math.max(p.x, LABEL.width / 2), frame.width - LABEL.width / 2);
    // Under a thumb the fields are taller.
    p.y = Math.min(Math.max(p.y, 20), frame.height - 20);
  }
  return placed;
}

function place(d: Dimension, frame: Frame): Placed {
  const [ax, ay, bx, by] = [frame.x(d.from[0]), frame.y(d.from[1]), frame.x(d.to[0]), frame.y(d.to[1])];
  const length = Math.hypot(bx - ax, by - ay) || 1;
  // Left of the way from a to b, in pixels, where y runs down.
  const [nx, ny] = [(by - ay) / length, -(bx - ax) / length];
  const off = d.offset === 0 ? 0 : Math.sign(d.offset) * Math.min(38, Math.max(24, Math.abs(d.offset) * frame.scale));
  const line: Placed['line'] = [ax + nx * off, ay + ny * off, bx + nx * off, by + ny * off];
  const legs: Placed['legs'] =
    off === 0
      ? []
      : [
          [ax + nx * Math.sign(off) * 4, ay + ny * Math.sign(off) * 4, line[0], line[1]],
          [bx + nx * Math.sign(off) * 4, by + ny * Math.sign(off) * 4, line[2], line[3]],
        ];
  // A label wider than its line stands beyond it, so that the line stays to be seen.
  const across = Math.abs(nx) > 0.5;
  const short = length < (across ? LABEL.height : LABEL.width) + 8;
  const further = short && off !== 0 ? Math.sign(off) * (across ? LABEL.width * 0.62 : LABEL.height * 0.75) : 0;
  return {
    dimension: d,
    line,
    legs,
    x: (line[0] + line[2]) / 2 + nx * further,
    y: (line[1] + line[3]) / 2 + ny * further,
  };
}

function apart(a: Placed, b: Placed): boolean {
  const overX = LABEL.width + 2 - Math.abs(a.x - b.x);
  const overY = LABEL.height + 2 - Math.abs(a.y - b.y);
  if (overX <= 0 || overY <= 0) return false;
  const down = a.y <= b.y ? 1 : -1;
  a.y -= (down * overY) / 2;
  b.y += (down * overY) / 2;
  return true;
}

/** SVG points of a polygon or polyline. */
export function pointsOf(shape: Pick<Shape, 'points'>, frame: Frame): string {
  const out: string[] = [];
  for (let i = 0; i < shape.points.length; i += 2)
    out.push(`${frame.x(shape.points[i]).toFixed(1)},${frame.y(shape.points[i + 1]).toFixed(1)}`);
  return out.join(' ');
}

/** The middle of a figure's corners, m. */
export function middleOf(points: readonly number[]): [number, number] {
  const n = points.length / 2;
  let [x, y] = [0, 0];
  for (let i = 0; i < points.length; i += 2) [x, y] = [x + points[i] / n, y + points[i + 1] / n];
  return [x, y];
}

/** A name for each shape that it keeps while others come and go, so that only what is another is drawn anew: its part, what it is, and which of those it is. Pure. */
export function namesOf(shapes: readonly Schemas['ShapeDto'][]): string[] {
  const met = new Map<string, number>();
  return shapes.map(({ part, kind, ink }) => {
    const of = `${part ?? ''} ${kind} ${ink}`;
    const nth = met.get(of) ?? 0;
    met.set(of, nth + 1);
    return `${of} ${nth}`;
  });
}
