import { Body, Equator, Horizon, HourAngle, Observer } from 'astronomy-engine';
import { expect, lookingTest as test } from './garden';

/** The equator, a tropic, both temperate belts, the polar circle. */
const LATITUDES = [0, 23.44, 52, 66.5, -33.9, -52];
const DAYS = ['2026-03-21', '2026-06-21', '2026-09-23', '2026-12-21'];
const HOURS = ['05:30', '09:10', '12:00', '16:20'];

test('the sun stands where an almanac of its own says, within a tenth of a degree', async ({ shared }) => {
  let [tried, worst] = [0, 0];
  for (const latitude of LATITUDES) {
    for (const day of DAYS) {
      for (const hour of HOURS) {
        const at = new Date(`${day}T${hour}:00Z`);
        const observer = new Observer(latitude, 0, 0);
        const { ra, dec } = Equator(Body.Sun, at, observer, true, true);
        // Of its centre, without refraction.
        const { altitude, azimuth } = Horizon(at, observer, ra, dec);
        const inputs = {
          latitudeDegrees: latitude,
          dayOfYear: Math.round((Date.parse(`${day}T00:00Z`) - Date.UTC(2026, 0, 0)) / 864e5),
          solarHour: (HourAngle(Body.Sun, at, observer) + 12) % 24,
        };
        const answer = await fetch(`${shared.url}/api/sums/sun-position`, {
          method: 'POST',
          headers: { 'content-type': 'application/json', 'X-Metaplant': '1' },
          body: JSON.stringify({ inputs }),
        });
        const sum = (await answer.json()) as { value: number; also: Record<string, number> };
        const where = `${latitude}° on ${day} at ${hour}`;
        expect(Math.abs(sum.value - altitude), where).toBeLessThan(0.1);
        const turned = Math.abs(((sum.also.azimuthDegrees - azimuth + 540) % 360) - 180) * Math.cos((altitude * Math.PI) / 180);
        expect(turned, where).toBeLessThan(0.1);
        worst = Math.max(worst, Math.abs(sum.value - altitude), turned);
        tried++;
      }
    }
  }
  console.log(`${tried} positions of the sun, ${worst.toFixed(3)}° out at the most`);
  expect(tried).toBe(96);
});
