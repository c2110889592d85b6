/** What a planter can stand on and how the wind can find it, as they are called wherever somebody chooses. */
import type { Schemas } from './api/client';

export const EXPOSURES: readonly { id: Schemas['Exposure']; name: string; where: string }[] = [
  { id: 'Sheltered', name: 'sheltered', where: 'among houses or trees' },
  { id: 'Open', name: 'open', where: 'gardens and low hedges around' },
  { id: 'Exposed', name: 'exposed', where: 'a hill, a shore, wide fields' },
];

export const SITES: readonly { id: Schemas['Site']; name: string }[] = [
  { id: 'Soil', name: 'open ground' },
  { id: 'Paving', name: 'paving' },
  { id: 'Deck', name: 'a deck' },
  { id: 'Balcony', name: 'a balcony' },
  { id: 'Roof', name: 'a roof' },
];

/** The eight winds, from north clockwise. */
export const WINDS = [
  'north',
  'north-east',
  'east',
  'south-east',
  'south',
  'south-west',
  'west',
  'north-west',
] as const;

const EIGHTH = 360 / WINDS.length;

/** Which of the eight a direction is nearest to. */
export const windOf = (degrees: number): number => Math.round(degrees / EIGHTH) % WINDS.length;

export const degreesOf = (wind: number): number => wind * EIGHTH;
