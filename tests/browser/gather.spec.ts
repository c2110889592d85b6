import { expect, test, THINGS } from './garden';

test('a nonsense measure is refused at the drawing and what was typed before stays', async ({ open, page }) => {
  await open('/gather/10');
  const height = page.getByRole('textbox', { name: 'Height inside' });
  await height.fill('tall');
  await height.press('Enter');
  await expect(page.locator('.problem').first()).toContainText('“tall” is not a length');
  await expect(page.getByRole('textbox', { name: 'Across the top, inside' })).toHaveValue('600');
});

test('a measure that cannot be is refused with why, by the core', async ({ open, page }) => {
  await open('/gather/10');
  await page.getByRole('textbox', { name: /Thickness of the wall/ }).fill('29 mm');
  await page.getByRole('textbox', { name: 'Across the foot, inside' }).fill('8cm');
  await page.getByRole('textbox', { name: 'Across the foot, inside' }).press('Enter');
  await expect(page.locator('.problem').first()).toContainText('would fill the tub');
});

test('an empty name is refused at the name and nothing is added', async ({ open, page }) => {
  await open('/gather/new');
  await page.getByRole('button', { name: 'Drum', exact: true }).click();
  await page.getByRole('button', { name: 'Put it on the heap' }).click();
  await expect(page.locator('.problem').first()).toContainText('Give it a name');
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveAttribute('aria-invalid', 'true');
  await expect(page.getByText(`${THINGS} things`, { exact: true })).toBeVisible();
});

test('a half-measured thing survives leaving the page', async ({ open, page }) => {
  await open('/gather/new');
  await page.getByRole('button', { name: 'Box-shaped tub' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Half-done');
  await page.getByRole('link', { name: /Match/ }).click();
  await page.reload();
  await open('/gather/new');
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Half-done');
});

test('two tabs on one thing: the second is told and sees the first', async ({ open, page, context, server }) => {
  await open('/gather/10');
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Bait tub, rinsed');
  const second = await context.newPage();
  await second.goto(`${server.url}/#/gather/10`);
  await second.getByRole('textbox', { name: 'Name' }).fill('Second tab');
  await page.getByRole('textbox', { name: 'Name' }).fill('First tab');
  await page.getByRole('button', { name: 'Keep changes' }).click();
  await expect(page.getByRole('link', { name: /First tab/ })).toBeVisible();
  await second.getByRole('button', { name: 'Keep changes' }).click();
  await expect(second.getByText(/Somebody changed this meanwhile/).first()).toBeVisible();
});

test('split, take off the heap, undo it all', async ({ open, page }) => {
  await open('/gather/9');
  await page.getByLabel('How many to split off').fill('2');
  await page.getByRole('button', { name: 'Split off' }).click();
  await expect(page.getByText(`${THINGS + 1} things`, { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Off the heap' }).click();
  await expect(page.getByText(`${THINGS} things`, { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(`${THINGS + 1} things`, { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(`${THINGS} things`, { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.getByText(`${THINGS + 1} things`, { exact: true })).toBeVisible();
});

test('a slat tapped bad is cut round', async ({ open, page }) => {
  await open('/gather/2');
  await page.getByRole('button', { name: 'slat 5', exact: true }).press('Enter');
  await expect(page.getByRole('button', { name: 'slat 5, marked bad' })).toBeVisible();
  await page.getByRole('button', { name: 'Keep changes' }).click();
  await expect(page.getByRole('status').first()).toContainText('is kept');
  await page.reload();
  await expect(page.getByRole('button', { name: 'slat 5, marked bad' })).toBeVisible();
});

test('what is typed while a change is being kept, far from the house, is neither lost nor kept unasked', async ({ open, page }) => {
  await open('/gather/3');
  const name = page.getByRole('textbox', { name: 'Name', exact: true });
  await page.route('**/api/things', async (route) => {
    await new Promise((late) => setTimeout(late, 1500));
    await route.continue();
  });
  await name.fill('Long pallet');
  await page.getByRole('button', { name: 'Keep changes' }).click();
  await name.fill('Long pallet by the wall');
  await expect(page.getByRole('status').first()).toContainText('Long pallet is kept');
  await page.waitForResponse((r) => r.url().endsWith('/api/things') && r.request().method() === 'GET');
  await expect(name).toHaveValue('Long pallet by the wall');
  await page.getByRole('button', { name: 'Keep changes' }).click();
  await expect(page.getByRole('status').first()).toContainText('Long pallet by the wall is kept');
  await page.reload();
  await expect(name).toHaveValue('Long pallet by the wall');
});

test('a house rule turns unmarked pallets into food wood and back', async ({ open, page }) => {
  await open('/gather/3');
  await expect(page.locator('.judged')).toContainText('Ornamentals only');
  await page.getByRole('link', { name: 'house rule', exact: true }).click();
  await page.getByLabel(/Any that is not fumigated/).check();
  await expect(page.getByRole('status')).toContainText('judged again');
  await open('/gather/3');
  await page.reload();
  await expect(page.locator('.judged')).toContainText('May grow food');
});

test('the stages are at hand by number', async ({ open, page }) => {
  await open('/gather/1');
  await expect(page.getByRole('textbox', { name: 'Name' })).toBeVisible();
  await page.locator('main').press('3');
  await expect(page.getByRole('heading', { name: 'What the heap can make' })).toBeVisible();
  await page.locator('main').press('5');
  await expect(page.getByRole('heading', { name: 'Step by step' })).toBeVisible();
});
