import AxeBuilder from '@axe-core/playwright';
import { expect, lookingTest as test } from './garden';

const screens: [string, string][] = [
  ['Gather', '/gather/1'],
  ['a refused thing', '/gather/8'],
  ['what is it', '/gather/new'],
  ['in and out by file', '/gather/file'],
  ['tags', '/gather/tags'],
  ['sources', '/gather/sources'],
  ['Match', '/match'],
  ['Draw, a bed', '/draw/pallet-bed?source=1'],
  ['Draw, a tub', '/draw/drilled-tub?source=10'],
  ['Draw, a cone', '/draw/wound-cone?source=25'],
  ['Make', '/make/2'],
  ['Sums, a board', '/sums/board-span'],
  ['Sums, layers of fill', '/sums/settling'],
  ['House rules', '/house-rules'],
  ['the tool shelf', '/house-rules/tools'],
  ['the handbook', '/house-rules/handbook'],
  ['Help', '/help'],
];

for (const [name, path] of screens) {
  test(`${name} has nothing that axe objects to and nothing beyond its edge`, async ({ open, page }, { project }) => {
    await open(path);
    await expect(page.getByRole('heading').first()).toBeVisible();
    await page.waitForTimeout(400);
    // Colours are the same on a phone, so the other lights are looked at on the desktop.
    for (const theme of project.name === 'phone' ? ['day'] : ['day', 'dusk', 'sun']) {
      await page.evaluate((t) => (document.documentElement.dataset.theme = t), theme);
      // Only colours change with the light, so the rest is looked at once.
      const axe = new AxeBuilder({ page });
      const { violations } = await (theme === 'day' ? axe.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']) : axe.withRules(['color-contrast'])).exclude('.strip svg').analyze();
      expect(violations.map((v) => `${theme}: ${v.id} ${v.nodes.slice(0, 3).map((n) => `${n.target} ${n.failureSummary?.split('\n')[1] ?? ''}`)}`)).toEqual([]);
    }
    const [wider, longer] = await page.evaluate(({ documentElement: e } = document) => [e.scrollWidth - e.clientWidth, e.scrollHeight - e.clientHeight]);
    expect(wider).toBeLessThanOrEqual(0);
    // The stage scrolls and the page does not: it would carry the tape and the heap away.
    expect(longer).toBeLessThanOrEqual(0);
  });
}
