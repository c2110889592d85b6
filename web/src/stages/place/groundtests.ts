/** The simple tests of the ground: how each is done and what it asks for. */
import type { Schemas, Unit } from '../../lib/api/client';

export type GroundTest = Schemas['GroundTestDraft'];
type Kind = Schemas['GroundTestKind'];
type Measure = 'sand' | 'silt' | 'clay' | 'ribbon' | 'fall' | 'seconds' | 'ph' | 'depth';

export interface HowTo {
  kind: Kind;
  name: string;
  how: string;
  asks: { id: Measure; name: string; unit: Unit }[];
}

export const TESTS: readonly HowTo[] = [
  {
    kind: 'Jar',
    name: 'Soil in a jar',
    how: 'A third of a jar of soil without stones, water up to the neck, a drop of soap. Shake for three minutes and let it stand for two days: sand lies at the bottom, clay on top. What floats is not measured.',
    asks: [
      { id: 'sand', name: 'Sand, at the bottom', unit: 'Metre' },
      { id: 'silt', name: 'Silt, above it', unit: 'Metre' },
      { id: 'clay', name: 'Clay, on top', unit: 'Metre' },
    ],
  },
  {
    kind: 'Hand',
    name: 'Soil in the hand',
    how: 'Knead a ball with water until it is like putty. Press it out between thumb and finger into a ribbon and measure the longest one before it breaks. No ribbon at all is 0.',
    asks: [{ id: 'ribbon', name: 'Longest ribbon', unit: 'Metre' }],
  },
  {
    kind: 'Hole',
    name: 'Water in a hole',
    how: 'A hole as deep as your forearm. Fill it with water and let that go; fill it again and time how far it falls.',
    asks: [
      { id: 'fall', name: 'It fell', unit: 'Metre' },
      { id: 'seconds', name: 'In', unit: 'Second' },
    ],
  },
  {
    kind: 'Acidity',
    name: 'Sour or chalky',
    how: 'Paper strips or a kit, in rain water, from a hand’s breadth down.',
    asks: [{ id: 'ph', name: 'pH', unit: 'One' }],
  },
  {
    kind: 'Rod',
    name: 'A rod pushed in',
    how: 'A thin steel rod, pushed in by hand in five places. Look up pipes and cables before you push one in. Measure the least depth at which it stopped.',
    asks: [{ id: 'depth', name: 'It went in', unit: 'Metre' }],
  },
  { kind: 'Weeds', name: 'What grows there', how: 'Pull three of each up and look at the root.', asks: [] },
];

export const FEELS: readonly [Schemas['HandFeel'], string][] = [
  ['Gritty', 'gritty, grains before anything'],
  ['Smooth', 'smooth as flour'],
  ['Neither', 'some of both'],
];

export const WEEDS: readonly [Schemas['WeedKind'], string][] = [
  ['None', 'nothing worth a word'],
  ['Annual', 'weeds from seed, with small roots'],
  ['Perennial', 'weeds that come back from their roots'],
];

/** A test nothing is said of yet. */
export const begun = (kind: Kind, day: string): GroundTest => ({
  kind,
  day,
  sand: null,
  silt: null,
  clay: null,
  ribbon: null,
  feel: null,
  fall: null,
  seconds: null,
  ph: null,
  depth: null,
  struck: null,
  weeds: null,
});

/** Today, where the gardener is, as a form has it. */
export function today(): string {
  const now = new Date();
  const two = (n: number) => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
