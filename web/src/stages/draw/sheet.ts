/** How views are laid out on the sheet: all at one scale where there is room, else one large and the others small. Pure. */
import type { View } from '../../lib/api/client';
import { boundsOf, marginsOf } from '../../lib/drawing/frame';

/** Milliseconds that nothing moves before what is beside the drawing in hand is drawn anew: it would hold that up. */
export const AT_REST = 160;

export interface Box {
  width: number;
  height: number;
}

/** Pixels that the title of a view takes, and that lie between two columns. */
const TITLE = 30;
const GAP = 16;
/** A view is worth showing beside others from this many pixels on its longer side. */
const WORTHWHILE = 340;
/** The largest scale, pixels to a metre: a bucket is not blown up to the size of a wall. */
const LARGEST = 900;

interface Extent {
  width: number;
  height: number;
  /** Pixels beside and above it together. */
  beside: number;
  above: number;
}

function extentOf(view: View): Extent {
  const b = boundsOf(view.shapes);
  const m = marginsOf(view);
  return { width: b.x1 - b.x0, height: b.y1 - b.y0, beside: m.left + m.right, above: m.top + m.bottom };
}

/** Views at one scale: groups one under the other where they are rows, beside each other where they are columns. */
export interface Layout {
  rows: boolean;
  groups: View[][];
  /** Pixels to a metre. */
  scale: number;
}

const sum = (numbers: number[]) => numbers.reduce((a, b) => a + b, 0);
const most = (numbers: number[]) => Math.max(...numbers);

function inColumns(groups: View[][], box: Box): Layout {
  const columns = groups.map((g) => g.map(extentOf));
  const across =
    (box.width - GAP * (columns.length - 1) - sum(columns.map((c) => most(c.map((e) => e.beside))))) /
    sum(columns.map((c) => most(c.map((e) => e.width))));
  const up = Math.min(
    ...columns.map((c) => (box.height - sum(c.map((e) => e.above + TITLE))) / sum(c.map((e) => e.height))),
  );
  return { rows: false, groups, scale: Math.min(across, up, LARGEST) };
}

function inRows(groups: View[][], box: Box): Layout {
  const rows = groups.map((g) => g.map(extentOf));
  const across = Math.min(
    ...rows.map((r) => (box.width - GAP * (r.length - 1) - sum(r.map((e) => e.beside))) / sum(r.map((e) => e.width))),
  );
  const up =
    (box.height - sum(rows.map((r) => most(r.map((e) => e.above)) + TITLE))) /
    sum(rows.map((r) => most(r.map((e) => e.height))));
  return { rows: true, groups, scale: Math.min(across, up, LARGEST) };
}

/** All views at the largest scale that they have in common in the box, however they are put; null where that makes them too small to read. */
export function sharedLayout(views: View[], box: Box): Layout | null {
  if (views.length < 3) return null;
  const [front, plan, ...others] = views;
  const best = [
    inColumns([[front, plan], others], box),
    inRows([[front], [plan], others], box),
    inRows(
      [
        [front, ...others.slice(0, 1)],
        [plan, ...others.slice(1)],
      ],
      box,
    ),
  ].reduce((a, b) => (b.scale > a.scale ? b : a));
  const { width, height } = extentOf(front);
  return best.scale * Math.max(width, height) >= WORTHWHILE ? best : null;
}

/** Pixels that a view takes at a scale, with room for its measures. */
export function heightAt(view: View, scale: number): number {
  const e = extentOf(view);
  return e.height * scale + e.above;
}

/** The scale at which a view fills a box, pixels to a metre. */
export function fillingScale(view: View, box: Box): number {
  const e = extentOf(view);
  return Math.max(1, Math.min((box.width - e.beside) / e.width, (box.height - e.above) / e.height, LARGEST));
}

/** What share of the width each view of a row, or each column, takes at a scale. */
export function sharesOf(layout: Layout): string[] {
  const share = (views: View[]) => {
    const all = views.map(extentOf);
    return `minmax(0, ${Math.round(most(all.map((e) => e.width)) * layout.scale + most(all.map((e) => e.beside)))}fr)`;
  };
  return layout.rows
    ? layout.groups.map((g) => g.map((v) => share([v])).join(' '))
    : [layout.groups.map(share).join(' ')];
}
