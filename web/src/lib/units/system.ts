/** What a reader's numbers are told in, and what a bare number typed means. Pure. */
import type { Unit } from '../api/client';

export type Lengths = 'mm' | 'cm' | 'in';

/** A measure of the gardener's own, told in place of litres or gallons: 4 barrows. */
export interface OwnMeasure {
  name: string;
  /** What one holds, m³. */
  volume: number;
}

/** Inches bring gallons, pounds and degrees Fahrenheit with them. */
export interface System {
  lengths: Lengths;
  decimal: '.' | ',';
  /** Stands before money. */
  currency: string;
  /** Null for litres and gallons. */
  volumes: OwnMeasure | null;
}

export const METRIC: System = { lengths: 'mm', decimal: '.', currency: '€', volumes: null };
export const US: System = { lengths: 'in', decimal: '.', currency: '$', volumes: null };

/** One of a unit in SI, its name, and how many decimals it is told with; three figures that count where that is left out. */
export interface Scale {
  one: number;
  name: string;
  decimals?: number;
  /** Added after division: degrees Fahrenheit begin at another nought. */
  from?: number;
}

export const INCH = 0.0254;
export const FOOT = 0.3048;
export const GALLON = 3.785411784e-3;
const POUND = 0.45359237;
export const POUND_FORCE = 4.4482216152605;
const CUBIC_FOOT = FOOT ** 3;
export const SQUARE_FOOT = FOOT ** 2;

type Pick = (size: number) => Scale;

/** The scales that values are told on, by their size. Lengths and volumes have rules of their own in tell.ts. */
const METRIC_SCALES: Partial<Record<Unit, Pick>> = {
  SquareMetre: (s) => (s < 0.001 ? { one: 1e-6, name: 'mm²' } : { one: 1, name: 'm²', decimals: 2 }),
  Kilogram: (s) => ({ one: 1, name: 'kg', decimals: s < 1 ? undefined : s < 10 ? 1 : 0 }),
  KilogramPerCubicMetre: () => ({ one: 1, name: 'kg/m³', decimals: 0 }),
  Newton: (s) => (s >= 10000 ? { one: 1000, name: 'kN' } : { one: 1, name: 'N' }),
  NewtonPerMetre: () => ({ one: 1, name: 'N/m' }),
  NewtonPerCubicMetre: () => ({ one: 1000, name: 'kN/m³' }),
  NewtonMetre: () => ({ one: 1, name: 'N m' }),
  Pascal: (s) =>
    s >= 1e9 ? { one: 1e9, name: 'GPa' } : s >= 1e5 ? { one: 1e6, name: 'MPa' } : { one: 1000, name: 'kPa' },
  MetrePerSecond: (s) => (s < 0.01 ? { one: 1 / 3.6e6, name: 'mm/h' } : { one: 1, name: 'm/s' }),
  CubicMetrePerSecond: () => ({ one: 1 / 60000, name: 'litres/min' }),
  CubicMetrePerDay: () => ({ one: 1e-3, name: 'l/day' }),
  MillimetrePerDay: () => ({ one: 1, name: 'mm/day' }),
  MegajoulePerSquareMetreDay: () => ({ one: 1, name: 'MJ/m² day' }),
  DegreeCelsius: () => ({ one: 1, name: '°C', decimals: 1 }),
  Kelvin: () => ({ one: 1, name: '°C', decimals: 1 }),
};

const US_SCALES: Partial<Record<Unit, Pick>> = {
  SquareMetre: (s) => (s < SQUARE_FOOT / 2 ? { one: INCH * INCH, name: 'sq in' } : { one: SQUARE_FOOT, name: 'sq ft' }),
  Kilogram: (s) =>
    s < POUND ? { one: POUND / 16, name: 'oz' } : { one: POUND, name: 'lb', decimals: s < 10 * POUND ? 1 : 0 },
  KilogramPerCubicMetre: () => ({ one: POUND / CUBIC_FOOT, name: 'lb/cu ft' }),
  Newton: () => ({ one: POUND_FORCE, name: 'lbf' }),
  NewtonPerMetre: () => ({ one: POUND_FORCE / FOOT, name: 'lbf/ft' }),
  NewtonPerCubicMetre: () => ({ one: POUND_FORCE / CUBIC_FOOT, name: 'lbf/cu ft' }),
  NewtonMetre: () => ({ one: POUND_FORCE * FOOT, name: 'ft lbf' }),
  Pascal: (s) =>
    s >= 1e5 ? { one: POUND_FORCE / INCH / INCH, name: 'psi' } : { one: POUND_FORCE / SQUARE_FOOT, name: 'lbf/sq ft' },
  MetrePerSecond: (s) => (s < 0.01 ? { one: INCH / 3600, name: 'in/h' } : { one: (FOOT * 5280) / 3600, name: 'mph' }),
  CubicMetrePerSecond: () => ({ one: GALLON / 60, name: 'US gal/min' }),
  CubicMetrePerDay: () => ({ one: GALLON, name: 'US gal/day' }),
  MillimetrePerDay: () => ({ one: 25.4, name: 'in/day' }),
  MegajoulePerSquareMetreDay: () => ({ one: 1055.05585262 / 1e6 / SQUARE_FOOT, name: 'BTU/sq ft day' }),
  DegreeCelsius: () => ({ one: 5 / 9, name: '°F', decimals: 0, from: 32 }),
  Kelvin: () => ({ one: 5 / 9, name: '°F', decimals: 1 }),
};

const ANYWHERE: Partial<Record<Unit, Pick>> = {
  Degree: () => ({ one: 1, name: '°', decimals: 1 }),
  Second: (s) => (s < 5400 ? { one: 60, name: 'min', decimals: 0 } : { one: 3600, name: 'h', decimals: 1 }),
  Minute: () => ({ one: 1, name: 'min', decimals: 0 }),
  Hour: () => ({ one: 1, name: 'h', decimals: 1 }),
  PerYear: () => ({ one: 1, name: 'a year' }),
};

/** The scale that a value of a size is told on; null where it is told as it is. */
export function scaleOf(size: number, unit: Unit, system: System): Scale | null {
  const pick = (system.lengths === 'in' ? US_SCALES[unit] : METRIC_SCALES[unit]) ?? ANYWHERE[unit];
  return pick ? pick(Math.abs(size)) : null;
}
