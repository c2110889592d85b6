/**
 * Parses and shows units. Everything else in the front end holds SI.
 * Pure: nothing here knows the garden or the screen.
 */
import type { Unit } from '../api/client';

/** How lengths are shown, and what a bare number typed means. */
export type System = 'mm' | 'cm' | 'in';

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
    const factor = LENGTHS[match[2] ?? system];
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
  /** What a bare number means; the reference tells slow water from fast wind. */
  bare: (system: System, reference: number) => number;
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
  gal: 3.785411784e-3,
  usgal: 3.785411784e-3,
  gallon: 3.785411784e-3,
  gallons: 3.785411784e-3,
  bucket: 0.01,
  buckets: 0.01,
  cuft: 0.028316846592,
};

const PLAIN: Quantity = {
  name: 'a number',
  example: '0.35 or 35 %',
  units: { '%': 0.01 },
  bare: () => 1,
  signed: true,
};

const QUANTITIES: Partial<Record<Unit, Quantity>> = {
  SquareMetre: {
    name: 'an area',
    example: '0.5 m2 or 6 sq ft',
    units: { m2: 1, cm2: 1e-4, mm2: 1e-6, sqft: 0.09290304, ft2: 0.09290304, sqin: 6.4516e-4 },
    bare: (s) => (s === 'in' ? 0.09290304 : 1),
  },
  CubicMetre: {
    name: 'a volume',
    example: '60 litres, 20 gal or 4 buckets',
    units: VOLUMES,
    bare: (s) => (s === 'in' ? VOLUMES.gal : VOLUMES.l),
  },
  CubicMetrePerDay: {
    name: 'water a day',
    example: '1.2 l',
    units: { ...VOLUMES, 'l/day': 1e-3, 'litres/day': 1e-3, 'usgal/day': VOLUMES.gal },
    bare: (s) => (s === 'in' ? VOLUMES.gal : VOLUMES.l),
  },
  Kilogram: {
    name: 'a mass',
    example: '18 kg or 40 lb',
    units: { kg: 1, g: 1e-3, t: 1000, lb: 0.45359237, lbs: 0.45359237 },
    bare: (s) => (s === 'in' ? 0.45359237 : 1),
  },
  KilogramPerCubicMetre: { name: 'a density', example: '290 kg/m3', units: { 'kg/m3': 1 }, bare: () => 1 },
  Newton: { name: 'a force', example: '40 N', units: { n: 1, kn: 1000, lbf: 4.4482216152605 }, bare: () => 1 },
  NewtonPerCubicMetre: {
    name: 'a weight of soil',
    example: '15 kN/m3',
    units: { 'kn/m3': 1000, 'n/m3': 1 },
    bare: () => 1000,
  },
  Pascal: {
    name: 'a pressure',
    example: '3 kPa',
    units: { kpa: 1000, pa: 1, mpa: 1e6, psi: 6894.757293168 },
    bare: () => 1000,
  },
  MetrePerSecond: {
    name: 'a speed',
    example: '10 mm/h for water, 20 m/s for wind',
    units: { 'mm/h': 1e-3 / 3600, 'in/h': 0.0254 / 3600, 'm/s': 1, 'km/h': 1 / 3.6, mph: 0.44704 },
    bare: (_, reference) => (reference < 0.01 ? 1e-3 / 3600 : 1),
  },
  Degree: { name: 'an angle', example: '30', units: { '°': 1, deg: 1 }, bare: () => 1, signed: true },
  DegreeCelsius: { name: 'a temperature', example: '21', units: { '°c': 1, c: 1 }, bare: () => 1, signed: true },
  Year: {
    name: 'a time',
    example: '2 years',
    units: { yr: 1, year: 1, years: 1, months: 1 / 12, month: 1 / 12 },
    bare: () => 1,
  },
};

/** Reads a quantity of any other unit: a number, and a unit if need be. The value is in SI. */
function parseQuantity(text: string, quantity: Quantity, system: System, reference: number): Parsed {
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
  const unit = match[3].replace(/\s+/g, '');
  const factor = unit === '' ? quantity.bare(system, reference) : quantity.units[unit];
  if (factor === undefined)
    return { error: `“${match[3]}” is not a unit for ${quantity.name}. Try ${quantity.example}.` };
  return { value: (match[1] ? -1 : 1) * value * factor };
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
  const quantity = QUANTITIES[unit] ?? PLAIN;
  if (unit !== 'CubicMetre') return parseQuantity(text, quantity, system, reference);
  const plurals = Object.fromEntries(Object.entries(own).map(([name, volume]) => [`${name}s`, volume]));
  return parseQuantity(text, { ...quantity, units: { ...quantity.units, ...plurals, ...own } }, system, reference);
}

/** A value as it stands in a field, so that what stands there can be typed again. */
export function fieldText(value: number, unit: Unit, system: System): string {
  if (unit === 'Metre') return lengthDigits(value, system);
  if (unit === 'Count') return String(value);
  return unit === 'One' ? String(Number(value.toPrecision(6))) : say(value, unit, system);
}

/** Thin spaces between thousands, at most so many decimals, no trailing zeros. */
export function digits(value: number, decimals: number): string {
  const [whole, part] = Math.abs(value).toFixed(decimals).split('.');
  const grouped = whole.length > 4 ? whole.replace(/\B(?=(\d{3})+$)/g, '\u2009') : whole;
  const trimmed = part?.replace(/0+$/, '');
  return (value < 0 ? '−' : '') + grouped + (trimmed ? `.${trimmed}` : '');
}

/** Three figures that count, as a number would be said. */
export function figures(value: number): string {
  if (value === 0) return '0';
  const size = Math.floor(Math.log10(Math.abs(value)));
  return digits(value, Math.max(0, 2 - size));
}

/** Money with its two decimals. */
export function money(value: number): string {
  return `€ ${value.toFixed(2)}`;
}

/** Inches to the nearest sixteenth: 36 1/4. */
function inches(metres: number): string {
  const sixteenths = Math.round((metres / 0.0254) * 16);
  const whole = Math.floor(sixteenths / 16);
  let top = sixteenths % 16;
  let bottom = 16;
  while (top > 0 && top % 2 === 0) [top, bottom] = [top / 2, bottom / 2];
  if (top === 0) return `${whole}`;
  return whole === 0 ? `${top}/${bottom}` : `${whole} ${top}/${bottom}`;
}

/** A length without its unit, as it stands on a dimension line. */
export function lengthDigits(metres: number, system: System): string {
  if (system === 'in') return inches(metres);
  return system === 'cm' ? digits(metres * 100, 1) : digits(metres * 1000, metres < 0.02 ? 1 : 0);
}

export interface Shown {
  number: string;
  unit: string;
}

/** A value in SI as a number and a unit for people. */
export function show(value: number, unit: Unit, system: System): Shown {
  const imperial = system === 'in';
  switch (unit) {
    case 'Metre':
      if (!imperial && Math.abs(value) >= 10) return { number: digits(value, 1), unit: 'm' };
      return { number: lengthDigits(value, system), unit: system };
    case 'SquareMetre':
      if (Math.abs(value) < 0.001) return { number: figures(value * 1e6), unit: 'mm²' };
      return imperial
        ? { number: figures(value / 0.09290304), unit: 'sq ft' }
        : { number: digits(value, 2), unit: 'm²' };
    case 'CubicMetre':
      return imperial
        ? { number: figures(value / 0.003785411784), unit: 'US gal' }
        : { number: digits(value * 1000, value < 0.01 ? 1 : 0), unit: 'litres' };
    case 'Kilogram':
      return imperial
        ? { number: digits(value / 0.45359237, 0), unit: 'lb' }
        : { number: value < 1 ? figures(value) : digits(value, value < 10 ? 1 : 0), unit: 'kg' };
    case 'KilogramPerCubicMetre':
      return { number: digits(value, 0), unit: 'kg/m³' };
    case 'PerYear':
      return { number: figures(value), unit: 'a year' };
    case 'Newton':
      return value >= 10000 ? { number: figures(value / 1000), unit: 'kN' } : { number: figures(value), unit: 'N' };
    case 'NewtonPerMetre':
      return { number: figures(value), unit: 'N/m' };
    case 'NewtonPerCubicMetre':
      return { number: figures(value / 1000), unit: 'kN/m³' };
    case 'NewtonMetre':
      return { number: figures(value), unit: 'N m' };
    case 'Pascal':
      if (value >= 1e9) return { number: figures(value / 1e9), unit: 'GPa' };
      return value >= 1e5
        ? { number: figures(value / 1e6), unit: 'MPa' }
        : { number: figures(value / 1000), unit: 'kPa' };
    case 'MetrePerSecond':
      return value < 0.01 ? { number: figures(value * 3.6e6), unit: 'mm/h' } : { number: figures(value), unit: 'm/s' };
    case 'CubicMetrePerSecond':
      return { number: figures(value * 60000), unit: 'litres/min' };
    case 'Second':
      return value < 5400
        ? { number: digits(value / 60, 0), unit: 'min' }
        : { number: digits(value / 3600, 1), unit: 'h' };
    case 'Degree':
      return { number: digits(value, 1), unit: '°' };
    case 'DegreeCelsius':
      return { number: digits(value, 1), unit: '°C' };
    case 'CubicMetrePerDay':
      return imperial
        ? { number: figures(value / 0.003785411784), unit: 'US gal/day' }
        : { number: figures(value * 1000), unit: 'l/day' };
    case 'MillimetrePerDay':
      return { number: figures(value), unit: 'mm/day' };
    case 'MegajoulePerSquareMetreDay':
      return { number: figures(value), unit: 'MJ/m² day' };
    case 'Day':
      return { number: figures(value), unit: value === 1 ? 'day' : 'days' };
    case 'Year':
      return { number: figures(value), unit: value === 1 ? 'year' : 'years' };
    default:
      return { number: figures(value), unit: '' };
  }
}

export function say(value: number, unit: Unit, system: System): string {
  const { number: n, unit: u } = show(value, unit, system);
  return u ? `${n} ${u}` : n;
}
