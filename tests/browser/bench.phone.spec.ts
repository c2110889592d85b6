import { expect, networkTest as test } from './garden';
import { looksRight } from './looks';

interface Step {
  id: string;
  done: boolean;
  took: number | null;
  cuts: string[];
}

interface Project {
  state: string;
  plan: { steps: Step[]; cuts: { sawn: number[]; cuts: { from: number; to: number; need: string }[] }[] };
}

/** From the first cut to the last step: a clock that goes on, a helper on a phone of her own, and a piece that is sawn too short. */
test('a bed is built on the phone, one step at a time, with a wrong cut, a clock and a helper', async ({ server, page, browser }) => {
  const made = (await (await fetch(`${server.url}/api/door/invitations`, { method: 'POST', headers: { 'content-type': 'application/json', 'X-Metaplant': '1' }, body: JSON.stringify({ for: 'Ilka', project: 1, hours: 4 }) })).json()) as { code: string };
  const project = async () => (await (await fetch(`${server.url}/api/projects/1`)).json()) as Project;
  const things = async () => (await (await fetch(`${server.url}/api/things`)).json()) as { name: string; count: number; parentId: number | null }[];

  const many = (await project()).plan.steps.length;
  expect(many).toBeGreaterThan(5);
  await page.goto(`${server.url}/#/make/1`);
  await page.getByRole('button', { name: 'At the bench' }).click();
  await expect(page.getByText(`Step 1 of ${many} · 0 done`)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Look over the loose wood' })).toBeVisible();
  await looksRight(page, true);

  // Twelve minutes pass, most of them with the phone locked.
  await page.getByRole('button', { name: 'Start the clock' }).click();
  await page.evaluate(() => {
    const real = Date.now.bind(Date);
    Date.now = () => real() + 12 * 60_000;
  });
  await expect(page.getByRole('timer')).toContainText('12:');
  // Switched off and on again it has not forgotten when it began.
  await page.reload();
  await expect(page.getByRole('button', { name: 'Stop the clock' })).toBeVisible();
  await page.evaluate(() => {
    const real = Date.now.bind(Date);
    Date.now = () => real() + 12 * 60_000;
  });
  await expect(page.getByRole('timer')).toContainText('12:');
  // Out of reach of the garden nothing is kept, and the clock has forgotten nothing.
  await page.route('**/api/projects/1/ticks', (route) => route.abort());
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByRole('alert').first()).toBeVisible();
  await expect(page.getByText(`Step 1 of ${many} · 0 done`)).toBeVisible();
  await expect(page.getByRole('timer')).toContainText('12:');
  await page.unroute('**/api/projects/1/ticks');
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByText(`Step 2 of ${many} · 1 done`)).toBeVisible();
  await expect.poll(async () => Math.round((await project()).plan.steps[0].took ?? 0)).toBe(12);

  // The helper ticks the second step on her own phone, and it is seen here.
  const helper = await (await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })).newPage();
  await helper.goto(`${server.network}/#/helper/${made.code}`);
  await helper.getByRole('button', { name: 'Come in' }).click();
  await helper.getByRole('button', { name: 'One at a time' }).click();
  await expect(helper.getByText(`Step 2 of ${many} · 1 done`)).toBeVisible();
  await looksRight(helper, true);
  await helper.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByText(`Step 2 of ${many} · 2 done`)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Not done after all' })).toBeVisible();

  const { steps, cuts } = (await project()).plan;
  const sawing = steps.findIndex((s) => cuts.some((b) => b.cuts.some((c) => s.cuts.includes(c.need))));
  for (let at = 1; at < sawing; at++) {
    if (at > 1) await page.getByRole('button', { name: 'Done', exact: true }).click();
    else await page.getByRole('button', { name: 'The next step' }).click();
    await expect(page.getByText(`Step ${at + 2} of ${many} · ${at + 1} done`)).toBeVisible();
  }

  // The pencil marks stand beside the very board, and a piece of it comes out too short.
  const board = page.locator('.board').first();
  await expect(board).toContainText('saw just past');
  const before = await things();
  await board.getByRole('button', { name: 'A piece came out too short' }).click();
  await board.getByRole('textbox', { name: 'It is now' }).fill('500');
  await board.getByRole('button', { name: 'Lay out the rest again' }).click();
  await expect(board.getByText('so long it serves')).toBeVisible();
  await board.getByRole('textbox', { name: 'It is now' }).fill('310');
  await looksRight(page, true);
  await board.getByRole('button', { name: 'Lay out the rest again' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'What is left of that board' })).toBeVisible();
  const recut = await project();
  expect(recut.plan.cuts.flatMap((b) => b.sawn)).toHaveLength(1);
  expect(recut.plan.cuts.flatMap((b) => b.cuts)).toHaveLength(cuts.flatMap((b) => b.cuts).length);
  expect((await things()).reduce((n, t) => n + t.count, 0)).toBe(before.reduce((n, t) => n + t.count, 0) - 1);

  for (let at = sawing; at < many; at++) {
    await page.getByRole('button', { name: 'Done', exact: true }).click();
    await expect(page.getByText(`Step ${Math.min(many, at + 2)} of ${many} · ${at + 1} done`)).toBeVisible();
  }
  expect((await project()).state).toBe('Built');
  // The short piece lies on the heap with the other rests.
  expect((await things()).some((t) => t.parentId !== null && /offcut/.test(t.name))).toBe(true);
  await expect(helper.getByText(`Step 3 of ${many} · ${many} done`)).toBeVisible();
});
