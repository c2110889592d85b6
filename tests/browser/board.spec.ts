import { expect, test, THINGS } from './garden';
import { looksRight } from './looks';

/** Pixels from the left to the right of what is drawn of a part. */
const across = (drawing: import('@playwright/test').Locator) => drawing.locator('svg').first().evaluate((svg) => Math.max(...[...svg.querySelectorAll('polygon')].map((p) => p.getBoundingClientRect().right)) - Math.min(...[...svg.querySelectorAll('polygon')].map((p) => p.getBoundingClientRect().left)));

test('on a small board one drawing is large and fills it, and the others are there to be chosen by keyboard', async ({ open, page }) => {
  await open('/draw/pallet-bed?source=1');
  const large = page.locator('.drawing:not(.bare)');
  await expect(large).toHaveCount(1);
  await expect(page.getByRole('tab')).toHaveCount(4);
  const board = (await page.getByRole('region', { name: 'Drawings to scale' }).boundingBox())!;
  expect(await across(large)).toBeGreaterThan(board.width * 0.7);
  await page.getByRole('tab', { name: 'Section' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('tab', { name: 'Section' })).toHaveAttribute('aria-selected', 'true');
  await expect(large).toHaveCount(1);
  await expect(page.getByRole('tabpanel').getByRole('group', { name: /^Section/ })).toBeVisible();
  // What is chosen stays while the slider moves.
  await page.getByRole('slider', { name: 'Length' }).press('ArrowLeft');
  await expect(page.getByRole('tabpanel').getByRole('group', { name: /^Section/ })).toBeVisible();
});

test('on a large board all views stand at one scale', async ({ open, page }) => {
  await page.setViewportSize({ width: 1920, height: 1080 });
  await open('/draw/pallet-bed?source=1');
  const drawings = page.locator('.drawing:not(.bare)');
  await expect(drawings).toHaveCount(4);
  await expect(page.getByRole('tab')).toHaveCount(0);
  const [front, plan] = [await across(drawings.filter({ has: page.getByRole('group', { name: /^Front/ }) })), await across(drawings.filter({ has: page.getByRole('group', { name: /^Plan/ }) }))];
  // The front shows the pegs outside, the plan the corner posts: within the thickness of those.
  expect(Math.abs(front - plan)).toBeLessThan(front * 0.08);
  for (const drawing of await drawings.all()) {
    const box = (await drawing.boundingBox())!;
    expect(box.y + box.height).toBeLessThanOrEqual(1080);
  }
});

test('what is done is said with the way back beside it', async ({ open, page }) => {
  await open('/gather/10');
  const name = page.getByRole('textbox', { name: 'Name', exact: true });
  await name.fill('Tub of mine');
  await page.getByRole('button', { name: 'Keep changes' }).click();
  const foot = page.getByRole('contentinfo', { name: 'The heap' });
  await expect(foot).toContainText('Tub of mine is kept');
  await foot.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.locator('.list').getByRole('link', { name: /Bait tub/ })).toBeVisible();
  // Taking back is not taken back by the same press.
  await expect(foot).toContainText('Undone');
  await expect(foot.getByRole('button', { name: 'Take it back' })).toHaveCount(0);
});

test('the marks are one press away from anywhere, and Escape leads back to where one was', async ({ open, page }) => {
  await open('/sums/board-span');
  const ask = page.getByRole('button', { name: 'Marks and keys' });
  await ask.click();
  const legend = page.getByRole('dialog', { name: 'What the marks say' });
  await expect(legend).toContainText('Not looked at yet');
  await expect(legend).toContainText('how hard the soil pushes');
  await looksRight(page, false);
  await page.keyboard.press('Escape');
  await expect(legend).toHaveCount(0);
  await expect(ask).toBeFocused();
  await expect(page).toHaveURL(/sums\/board-span/);
});

test('a tick reads the project again and nothing else; a thing kept has the heap matched again', async ({ open, page }) => {
  await open('/make/2');
  await expect(page.getByRole('heading', { name: 'Juice-drum tub', level: 1 })).toBeVisible();
  // The first matching is over, and whether there is better stock has been asked.
  await expect(page.getByText(/\d+ will do/)).toBeVisible();
  await page.waitForTimeout(2000);
  await page.waitForLoadState('networkidle');
  const asked: string[] = [];
  // What a step looks like is a picture, loaded when it comes into sight.
  page.on('request', (r) => /\/api\/(?!.*\/pictures\/)/.test(r.url()) && asked.push(`${r.method()} ${new URL(r.url()).pathname}`));
  const last = page.getByRole('checkbox').last();
  await last.setChecked(!(await last.isChecked()));
  const wanted = ['GET /api/garden', 'GET /api/projects', 'GET /api/projects/2', 'POST /api/projects/2/ticks'];
  await expect.poll(() => asked.length).toBeGreaterThanOrEqual(wanted.length);
  // Nor does anything else come later.
  await page.waitForTimeout(1500);
  expect(asked.sort()).toEqual(wanted);

  asked.length = 0;
  await open('/gather/10');
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Tub of mine');
  await page.getByRole('button', { name: 'Keep changes' }).click();
  await expect.poll(() => asked).toContain('POST /api/match');
  expect(asked).toContain('GET /api/things');
  expect(asked).not.toContain('GET /api/catalogue');
});

test('an answer that was asked before a change does not pass for one after it', async ({ open, page }) => {
  let first = true;
  await page.route('**/api/match*', async (route) => {
    if (!first) return route.continue();
    first = false;
    const answer = await route.fetch();
    await new Promise((r) => setTimeout(r, 3000));
    await route.fulfill({ response: answer }).catch(() => undefined);
  });
  await open('/match');
  // The first matching of all is still under way.
  await page.getByLabel('Units').selectOption('in');
  const tub = page.getByRole('article', { name: 'Drilled tub' });
  await expect(tub).toContainText('US gal');
  await page.waitForTimeout(4000);
  await expect(tub).toContainText('US gal');
  await expect(tub).not.toContainText(/\d mm\b/);
});

test('a garden that comes back is read again by itself, with what was done to it meanwhile', async ({ open, page, server }) => {
  await open('/gather');
  await expect(page.getByText(`${THINGS} things`, { exact: true })).toBeVisible();
  await page.waitForLoadState('networkidle');
  await page.route('**/api/**', (route) => route.abort('connectionrefused'));
  await page.getByLabel('Units').selectOption('cm');
  await expect(page.getByRole('alert').first()).toContainText('cannot be reached');
  // What was not kept is not shown as if it were.
  await expect(page.getByLabel('Units')).toHaveValue('mm');
  await fetch(`${server.url}/api/things`, { method: 'POST', headers: { 'content-type': 'application/json', 'X-Metaplant': '1' }, body: JSON.stringify({ name: 'Meanwhile bucket', kind: 'bucket', count: 1 }) });
  await page.unroute('**/api/**');
  // Nothing is pressed.
  await expect(page.getByText(/cannot be reached/)).toHaveCount(0);
  await expect(page.getByText(`${THINGS + 1} things`, { exact: true })).toBeVisible();
});

test('the first Tab leads past the tape, and the board is gone through from settings to drawings to verdicts', async ({ open, page }) => {
  await open('/draw/drilled-tub?source=10');
  await expect(page.getByRole('tab')).toHaveCount(4);
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'To the work' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.locator('main')).toBeFocused();
  const parts: string[] = [];
  for (let i = 0; i < 60; i++) {
    await page.keyboard.press('Tab');
    const part = await page.evaluate(() => document.activeElement?.closest('.settings, .views, .verdicts, .heap')?.classList[0] ?? '');
    if (part === 'heap') break;
    if (part !== parts.at(-1)) parts.push(part);
  }
  expect(parts).toEqual(['settings', 'views', 'verdicts']);
});

test('while a slider moves the others say no more than they knew, and at rest they say what holds now', async ({ open, page }) => {
  await open('/draw/pallet-bed?source=1');
  const ties = page.locator('.band', { hasText: 'Tie wires in each section' });
  const height = page.getByRole('slider', { name: 'Height', exact: false }).first();
  await expect(ties.locator('.holds')).not.toBeEmpty();
  const asked: boolean[] = [];
  let through = () => {};
  const held = new Promise<void>((r) => (through = r));
  await page.route('**/api/board', async (route) => {
    const inHand = (route.request().postDataJSON() as { inHand?: boolean }).inHand === true;
    asked.push(inHand);
    if (!inHand) await held;
    await route.continue();
  });
  const was = await height.inputValue();
  await height.press(was === '0' ? 'ArrowRight' : 'ArrowLeft');
  await expect(height).not.toHaveValue(was);
  // Moved, and nothing tried yet along the others: they are marked so, and the one in hand is not.
  await expect(ties).toHaveAttribute('data-stale', 'true');
  await expect(page.locator('.band').filter({ has: height })).not.toHaveAttribute('data-stale', 'true');
  await expect.poll(() => asked).toEqual([true, false]);
  through();
  await expect(ties).not.toHaveAttribute('data-stale', 'true');
  await expect(ties.locator('.holds')).not.toBeEmpty();
});
