import { expect, test } from '@playwright/test';
import { whatHolds } from '../../web/src/lib/controls/holds';
import type { Schemas } from '../../web/src/lib/api/client';

type Verdict = Schemas['NotchDto']['verdict'];

/** Stops 0, 1, 2 … with a verdict each: S sound, T tight, W to be tested with water, F fails, A ask, - cannot be cut. */
const stops = (letters: string) =>
  [...letters].map((letter, value) => ({ value, verdict: ({ S: 'Sound', T: 'Tight', W: 'ProveFirst', F: 'Fails', A: 'AskAProfessional' } as Record<string, Verdict>)[letter] ?? null }));

const says: [string, string][] = [
  ['SSTT', 'all of it holds'],
  ['FFFF', 'none of it holds'],
  ['--A-', 'none of it holds'],
  ['WWFF', 'to be tested with water'],
  ['SSTF', 'holds to 2'],
  ['FFTS', 'holds from 2'],
  ['FSTF', 'holds 1 to 2'],
  ['FFSF', 'only 2 holds'],
  ['SWFF', 'only 0 holds'],
  ['SSFFT', 'holds 0 to 1 and 4'],
  ['SS-TT', 'holds 0 to 1 and 3 to 4'],
  ['SFSFS', 'holds 0, 2 and 4'],
  ['SFSFSFS', '4 of 7 stops hold'],
  ['SSWWSS', 'holds 0 to 1 and 4 to 5'],
];

for (const [letters, words] of says) {
  test(`stops that go ${letters} say “${words}”`, () => expect(whatHolds(stops(letters), String)).toBe(words));
}

test('no stop that does not hold lies in a stretch that is told as holding', () => {
  for (let pattern = 0; pattern < 3 ** 6; pattern++) {
    const letters = [...Array(6)].map((_, i) => 'SWF'[Math.floor(pattern / 3 ** i) % 3]).join('');
    const words = whatHolds(stops(letters), String);
    const told = [...words.matchAll(/(\d) to (\d)/g)].filter(() => !words.startsWith('holds to')).map((m) => [Number(m[1]), Number(m[2])]);
    for (const [from, to] of told) expect(letters.slice(from, to + 1), `${letters}: ${words}`).toMatch(/^S+$/);
    const single = /^only (\d) holds$/.exec(words);
    if (single) expect(letters.replaceAll('W', 'F').indexOf('S')).toBe(Number(single[1]));
  }
});
