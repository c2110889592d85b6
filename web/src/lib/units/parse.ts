/**
 * Reads what a person types into SI, which is all that the rest of the front end holds.
 * Pure: nothing here knows the garden or the screen.
 */
import type { Unit } from '../api/client';
import { FOOT, GALLON, INCH, POUND_FORCE, scaleOf, SQUARE_FOOT, type System } from './system';

export type Parsed = { value: number; error?: undefined } | { value?: undefined; error: string };

const LENGTHS: Record<string, number> = {
  mm: 0.001,
  cm: 0.01,
  m: 1,
  in: 0.0254,
  '"': 0.0254,
  inch: 0.0254,
  inches: 0.0254,
  ft: 0.3048,
  "'": 0.3048,
  foot: 0.3048,
  feet: 0.3048,
};

/** "36", ".5", "1,5", "1/4" and "36 1/4" as a number; NaN when it is none of them. */
function number(text: string): number {
  const mixed = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(text);
  if (mixed) return mixed[3] === '0' ? NaN : Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
  return /^(\d+([.,]\d*)?|[.,]\d+)$/.test(text) ? Number(text.replace(',', '.')) : NaN;
}

/**
 * Reads a length: "92", "92cm", ".92 m", "3'", "3' 1/4\"", "36 1/4in". A bare number is in the display unit.
 * Curly quotes and primes count as straight ones. The value is in metres.
 */
export function parseLength(text: string, system: System): Parsed {
  const clean = text
    .trim()
    .toLowerCase()
    .replace(/[’′]/g, "'")
    .replace(/[”″]|''/g, '"');
  if (clean === '') return { error: 'Type a length.' };
  if (clean.startsWith('-')) return { error: 'A length cannot be less than nothing.' };
  const pattern = /(\d+\s+\d+\/\d+|\d+\/\d+|[\d.,]+)\s*([a-z]+|'|")?\s*/gy;
  let total = 0;
  let parts = 0;
  let last = Infinity;
  for (pattern.lastIndex = 0; pattern.lastIndex < clean.length; parts++) {
    const at = pattern.lastIndex;
    const match = pattern.exec(clean);
    if (!match) return { error: `“${clean.slice(at)}” is not a length. Try 92, 92 cm, 3' 2" or 36 1/4 in.` };
    const value = number(match[1]);
    const factor = LENGTHS[match[2] ?? system.lengths];
    if (factor === undefined) return { error: `“${match[2]}” is not a unit of length. Try mm, cm, m, in or ft.` };
    if (Number.isNaN(value)) return { error: `“${match[1]}” is not a number.` };
    if (parts > 0 && factor >= last) return { error: 'Put the larger unit first, as in 3\' 2".' };
    last = factor;
    total += value * factor;
  }
  return { value: total };
}

/** Reads a plain whole number. */
export function parseCount(text: string): Parsed {
  const clean = text.trim();
  if (clean === '') return { error: 'Type a number.' };
  return /^\d+$/.test(clean) ? { value: Number(clean) } : { error: `“${clean}” is not a whole number.` };
}

interface Quantity {
  /** What the thing is called in an error. */
  name: string;
  /** An example to try. */
  example: string;
  units: Record<string, number>;
  signed?: boolean;
}

/** US gallons and a builder's bucket, which is the one that is to hand. */
const VOLUMES = {
  l: 1e-3,
  litre: 1e-3,
  litres: 1e-3,
  liter: 1e-3,
  liters: 1e-3,
  ml: 1e-6,
  m3: 1,
  gal: GALLON,
  usgal: GALLON,
  gallon: GALLON,
  gallons: GALLON,
  floz: GALLON / 128,
  bucket: 0.01,
  buckets: 0.01,
  cuft: FOOT ** 3,
};

const PLAIN: Quantity = { name: 'a number', example: '0.35 or 35 %', units: { '%': 0.01 }, signed: true };

const QUANTITIES: Partial<Record<Unit, Quantity>> = {
  SquareMetre: {
    name: 'an area',
    example: '0.5 m2 or 6 sq ft',
    units: { m2: 1, cm2: 1e-4, mm2: 1e-6, sqft: SQUARE_FOOT, ft2: SQUARE_FOOT, sqin: INCH * INCH },
  },
  CubicMetre: { name: 'a volume', example: '60 litres, 20 gal or 4 buckets', units: VOLUMES },
  CubicMetrePerDay: {
    name: 'water a day',
    example: '1.2 l',
    units: { ...VOLUMES, 'l/day': 1e-3, 'litres/day': 1e-3, 'usgal/day': GALLON, 'gal/day': GALLON },
  },
  CubicMetrePerSecond: {
    name: 'a flow',
    example: '12 litres/min or 3 gal/min',
    units: {
      'litres/min': 1e-3 / 60,
      'l/min': 1e-3 / 60,
      'l/h': 1e-3 / 3600,
      'usgal/min': GALLON / 60,
      'gal/min': GALLON / 60,
      'gal/h': GALLON / 3600,
    },
  },
  Kilogram: {
    name: 'a mass',
    example: '18 kg or 40 lb',
    units: { kg: 1, g: 1e-3, t: 1000, lb: 0.45359237, lbs: 0.45359237, oz: 0.45359237 / 16 },
  },
  KilogramPerCubicMetre: {
    name: 'a density',
    example: '290 kg/m3',
    units: { 'kg/m3': 1, 'lb/cuft': 0.45359237 / FOOT ** 3 },
  },
  Newton: { name: 'a force', example: '40 N', units: { n: 1, kn: 1000, lbf: POUND_FORCE } },
  NewtonPerMetre: {
    name: 'a load along a line',
    example: '400 N/m',
    units: { 'n/m': 1, 'kn/m': 1000, 'lbf/ft': POUND_FORCE / FOOT },
  },
  NewtonPerCubicMetre: {
    name: 'a weight of soil',
    example: '15 kN/m3',
    units: { 'kn/m3': 1000, 'n/m3': 1, 'lbf/cuft': POUND_FORCE / FOOT ** 3, pcf: POUND_FORCE / FOOT ** 3 },
  },
  NewtonMetre: { name: 'a moment', example: '40 N m', units: { nm: 1, ftlbf: POUND_FORCE * FOOT } },
  Pascal: {
    name: 'a pressure',
    example: '3 kPa or 60 lbf/sq ft',
    units: {
      kpa: 1000,
      pa: 1,
      mpa: 1e6,
      gpa: 1e9,
      psi: POUND_FORCE / INCH / INCH,
      'lbf/sqft': POUND_FORCE / SQUARE_FOOT,
      psf: POUND_FORCE / SQUARE_FOOT,
    },
  },
  MetrePerSecond: {
    name: 'a speed',
    example: '10 mm/h for water, 20 m/s for wind',
    units: { 'mm/h': 1e-3 / 3600, 'in/h': INCH / 3600, 'm/s': 1, 'km/h': 1 / 3.6, mph: (FOOT * 5280) / 3600 },
  },
  MillimetrePerDay: {
    name: 'water a day',
    example: '3 mm/day',
    units: { 'mm/day': 1, mm: 1, 'in/day': 25.4, in: 25.4 },
  },
  MegajoulePerSquareMetreDay: {
    name: 'sun in a day',
    example: '18 MJ/m² day',
    units: { 'mj/m2day': 1, 'btu/sqftday': 1055.05585262 / 1e6 / SQUARE_FOOT },
  },
  Degree: { name: 'an angle', example: '30', units: { '°': 1, deg: 1 }, signed: true },
  DegreeCelsius: { name: 'a temperature', example: '21 °C or 70 °F', units: { '°c': 1, c: 1 }, signed: true },
  Kelvin: { name: 'degrees', example: '1.5 °C or 2.7 °F', units: { '°c': 1, c: 1, '°f': 5 / 9, f: 5 / 9 } },
  Second: { name: 'a time', example: '45 min', units: { s: 1, min: 60, h: 3600, hours: 3600 } },
  Minute: { name: 'a time', example: '45 min', units: { min: 1, h: 60, hours: 60 } },
  Hour: { name: 'a time', example: '6.5 h', units: { h: 1, hours: 1, min: 1 / 60 } },
  Day: { name: 'a time', example: '10 days', units: { day: 1, days: 1, weeks: 7, week: 7 } },
  Year: {
    name: 'a time',
    example: '2 years',
    units: { yr: 1, year: 1, years: 1, months: 1 / 12, month: 1 / 12 },
  },
};

/** Reads a quantity of any other unit: a number, and a unit if need be. The value is in SI. */
function parseQuantity(text: string, unit: Unit, quantity: Quantity, system: System, reference: number): Parsed {
  const clean = text
    .trim()
    .toLowerCase()
    .replace(/[\u2009\u00a0]/g, '')
    .replace(/−/g, '-')
    .replace(/²/g, '2')
    .replace(/³/g, '3');
  if (clean === '') return { error: `Type ${quantity.name}.` };
  const match = /^(-?)\s*(\d+\s+\d+\/\d+|\d+\/\d+|[\d.,]+)\s*(.*)$/.exec(clean);
  const value = match ? number(match[2]) : NaN;
  if (!match || Number.isNaN(value))
    return { error: `“${text.trim()}” is not ${quantity.name}. Try ${quantity.example}.` };
  if (match[1] && !quantity.signed) return { error: `This cannot be less than nothing.` };
  const signed = (match[1] ? -1 : 1) * value;
  const typed = match[3].replace(/\s+/g, '');
  if (unit === 'DegreeCelsius' && /^(°f|f)$/.test(typed)) return { value: ((signed - 32) * 5) / 9 };
  const factor = typed === '' ? null : quantity.units[typed];
  if (factor === undefined)
    return { error: `“${match[3]}” is not a unit for ${quantity.name}. Try ${quantity.example}.` };
  return { value: factor === null ? bare(signed, unit, system, reference) : signed * factor };
}

/** A number without a unit is in the one that a value of the reference's size is shown in: slow water from fast wind. */
function bare(value: number, unit: Unit, system: System, reference: number): number {
  if (unit === 'CubicMetre') return value * (system.volumes?.volume ?? (system.lengths === 'in' ? GALLON : 1e-3));
  const scale = scaleOf(reference, unit, system);
  return scale ? (value - (scale.from ?? 0)) * scale.one : value;
}

/**
 * Reads what was typed for a unit. The reference is what stood there before; the gardener's own measures of volume, in m³ by name, count in the plural too.
 */
export function parse(
  text: string,
  unit: Unit,
  system: System,
  reference = 1,
  own: Record<string, number> = {},
): Parsed {
  if (unit === 'Metre') return parseLength(text, system);
  if (unit === 'Count') return parseCount(text);
  if (unit === 'Litre') {
    const volume = parse(text, 'CubicMetre', system, reference / 1000, own);
    return volume.error === undefined ? { value: volume.value * 1000 } : volume;
  }
  const quantity = QUANTITIES[unit] ?? PLAIN;
  if (unit !== 'CubicMetre') return parseQuantity(text, unit, quantity, system, reference);
  const plurals = Object.fromEntries(Object.entries(own).map(([name, volume]) => [`${name}s`, volume]));
  return parseQuantity(
    text,
    unit,
    { ...quantity, units: { ...quantity.units, ...plurals, ...own } },
    system,
    reference,
  );
}
