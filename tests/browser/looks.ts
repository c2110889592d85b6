import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** Nothing that axe objects to, in any light, and nothing beyond the edge of the window. */
export async function looksRight(page: Page, phone: boolean): Promise<void> {
  await page.waitForTimeout(400);
  // Colours are the same on a phone, so the other lights are looked at on the desktop.
  for (const theme of phone ? ['day'] : ['day', 'dusk', 'sun']) {
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
}
