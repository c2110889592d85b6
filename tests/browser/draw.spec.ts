import { expect, test } from './garden';

test('typing on the drawing moves the slider, the verdicts and the heap', async ({ open, page }) => {
  await open('/draw/drilled-tub?source=7');
  const litres = page.locator('.verdicts .large').first();
  await expect(litres).toContainText('litres');
  const before = await litres.textContent();
  const height = page.locator('.drawing:not(.bare)').first().getByRole('textbox', { name: 'Cut down to' });
  await height.fill('30 cm');
  await height.press('Enter');
  await expect(litres).not.toHaveText(before ?? '');
  await expect(page.locator('output').first()).toHaveText('300 mm');
});

test('a setting that cannot be cut says why and keeps the last picture', async ({ open, page }) => {
  await open('/draw/wound-cone?source=26');
  const legs = page.getByRole('slider', { name: 'Sticks' });
  await legs.focus();
  for (let i = 0; i < 5; i++) await legs.press('ArrowRight');
  const radius = page.getByRole('slider', { name: 'Radius of the ring' });
  await radius.focus();
  for (let i = 0; i < 6; i++) await radius.press('ArrowRight');
  await expect(page.getByRole('alert')).toContainText('The sticks must be');
  await expect(page.locator('.drawing:not(.bare)').first()).toHaveAttribute('data-stale', 'true');
});

test('a slider moved while the project is being kept stays where it was put, as a change', async ({ open, page }) => {
  await open('/draw/drilled-tub?source=10');
  const level = page.getByRole('slider', { name: 'Soil level', exact: true });
  await level.press('ArrowLeft');
  await expect(page.locator('output').first()).toHaveText('380 mm');
  await page.route('**/api/things', async (route) => {
    await new Promise((late) => setTimeout(late, 1500));
    await route.continue();
  });
  await page.getByRole('button', { name: 'Keep it' }).click();
  await level.press('ArrowLeft');
  await expect(page).toHaveURL(/project=/);
  await expect(page.locator('output').first()).toHaveText('360 mm');
  await page.getByRole('button', { name: 'Keep changes' }).click();
  await expect(page.getByRole('button', { name: 'Keep changes' })).toBeDisabled();
  await page.reload();
  await expect(page.locator('output').first()).toHaveText('360 mm');
});

test('who goes on to make it while what follows from keeping it is still read is not called back', async ({ open, page }) => {
  await open('/draw/drilled-tub?source=10');
  await page.route('**/api/things', async (route) => {
    await new Promise((late) => setTimeout(late, 1500));
    await route.continue();
  });
  await page.getByRole('textbox', { name: 'Project' }).fill('Herb tub');
  const read = page.waitForResponse((r) => r.url().endsWith('/api/things') && r.request().method() === 'GET');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page.getByRole('heading', { name: 'Herb tub', level: 1 })).toBeVisible();
  await read;
  // Long enough for whatever would still follow.
  await page.waitForTimeout(1000);
  await expect(page.getByRole('heading', { name: 'Herb tub', level: 1 })).toBeVisible();
  await expect(page).toHaveURL(/#\/make\//);
});

test('a constant changed in its sum is marked as one’s own and can be taken back', async ({ open, page }) => {
  await open('/draw/drilled-tub?source=10');
  const depth = page.getByRole('button', { name: /Depth to root in/ });
  await expect(depth).toContainText('310');
  await depth.click();
  await page.getByRole('button', { name: 'change' }).first().click();
  await page.getByLabel(/, from .* to /).fill('40');
  await page.getByRole('button', { name: 'Use it' }).click();
  await expect(depth).toContainText('350');
  await expect(page.getByText('your own value').first()).toBeVisible();
  await open('/house-rules/handbook');
  await page.getByRole('button', { name: 'Back to ours' }).click();
  await expect(page.getByText('None yet.')).toBeVisible();
});

test('a kept project opens from the list, changes, and is dropped; undo brings it back', async ({ open, page }) => {
  await open('/draw');
  await page.getByRole('button', { name: 'Winch-house bed Pallet-section bed' }).click();
  await expect(page.getByLabel('Project', { exact: true })).toHaveValue('Winch-house bed');
  await page.getByLabel('Project', { exact: true }).fill('Viola bed');
  await page.getByRole('button', { name: 'Keep changes' }).click();
  await expect(page.getByRole('button', { name: 'Keep changes' })).toBeDisabled();
  await page.getByRole('button', { name: 'Drop it' }).click();
  await expect(page.getByText('7 kept')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('8 kept')).toBeVisible();
});

test('a garden that has stopped says so and loses nothing', async ({ open, page, server }) => {
  await open('/gather/10');
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Bait tub, rinsed');
  await server.kill();
  await page.getByRole('textbox', { name: 'Name' }).fill('Typed in the dark');
  await page.getByRole('button', { name: 'Keep changes' }).click();
  await expect(page.getByRole('alert').first()).toContainText('cannot be reached');
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Typed in the dark');
  await server.start();
});

test('what may be added is found under the settings, is kept with the project and is still there when it is opened again', async ({ open, page }) => {
  await open('/draw?project=1');
  const added = page.getByRole('button', { name: 'What may be added' });
  await expect(added).toHaveAttribute('aria-expanded', 'false');
  await added.click();
  const mesh = page.getByLabel('Mesh under it');
  await expect(mesh).toBeVisible();
  await mesh.press('End');
  await expect(page.getByText(/mesh against burrowers/i).first()).toBeVisible();
  await page.getByRole('button', { name: 'Keep changes' }).click();
  await expect(page.getByRole('button', { name: 'Keep changes' })).toBeDisabled();
  await open('/match');
  await open('/draw?project=1');
  await expect(page.getByRole('button', { name: 'Added: mesh under it' })).toHaveAttribute('aria-expanded', 'true');
  await open('/make/1');
  await expect(page.getByText('Lay mesh against burrowers')).toBeVisible();
});
