import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { parse, parseCount, parseLength } from '../../web/src/lib/units/parse';
import { METRIC, US, type Lengths, type System } from '../../web/src/lib/units/system';
import { fieldText, lengthDigits, money, say } from '../../web/src/lib/units/tell';
import { degreesOf, WINDS, windOf } from '../../web/src/lib/sites';
import { DAYS, dateOf, dayAndMonth, numberOf } from '../../web/src/stages/place/days';
import type { Unit } from '../../web/src/lib/api/client';

const of = (lengths: Lengths): System => (lengths === 'in' ? US : { ...METRIC, lengths });

const means: [string, Lengths, number][] = [
  ['92', 'mm', 0.092],
  ['92', 'cm', 0.92],
  ['92cm', 'mm', 0.92],
  ['.92 m', 'mm', 0.92],
  ['0,92m', 'mm', 0.92],
  ["3'", 'mm', 0.9144],
  [`3' 1/4"`, 'mm', 0.9144 + 0.00635],
  [`3' 2 1/2"`, 'mm', 0.9144 + 0.0635],
  ['36 1/4in', 'mm', 0.92075],
  ['36 1/4', 'in', 0.92075],
  ['36 1/4″', 'mm', 0.92075],
  ['1m 20cm', 'mm', 1.2],
  ['18', 'in', 0.4572],
];

for (const [text, system, metres] of means) {
  test(`“${text}” in ${system} is ${metres} m`, () => expect(parseLength(text, of(system)).value).toBeCloseTo(metres, 9));
}

for (const text of ['', 'tall', '12 elephants', '-3', '1/0 in', '3" 2\'', '1..2', '5 cm 2 m']) {
  test(`“${text}” says why it is no length`, () => expect(parseLength(text, METRIC).error).toMatch(/\w{3,}/));
}

test('a length survives the way to the screen and back in every system', () => {
  for (const system of ['mm', 'cm', 'in'] as const) {
    for (let i = 1; i < 400; i++) {
      const metres = i * 0.0071;
      const back = parseLength(lengthDigits(metres, of(system)).replace(/\u2009/g, ''), of(system)).value;
      expect(Math.abs(back! - metres)).toBeLessThanOrEqual(system === 'in' ? 0.0254 / 32 + 1e-9 : 0.0005 + 1e-9);
    }
  }
});

test('counts are whole', () => {
  expect(parseCount('12').value).toBe(12);
  expect(parseCount('1.5').error).toContain('whole');
  expect(parseCount('').error).toBeTruthy();
});

test('values are shown as a gardener would say them', () => {
  expect(say(0.4, 'Metre', METRIC)).toBe('400 mm');
  expect(say(0.018, 'Metre', METRIC)).toBe('18 mm');
  expect(say(0.92075, 'Metre', US)).toBe('36 1/4 in');
  expect(say(1.105, 'CubicMetre', METRIC)).toBe('1105 litres');
  expect(say(12.5, 'CubicMetre', METRIC)).toBe('12\u2009500 litres');
  expect(say(3000, 'Pascal', METRIC)).toBe('3 kPa');
  expect(say(5387000, 'Pascal', METRIC)).toBe('5.39 MPa');
  expect(say(10e-3 / 3600, 'MetrePerSecond', METRIC)).toBe('10 mm/h');
});

const quantities: [string, Unit, Lengths, number, number][] = [
  ['60', 'CubicMetre', 'mm', 1, 0.06],
  ['20 gal', 'CubicMetre', 'mm', 1, 0.0757082],
  ['20', 'CubicMetre', 'in', 1, 0.0757082],
  ['4 buckets', 'CubicMetre', 'in', 1, 0.04],
  ['3 kPa', 'Pascal', 'mm', 1, 3000],
  ['3', 'Pascal', 'mm', 1, 3000],
  ['15 kN/m³', 'NewtonPerCubicMetre', 'mm', 1, 15000],
  ['10', 'MetrePerSecond', 'mm', 1e-6, 10e-3 / 3600],
  ['20', 'MetrePerSecond', 'mm', 15, 20],
  ['72 km/h', 'MetrePerSecond', 'mm', 15, 20],
  ['−5', 'DegreeCelsius', 'mm', 1, -5],
  ['35 %', 'One', 'mm', 1, 0.35],
  ['40 lb', 'Kilogram', 'mm', 1, 18.143695],
  ['70 °F', 'DegreeCelsius', 'mm', 1, 21.1111111],
  ['70', 'DegreeCelsius', 'in', 1, 21.1111111],
  ['3 gal/min', 'CubicMetrePerSecond', 'mm', 1, 1.892706e-4],
  ['45', 'MetrePerSecond', 'in', 15, 20.1168],
  ['0.4', 'MetrePerSecond', 'in', 1e-6, 2.8222e-6],
  ['60', 'Pascal', 'in', 3000, 2872.8155388],
  ['18 months', 'Year', 'mm', 1, 1.5],
];

for (const [text, unit, system, reference, value] of quantities) {
  test(`“${text}” of ${unit} in ${system} is ${value}`, () => expect(parse(text, unit, of(system), reference).value).toBeCloseTo(value, 6));
}

for (const [text, unit] of [['heavy', 'Kilogram'], ['-3', 'Pascal'], ['4 elephants', 'CubicMetre'], ['', 'Degree']] as const) {
  test(`“${text}” says why it is no ${unit}`, () => expect(parse(text, unit, METRIC).error).toMatch(/\w{3,}/));
}

test('what stands in a field can be typed again', () => {
  for (const system of ['mm', 'cm', 'in'] as const) {
    for (const [unit, value] of [['Pascal', 3000], ['Pascal', 240000], ['CubicMetre', 0.096], ['NewtonPerCubicMetre', 15e3], ['MetrePerSecond', 60e-3 / 3600], ['MetrePerSecond', 20], ['CubicMetrePerDay', 0.0012], ['Year', 1], ['Degree', 30], ['DegreeCelsius', -4], ['Kilogram', 140], ['One', 0.35]] as const) {
      const back = parse(fieldText(value, unit, of(system)), unit, of(system), value);
      expect(back.error, `${fieldText(value, unit, of(system))} of ${unit}`).toBeUndefined();
      expect(Math.abs(back.value! - value)).toBeLessThanOrEqual(Math.abs(value) * 0.006);
    }
  }
});

for (const line of readFileSync(new URL('../telling.txt', import.meta.url), 'utf8').split('\n')) {
  if (line === '' || line.startsWith('#')) continue;
  const [value, unit, metric, us] = line.replaceAll('_', '\u2009').split(' | ') as [string, Unit, string, string];
  test(`${value} of ${unit} is told as the core tells it`, () => {
    expect(say(Number(value), unit, METRIC)).toBe(metric);
    expect(say(Number(value), unit, US)).toBe(us);
  });
}

test('decimals, money and volumes are told as the garden has them', () => {
  const own: System = { lengths: 'cm', decimal: ',', currency: 'kr', volumes: { name: 'barrow', volume: 0.08 } };
  expect(say(0.0925, 'Metre', own)).toBe('9,3 cm');
  expect(money(1234.5, own)).toBe('kr 1234,50');
  expect(say(0.32, 'CubicMetre', own)).toBe('4 barrows');
  expect(parse('4', 'CubicMetre', own).value).toBeCloseTo(0.32, 9);
});

test('a day of the year is said as one says it, and found again', () => {
  expect(dayAndMonth(118)).toBe('28 Apr');
  expect(dayAndMonth(297)).toBe('24 Oct');
  // A month has its last day and none beyond; a frost may come before the year begins or after it ends.
  expect(numberOf(1, 31)).toBe(59);
  expect([dayAndMonth(-2), dayAndMonth(366)]).toEqual(['29 Dec', '1 Jan']);
  for (let n = 1; n <= 365; n++) expect(numberOf(dateOf(n).month, dateOf(n).day)).toBe(n);
  expect(DAYS).toEqual([21, 52, 80, 111, 141, 172, 202, 233, 264, 294, 325, 355]);
});

test('a wind has the name of the eighth it is nearest to', () => {
  expect([0, 22, 23, 120, 338, 359].map((d) => WINDS[windOf(d)])).toEqual(['north', 'north', 'north-east', 'south-east', 'north', 'north']);
  for (let w = 0; w < 8; w++) expect(windOf(degreesOf(w))).toBe(w);
});
