import type { Locator } from '@playwright/test';
import { expect, NEXT, paper, PROJECTS, test } from './garden';

/** The first walk through the whole: gather, match, draw, keep, make, and all of it still there afterwards. */
test('from a tub typed in inches to a printed sheet that outlives the server', async ({ open, page, server }) => {
  await open('/gather');

  // Units: a bare number now means inches.
  await page.getByLabel('Units').selectOption('in');
  await expect(page.getByLabel('Units')).toHaveValue('in');

  // A tub of one's own.
  await page.getByRole('button', { name: 'Something dragged home' }).click();
  await page.getByRole('button', { name: 'Round tub', exact: true }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Whelk tub');
  await page.getByRole('textbox', { name: 'Across the top, inside' }).fill('24');
  await page.getByRole('textbox', { name: 'Across the top, inside' }).press('Enter');
  await page.getByRole('textbox', { name: 'Across the foot, inside' }).fill('19 1/4"');
  await page.getByRole('textbox', { name: 'Across the foot, inside' }).press('Enter');
  await page.getByRole('textbox', { name: 'Height inside' }).fill(`1' 4"`);
  await page.getByRole('textbox', { name: 'Height inside' }).press('Enter');
  await expect(page.getByRole('textbox', { name: 'Height inside' })).toHaveValue('16');
  const verdict = page.locator('.judged');
  await expect(verdict).toContainText('Not looked at yet');
  await expect(verdict).toContainText('no cutting');

  // What it held decides, and that somebody looked for the rest.
  await page.getByLabel('Held food, drink or clean water').check();
  await expect(verdict).toContainText('Not looked at yet');
  await page.getByLabel(/Looked for all of these/).check();
  await expect(verdict).toContainText('May grow food');
  await expect(page.locator('.makes')).toContainText('US gal');
  await page.getByRole('button', { name: 'Put it on the heap' }).click();
  await expect(page.getByRole('link', { name: /Whelk tub/ })).toBeVisible();
  await expect(page.getByText(/^\d+ things$/)).toBeVisible();

  // It is among what the drilled tub can be made from.
  await page.getByRole('link', { name: /Match/ }).click();
  await page.getByRole('article', { name: 'Drilled tub' }).getByRole('button').click();
  const tubs = page.getByRole('region', { name: 'Drilled tub' });
  await expect(tubs.getByRole('button', { name: /Whelk tub/ })).toBeVisible();

  // An unsafe earlier content: the verdict changes and the design loses it.
  await page.getByRole('link', { name: /Gather/ }).click();
  await page.getByRole('link', { name: /Whelk tub/ }).click();
  const paint = page.getByLabel(/Held oil, paint/);
  await paint.check();
  await expect(verdict).toContainText('Not for this');
  await expect(verdict).toContainText('explode');
  await page.getByRole('button', { name: 'Keep changes' }).click();
  await page.getByRole('link', { name: /Match/ }).click();
  await expect(tubs.getByRole('button', { name: /Whelk tub/ })).toHaveCount(0);
  await tubs.getByText(/not for this/).click();
  await expect(tubs.getByRole('listitem').filter({ hasText: 'Whelk tub' })).toBeVisible();

  // Unticked, it is back.
  await page.getByRole('link', { name: /Gather/ }).click();
  await page.getByRole('link', { name: /Whelk tub/ }).click();
  await paint.uncheck();
  await page.getByRole('button', { name: 'Keep changes' }).click();
  await expect(page.getByRole('status').first()).toContainText('Whelk tub is kept');
  await page.getByRole('link', { name: /Match/ }).click();
  await expect(tubs.getByRole('button', { name: /Whelk tub/ })).toBeVisible();

  // The pallet bed: raise it until it fails, read why, lower it until it is sound.
  await page.getByLabel('Units').selectOption('mm');
  await page.getByRole('article', { name: 'Pallet-section bed' }).getByRole('button').click();
  await page.getByRole('region', { name: 'Pallet-section bed' }).getByRole('button', { name: /Long crate pallets/ }).click();
  const height = page.getByLabel('Wall height').first();
  await page.getByLabel('Tie wires in each section').fill('1');
  const hold = page.locator('.verdicts > section').nth(2);
  await height.focus();
  let steps = 0;
  // The number beside a slider is the answered one, so its change says that the verdicts have followed.
  const press = async (slider: Locator, key: string) => {
    const answered = page.locator('.band', { has: slider }).locator('output');
    const before = await answered.innerText();
    await slider.press(key);
    await expect(answered).not.toHaveText(before);
  };
  while (!(await hold.getByText("Won't do").first().isVisible()) && steps++ < 12) await press(height, 'ArrowRight');
  await expect(hold.locator('.verdict').first()).toHaveAttribute('data-verdict', 'Fails');
  await expect(hold.locator('.remedy').first()).toContainText(/no farther apart than|at least/);
  await hold.getByRole('button', { name: /Belly of the long walls/ }).click();
  await hold.getByRole('button', { name: /show the sum/ }).first().click();
  await expect(hold.locator('.sum').first()).toContainText('pressure at half the depth');
  while ((await hold.locator('.verdict').first().getAttribute('data-verdict')) !== 'Sound' && steps++ < 40) {
    if ((await height.inputValue()) === '0') await press(page.getByLabel('Tie wires in each section'), 'ArrowRight');
    else await press(height, 'ArrowLeft');
  }
  await expect(hold.locator('.verdict').first()).toHaveAttribute('data-verdict', 'Sound');

  // Kept, it speaks for its pallets.
  await page.getByLabel('Project', { exact: true }).fill('Slip bed');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('button', { name: 'Make it' })).toBeVisible();
  await expect(page.getByRole('button', { name: /taken for this.*spoken for by Slip bed/ }).first()).toBeVisible();

  // The sheet: steps, cuts, what to buy; it prints on the paper of the garden, A4 until another is chosen.
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page.getByRole('heading', { name: 'Slip bed' })).toBeVisible();
  await expect(page.getByText('Saw the pallets')).toBeVisible();
  await expect(page.getByText('Not a certificate')).toBeVisible();
  await page.getByRole('checkbox').first().check();
  await expect(page.getByText(/^1 of \d+$/)).toBeVisible();
  expect(await paper(page)).toEqual(['595 x 842']);

  // A power cut later, all of it is there.
  await server.kill();
  await server.start();
  await open(page.url().split('#')[1]);
  await expect(page.getByRole('heading', { name: 'Slip bed' })).toBeVisible();
  await expect(page.getByText(/^1 of \d+$/)).toBeVisible();
  await expect(page.getByText(`${PROJECTS + 1} to make`)).toBeVisible();
  await open(`/gather/${NEXT}`);
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Whelk tub');
});
