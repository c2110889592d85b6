import { expect, lookingTest as test } from './garden';
import { looksRight } from './looks';

const screens: [string, string][] = [
  ['Gather', '/gather/1'],
  ['a refused thing', '/gather/8'],
  ['what is it', '/gather/new'],
  ['in and out by file', '/gather/file'],
  ['tags', '/gather/tags'],
  ['sources', '/gather/sources'],
  ['Place', '/place'],
  ['a spot', '/place/2'],
  ['a wall', '/place/7'],
  ['a planter on the plan', '/place/planter-1'],
  ['where the garden lies', '/place/site'],
  ['a planter pegged out', '/place/pegs-1'],
  ['the plan on paper', '/place/paper'],
  ['Match', '/match'],
  ['the whole heap', '/whole-heap'],
  ['what is worth fetching', '/fetch'],
  ['Draw, a bed', '/draw/pallet-bed?source=1'],
  ['Draw, a tub', '/draw/drilled-tub?source=10'],
  ['Draw, a cone', '/draw/wound-cone?source=25'],
  ['Make', '/make/2'],
  ['the bench', '/bench/1'],
  ['Plant', '/plant/1'],
  ['all in one delivery', '/plant/delivery'],
  ['Sums, a board', '/sums/board-span'],
  ['Sums, hours of sun', '/sums/sun-hours'],
  ['Sums, layers of fill', '/sums/settling'],
  ['House rules', '/house-rules'],
  ['the tool shelf', '/house-rules/tools'],
  ['the handbook', '/house-rules/handbook'],
  ['the garden file', '/house-rules/file'],
  ['the home network', '/house-rules/network'],
  ['nothing needs a look', '/gather/needs-a-look'],
  ['Help', '/help'],
];

for (const [name, path] of screens) {
  test(`${name} has nothing that axe objects to and nothing beyond its edge`, async ({ open, page }, { project }) => {
    await open(path);
    await expect(page.getByRole('heading').first()).toBeVisible();
    await looksRight(page, project.name === 'phone');
  });
}

test('what went wrong is told where it can be read in any light', async ({ open, page }, { project }) => {
  const problem = { status: 429, title: 'It took too long.', detail: 'It was stopped because it took too long. Nothing was saved.' };
  await page.route('**/api/match?*', (route) => route.fulfill({ status: 429, contentType: 'application/problem+json', json: problem }));
  await open('/gather/1');
  await expect(page.getByRole('alert').filter({ hasText: problem.detail })).toBeVisible();
  await looksRight(page, project.name === 'phone');
});
