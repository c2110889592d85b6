// Takes one picture of each main view from the demonstration garden into docs/screenshots. Look at each before it is committed.
import { chromium } from '@playwright/test';
import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

const url = 'http://127.0.0.1:5997';
const folder = mkdtempSync(join(tmpdir(), 'metaplant-pictures-'));
const into = resolve('docs/screenshots');
mkdirSync(into, { recursive: true });

/** Name, address, what to wait for, and what to do first. */
const views = [
  ['gather', '/gather/1', '.judged'],
  ['walk', '/gather/31', '.judged', (page) => page.getByRole('button', { name: /Walk round it/ }).click()],
  ['refused', '/gather/8', '.judged'],
  ['kinds', '/gather/new', '.picker svg'],
  ['match', '/match', '.match-strip'],
  ['draw', '/draw/pallet-bed?source=2', '.verdicts'],
  ['make', '/make/2', 'h1, h2'],
  ['sums', '/sums/post-embedment', '.answer .large'],
  ['house-rules', '/house-rules', '.rules fieldset'],
  ['phone', '/gather/10', '.judged', null, { width: 390, height: 844 }],
  ['phone-sums', '/sums/board-span', '.first .large', null, { width: 390, height: 844 }],
];

const server = spawn('dotnet', ['.build/server/Metaplant.Web.dll', '--contentRoot', resolve('src/Metaplant.Web'), '--data', folder, '--urls', url, '--demo', '1', '--Logging:LogLevel:Default=None'], { stdio: 'ignore' });
try {
  for (let i = 0; i < 600; i++) {
    try { await fetch(`${url}/api/nothing`); break; } catch { await new Promise((r) => setTimeout(r, 100)); }
  }
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] });
  for (const [name, path, ready, first, size] of views) {
    const page = await browser.newPage({ viewport: size ?? { width: 1280, height: 800 }, isMobile: Boolean(size), hasTouch: Boolean(size) });
    await page.goto(`${url}/#${path}`);
    await page.locator(ready).first().waitFor();
    if (first) await first(page);
    await page.getByText(/\d+ will do/).first().waitFor();
    await page.waitForTimeout(700);
    await page.screenshot({ path: join(into, `${name}.png`) });
    await page.close();
  }
  await browser.close();
} finally {
  server.kill();
  await new Promise((r) => server.once('exit', r));
  rmSync(folder, { recursive: true, force: true });
}
