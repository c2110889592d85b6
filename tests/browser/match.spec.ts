import { expect, test } from './garden';

/** Match answers the weekend: what can be done with what there is, what falls away and for which reason, and what is left on the heap. */
test('a choice of what there is this time says how many fall away and for what, and is still there after coming back', async ({ open, page }) => {
  await open('/match');
  await expect(page.getByRole('article', { name: 'Drilled tub' })).toBeVisible();
  const fallen = page.getByRole('main').getByText(/that will do can be done so/);
  await expect(fallen).toHaveCount(0);
  await page.getByLabel('To spend').selectOption('0');
  await expect(fallen).toContainText(/fall/);
  await expect(page.getByRole('heading', { name: 'Will do, but not with what you have this time' })).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('To spend')).toHaveValue('0');
  await expect(fallen).toBeVisible();
  await page.getByLabel('To spend').selectOption('');
  await expect(fallen).toHaveCount(0);
});

test('every design stands in sight at one scale, one is looked at, three are set side by side, and both are still there after coming back', async ({ open, page }) => {
  await open('/match');
  const tiles = page.getByRole('main').getByRole('article');
  await expect(tiles.first()).toBeVisible();
  const looked = page.locator('.looked');
  // What comes first is looked at until another is.
  await expect(looked).toHaveCount(1);
  await expect(looked).toHaveAccessibleName((await tiles.first().getAttribute('aria-label'))!);
  for (const name of ['Drilled tub', 'Pallet-section bed', 'Half drum in a cradle', 'Wound cone']) {
    await page.getByRole('article', { name }).getByRole('button').click();
    await expect(looked).toHaveAccessibleName(name);
    const compare = looked.getByRole('button', { name: 'Compare' });
    // A fourth has no room beside the others.
    if (name === 'Wound cone') await expect(compare).toBeDisabled();
    else await compare.click();
  }
  const table = page.getByRole('region', { name: 'Side by side' });
  await expect(table.getByRole('columnheader')).toHaveCount(4);
  await expect(table.getByRole('row', { name: /^Soil/ })).toContainText('litres');
  await table.getByRole('button', { name: 'Drilled tub: compare no more' }).click();
  await expect(table.getByRole('columnheader')).toHaveCount(3);
  await looked.getByRole('button', { name: 'Draw it' }).click();
  await expect(page.getByRole('textbox', { name: 'Project' })).toHaveValue('Wound cone');
  await page.goBack();
  await expect(looked).toHaveAccessibleName('Wound cone');
  await expect(table.getByRole('columnheader')).toHaveCount(3);
});

test('what nothing is made of is named with why, and leads to the thing', async ({ open, page }) => {
  await open('/match');
  await page.getByRole('button', { name: /Left on the heap: \d+ that nothing here is made of/ }).click();
  const left = page.getByRole('listitem').filter({ hasText: 'Export pallet, MB' });
  await expect(left).toContainText('methyl bromide');
  // What is made into something is not among them.
  await expect(page.getByRole('listitem').filter({ hasText: 'Roofing sheets, zinc' }).filter({ hasText: 'No design' })).toHaveCount(0);
  await left.getByRole('link').click();
  await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('Export pallet, MB');
});

test('bricks stand beside the packers that would be bought, in the reader’s units', async ({ open, page, server, request }) => {
  // The squared timber of the yard turns out to smell of tar; until then packers are cut from it and nothing is bought.
  for (const id of [79, 80, 100, 109]) {
    const things = (await (await request.get(`${server.url}/api/things`)).json()) as { id: number; name: string; kind: string; count: number; measures: object; substance: string; findings: string[]; faults: object[]; taken: string[]; version: number }[];
    const { name, kind, count, measures, substance, findings, faults, taken, version } = things.find((t) => t.id === id)!;
    const told = await request.put(`${server.url}/api/things/${id}`, { data: { name, kind, count, measures, substance, findings: [...findings, 'creosote'], faults, taken, version }, headers: { Origin: server.url, 'X-Metaplant': '1' } });
    expect(told.status()).toBe(200);
  }

  await open('/draw/drilled-tub?source=10');
  const instead = page.getByRole('listitem').filter({ hasText: 'end to end where each packer would lie' });
  await expect(instead).toContainText('65 mm high where 50 mm was drawn');
  await page.getByLabel('Units').selectOption('in');
  // Told anew where it stands, with nothing moved and nothing to keep.
  await expect(instead).toContainText('2 9/16 in high');
});

test('the manner of a garden is chosen on one page and told everywhere at once', async ({ open, page }) => {
  await open('/house-rules/manner');
  const told = page.getByText(/^A bed of/);
  await expect(told).toContainText('1245 mm');
  await page.getByRole('combobox', { name: 'Lengths' }).selectOption('in');
  await expect(told).toContainText('49 in by');
  await page.getByRole('combobox', { name: /Decimal/ }).selectOption(',');
  await expect(told).toContainText('37,40');
  await page.getByLabel('Money').fill('kr');
  await page.getByLabel('Money').press('Tab');
  await expect(told).toContainText('kr');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(told).not.toContainText('kr');
});
