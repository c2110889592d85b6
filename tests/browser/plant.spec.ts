import { expect, lookingTest, paper, test } from './garden';
import { looksRight } from './looks';

test('a bed is filled from the heap by keys: logs under it, a line moved, what is short is told, kept, taken back, and ordered with the others', async ({ open, page }) => {
  await open('/plant/1');
  await expect(page.getByRole('heading', { name: 'Winch-house bed' })).toBeVisible();
  await page.getByRole('button', { name: 'Soil all through' }).press('Enter');
  const section = page.getByRole('group', { name: /in section/ });
  await expect(section.getByRole('slider')).toHaveCount(1);
  await expect(page.getByText('344 mm to root in at once')).toBeVisible();

  // Half of it wood: roots have so much less, and the soil takes nitrogen.
  await page.getByRole('button', { name: 'A layer at the foot' }).press('Enter');
  await page.getByLabel('What layer 1 is').selectOption('Logs');
  await expect(page.getByText('172 mm to root in at once')).toBeVisible();
  await expect(page.getByText('of hoof and horn make it good')).toBeVisible();
  const line = section.getByRole('slider', { name: 'Top of Logs, layer 1' });
  await line.focus();
  await line.press('ArrowDown');
  await line.press('Shift+ArrowDown');
  await expect(line).toHaveAttribute('aria-valuetext', '161 mm');
  await expect(page.getByText('183 mm to root in at once')).toBeVisible();

  // Too much is refused where it was typed, and what is kept is not touched.
  const top = page.getByLabel('Thickness').first();
  await top.fill('9 m');
  await top.press('Enter');
  await expect(page.locator('.problem', { hasText: 'over the rim' })).toBeVisible();
  await top.fill('183 mm');
  await top.press('Enter');
  await expect(page.locator('.problem', { hasText: 'over the rim' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Keep it' }).press('Enter');
  await expect(page.getByRole('button', { name: 'Back to the house rule' })).toBeVisible();
  await expect(page.getByText(/litres from \d+ Driftwood and logs/)).toBeVisible();
  await looksRight(page, false);

  await page.getByRole('button', { name: 'All in one delivery' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'To fetch' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Winch-house bed' })).toBeVisible();
  await page.goBack();
  await page.getByRole('button', { name: 'Undo', exact: true }).press('Enter');
  await expect(section.getByRole('slider')).toHaveCount(3);
});

lookingTest('what fills a bed comes out of the printer on the reader’s paper', async ({ open, page }) => {
  await open('/plant/1');
  await expect(page.getByRole('heading', { name: 'What grows in it' })).toBeVisible();
  expect(await paper(page)).toEqual(['595 x 842']);
});

lookingTest('a line in the section is dragged', async ({ open, page }) => {
  await open('/plant/1');
  const line = page.getByRole('slider', { name: 'Top of Logs, layer 1' });
  const before = Number(await line.getAttribute('aria-valuenow'));
  const box = (await line.boundingBox())!;
  await page.mouse.move(box.x + 40, box.y + box.height / 2);
  await page.mouse.down();
  for (let i = 1; i <= 10; i++) await page.mouse.move(box.x + 40, box.y + box.height / 2 - 2 * i);
  await page.mouse.up();
  // Twenty millimetres of leaves lie on it, and they give way down to ten.
  expect(Number(await line.getAttribute('aria-valuenow'))).toBe(before + 10);
  await expect(page.getByRole('button', { name: 'As it was' })).toBeVisible();
  await page.getByRole('button', { name: 'As it was' }).click();
  await expect(line).toHaveAttribute('aria-valuenow', String(before));
});
