import { expect, PROJECTS, test } from './garden';

/** The weekend's question asked the other way round: not what a thing can become, but what all of it should. */
test('what is wanted is planned from the whole heap, kept in one go and taken back in one', async ({ open, page, server, request }) => {
  const projects = async () => ((await (await request.get(`${server.url}/api/projects`)).json()) as unknown[]).length;
  await open('/match');
  await page.getByRole('link', { name: 'plan the whole heap' }).click();
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByRole('alert')).toContainText('Say what is wanted');

  await page.getByLabel('Plants in soil').selectOption('lettuce');
  await page.getByLabel('How many Lettuce').fill('20');
  await page.getByLabel('How many Lettuce').blur();
  await page.getByLabel('Something to climb').selectOption('pea');
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByRole('button', { name: 'Stop: that will do' })).toBeVisible();
  const status = page.getByRole('status').filter({ hasText: 'sizes' });
  await expect(status).toContainText(/The best of the \d+ sizes that were tried|whether it is the best of them is not known/, { timeout: 60_000 });
  await expect(status).toContainText('20 lettuces: yes');
  await expect(status).toContainText('6 climbing peas with something to climb: yes');

  const planned = page.getByRole('main').getByRole('article');
  const count = await planned.count();
  expect(count).toBeGreaterThan(1);
  await planned.first().getByRole('button', { name: 'Keep it' }).click();
  await expect(planned.first().getByRole('link', { name: 'Kept: open it' })).toBeVisible();
  await page.getByRole('button', { name: /^Keep (it|all \d+|the other( \d+)?)$/ }).first().click();
  await expect(page.getByRole('link', { name: 'Kept: open it' })).toHaveCount(count);
  expect(await projects()).toBe(PROJECTS + count);

  // The rest came in one go.
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect.poll(projects).toBe(PROJECTS + 1);
  await planned.first().getByRole('link', { name: 'Kept: open it' }).click();
  await expect(page).toHaveURL(/draw\?project=/);
  await expect(page.getByLabel('Project', { exact: true })).toHaveValue(/ of /);
});

test('stopped, it ends with what it has found', async ({ open, page }) => {
  await open('/whole-heap');
  await page.getByLabel('Soil in all').fill('2500 l');
  await page.getByLabel('Soil in all').blur();
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByRole('main').getByRole('article').first()).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Stop: that will do' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'sizes' })).toContainText('whether it is the best of them is not known');
  await expect(page.getByRole('button', { name: 'Plan it again' })).toBeEnabled();
});
