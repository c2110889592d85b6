import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test, THINGS } from './garden';
import { looksRight } from './looks';

test('on a phone the heap is a drawer and a thing is measured with a thumb', async ({ open, page }) => {
  await open('/gather/10');
  const drawer = page.getByRole('button', { name: new RegExp(`${THINGS} things`) });
  await expect(drawer).toHaveAttribute('aria-expanded', 'false');
  await drawer.tap();
  await expect(page.getByRole('button', { name: /^10, Bait tub/ })).toBeVisible();
  await drawer.tap();
  const height = page.getByRole('textbox', { name: 'Height inside' });
  await height.fill('45cm');
  await height.press('Enter');
  await expect(height).toHaveValue('450');
  const box = (await page.getByRole('button', { name: 'Keep changes' }).boundingBox())!;
  expect(box.height).toBeGreaterThanOrEqual(44);
  // Wholly above the heap.
  const main = (await page.locator('main').boundingBox())!;
  expect(box.y + box.height).toBeLessThanOrEqual(main.y + main.height);
});

test('on a phone a sum answers above its drawing', async ({ open, page }) => {
  await open('/sums/volume-half-drum');
  await expect(page.locator('.first .large')).toContainText('108');
  const across = page.getByRole('textbox', { name: 'Across the drum, inside' });
  await across.fill('23 in');
  await across.press('Enter');
  await expect(page.locator('.first .large')).toContainText('114');
  await page.getByRole('combobox', { name: 'Question' }).selectOption({ label: 'How hard does wind press?' });
  await expect(page.getByRole('heading', { name: 'How hard does wind press?' })).toBeVisible();
});

test('a measure in inches and sixteenths is whole on the phone', async ({ open, page }) => {
  await open('/gather/10');
  await page.getByLabel('Units').selectOption('in');
  const height = page.getByRole('textbox', { name: 'Height inside' });
  await expect(height).toHaveValue('16 9/16');
  const clipped = await page.locator('.measure').evaluateAll((all) => all.filter((e) => e.scrollWidth > e.clientWidth).map((e) => (e as HTMLInputElement).value));
  expect(clipped).toEqual([]);
});

test('on a phone the picture, the slider in hand and the three verdicts are in sight together, for the last slider too', async ({ open, page }) => {
  await open('/draw/pallet-bed?source=1');
  for (const slider of [page.getByRole('slider').first(), page.getByRole('slider').last()]) {
    await slider.scrollIntoViewIfNeeded();
    await slider.focus();
    const [picture, verdicts, thumb] = await Promise.all([page.locator('.drawing').boundingBox(), page.locator('dl.bar').boundingBox(), slider.boundingBox()]);
    // Below the tape, above the heap, and none over another.
    const main = (await page.locator('main').boundingBox())!;
    for (const box of [picture!, verdicts!, thumb!]) {
      expect(box.y).toBeGreaterThanOrEqual(main.y - 1);
      expect(box.y + box.height).toBeLessThanOrEqual(main.y + main.height + 1);
    }
    expect(verdicts!.y).toBeGreaterThanOrEqual(picture!.y + picture!.height - 1);
    expect(thumb!.y).toBeGreaterThanOrEqual(verdicts!.y + verdicts!.height - 1);
  }
  await expect(page.locator('dl.bar > div')).toHaveCount(3);
});

test('on a phone the heap is a list, a thing is a page, and a sum is found by its words', async ({ open, page }) => {
  await open('/gather');
  await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveCount(0);
  const row = page.locator('.list').getByRole('link', { name: /Bait tub/ });
  expect((await row.boundingBox())!.height).toBeGreaterThanOrEqual(44);
  await row.tap();
  await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('Bait tub, rinsed');
  await expect(row).toBeHidden();
  await open('/sums/board-span');
  await page.getByRole('searchbox').fill('wind press');
  await page.getByRole('link', { name: 'How hard does wind press?' }).tap();
  await expect(page.getByRole('heading', { name: 'How hard does wind press?' })).toBeVisible();
});

test('on a phone the marks fill the width, nothing of them is cut off, and they close with a thumb', async ({ open, page }) => {
  await open('/make/2');
  await page.getByRole('button', { name: 'Marks and keys' }).tap();
  const legend = page.getByRole('dialog', { name: 'What the marks say' });
  await expect(legend).toContainText('Not looked at yet');
  await looksRight(page, true);
  const box = (await legend.boundingBox())!;
  expect(box.x).toBeGreaterThanOrEqual(0);
  expect(box.x + box.width).toBeLessThanOrEqual(391);
  const close = legend.getByRole('button', { name: 'Close' });
  expect((await close.boundingBox())!.height).toBeGreaterThanOrEqual(44);
  await close.tap();
  await expect(legend).toHaveCount(0);
  await expect(page.getByRole('heading', { name: 'Juice-drum tub', level: 1 })).toBeVisible();
});

test('on a phone what else can be done with a thing is one tap away, and Escape or another tap shuts it', async ({ open, page }) => {
  await open('/gather/10');
  const height = page.getByRole('textbox', { name: 'Height inside' });
  await height.fill('450');
  await height.press('Enter');
  const more = page.getByRole('button', { name: 'More' });
  await more.tap();
  const menu = page.getByRole('dialog', { name: 'More to do with it' });
  await expect(menu.getByRole('button', { name: 'Off the heap' })).toBeVisible();
  await looksRight(page, true);
  for (const choice of await menu.getByRole('button').all()) expect((await choice.boundingBox())!.height).toBeGreaterThanOrEqual(44);
  await page.keyboard.press('Escape');
  await expect(menu).toHaveCount(0);
  await more.tap();
  await menu.getByRole('button', { name: 'As it was' }).tap();
  await expect(menu).toHaveCount(0);
  await expect(height).not.toHaveValue('450');
});

test('on a phone a photograph is looked at large, and shut with a thumb', async ({ open, page, server }) => {
  await open('/gather/10');
  await page.getByText('Where it comes from, what to mind, photographs').tap();
  const picture = join(server.folder, 'shot.png');
  writeFileSync(picture, await page.screenshot());
  await page.locator('input[type=file]').setInputFiles(picture);
  await page.getByRole('img', { name: /Photograph of/ }).tap();
  const large = page.getByRole('dialog', { name: /photograph 1 of 1/ });
  await expect(large).toBeVisible();
  await looksRight(page, true);
  const box = (await large.boundingBox())!;
  expect(box.x).toBeGreaterThanOrEqual(0);
  expect(box.x + box.width).toBeLessThanOrEqual(390);
  await large.getByRole('button', { name: /close/i }).first().tap();
  await expect(page.getByRole('dialog')).toHaveCount(0);
});
