// Takes one picture of each main view from the demonstration garden into docs/screenshots. Look at each before it is committed.
import { chromium } from '@playwright/test';
import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

const url = 'http://127.0.0.1:5997';
const network = 'http://127.0.0.2:5997';
const folder = mkdtempSync(join(tmpdir(), 'metaplant-pictures-'));
const into = resolve('docs/screenshots');
mkdirSync(into, { recursive: true });

/** Asks the whole heap for salad and peas, and waits for the plan. */
async function wanted(page) {
  await page.getByLabel('Plants in soil').selectOption('lettuce');
  await page.getByLabel('Something to climb').selectOption('pea');
  await page.getByRole('button', { name: 'Plan it' }).click();
  await page.locator('.whole[aria-busy=false] .planned').first().waitFor({ timeout: 60_000 });
}

/** Says what is seen, and waits for what it would do. */
async function seen(page) {
  await page.getByLabel('Say what it is').fill('6 boards 1900 x 240 x 30');
  await page.keyboard.press('Enter');
  await page.locator('.worth').waitFor({ timeout: 60_000 });
}

/** The step that saws, its clock going. */
async function sawing(page) {
  while (await page.locator('.one .board').count() === 0) await page.getByRole('button', { name: 'The next step' }).click();
  await page.getByRole('button', { name: 'Start the clock' }).click();
  await page.waitForTimeout(2000);
}

/** Name, address, what to wait for, and what to do first. */
const views = [
  ['gather', '/gather/1', '.judged'],
  ['walk', '/gather/31', '.judged', (page) => page.getByRole('button', { name: /Walk round it/ }).click()],
  ['refused', '/gather/8', '.judged'],
  ['place', '/place/2', '.bars'],
  ['match', '/match', '.looked'],
  ['whole-heap', '/whole-heap', 'form', wanted],
  ['fetch', '/fetch', '.wanted li'],
  ['draw', '/draw/pallet-bed?source=2', '.verdicts'],
  ['make', '/make/2', 'h1, h2'],
  ['plant', '/plant/1', '.section .layer'],
  ['sums', '/sums/post-embedment', '.answer .large'],
  ['house-rules', '/house-rules', '.rules fieldset'],
  ['garden-file', '/house-rules/file', '.backups', null, null, (page) => page.getByRole('button', { name: 'Keep one now' }).click()],
  ['phone', '/gather/10', '.judged', null, { width: 390, height: 844 }],
  ['phone-draw', '/draw/drilled-tub?source=10', 'dl.bar', null, { width: 390, height: 844 }],
  ['phone-bench', '/bench/1', '.one', sawing, { width: 390, height: 844 }],
  ['phone-seen', '/fetch/new', '.picker svg', seen, { width: 390, height: 844 }],
  ['phone-sums', '/sums/board-span', '.first .large', null, { width: 390, height: 844 }],
];

/** What somebody sees who was invited to help with one project. */
async function helper(browser) {
  const sent = await fetch(`${url}/api/door/invitations`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ for: 'Ilka', project: 1, hours: 4 }) });
  const { code } = await sent.json();
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, isMobile: true, hasTouch: true });
  await page.goto(`${network}/#/helper/${code}`);
  await page.getByRole('button', { name: 'Come in' }).click();
  await page.getByRole('checkbox').first().check();
  await page.waitForTimeout(700);
  await page.screenshot({ path: join(into, 'phone-helper.png') });
}

const server = spawn('dotnet', ['.build/server/Metaplant.Web.dll', '--contentRoot', resolve('src/Metaplant.Web'), '--data', folder, '--urls', `${url};${network}`, '--host', '127.0.0.2', '--demo', '1', '--Logging:LogLevel:Default=None'], { stdio: 'ignore' });
try {
  for (let i = 0; i < 600; i++) {
    try { await fetch(`${url}/api/nothing`); break; } catch { await new Promise((r) => setTimeout(r, 100)); }
  }
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] });
  for (const [name, path, ready, first, size, before] of views) {
    const page = await browser.newPage({ viewport: size ?? { width: 1280, height: 800 }, isMobile: Boolean(size), hasTouch: Boolean(size) });
    await page.goto(`${url}/#${path}`);
    if (before) await before(page);
    await page.locator(ready).first().waitFor();
    if (first) await first(page);
    await page.getByText(/\d+ will do/).first().waitFor();
    await page.waitForTimeout(700);
    await page.screenshot({ path: join(into, `${name}.png`) });
    await page.close();
  }
  await helper(browser);
  await browser.close();
} finally {
  server.kill();
  await new Promise((r) => server.once('exit', r));
  rmSync(folder, { recursive: true, force: true });
}
