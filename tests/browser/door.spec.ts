import { openSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import { expect, networkTest as test, GardenServer, test as gardenTest, THINGS } from './garden';
import { looksRight } from './looks';

const passphrase = 'three wet wheelbarrows';

test('a phone signs in with the passphrase set at the machine, and is out again when the gardener says so', async ({ server, page, browser }, { project }) => {
  await page.goto(`${server.network}/`);
  await expect(page.getByText('This garden has no passphrase yet')).toBeVisible();

  const machine = await (await browser.newContext()).newPage();
  await machine.goto(`${server.url}/#/house-rules/network`);
  await machine.getByLabel('Set the passphrase').fill('short');
  await machine.getByRole('button', { name: 'Set it' }).click();
  await expect(machine.getByText('At least 10 letters')).toBeVisible();
  await machine.getByLabel('Set the passphrase').fill(passphrase);
  await machine.getByRole('button', { name: 'Set it' }).click();
  await expect(machine.getByText('The passphrase is set.')).toBeVisible();

  await page.goto('about:blank');
  await page.goto(`${server.network}/`);
  await looksRight(page, project.name === 'phone');
  await page.getByLabel('The garden’s passphrase').fill('something else');
  await page.getByRole('button', { name: 'Come in' }).click();
  await expect(page.getByText('That is not the passphrase.')).toBeVisible();
  await page.getByLabel('The garden’s passphrase').fill(passphrase);
  await page.getByLabel('What to call this device').fill('Kitchen phone');
  await page.getByRole('button', { name: 'Come in' }).click();
  await expect(page.getByRole('link', { name: /Gather/ })).toBeVisible();

  await machine.reload();
  await expect(machine.getByText('Kitchen phone').first()).toBeVisible();
  await machine.getByRole('button', { name: 'Sign out Kitchen phone' }).click();
  await expect(machine.getByText('Kitchen phone')).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Who is there?' })).toBeVisible();
});

test('a helper opens a link, sees the steps of one project, ticks them, and is out when withdrawn', async ({ server, page, browser }, { project }) => {
  const machine = await (await browser.newContext()).newPage();
  await machine.goto(`${server.url}/#/house-rules/network`);
  await machine.getByRole('button', { name: 'Invite' }).click();
  await expect(machine.getByText('Say whom it is for.')).toBeVisible();
  await machine.getByLabel('Whom').fill('Ilka');
  await machine.getByLabel('Helps with').selectOption({ label: 'Winch-house bed' });
  await machine.getByRole('button', { name: 'Invite' }).click();
  const link = (await machine.getByText('/#/helper/').textContent())!;
  expect(link).toContain(server.network);

  await page.goto(link);
  await page.getByRole('button', { name: 'Come in' }).click();
  await expect(page.getByRole('heading', { name: 'Winch-house bed' })).toBeVisible();
  await expect(page.getByRole('link', { name: /Gather/ })).toHaveCount(0);
  await page.getByRole('checkbox').first().check();
  await expect(page.getByText(/1 of \d+ steps done/)).toBeVisible();
  await looksRight(page, project.name === 'phone');
  await machine.goto(`${server.url}/#/make/1`);
  await expect(machine.getByRole('checkbox').first()).toBeChecked();

  await machine.goto(`${server.url}/#/house-rules/network`);
  await machine.getByRole('button', { name: 'Withdraw the invitation of Ilka' }).click();
  await expect(machine.getByRole('button', { name: /Withdraw/ })).toHaveCount(0);
  await page.getByRole('checkbox').nth(1).click();
  await expect(page.getByRole('heading', { name: 'Who is there?' })).toBeVisible();
});

gardenTest('a damaged garden is never shown as an empty one, and is gone back from in the interface', async ({ server, page }, { project }) => {
  await page.goto(`${server.url}/#/house-rules/file`);
  await page.getByRole('button', { name: 'Keep one now' }).click();
  await expect(page.getByText('A backup of the garden as it is now is kept.')).toBeVisible();
  await server.kill();
  const file = openSync(join(server.folder, 'garden.db'), 'r+');
  writeSync(file, Buffer.alloc(30000, 0xab), 0, 30000, 8000);
  await server.start();
  await page.goto('about:blank');
  await page.goto(`${server.url}/#/gather`);
  await expect(page.getByRole('heading', { name: 'The garden cannot be opened' })).toBeVisible();
  await expect(page.getByText('Nothing here yet')).toHaveCount(0);
  await expect(page.getByText('some of it cannot be read')).toBeVisible();
  await looksRight(page, project.name === 'phone');
  await page.getByRole('button', { name: /^Restore/ }).first().click();
  await page.getByRole('button', { name: 'Go back to it' }).click();
  await expect(page.getByRole('link', { name: /Gather/ })).toContainText(`${THINGS} things`);
});

gardenTest('a garden goes out to a file and comes in again, with what would change told first', async ({ server, open, page }) => {
  await open('/house-rules/file');
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'garden.zip' }).click()]);
  const path = await download.path();
  await page.getByRole('link', { name: 'Units and manner' }).click();
  await page.getByLabel('The garden’s name').fill('Another yard');
  await page.getByLabel('The garden’s name').press('Tab');
  await expect(page.getByRole('banner').getByText('Another yard')).toBeVisible();
  await page.getByRole('link', { name: 'The garden file' }).click();
  await fetch(`${server.url}/api/things`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ name: 'Only here', kind: 'bucket', count: 1 }) });
  await page.locator('input[type=file]').setInputFiles(path);
  await expect(page.getByText('1 gone', { exact: true })).toBeVisible();
  await expect(page.getByText('become those of the file')).toBeVisible();
  await page.getByRole('button', { name: 'Put it in place of this garden' }).click();
  await expect(page.getByText('The garden is in place.')).toBeVisible();
  await expect(page.getByRole('banner').getByText('Slipway Yard')).toBeVisible();
  await page.locator('input[type=file]').setInputFiles({ name: 'recipe.json', mimeType: 'application/json', buffer: Buffer.from('{"flour": 500}') });
  await expect(page.getByText('This is no garden of Metaplant')).toBeVisible();
});

gardenTest('what the catalogue no longer knows is shown, mended and measured again', async ({ server, open, page }, { project }) => {
  const document = (await (await fetch(`${server.url}/api/garden/document`)).json()) as { things: { id: number; kind: string; measures: Record<string, number> }[]; projects: { id: number; design: string }[] };
  document.things.find((t) => t.id === 3)!.kind = 'gondola';
  document.things.find((t) => t.id === 10)!.measures.height = 99;
  document.projects.find((p) => p.id === 2)!.design = 'ziggurat';
  expect((await fetch(`${server.url}/api/garden/in`, { method: 'POST', headers: { 'content-type': 'application/octet-stream', 'X-Metaplant': '1' }, body: JSON.stringify(document) })).status).toBe(204);
  await open('/gather');
  await page.getByRole('link', { name: '2 things need a look' }).click();
  await looksRight(page, project.name === 'phone');
  const tub = page.getByRole('article').filter({ hasText: 'Bait tub' });
  await expect(tub).toContainText('Height inside can be at most 1500 mm. It has to be measured again.');
  await tub.getByRole('button', { name: 'Mend it' }).click();
  await expect(page.getByRole('article')).toHaveCount(1);
  const pallets = page.getByRole('article');
  await expect(pallets.getByRole('button', { name: 'Mend it' })).toBeDisabled();
  await pallets.getByLabel('What is it?').selectOption({ label: 'Pallet' });
  await pallets.getByRole('button', { name: 'Mend it' }).click();
  await expect(page.getByText('Everything on the heap can be read.')).toBeVisible();
  await expect(page.getByRole('link', { name: /Gather/ })).toContainText(`${THINGS} things`);
  await open('/make/2');
  await expect(page.getByText('“ziggurat” is no longer in the catalogue')).toBeVisible();
});
