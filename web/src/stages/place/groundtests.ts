/** What is typed of a test of the ground; how each is done is the core's to say. */
import type { Schemas } from '../../lib/api/client';

export type GroundTest = Schemas['GroundTestDraft'];

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
export const begun = (kind: GroundTest['kind'], day: string): GroundTest => ({
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
