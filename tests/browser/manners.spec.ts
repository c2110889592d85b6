import { expect, NEXT, test, THINGS } from './garden';

test('no letter undoes anything, Ctrl+Z does, and the help page lists the keys', async ({ open, page }) => {
  await open('/gather/10');
  const name = page.getByRole('textbox', { name: 'Name', exact: true });
  await name.fill('Tub of mine');
  await page.getByRole('button', { name: 'Keep changes' }).click();
  await expect(page.getByRole('link', { name: /Tub of mine/ })).toBeVisible();
  // After keeping, the focus is nowhere.
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  for (const key of 'uUzyrn') await page.keyboard.press(key);
  // What it would take back is told to whoever comes by keyboard, too.
  await page.getByRole('button', { name: 'Undo' }).focus();
  await expect(page.getByRole('tooltip')).toHaveText('Takes back: Changed Tub of mine');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('tooltip')).toHaveCount(0);
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('link', { name: /Bait tub/ })).toBeVisible();
  await page.keyboard.press('Control+y');
  await expect(page.getByRole('link', { name: /Tub of mine/ })).toBeVisible();
  // In a field it is the field’s own.
  await name.focus();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('link', { name: /Tub of mine/ })).toBeVisible();
  await page.getByRole('button', { name: 'Marks and keys' }).click();
  await page.getByRole('link', { name: /^Keys, and all of this/ }).click();
  await expect(page.getByRole('row', { name: /Ctrl \+ Z/ })).toContainText('take back');
});

test('changes that are not kept wait, with a mark, also after the page was left', async ({ open, page }) => {
  await open('/gather/10');
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Half changed');
  await page.getByRole('textbox', { name: 'Height inside' }).fill('410');
  await page.getByRole('textbox', { name: 'Height inside' }).press('Enter');
  await page.locator('.list').getByRole('link', { name: /Rinse trough/ }).click();
  await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('Rinse trough');
  await expect(page.locator('.list li', { hasText: 'Bait tub' })).toContainText('changes not kept yet');
  await page.getByRole('button', { name: 'Something dragged home' }).click();
  await page.reload();
  await open('/gather/10');
  await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('Half changed');
  await expect(page.getByRole('textbox', { name: 'Height inside' })).toHaveValue('410');
  await page.getByRole('button', { name: 'As it was' }).click();
  await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('Bait tub, rinsed');
  await expect(page.locator('.list li', { hasText: 'Bait tub' })).not.toContainText('changes not kept yet');
});

test('what is split off is in hand next', async ({ open, page }) => {
  await open('/gather/9');
  await page.getByLabel('How many to split off').fill('2');
  await page.getByRole('button', { name: 'Split off' }).click();
  await expect(page).toHaveURL(new RegExp(`gather/${NEXT}$`));
  await expect(page.getByRole('textbox', { name: 'How many', exact: true })).toHaveValue('2');
});

test('what is cut off and what is sawn out lie on the heap', async ({ open, page }) => {
  await open('/gather/24');
  await expect(page.getByText(`${THINGS} things`, { exact: true })).toBeVisible();
  await page.getByLabel('Cut off one').fill('800');
  await page.getByRole('button', { name: 'Cut', exact: true }).click();
  await expect(page.getByText(`${THINGS + 2} things`, { exact: true })).toBeVisible();
  await page.getByRole('searchbox').fill('deck boards,');
  await expect(page.locator('.list')).toContainText('Deck boards, cut');
  await expect(page.locator('.list')).toContainText('Deck boards, offcut');
  await open('/gather/2');
  await page.getByRole('button', { name: 'Saw one section out of one' }).last().click();
  await expect(page.getByText(`${THINGS + 4} things`, { exact: true })).toBeVisible();
  await page.getByRole('searchbox').fill('crate pallets');
  await expect(page.locator('.list')).toContainText('Long crate pallets, HT, section of 2');
  await expect(page.locator('.list')).toContainText('Long crate pallets, HT, part of 7');
});

test('a thing that is spoken for names the project and leads there', async ({ open, page }) => {
  await open('/gather/3');
  await page.getByRole('link', { name: /4 by Winch-house bed/ }).click();
  await expect(page.getByLabel('Project', { exact: true })).toHaveValue('Winch-house bed');
});

test('a number that cannot be is answered with the nearest that can, on the drawing too', async ({ open, page }) => {
  await open('/draw/pallet-bed?source=1');
  const length = page.locator('.drawing:not(.bare)').first().getByRole('textbox', { name: 'Length' });
  await expect(length).toHaveValue('3600');
  await length.fill('5 m');
  await length.press('Enter');
  await expect(page.getByText('Length: 3600 mm is the nearest that can be.')).toBeVisible();
  await expect(length).toHaveValue('3600');
  // Told anew, here in other units, it still stands.
  await page.getByLabel('Units').selectOption('cm');
  await expect(page.getByText('Length: 360 cm is the nearest that can be.')).toBeVisible();
  await expect(length).toHaveValue('360');
  await page.getByLabel('Units').selectOption('mm');
  await length.fill('2500');
  await length.press('Enter');
  await expect(length).toHaveValue('2400');
});

test('an answer that was overtaken does not win', async ({ open, page }) => {
  await open('/match');
  await expect(page.getByRole('article', { name: 'Drilled tub' })).toBeVisible();
  let first = true;
  await page.route('**/api/match*', async (route) => {
    // The first question is answered long after the second.
    if (first) {
      first = false;
      const answer = await route.fetch();
      await new Promise((r) => setTimeout(r, 2500));
      await route.fulfill({ response: answer });
    } else await route.continue();
  });
  const crop = page.locator('.brief select').first();
  await crop.selectOption('parsnip');
  await crop.selectOption('lettuce');
  await expect(page.locator('.verdicts').first()).toContainText('lettuces');
  await page.waitForTimeout(3000);
  await expect(page.locator('.verdicts').first()).toContainText('lettuces');
  await expect(page.locator('.verdicts').first()).not.toContainText('parsnip');
});

test('a project opened after another is the one that stays', async ({ open, page }) => {
  await open('/draw');
  let first = true;
  await page.route('**/api/projects/1', async (route) => {
    if (!first) return route.continue();
    first = false;
    const answer = await route.fetch();
    await new Promise((r) => setTimeout(r, 2000));
    await route.fulfill({ response: answer });
  });
  await open('/draw?project=1');
  await open('/draw?project=2');
  await expect(page.getByLabel('Project', { exact: true })).toHaveValue('Juice-drum tub');
  await page.waitForTimeout(2500);
  await expect(page.getByLabel('Project', { exact: true })).toHaveValue('Juice-drum tub');
});

test('a cone speaks of its feet and not of soil', async ({ open, page }) => {
  await open('/draw/wound-cone?source=26');
  const grow = page.locator('.verdicts section').first();
  await expect(grow).toContainText('round its feet');
  await expect(grow).not.toContainText('to root in');
  expect((await grow.locator('p').allInnerTexts()).filter((t) => /^\s*,/.test(t))).toEqual([]);
  await expect(page.locator('.legend')).not.toContainText('push of the soil');
});

test('a planter is emptied once, and only after it was filled', async ({ open, page }) => {
  await open('/make/1');
  await expect(page.getByRole('heading', { name: 'Winch-house bed' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Empty it' })).toHaveCount(0);
  await open('/make/2');
  await page.getByRole('button', { name: 'Empty it' }).click();
  await expect(page.getByText(`${THINGS + 1} things`, { exact: true })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Empty it' })).toHaveCount(0);
});

test('a ticked box is told from an empty one in every light', async ({ open, page }) => {
  await open('/gather/1');
  for (const light of ['day', 'sun', 'dusk']) {
    await page.getByLabel('Light').selectOption(light);
    const fill = (checked: boolean) =>
      page.locator(`.tick input:${checked ? 'checked' : 'not(:checked)'}`).first().evaluate((e) => getComputedStyle(e).backgroundColor);
    const mark = await page.locator('.tick input:checked').first().evaluate((e) => getComputedStyle(e).backgroundImage);
    expect(await fill(true)).not.toBe(await fill(false));
    expect(mark).toContain('svg');
    // The mark is white: what it stands on is not.
    expect(await fill(true)).not.toMatch(/rgb\(2[2-5]\d, 2[2-5]\d, 2[0-5]\d\)/);
  }
});

test('a walk, a balcony and a ground change what is said', async ({ open, page }) => {
  await open('/draw/drilled-tub?source=10');
  const hold = page.locator('.verdicts section').nth(2);
  await expect(hold).not.toContainText('Ask a professional');
  await page.getByLabel('Stands on').selectOption('Balcony');
  await expect(hold).toContainText('Ask a professional');
  await expect(hold).toContainText('kPa on the balcony');
  await page.getByLabel('Stands on').selectOption('Soil');
  await open('/draw/pallet-bed?source=1');
  await page.getByLabel('Stands on').selectOption('Paving');
  await expect(page.locator('.verdicts section').nth(1)).toContainText('cannot drain through paving');
});

test('script and style come squeezed as far as it goes, to whoever can open them', async ({ open, page, request, server }) => {
  await open('/gather');
  const paths = await page.evaluate(() => performance.getEntriesByType('resource').map((e) => new URL(e.name).pathname).filter((p) => /\.(js|css)$/.test(p)));
  expect(paths.length).toBeGreaterThan(3);
  let wire = 0;
  for (const path of paths) {
    const squeezed = await request.get(server.url + path, { headers: { 'accept-encoding': 'br' } });
    expect(squeezed.headers()['content-encoding'], path).toBe('br');
    expect(squeezed.headers()['content-type'], path).toMatch(/^text\/(javascript|css)/);
    expect(squeezed.headers()['cache-control'], path).toContain('immutable');
    wire += Number(squeezed.headers()['content-length']);
    const plain = await request.get(server.url + path, { headers: { 'accept-encoding': 'identity' } });
    expect(plain.headers()['content-encoding'], path).toBeUndefined();
    expect(await plain.text(), path).toBe(await squeezed.text());
  }
  // What the first page needs; the budget for all stages is 250 kB.
  expect(wire).toBeLessThan(180_000);
});

test('what every page stands on is asked for once, before the application itself is read', async ({ open, page }) => {
  const asked: string[] = [];
  page.on('request', (request) => {
    const path = new URL(request.url()).pathname;
    if (path.startsWith('/api/')) asked.push(path);
  });
  // The application comes late, as over a poor connection; nobody waits for it to ask.
  await page.route('**/assets/show-*.js', async (route) => {
    await expect.poll(() => asked.length).toBe(6);
    await route.continue();
  });
  await open('/gather/10');
  await expect(page.locator('.judged')).toBeVisible();
  const ground = ['/api/door', '/api/catalogue', '/api/garden', '/api/things', '/api/projects', '/api/things/needs-a-look'];
  for (const path of ground) expect(asked.filter((a) => a === path), path).toHaveLength(1);
});

test('a door that answers late does not leave old answers behind', async ({ open, page }) => {
  // The application is long there when the door says who we are.
  await page.route('**/api/door', async (route) => {
    await new Promise((late) => setTimeout(late, 1500));
    await route.continue();
  });
  await open('/gather/10');
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Tub of mine');
  await page.getByRole('button', { name: 'Keep changes' }).click();
  await expect(page.locator('.list').getByRole('link', { name: /Tub of mine/ })).toBeVisible();
});

for (const light of ['day', 'sun', 'dusk']) {
  test(`the way back can be read, under the pointer and under the focus too: ${light}`, async ({ open, page }) => {
    await open('/gather/10');
    await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Tub of mine');
    await page.getByLabel('Light').selectOption(light);
    await page.getByRole('button', { name: 'Keep changes' }).click();
    const back = page.getByRole('button', { name: 'Take it back' });
    /** How much lighter the one is than the other, as WCAG 2 counts it. */
    const contrast = () =>
      back.evaluate((button) => {
        const lightness = (css: string) => {
          const [r, g, b] = css.match(/[\d.]+/g)!.map((n) => Number(n) / 255).map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
          return 0.2126 * r + 0.7152 * g + 0.0722 * b;
        };
        const behind = button.closest('[role=presentation]')!;
        const [a, b] = [lightness(getComputedStyle(button).color), lightness(getComputedStyle(behind).backgroundColor)];
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
      });
    expect(await contrast()).toBeGreaterThan(4.5);
    await back.hover();
    expect(await contrast()).toBeGreaterThan(4.5);
    await back.focus();
    expect(await contrast()).toBeGreaterThan(4.5);
  });
}
