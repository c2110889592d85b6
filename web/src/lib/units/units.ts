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

export function parse(text: string, unit: Unit, system: System): Parsed {
  return unit === 'Metre' ? parseLength(text, system) : parseCount(text);
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
        : { number: digits(value, value < 10 ? 1 : 0), unit: 'kg' };
    case 'KilogramPerCubicMetre':
      return { number: digits(value, 0), unit: 'kg/m³' };
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
    default:
      return { number: figures(value), unit: '' };
  }
}

export function say(value: number, unit: Unit, system: System): string {
  const { number: n, unit: u } = show(value, unit, system);
  return u ? `${n} ${u}` : n;
}
