import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, LAST, NEXT, OFFCUTS, test, THINGS } from './garden';
import { looksRight } from './looks';

/** Kinds of find are entered in three runs, so that both workers have something to do. */
const RUNS = 3;
/** These are entered without touching a pointer. */
const BY_KEYBOARD = ['Barrow tray', 'Oar or pole', 'Tyre'];

for (let run = 0; run < RUNS; run++) {
  test(`every kind of find is entered through its page, run ${run + 1} of ${RUNS}`, async ({ open, page }) => {
    await open('/gather/new');
    const kinds = await page.evaluate(async () => ((await (await fetch('/api/catalogue')).json()) as { kinds: { name: string; fields: { name: string }[] }[] }).kinds);
    const mine = kinds.filter((k, i) => i % RUNS === run && !BY_KEYBOARD.includes(k.name));
    expect(mine.length).toBeGreaterThan(15);
    for (const kind of mine) {
      await page.getByRole('button', { name: 'Something dragged home' }).click();
      await page.getByRole('button', { name: kind.name, exact: true }).click();
      await page.getByRole('textbox', { name: 'Name' }).fill(`Test ${kind.name}`);
      await expect(page.locator('.judged')).toBeVisible();
      await page.getByRole('button', { name: 'Put it on the heap' }).click();
      await expect(page.locator('.list').getByRole('link', { name: `Test ${kind.name}`, exact: false })).toBeAttached();
      await expect(page.getByRole('button', { name: 'Keep changes' })).toBeDisabled();
    }
    const things = await page.evaluate(async () => ((await (await fetch('/api/things')).json()) as { name: string }[]).map((t) => t.name));
    for (const kind of mine) expect(things).toContain(`Test ${kind.name}`);
  });
}

for (const kind of BY_KEYBOARD) {
  test(`${kind} is entered by keyboard alone`, async ({ open, page }) => {
    await open('/gather/new');
    const find = page.getByRole('searchbox', { name: 'Say what it is' });
    for (let i = 0; i < 60 && !(await find.evaluate((e) => e === document.activeElement)); i++) await page.keyboard.press('Tab');
    await expect(find).toBeFocused();
    await page.keyboard.type(kind);
    await page.keyboard.press('Enter');
    const name = page.getByRole('textbox', { name: 'Name' });
    await expect(page.locator('.judged')).toBeVisible();
    for (let i = 0; i < 200 && !(await name.evaluate((e) => e === document.activeElement)); i++) await page.keyboard.press('Tab');
    await expect(name).toBeFocused();
    await page.keyboard.type(`Typed ${kind}`);
    const measure = page.locator('input.measure').first();
    for (let i = 0; i < 40 && !(await measure.evaluate((e) => e === document.activeElement)); i++) await page.keyboard.press('Tab');
    await page.keyboard.type('700');
    await page.keyboard.press('Enter');
    await expect(measure).toHaveValue('700');
    const put = page.getByRole('button', { name: 'Put it on the heap' });
    for (let i = 0; i < 200 && !(await put.evaluate((e) => e === document.activeElement)); i++) await page.keyboard.press('Tab');
    await expect(put).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page.locator('.list').getByRole('link', { name: `Typed ${kind}` })).toBeAttached();
  });
}

test('a walk round a drum asks the decisive question first and its answers judge the drum', async ({ open, page }) => {
  await open('/gather/new');
  await page.getByRole('button', { name: 'Drum', exact: true }).click();
  const walk = page.getByRole('region', { name: 'Walk round it' });
  await expect(walk.getByRole('heading')).toHaveText('What did it hold?');
  await expect(page.locator('.judged')).toContainText('Not looked at yet');
  // A decisive refusal ends the walk: nothing that is asked after it can matter.
  await walk.getByRole('button', { name: 'Oil, paint, solvent, pesticide' }).click();
  await expect(page.locator('.judged')).toContainText('Not for this');
  await expect(walk).toBeHidden();
  await page.getByRole('button', { name: 'Walk round it' }).click();
  await walk.getByRole('button', { name: 'Food, drink, clean water' }).click();
  await expect(page.locator('.judged')).toContainText('Not looked at yet');
  // Of plastic nobody asks how far rust has gone.
  while (await walk.isVisible()) {
    await expect(walk.getByRole('heading')).not.toContainText('rust');
    await walk.getByRole('group').getByRole('button').last().click();
  }
  await expect(page.getByText('Looked over.')).toBeVisible();
  await expect(page.locator('.judged')).toContainText('May grow food');
});

test('what cannot be told stays not looked at', async ({ open, page }) => {
  await open('/gather/new');
  await page.getByRole('button', { name: 'Plank or board', exact: true }).click();
  const walk = page.getByRole('region', { name: 'Walk round it' });
  await walk.getByRole('button', { name: 'Cannot tell' }).click();
  while (await walk.isVisible()) await walk.getByRole('group').getByRole('button').last().click();
  await expect(page.locator('.judged')).toContainText('Not looked at yet');
  await expect(page.locator('.judged')).toContainText('Was it part of a pallet');
});

test('a sheet of fibre-cement that is kept shows its verdict', async ({ open, page }) => {
  await open('/gather/new');
  await page.getByRole('button', { name: 'Roofing sheet', exact: true }).click();
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Off the lean-to');
  await page.getByLabel('Made of').selectOption('FibreCement');
  await page.getByRole('checkbox', { name: 'Old grey fibre-cement' }).check();
  await page.getByRole('button', { name: 'Put it on the heap' }).click();
  await expect(page.getByRole('link', { name: /Off the lean-to/ })).toBeVisible();
  await expect(page.locator('.judged')).toContainText('asbestos');
  await open('/gather/4');
  await expect(page.locator('.judged')).toContainText('MB');
});

test('the heap is searched, grouped and changed many at once', async ({ open, page }) => {
  await open('/gather/1');
  const list = page.locator('.list');
  await list.getByRole('searchbox').fill('engine');
  await expect(list.getByText(new RegExp(`^\\d of ${THINGS}$`))).toBeVisible();
  await list.getByRole('button', { name: 'Sort' }).click();
  await list.getByLabel('Group').selectOption('form');
  await expect(list.getByRole('heading', { name: /^Pallets/ })).toBeVisible();
  await list.getByRole('button', { name: 'Choose several' }).click();
  await list.getByRole('button', { name: /all \d found/ }).click();
  await list.getByLabel('Kept at', { exact: true }).last().fill('Loft');
  await list.getByRole('button', { name: 'Put there' }).click();
  await expect(page.getByRole('status').first()).toContainText('are changed');
  await list.getByRole('searchbox').fill('');
  await list.getByLabel('Kept at').first().selectOption('Loft');
  await expect(list.getByText(new RegExp(`^\\d of ${THINGS}$`))).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(list.getByText('Nothing of that name.')).toBeVisible();
});

test('a file is looked through before it is kept, and a bad one is refused row by row', async ({ open, page, server }) => {
  await open('/gather/file');
  const bad = join(server.folder, 'bad.csv');
  writeFileSync(bad, 'name,kind,measures\nPlank,board,length 1800\nThing,dragon,\n');
  await page.locator('input[type=file]').setInputFiles(bad);
  await expect(page.getByRole('row', { name: /2 measures .*needs a number and a unit/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /3 kind .*dragon/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /Put all/ })).toHaveCount(0);
  const good = join(server.folder, 'good.csv');
  writeFileSync(good, 'name,kind,count,measures\n' + Array.from({ length: 300 }, (_, i) => `Plank ${i},board,1,length ${1000 + i} mm`).join('\n'));
  await page.locator('input[type=file]').setInputFiles(good);
  await page.getByRole('button', { name: 'Put all 300 on the heap' }).click();
  await expect(page.getByText('300 things are on the heap')).toBeVisible();
  await expect(page.getByText(`${THINGS + 300} things`, { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(`${THINGS} things`, { exact: true })).toBeVisible();
});

test('a power cut during an import leaves the heap as before or as after, never between', async ({ open, page, server }) => {
  const rows = 'name,kind\n' + Array.from({ length: 2000 }, (_, i) => `Find ${i},board`).join('\n');
  for (const wait of [60, 250, 700]) {
    const sent = fetch(`${server.url}/api/things/csv`, { method: 'POST', headers: { 'content-type': 'text/csv' }, body: rows }).then((r) => r.text()).catch(() => '');
    await new Promise((r) => setTimeout(r, wait));
    await server.kill();
    const answer = await sent;
    await server.start();
    const count = ((await (await fetch(`${server.url}/api/things`)).json()) as unknown[]).length;
    expect([THINGS, THINGS + 2000], `after ${wait} ms`).toContain(count);
    if (answer.includes('event: kept')) expect(count).toBe(THINGS + 2000);
    if (count === THINGS + 2000) expect((await fetch(`${server.url}/api/undo`, { method: 'POST' })).status).toBe(200);
  }
  await open('/gather/1');
  await expect(page.getByText(`${THINGS} things`, { exact: true })).toBeVisible();
});

test('a thing is sawn, photographed and tagged', async ({ open, page, server }) => {
  await open('/gather/24');
  await page.getByRole('textbox', { name: 'Cut off one' }).fill('0.6m');
  await page.getByRole('button', { name: 'Cut', exact: true }).click();
  await page.getByRole('searchbox', { name: 'Search the heap' }).fill('offcut');
  await page.locator('.list').getByRole('link', { name: /Deck boards, offcut/ }).click();
  // The page of the thing before it has the same words to click on.
  await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue(/offcut/);
  await page.getByText('Where it comes from, what to mind, photographs').click();
  await expect(page.getByText(/Taken out of/)).toBeVisible();
  const picture = join(server.folder, 'shot.png');
  writeFileSync(picture, await page.screenshot());
  await page.locator('input[type=file]').setInputFiles(picture);
  await expect(page.getByRole('img', { name: /Photograph of/ })).toBeVisible();
  await page.getByRole('img', { name: /Photograph of/ }).click();
  await expect(page.getByRole('dialog', { name: /photograph 1 of 1/ })).toBeVisible();
  await looksRight(page, false);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('button', { name: /Photograph of|photograph 1/i }).first()).toBeFocused();
  await open('/gather/tags');
  // The list is still searched for offcuts: those that the projects left, and this one.
  await expect(page.getByRole('img', { name: /Code that opens/ })).toHaveCount(OFFCUTS + 1);
});

test('own measures count wherever a volume is typed, and a tool that is lacking shows another way', async ({ open, page }) => {
  await open('/house-rules/measures');
  await page.getByRole('textbox', { name: 'One barrow' }).fill('90 l');
  await page.getByRole('textbox', { name: 'One barrow' }).press('Tab');
  await expect(page.getByRole('status').first()).toContainText('measures are kept');
  await page.getByRole('link', { name: 'Tool shelf' }).click();
  await page.getByLabel('Pry bar: had, borrowed or lacking').selectOption('Lacking');
  await expect(page.getByRole('status').first()).toContainText('tool shelf is kept');
  await open('/gather/1');
  await expect(page.getByText('You lack pry bar.', { exact: false })).toBeVisible();
  await page.getByRole('searchbox', { name: 'Search the heap' }).fill('woodchip');
  await page.locator('.list').getByRole('link', { name: /Woodchip/ }).click();
  const much = page.getByRole('textbox', { name: /How much/ });
  await much.fill('3 barrows');
  await much.press('Enter');
  await expect(much).toHaveValue('270 litres');
});

test('the strip of the heap is gone along with the arrows', async ({ open, page }) => {
  await open('/gather/1');
  const strip = page.getByRole('toolbar', { name: /Things of the heap/ });
  await strip.locator('button').first().focus();
  await page.keyboard.press('ArrowRight');
  await expect(strip.locator('button:focus')).toHaveAttribute('aria-label', /^2, /);
  await page.keyboard.press('End');
  await expect(strip.locator('button:focus')).toHaveAttribute('aria-label', new RegExp(`^${NEXT - 1}, `));
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue(LAST);
});

test('sticks are measured one by one, sorted, and those alike lie on the heap by themselves', async ({ open, page }) => {
  await open('/gather/25');
  await page.getByText('Measure them one by one').click();
  const length = page.getByLabel('Or type its length');
  for (const text of ['1.8m', '1.81m', '2.5m', '179cm', '0.9m']) {
    await length.fill(text);
    await length.press('Enter');
  }
  await expect(page.getByText('5 laid.')).toBeVisible();
  await page.getByRole('button', { name: /^Tape: tap/ }).click({ position: { x: 300, y: 40 } });
  await expect(page.getByText('6 laid.')).toBeVisible();
  await page.getByRole('button', { name: 'Take the last back' }).click();
  await page.getByLabel('Alike sets of').fill('3');
  await page.getByRole('button', { name: 'Sort', exact: true }).last().click();
  await expect(page.getByText(/Set 1: 1800 mm, 1810 mm, 1790 mm/)).toBeVisible();
  const sticks = page.getByRole('textbox', { name: 'Sticks in the bundle' });
  const before = Number(await sticks.inputValue());
  await page.getByRole('button', { name: 'Onto the heap by itself' }).first().click();
  await expect(page.getByText(`${THINGS + 1} things`, { exact: true })).toBeVisible();
  // The bundle has three fewer; the two that were laid beside them still are.
  await expect(sticks).toHaveValue(String(before - 3));
  await expect(page.getByText('2 laid.')).toBeVisible();
});

test('a stick laid wrong is corrected, and is there with the others when the page is opened anew', async ({ open, page }) => {
  await open('/gather/25');
  await page.getByText('Measure them one by one').click();
  const length = page.getByLabel('Or type its length');
  for (const text of ['1.8m', '181m', '0.9m']) {
    await length.fill(text);
    await length.press('Enter');
  }
  await expect(page.getByRole('paragraph').filter({ hasText: 'A stick has a length, a butt' })).toBeVisible();
  const second = page.getByRole('textbox', { name: 'Stick 2', exact: true });
  await second.fill('1.81m');
  await second.press('Enter');
  await page.getByRole('button', { name: 'These are the bundle' }).click();
  await expect(page.getByRole('textbox', { name: 'Sticks in the bundle' })).toHaveValue('3');
  // Taken away and laid anew, the bundle follows.
  await page.getByRole('button', { name: 'Take stick 3 away' }).click();
  await expect(page.getByRole('textbox', { name: 'Sticks in the bundle' })).toHaveValue('2');
  await expect(page.getByRole('textbox', { name: 'Shortest' })).toHaveValue('1800');
  await page.getByRole('button', { name: 'Keep changes' }).click();
  await expect(page.getByRole('button', { name: 'Keep changes' })).toBeDisabled();
  await page.reload();
  await page.getByText('Measure them one by one').click();
  await expect(page.getByText('2 laid.')).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Stick 2', exact: true })).toHaveValue('1810');
});

test('an emptied planter gives its soil back to the heap', async ({ open, page }) => {
  await open('/make/2');
  await page.getByRole('button', { name: 'Empty it' }).click();
  await expect(page.getByText(`${THINGS + 1} things`, { exact: true })).toBeVisible();
  await open(`/gather/${NEXT}`);
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Used soil from Juice-drum tub');
});
