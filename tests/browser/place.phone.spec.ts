import { expect, test as base } from '@playwright/test';
import { GardenServer } from './garden';
import { looksRight } from './looks';

/** A garden with nothing in it. */
const test = base.extend<{ server: GardenServer }>({
  // eslint-disable-next-line no-empty-pattern
  server: async ({}, use) => {
    const server = new GardenServer(undefined, { demo: false });
    await server.start();
    await use(server);
    await server.dispose();
  },
});

test('a gardener with a phone and a tape says where the garden lies and measures a spot and the wall that shades it', async ({ server, page }) => {
  await page.goto(`${server.url}/#/place`);
  await page.getByRole('link', { name: 'Say where the garden lies' }).tap();
  await page.getByLabel(/^Latitude/).fill('48.5');
  await page.getByLabel(/^Base line/).fill('8 m');
  await page.getByLabel(/^Direction from A to B/).fill('90');
  await page.getByLabel('Last frost in the open, month').selectOption('May');
  await page.getByRole('button', { name: 'Keep it' }).tap();
  await expect(page.getByRole('heading', { name: 'Spots' })).toBeVisible();
  await looksRight(page, true);

  await page.getByRole('button', { name: 'Measure a spot' }).tap();
  await page.getByLabel('What you call it').fill('By the shed');
  const first = page.getByRole('group', { name: 'Point 1' });
  await first.getByLabel('How point 1 is measured').selectOption('offset');
  await first.getByLabel('Along, from A').fill('2 m');
  await first.getByLabel('Off the line').fill('1 m');
  await page.getByRole('button', { name: 'Another point' }).tap();
  const second = page.getByRole('group', { name: 'Point 2' });
  await second.getByLabel('How point 2 is measured').selectOption('offset');
  await second.getByLabel('Along, from A').fill('5 m');
  await second.getByLabel('Off the line').fill('1 m');
  await page.getByLabel(/^Depth/).fill('1.5 m');
  await page.getByRole('button', { name: 'Keep it' }).tap();
  await expect(page.getByRole('heading', { name: 'By the shed' })).toBeVisible();
  const sun = page.getByText('of sun a summer’s day');
  await expect(sun).toBeVisible();
  const open = await page.locator('.large b').innerText();

  // A wall along its south side takes most of it.
  await page.getByRole('button', { name: 'Measure something' }).tap();
  await page.getByLabel('What you call it').fill('Garden wall');
  for (const [point, along] of [['1', '0 m'], ['2', '8 m']]) {
    if (point === '2') await page.getByRole('button', { name: 'Another point' }).tap();
    const group = page.getByRole('group', { name: `Point ${point}` });
    await group.getByLabel(`How point ${point} is measured`).selectOption('offset');
    await group.getByLabel('Along, from A').fill(along);
    await group.getByLabel('Off the line').fill('0.8 m');
  }
  await page.getByLabel('Height', { exact: true }).fill('2.5 m');
  await page.getByRole('button', { name: 'Keep it' }).tap();
  await expect(page.getByRole('heading', { name: 'Garden wall' })).toBeVisible();
  await page.getByRole('button', { name: 'By the shed' }).first().tap();
  await expect(sun).toBeVisible();
  await expect.poll(async () => parseFloat(await page.locator('.large b').innerText())).toBeLessThan(parseFloat(open) - 4);
  await looksRight(page, true);
});
