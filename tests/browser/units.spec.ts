import { expect, test } from '@playwright/test';
import { lengthDigits, parseCount, parseLength, say, type System } from '../../web/src/lib/units/units';

const means: [string, System, number][] = [
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
  test(`“${text}” in ${system} is ${metres} m`, () => expect(parseLength(text, system).value).toBeCloseTo(metres, 9));
}

for (const text of ['', 'tall', '12 elephants', '-3', '1/0 in', '3" 2\'', '1..2', '5 cm 2 m']) {
  test(`“${text}” says why it is no length`, () => expect(parseLength(text, 'mm').error).toMatch(/\w{3,}/));
}

test('a length survives the way to the screen and back in every system', () => {
  for (const system of ['mm', 'cm', 'in'] as const) {
    for (let i = 1; i < 400; i++) {
      const metres = i * 0.0071;
      const back = parseLength(lengthDigits(metres, system).replace(/\u2009/g, ''), system).value;
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
  expect(say(0.4, 'Metre', 'mm')).toBe('400 mm');
  expect(say(0.018, 'Metre', 'mm')).toBe('18 mm');
  expect(say(0.92075, 'Metre', 'in')).toBe('36 1/4 in');
  expect(say(1.105, 'CubicMetre', 'mm')).toBe('1105 litres');
  expect(say(12.5, 'CubicMetre', 'mm')).toBe('12\u2009500 litres');
  expect(say(3000, 'Pascal', 'mm')).toBe('3 kPa');
  expect(say(5387000, 'Pascal', 'mm')).toBe('5.39 MPa');
  expect(say(10e-3 / 3600, 'MetrePerSecond', 'mm')).toBe('10 mm/h');
});
