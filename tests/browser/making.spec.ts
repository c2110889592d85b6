import type { Page } from '@playwright/test';
import DxfParser from 'dxf-parser';
import { expect, paper, test, type GardenServer } from './garden';

interface Fit {
  source: string;
  settings: Record<string, number>;
}

const DESIGNS = ['pallet-bed', 'drilled-tub', 'wound-cone', 'upright-bed', 'plank-bed', 'sheet-bed', 'core-sack', 'hanging-tube', 'bale-bed', 'dry-wall-bed', 'tyre-ring', 'timber-bed', 'twig-obelisk', 'tripod-ridge', 'lined-crates', 'woven-edging', 'woven-bed', 'net-frame', 'let-in-table', 'drum-cradle', 'layered-tower', 'sloped-trough', 'pocket-pallet', 'pocket-drum', 'mesh-pot', 'frame-tray', 'hoop-arch', 'pot-lattice', 'show-planter'];

/** A bed of upright boards on the drawing board, kept and opened in Make. */
async function keepBed(open: (path: string) => Promise<Page>, page: Page): Promise<void> {
  await open('/draw/upright-bed?source=24');
  await page.getByRole('textbox', { name: 'Project' }).fill('Herring bed');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page.getByRole('heading', { name: 'Herring bed', level: 1 })).toBeVisible();
}

/** How many of a thing lie on the heap. */
async function lying(server: GardenServer, name: string): Promise<number> {
  const things = (await (await fetch(`${server.url}/api/things`)).json()) as { name: string; count: number }[];
  return things.find((t) => t.name === name)?.count ?? 0;
}

/** Boards are cut, a panel comes out wider than it was drawn, and everything after it follows; all of it can be taken back and outlives the server. */
test('boards cut, a panel twelve millimetres over: coping, liner and litres follow, and one undo after another takes it all back', async ({
  open,
  page,
  server,
}) => {
  await keepBed(open, page);

  const facts = page.locator('.make header');
  expect(await lying(server, 'Deck boards')).toBe(11);
  await page.getByRole('checkbox', { name: /Cut \d+ boards/ }).check();
  await expect(facts).toContainText('being built');
  // What was sawn into lies there no more.
  await expect.poll(() => lying(server, 'Deck boards')).toBeLessThan(11);
  await page.getByLabel(/Minutes that step \d+ took/).first().fill('75');
  await page.getByLabel(/Minutes that step \d+ took/).first().press('Enter');
  await expect(facts).toContainText('Took so far');

  await page.getByText('Measure what was made').click();
  const length = page.getByRole('textbox', { name: /^Length/ });
  const planned = Number(await length.inputValue());
  await length.fill(String(planned + 12));
  await length.press('Enter');
  const told = page.locator('.told');
  await expect(told).toContainText(`coping of a long wall ${planned + 112} mm long, not ${planned + 100} mm`);
  await expect(told).toContainText('liner');
  await expect(told).toContainText('litres');
  const sentence = await told.textContent();

  // A slip of the pen is told at its field, and nothing of it is kept.
  await length.fill('9999');
  await length.press('Enter');
  await expect(page.getByRole('region', { name: 'As it came out' }).getByText(/look at the tape again/)).toBeVisible();
  await expect(told).toHaveText(sentence!);

  // Killed and started again, it is as it was.
  await server.kill();
  await server.start();
  const after = await open(`/make/${(await (await fetch(`${server.url}/api/projects`)).json()).find((p: { name: string }) => p.name === 'Herring bed').id}`);
  await expect(after.locator('.told')).toHaveText(sentence!);
  await expect(after.getByRole('checkbox', { name: /Cut \d+ boards/ })).toBeChecked();

  // All of it is taken back, one after the other.
  for (const gone of ['Measured', 'Done', 'Done']) {
    await after.keyboard.press('Control+z');
    await expect(after.getByRole('status').first()).toContainText(`Undone: ${gone}`);
  }
  await expect(after.locator('.told')).toHaveCount(0);
  await expect(after.getByRole('checkbox', { name: /Cut \d+ boards/ })).not.toBeChecked();
  expect(await lying(server, 'Deck boards')).toBe(11);
});

test('given up when the wood is cut already, its pieces lie on the heap and it stays in the book with the reason', async ({ open, page, server }) => {
  await keepBed(open, page);
  await page.getByRole('checkbox', { name: /Cut \d+ boards/ }).check();
  await expect(page.locator('.make header')).toContainText('being built');
  await page.getByText('Take it down, or give it up').click();
  await page.getByLabel('Why').fill('The landlord wants the yard.');
  await page.getByRole('button', { name: 'Given up' }).click();
  await expect(page.getByText('The landlord wants the yard.')).toBeVisible();
  await expect(page.getByRole('img', { name: /as it was last kept/ })).toBeVisible();
  expect(await lying(server, 'Deck boards, piece')).toBeGreaterThan(0);
});

/** Read by a parser that is none of ours: every part drawn is there on its layer, and the drawing is as large as the thing. */
test('the DXF of every design is read by another parser, in millimetres', async ({ server }) => {
  const ask = async <T>(path: string, body?: unknown): Promise<T> => {
    const answer = await fetch(`${server.url}/api/${path}`, body === undefined ? {} : { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
    expect(answer.ok, path).toBe(true);
    return (answer.status === 204 ? undefined : await answer.json()) as T;
  };
  const found = (await ask<{ designs: { design: string; best: Fit }[] }>('match', {})).designs;
  expect(found.map((m) => m.design).sort()).toEqual([...DESIGNS].sort());
  for (const { design, best } of found) {
    const kept = await ask<{ id: number; version: number; board: { views: { id: string; dimensions: { value: number }[] }[] } }>('projects', { name: design, board: { design, source: best.source, settings: best.settings } });
    for (const picture of [...kept.board.views.map((v) => v.id), 'side', 'apart', 'corner-0', 'corner-2']) {
      const which = `${design}, ${picture}`;
      const text = await (await fetch(`${server.url}/api/projects/${kept.id}/pictures/${picture}.dxf`)).text();
      const dxf = new DxfParser().parseSync(text)!;
      expect(dxf.header.$ACADVER).toBe('AC1009');
      const lines = dxf.entities.filter((e) => e.type === 'POLYLINE') as unknown as { layer: string; vertices: { x: number; y: number }[] }[];
      expect(lines.length, which).toBeGreaterThan(0);
      const words = dxf.entities.filter((e) => e.type === 'TEXT').map((e) => (e as unknown as { text: string }).text);
      expect(words).toContain('1 unit is 1 millimetre');
      // A tyre and what is in it.
      expect(new Set(dxf.entities.map((e) => e.layer)).size, which).toBeGreaterThan(1);
      // Larger than a hand and smaller than a yard, so that it is no metre and no inch.
      const across = (axis: 'x' | 'y'): number => {
        const at = lines.flatMap((l) => l.vertices.map((v) => v[axis]));
        return Math.max(...at) - Math.min(...at);
      };
      const larger = Math.max(across('x'), across('y'));
      expect(larger, which).toBeGreaterThan(150);
      expect(larger, which).toBeLessThan(12_000);
      // What is measured on the view is inside what is drawn.
      if (picture === 'front') expect(larger, which).toBeGreaterThanOrEqual(Math.max(0, ...kept.board.views.find((v) => v.id === 'front')!.dimensions.map((d) => d.value * 1000)) - 1);
    }
    // What it took lies on the heap again for the next.
    await ask(`projects/${kept.id}/drop`, { version: kept.version });
  }
});

test('the sheet and the templates of true size come on the paper that the garden has', async ({ open, page }) => {
  await open('/house-rules/manner');
  await page.getByRole('combobox', { name: 'Paper' }).selectOption('Letter');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
  await open('/make/2');
  expect(await paper(page)).toEqual(['612 x 792']);
  await page.getByRole('button', { name: /^True size/ }).click();
  const sheets = page.locator('.sheets img');
  for (const sheet of await sheets.all()) await sheet.scrollIntoViewIfNeeded();
  await expect.poll(() => sheets.evaluateAll((all) => all.every((i) => (i as HTMLImageElement).complete && (i as HTMLImageElement).naturalWidth > 0))).toBe(true);
  await page.emulateMedia({ media: 'print' });
  // As wide as the paper and not a hair less: a template made to fit is not of true size.
  const widths = await sheets.evaluateAll((all) => all.map((i) => i.getBoundingClientRect().width / 96));
  expect(widths.length).toBeGreaterThan(1);
  for (const width of widths) expect(width).toBeCloseTo(8.5, 3);
  await page.emulateMedia({ media: null });
  expect(await paper(page)).toEqual(['612 x 792']);
});
