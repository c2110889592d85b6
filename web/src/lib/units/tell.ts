/**
 * Shows values in SI in a reader's units, to what a hand can measure. Pure.
 * The core tells its sentences by the same table; tests/telling.txt holds both to it.
 */
import type { Unit } from '../api/client';
import { FOOT, GALLON, INCH, scaleOf, type Scale, type System } from './system';

export interface Shown {
  number: string;
  unit: string;
}

/** Thin spaces between thousands, at most so many decimals, no trailing zeros. */
export function digits(value: number, decimals: number, system: Pick<System, 'decimal'> = { decimal: '.' }): string {
  const [whole, part] = Math.abs(value).toFixed(decimals).split('.');
  const grouped = whole.length > 4 ? whole.replace(/\B(?=(\d{3})+$)/g, '\u2009') : whole;
  const trimmed = part?.replace(/0+$/, '');
  const said = grouped + (trimmed ? system.decimal + trimmed : '');
  return value < 0 && said !== '0' ? `−${said}` : said;
}

/** Three figures that count, as a number would be said. */
export function figures(value: number, system: Pick<System, 'decimal'> = { decimal: '.' }): string {
  if (value === 0) return '0';
  return digits(value, Math.max(0, 2 - Math.floor(Math.log10(Math.abs(value)))), system);
}

/** Money with its two decimals. */
export function money(value: number, system: System): string {
  const [whole, part] = Math.abs(value).toFixed(2).split('.');
  const grouped = whole.length > 4 ? whole.replace(/\B(?=(\d{3})+$)/g, '\u2009') : whole;
  return `${value < 0 ? '−' : ''}${system.currency} ${grouped}${system.decimal}${part}`;
}

/** A sixteenth of an inch is what a tape shows; a wire or a bit is told to a thirty-second, and sheet metal in decimals. */
function inches(metres: number, system: System): string {
  const size = Math.abs(metres) / INCH;
  if (size > 0 && size < 1 / 16) return (metres < 0 ? '−' : '') + figures(size, system);
  let bottom = size < 0.5 ? 32 : 16;
  const parts = Math.round(size * bottom);
  const whole = Math.floor(parts / bottom);
  let top = parts % bottom;
  while (top > 0 && top % 2 === 0) [top, bottom] = [top / 2, bottom / 2];
  const said = top === 0 ? `${whole}` : whole === 0 ? `${top}/${bottom}` : `${whole} ${top}/${bottom}`;
  return metres < 0 && said !== '0' ? `−${said}` : said;
}

/** A length without its unit, as it stands on a dimension line. */
export function lengthDigits(metres: number, system: System): string {
  if (system.lengths === 'in') return inches(metres, system);
  if (system.lengths === 'cm') return digits(metres * 100, 1, system);
  return digits(metres * 1000, Math.abs(metres) < 0.02 ? 1 : 0, system);
}

function length(metres: number, system: System): Shown {
  if (Math.abs(metres) < 10) return { number: lengthDigits(metres, system), unit: system.lengths };
  return system.lengths === 'in'
    ? { number: digits(metres / FOOT, 1, system), unit: 'ft' }
    : { number: digits(metres, 1, system), unit: 'm' };
}

const many = (number: string, one: string): Shown => ({ number, unit: number === '1' ? one : `${one}s` });

function volume(cubicMetres: number, system: System): Shown {
  const size = Math.abs(cubicMetres);
  const own = system.volumes;
  if (own) return many(digits(cubicMetres / own.volume, size < 10 * own.volume ? 1 : 0, system), own.name);
  if (system.lengths !== 'in') return many(digits(cubicMetres * 1000, size < 0.01 ? 1 : 0, system), 'litre');
  return size < GALLON / 8
    ? { number: figures((cubicMetres / GALLON) * 128, system), unit: 'fl oz' }
    : { number: digits(cubicMetres / GALLON, size < 10 * GALLON ? 1 : 0, system), unit: 'US gal' };
}

/** A value in SI as a number and a unit for people. */
export function show(value: number, unit: Unit, system: System): Shown {
  if (unit === 'Metre') return length(value, system);
  if (unit === 'CubicMetre') return volume(value, system);
  if (unit === 'Litre') return volume(value / 1000, system);
  if (unit === 'Day' || unit === 'Year') return many(figures(value, system), unit.toLowerCase());
  if (unit === 'Money') return { number: money(value, system), unit: '' };
  const scale = scaleOf(value, unit, system);
  if (!scale) return { number: figures(value, system), unit: '' };
  const scaled = value / scale.one + (scale.from ?? 0);
  return {
    number: scale.decimals === undefined ? figures(scaled, system) : digits(scaled, scale.decimals, system),
    unit: scale.name,
  };
}

export function say(value: number, unit: Unit, system: System): string {
  const { number: n, unit: u } = show(value, unit, system);
  return u ? `${n} ${u}` : n;
}

/** A value as it stands in a field, so that what stands there can be typed again: to four figures that count, since a field is not only read. */
export function fieldText(value: number, unit: Unit, system: System): string {
  if (unit === 'Metre') return lengthDigits(value, system);
  if (unit === 'Count') return String(value);
  const plain = (n: number, figures: number) => String(Number(n.toPrecision(figures))).replace('.', system.decimal);
  if (unit === 'One') return plain(value, 6);
  if (unit === 'Litre') return fieldText(value / 1000, 'CubicMetre', system);
  const scale = unit === 'CubicMetre' ? volumeScale(system) : scaleOf(value, unit, system);
  return scale ? `${plain(value / scale.one + (scale.from ?? 0), 4)} ${scale.name}` : say(value, unit, system);
}

function volumeScale(system: System): Scale {
  if (system.volumes) return { one: system.volumes.volume, name: `${system.volumes.name}s` };
  return system.lengths === 'in' ? { one: GALLON, name: 'US gal' } : { one: 1e-3, name: 'litres' };
}
