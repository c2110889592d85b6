import type { Page } from '@playwright/test';
import { expect, test } from './garden';

const METRIC = /(?:\d|\bin )\s?(?:mm|cm|m|m²|m³|litres?|l|kg|N|kN|kPa|MPa|GPa|°C|mm\/h|m\/s|km\/h|kg\/m³|N\/m|kN\/m³|N m|l\/day|mm\/day|MJ\/m² day)(?![\w/²³])|\b(?:litres?|millimet|kilogram|metres)\w*/g;
const US = /(?:\d|\bin )\s?(?:in|ft|US gal|gal|lb|oz|fl oz|lbf|psi|mph|°F|sq ft|sq in|cu ft|ft lbf|in\/h)(?![\w/])|\b(?:inch|gallon|pound|Fahrenheit)\w*/g;

/** What goods are sold by: told as it stands in either system. */
const TRADE = /\bM\d+\b|screws \d+(?:\.\d+)? × \d+ mm(?:, \d+ in a box)?|polyethylene \d+ mm/gi;

/** Every word on the screen but what the gardener typed and what a source is quoted with: what is shut is opened first, and what fields, titles and labels say counts. */
async function words(page: Page): Promise<string> {
  await expect(page.locator('[aria-busy="true"]')).toHaveCount(0);
  const shut = page.locator('[data-fold] > * > button[aria-expanded=false]');
  // A page that is still coming brings more of them.
  await expect(async () => {
    await shut.evaluateAll((all) => all.forEach((e) => (e as HTMLButtonElement).click()));
    await expect(shut).toHaveCount(0, { timeout: 500 });
  }).toPass();
  return page.evaluate(() => {
    const said: string[] = [];
    const quoted = 'cite, [data-own], [data-either]';
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let n = walker.nextNode(); n; n = walker.nextNode()) if (!n.parentElement?.closest(`${quoted}, script, style`)) said.push(n.textContent ?? '');
    for (const e of document.querySelectorAll('[title],[aria-label],[placeholder],input')) {
      if (e.closest(quoted)) continue;
      said.push(...['title', 'aria-label', 'placeholder'].map((a) => e.getAttribute(a) ?? ''), e instanceof HTMLInputElement ? e.value : '');
    }
    return said.join(' ');
  });
}

for (const [system, units, other] of [['US', 'in', METRIC], ['metric', 'mm', US]] as const) {
  test(`every screen of the demonstration garden speaks ${system} alone`, async ({ open, page, server, request }) => {
    const headers = { Origin: server.url, 'X-Metaplant': '1' };
    const none = { name: null, units: null, decimal: null, currency: null, dates: null, paper: null, volumes: null, place: null };
    expect((await request.put(`${server.url}/api/garden`, { data: { ...none, units }, headers })).status()).toBe(204);
    const get = async <T>(path: string) => (await (await request.get(`${server.url}/api${path}`)).json()) as T;
    const things = await get<{ id: number; name: string }[]>('/things');
    const projects = await get<{ id: number }[]>('/projects');
    const spots = (await get<{ places: { id: number }[] }>('/plan')).places.map((p) => p.id);
    const sums = await get<{ name: string }[]>('/sums');
    const matches = await (await request.post(`${server.url}/api/match?aim=MostSoil`, { data: { medium: 'topsoil-compost', crop: null, exposure: 'Open', peopleAtEdge: false, site: 'Soil', ground: null }, headers })).json() as { designs: { design: string; best: { source: string } | null }[] };
    const paths = [
      '/place', '/place/site', '/place/pegs-1', '/place/paper', '/plant/delivery', ...projects.map((p) => `/plant/${p.id}`), ...spots.map((s) => `/place/${s}`), ...projects.slice(0, 2).map((p) => `/place/planter-${p.id}`), '/match', '/whole-heap', '/fetch', '/gather/new', '/gather/file', '/gather/tags', '/gather/sources', '/house-rules', '/house-rules/tools', '/house-rules/handbook', '/house-rules/file', '/house-rules/network', '/help',
      ...things.map((t) => `/gather/${t.id}`), ...projects.map((p) => `/make/${p.id}`), ...sums.map((s) => `/sums/${s.name}`),
      ...matches.designs.filter((m) => m.best).map((m) => `/draw/${m.design}?source=${encodeURIComponent(m.best!.source)}`),
    ];
    await open('/match');
    const strange: string[] = [];
    for (const path of paths) {
      await page.evaluate((p) => (location.hash = p), path);
      await page.waitForLoadState('networkidle');
      await page.waitForTimeout(60);
      // On Match every design is looked at once.
      let read = await words(page);
      if (path === '/match')
        for (const tile of await page.getByRole('main').getByRole('article').getByRole('button').all()) {
          await tile.click();
          read += ` ${await words(page)}`;
        }
      let said = read.replace(TRADE, '').replace(/\s+/g, ' ');
      for (const thing of things) said = said.replaceAll(thing.name, '');
      for (const found of said.matchAll(other)) strange.push(`${path}: …${said.slice(Math.max(0, found.index - 40), found.index + 30)}…`);
    }
    expect(strange).toEqual([]);
  });
}
