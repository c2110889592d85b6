import { expect, test } from '@playwright/test';
import type { Kind, SumInput, Thing, View } from '../../web/src/lib/api/client';
import { boundsOf, evenly, frameFor, marginsOf, namesOf, placeDimensions } from '../../web/src/lib/drawing/frame';
import { allWords, each, EVERYTHING, matches as found, rowsOf } from '../../web/src/stages/gather/find';
import { fillingScale, heightAt, sharedLayout } from '../../web/src/stages/draw/sheet';
import { hasWords } from '../../web/src/lib/words';
import { chosenGroup, get, put, startOf, titles, typical } from '../../web/src/lib/tree';

const number = (name: string, title: string, more: Partial<SumInput> = {}): SumInput =>
  ({ kind: 'Number', name, title, unit: 'Metre', optional: false, default: null, typical: 1, least: 0, greatest: 9, options: [], fields: [], fewest: null, most: null, ...more }) as unknown as SumInput;
const group = (name: string, title: string, fields: SumInput[], kind: SumInput['kind'] = 'Group', more: Partial<SumInput> = {}): SumInput => ({ ...number(name, title), kind, fields, ...more });

const outline = group('outline', 'The area', [group('rectangle', 'Rectangle', [number('length', 'Length'), number('width', 'Width')]), group('round', 'Round', [number('diameter', 'Across')])], 'Either');
const layers = group('layers', 'Layers', [number('thickness', 'Thickness', { typical: 0.2 })], 'List');

test('a form starts with typical numbers, the first of an either, one row of a list, and nothing that may be left out', () => {
  expect(typical([number('depth', 'Depth', { typical: 0.4 }), number('load', 'Load', { optional: true }), outline, layers])).toEqual({ depth: 0.4, outline: { length: 1, width: 1 }, layers: [{ thickness: 0.2 }] });
  expect(startOf(number('slope', 'Slope', { default: 0.015, typical: 0.2 } as Partial<SumInput>))).toBe(0.015);
  expect(startOf({ ...number('timber', 'Timber'), kind: 'Choice', options: ['C14', 'C16'] })).toBe('C14');
  expect(startOf({ ...number('closed', 'Closed'), kind: 'Flag' })).toBe(true);
});

test('a value put in by its path changes a copy and leaves what was given', () => {
  const before = { layers: [{ thickness: 1 }, { thickness: 2 }], depth: 3 };
  const after = put(before, 'layers.1.thickness', 5);
  expect(get(after, 'layers.1.thickness')).toBe(5);
  expect(get(before, 'layers.1.thickness')).toBe(2);
  expect(put(after, 'depth', undefined)).toEqual({ layers: [{ thickness: 1 }, { thickness: 5 }] });
  expect(get(after, 'nowhere.at.all')).toBeUndefined();
});

test('an either is the group whose fields are there, and the first when none are', () => {
  expect(chosenGroup(outline, { diameter: 1 }).name).toBe('round');
  expect(chosenGroup(outline, { length: 1, width: 2 }).name).toBe('rectangle');
  expect(chosenGroup(outline, undefined).name).toBe('rectangle');
});

test('every number has its title by its path, with that of its group before it', () => {
  expect(titles([group('top', 'At the rim', [number('length', 'Length')]), outline, layers], { outline: { diameter: 1 }, layers: [{ thickness: 1 }, { thickness: 1 }] })).toEqual({
    'top.length': 'At the rim length',
    'outline.diameter': 'Across',
    'layers.0.thickness': '1. thickness',
    'layers.1.thickness': '2. thickness',
  });
});

test('a question has all the words that are looked for, in any order and in part', () => {
  expect(hasWords('How deep must a post go?', 'POST deep')).toBe(true);
  expect(hasWords('How deep must a post go?', 'pos')).toBe(true);
  expect(hasWords('How deep must a post go?', 'post tub')).toBe(false);
  expect(hasWords('anything', '')).toBe(true);
});

const kinds = new Map([['round-tub', { id: 'round-tub', name: 'Round tub', group: 'Vessels' } as Kind], ['plank', { id: 'plank', name: 'Plank', group: 'Boards and posts' } as Kind]]);
const thing = (id: number, name: string, more: Partial<Thing> = {}): Thing =>
  ({ id, number: id, name, kind: 'plank', fitness: 'Food', place: 'Shed', source: '', remark: '', substance: 'Softwood', spokenFor: [], free: 1, count: 1, ...more }) as unknown as Thing;
const heap = [
  thing(1, 'Bait tub', { kind: 'round-tub', fitness: 'Ornamentals', place: 'Yard gate' }),
  thing(2, 'Long boards', { remark: 'from the jetty' }),
  thing(3, 'Short boards', { free: 0, spokenFor: [{ projectId: 1, projectName: 'Slip bed', count: 1 }] as Thing['spokenFor'] }),
];

function ids(wanted: Partial<typeof EVERYTHING>): number[] {
  const words = allWords(heap, kinds);
  return heap.filter((t) => found(t, words.get(t.id)!, { ...EVERYTHING, ...wanted }, kinds)).map((t) => t.id);
}

test('a thing is found by its name, kind, remark or project, and by form, verdict, place and whether it is free', () => {
  expect(ids({})).toEqual([1, 2, 3]);
  expect(ids({ words: 'BOARDS short' })).toEqual([3]);
  expect(ids({ words: 'round tub' })).toEqual([1]);
  expect(ids({ words: 'jetty' })).toEqual([2]);
  expect(ids({ words: 'slip' })).toEqual([3]);
  expect(ids({ form: 'Vessels' })).toEqual([1]);
  expect(ids({ fitness: 'Ornamentals' })).toEqual([1]);
  expect(ids({ place: 'Shed' })).toEqual([2, 3]);
  expect(ids({ free: 'free' })).toEqual([1, 2]);
  expect(ids({ free: 'taken' })).toEqual([3]);
});

test('grouped, each thing stands under its heading with how many there are', () => {
  expect(rowsOf(heap, 'none', kinds).map((r) => r.key)).toEqual(['t1', 't2', 't3']);
  expect(rowsOf(heap, 'form', kinds).map((r) => r.head ?? r.thing!.id)).toEqual(['Boards and posts · 2', 2, 3, 'Vessels · 1', 1]);
  expect(rowsOf(heap, 'project', kinds).map((r) => r.head ?? r.thing!.id)).toEqual(['Not spoken for · 2', 1, 2, 'Slip bed · 1', 3]);
  expect(rowsOf(heap, 'source', kinds)[0].head).toBe('Nobody wrote from where · 3');
  expect(rowsOf(heap, 'verdict', kinds).filter((r) => r.head).map((r) => r.head)).toEqual(['May grow food · 2', 'Ornamentals only · 1']);
});

test('words of a list come once each, in order, empty ones left out', () => expect(each(['b', '', 'a', 'b'])).toEqual(['a', 'b']));

const square = { kind: 'Polygon', points: [0, 0, 2, 0, 2, 1, 0, 1], ink: 'Wood' } as unknown as View['shapes'][number];

test('a drawing is fitted with its widest side to the box, up is up, and its middle in the middle', () => {
  const b = boundsOf([square, { kind: 'Disc', points: [2, 1], radius: 0.5, ink: 'Hole' } as unknown as View['shapes'][number]]);
  expect(b).toEqual({ x0: 0, y0: 0, x1: 2.5, y1: 1.5 });
  const frame = frameFor(b, 600, 400, evenly(50));
  expect(frame.scale).toBeCloseTo(200, 9);
  expect(frame.y(1.5)).toBeLessThan(frame.y(0));
  expect((frame.x(0) + frame.x(2.5)) / 2).toBeCloseTo(300, 9);
  expect((frame.y(0) + frame.y(1.5)) / 2).toBeCloseTo(200, 9);
  expect(boundsOf([])).toEqual({ x0: 0, y0: 0, x1: 1, y1: 1 });
});

test('labels of dimensions never cover one another and stay inside the picture', () => {
  const dimensions = Array.from({ length: 6 }, (_, i) => ({ from: [0, 0], to: [2, 0], offset: 0.02 * i, value: 2, field: null })) as unknown as View['dimensions'];
  const view = { shapes: [square], dimensions, id: 'v', title: '' } as unknown as View;
  const placed = placeDimensions(view, frameFor(boundsOf(view.shapes), 600, 400, evenly(60)));
  for (const p of placed) {
    expect(p.x).toBeGreaterThanOrEqual(33);
    expect(p.x).toBeLessThanOrEqual(567);
    expect(p.y).toBeGreaterThanOrEqual(20);
    expect(p.y).toBeLessThanOrEqual(380);
  }
  const covering = placed.flatMap((a, i) => placed.slice(i + 1).filter((b) => Math.abs(a.x - b.x) < 60 && Math.abs(a.y - b.y) < 24));
  expect(covering).toEqual([]);
});

const box = (id: string, width: number, height: number, dimensions: View['dimensions'] = []) =>
  ({ id, title: id, dimensions, shapes: [{ kind: 'Polygon', points: [0, 0, width, 0, width, height, 0, height], ink: 'Wood' }] }) as unknown as View;

test('a drawing leaves room for numbers on the sides that have some and on no other', () => {
  const over = { from: [0, 1], to: [2, 1], offset: 0.06, value: 2, field: 'length' } as unknown as View['dimensions'][number];
  const right = { from: [2, 1], to: [2, 0], offset: 0.06, value: 1, field: 'height' } as unknown as View['dimensions'][number];
  const inside = { ...over, offset: 0 };
  expect(marginsOf(box('a', 2, 1, [inside]))).toEqual(evenly(12));
  const margins = marginsOf(box('a', 2, 1, [over, right]));
  expect(margins.top).toBeGreaterThan(40);
  expect(margins.right).toBeGreaterThan(margins.top);
  expect([margins.left, margins.bottom]).toEqual([12, 12]);
});

test('views stand at one scale where that leaves them readable, long ones under each other, and at none where it does not', () => {
  const long = [box('front', 4, 0.5), box('plan', 4, 1.2), box('section', 1.2, 0.5), box('corner', 3, 1.5)];
  const round = [box('front', 0.8, 0.5), box('plan', 0.8, 0.8), box('section', 0.8, 0.5), box('corner', 1, 0.9)];
  const large = { width: 1340, height: 840 };
  expect(sharedLayout(long, large)?.rows).toBe(true);
  expect(sharedLayout(round, large)?.rows).toBe(false);
  for (const views of [long, round]) {
    const layout = sharedLayout(views, large)!;
    const tall = layout.rows
      ? layout.groups.reduce((sum, row) => sum + Math.max(...row.map((v) => heightAt(v, layout.scale))) + 30, 0)
      : Math.max(...layout.groups.map((column) => column.reduce((sum, v) => sum + heightAt(v, layout.scale) + 30, 0)));
    expect(tall).toBeLessThanOrEqual(large.height + 1e-6);
    // None of the views is left out, and none is there twice.
    expect(layout.groups.flat().map((v) => v.id).sort()).toEqual(views.map((v) => v.id).sort());
  }
  expect(sharedLayout(long, { width: 640, height: 420 })).toBeNull();
  expect(sharedLayout(long.slice(0, 2), large)).toBeNull();
});

test('one view by itself fills its box on one side and is within it on the other', () => {
  const view = box('front', 4, 0.5);
  const scale = fillingScale(view, { width: 700, height: 400 });
  expect(scale * 4 + 24).toBeCloseTo(700, 6);
  expect(heightAt(view, scale)).toBeLessThan(400);
  // A bucket is not blown up to a wall.
  expect(fillingScale(box('bucket', 0.3, 0.3), { width: 2000, height: 2000 })).toBe(900);
});

test('a shape keeps its name while others of its drawing come and go', () => {
  const shape = (part: string | undefined, kind: 'Polygon' | 'Disc' = 'Polygon') => ({ kind, ink: 'Wood' as const, points: [], part });
  const before = [shape('slat-1'), shape('slat-2'), shape('slat-2'), shape(undefined, 'Disc')];
  const after = [shape('slat-1'), shape('tie'), shape('slat-2'), shape('slat-2'), shape(undefined, 'Disc')];
  const [was, is] = [namesOf(before), namesOf(after)];
  expect(new Set(is).size).toBe(after.length);
  expect(is.filter((_, i) => i !== 1)).toEqual(was);
  // One fewer of a part takes the last name of it.
  expect(namesOf([before[0], before[1], before[3]])).toEqual([was[0], was[1], was[3]]);
});
