import { readFileSync } from 'node:fs';
import { expect, test } from './garden';

/** Out with the tape at somebody else's heap. */
test.use({
  viewport: { width: 390, height: 844 },
  hasTouch: true,
  isMobile: true,
});

test('a thing is seen at the tip on a phone, tells what it unlocks, is kept in mind and fetched', async ({ open, page }) => {
  await open('/match');
  await page.getByRole('link', { name: 'what is worth fetching' }).click();
  // Measured once, the car is there for everything that is seen.
  await page.getByLabel('Length inside').fill('1500');
  await page.getByLabel('Width inside').fill('1000');
  await page.getByLabel('Height of the opening').fill('20 m');
  await page.getByRole('button', { name: 'Keep the car' }).click();
  await expect(page.locator('.car')).toContainText('From 100 mm to 12 m.');
  await page.getByLabel('Height of the opening').fill('720');
  await page.getByRole('button', { name: 'Keep the car' }).click();
  await expect(page.getByRole('button', { name: 'Forget it' })).toBeVisible();

  await page.getByRole('button', { name: 'I see something' }).click();
  await page.getByLabel('Say what it is').fill('6 boards 1400 x 240 x 30');
  await page.keyboard.press('Enter');
  const told = page.locator('.worth');
  await expect(told).toContainText('Look it over first.');
  await expect(told).toContainText('would come out better');
  await expect(told).toContainText('All 6 go in at once.');
  // A longer one does not go in; what was typed is tried again by itself.
  await page.getByLabel(/^Length/).fill('2400');
  await page.getByLabel(/^Length/).press('Tab');
  await expect(told).toContainText('900 mm too long');
  await page.getByLabel('Name').fill('Shelf boards');
  await page.getByLabel('Who has it, and where').fill('The chapel, by the side door');
  await page.getByRole('button', { name: 'Keep it in mind' }).click();

  const seen = page.getByRole('article', { name: 'Shelf boards' });
  await expect(seen).toContainText('The chapel, by the side door');
  await expect(seen).toContainText('900 mm too long');
  await seen.getByRole('button', { name: 'What is it good for?' }).click();
  await expect(seen).toContainText('would come out better');
  await seen.getByRole('button', { name: 'Forget it' }).click();
  await expect(seen).toHaveCount(0);
  await page.getByRole('button', { name: 'Take it back' }).click();
  await seen.getByRole('button', { name: 'Fetched' }).click();
  // On the heap it is measured and looked over like anything that lies there.
  await expect(page).toHaveURL(/gather\/\d+$/);
  await expect(page.getByLabel('Name')).toHaveValue('Shelf boards');
});

test('the wanted list goes along as a page that answers yes and no with no server in reach', async ({ open, page, context }) => {
  await open('/fetch');
  const saved = page.waitForEvent('download', { timeout: 60_000 });
  await page.getByRole('link', { name: /Take it along/ }).click();
  const file = await (await saved).path();
  const away = await context.newPage();
  const asked: string[] = [];
  away.on('request', (r) => asked.push(r.url()));
  await away.setContent(readFileSync(file, 'utf8'));
  const planks = away.getByRole('listitem').filter({ hasText: /planks, and \d+ to spare/ });
  await expect(planks).toContainText('Each at least');
  await away.getByLabel('Length, mm').fill('4000');
  await expect(planks).toContainText('So far: how wide and how thick is it?');
  await away.getByLabel('Width, mm').fill('20');
  await expect(planks).toContainText('No: not wide enough.');
  await away.getByLabel('Width, mm').fill('400');
  await away.getByLabel('Thickness, mm').fill('40,5');
  await expect(planks).toContainText('Yes, as far as its measures go.');
  expect(asked).toEqual([]);
});

test('the wanted list says what to look for and what it would do', async ({ open, page }) => {
  await open('/fetch');
  const bales = page.getByRole('listitem').filter({ hasText: 'more like Bales from the harvest supper' });
  await expect(bales).toContainText('to spare');
  await expect(bales).toContainText('10 bales on edge');
  await expect(bales).toContainText(/, now \d+ litres/);
  await expect(page.getByRole('listitem').filter({ hasText: 'Each at least' }).first()).toContainText('long');
});
