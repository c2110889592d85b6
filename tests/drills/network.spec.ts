import { expect, test } from '@playwright/test';
import { readFileSync, statSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { join, resolve } from 'node:path';
import { chromium } from '@playwright/test';
import { GardenServer } from '../browser/garden';
import { json, read, send, tell, type Thing } from './drill';

const host = '127.0.0.2';
const passphrase = 'three wet wheelbarrows';
const described = JSON.parse(readFileSync(resolve(import.meta.dirname, '../../web/openapi/Metaplant.Web_metaplant.json'), 'utf8')) as { paths: Record<string, Record<string, { requestBody?: { content: Record<string, unknown> } }>> };
const endpoints = Object.entries(described.paths).flatMap(([path, methods]) =>
  Object.entries(methods).map(([method, o]) => ({ path, method: method.toUpperCase(), type: Object.keys(o.requestBody?.content ?? { 'application/json': 0 })[0] })),
);

let server: GardenServer;

test.beforeAll(async () => {
  server = new GardenServer(undefined, { demo: true, host });
  await server.start();
  expect((await json(`${server.url}/api/door/passphrase`, 'PUT', { passphrase: 'short' })).status).toBe(400);
  expect((await json(`${server.url}/api/door/passphrase`, 'PUT', { passphrase })).status).toBe(204);
});

test.afterAll(() => server.dispose());

/** Signs in over the network and returns the cookie. */
async function signIn(given: object): Promise<string> {
  const answer = await fetch(`${server.network}/api/door/in`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(given) });
  expect(answer.status).toBe(204);
  const cookie = answer.headers.get('set-cookie')!;
  expect(cookie).toMatch(/httponly/i);
  expect(cookie).toMatch(/samesite=strict/i);
  return cookie.split(';')[0];
}

const call = (path: string, method: string, cookie?: string, type = 'application/json') =>
  send(server.network + path.replace('{id}', '1').replace(/\{(template|sheet|day)\}/g, '0').replace(/\{\w+\}/g, 'x'), method, method === 'GET' ? undefined : '{}', { 'content-type': type, 'X-Metaplant': '1', ...(cookie ? { cookie } : {}) });

test('over the network nothing is answered before signing in, but who is there and how to', async () => {
  const open: string[] = [];
  for (const { path, method, type } of endpoints) {
    const answer = await call(path, method, undefined, type);
    if (answer.status !== 401) open.push(`${method} ${path} ${answer.status}`);
  }
  // Nothing sent at the door is told as such.
  expect(open.sort()).toEqual(['GET /api/door 200', 'POST /api/door/in 400', 'POST /api/door/out 204']);
  tell('without signing in', { endpoints: endpoints.length, answered: open.length });
});

test('a helper’s code opens one project’s steps and nothing else, until it is withdrawn', async () => {
  const made = JSON.parse((await json(`${server.url}/api/door/invitations`, 'POST', { for: 'Ilka', project: 1, hours: 4 })).text) as { invitation: { id: string }; code: string };
  const cookie = await signIn({ code: made.code.toUpperCase().replace(/(.{4})/g, '$1 '), device: 'Ilka’s phone' });
  const open: string[] = [];
  for (const { path, method, type } of endpoints.filter((e) => !/^\/api\/door\/(in|out)$/.test(e.path))) {
    const answer = await call(path, method, cookie, type);
    if (answer.status !== 403) open.push(`${method} ${path}`);
  }
  expect(open.sort()).toEqual(['GET /api/door', 'GET /api/projects/{id}/steps', 'GET /api/projects/{id}/steps/{step}.svg', 'POST /api/projects/{id}/ticks']);
  for (const path of ['/api/projects/2/steps', '/api/projects/2/steps/fill.svg', '/api/projects/1/pictures/front.svg', '/api/projects/01/steps', '/api/projects/1/../2/steps', '/api/photos/1', '/api/things/csv', '/api/garden/archive', '/api/garden/document']) expect((await call(path, 'GET', cookie)).status, path).not.toBe(200);
  const steps = JSON.parse((await call('/api/projects/1/steps', 'GET', cookie)).text) as { steps: { id: string; done: boolean }[] };
  expect((await json(`${server.network}/api/projects/1/ticks`, 'POST', { step: steps.steps[0].id, done: true }, { cookie })).status).toBe(204);
  expect((await json(`${server.network}/api/projects/2/ticks`, 'POST', { step: 'fill', done: false }, { cookie })).status).toBe(403);
  expect((await send(`${server.url}/api/door/invitations/${made.invitation.id}`, 'DELETE', undefined, { 'X-Metaplant': '1' })).status).toBe(204);
  expect((await call('/api/projects/1/steps', 'GET', cookie)).status).toBe(401);
  tell('a helper’s code', { endpoints: endpoints.length, open: open.length });
});

test('a page of another site, in a browser that is signed in, reads nothing and writes nothing', async () => {
  const tried: string[] = [];
  const site: Server = createServer((_, answer) => {
    answer.setHeader('content-type', 'text/html');
    answer.end('<!doctype html><title>Another site</title><body>Seeds, cheap');
  });
  await new Promise<void>((done) => site.listen(0, '127.0.0.3', done));
  const port = (site.address() as AddressInfo).port;
  const own = new URL(server.url).port;
  // A name that anybody may own and that leads to this machine.
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', `--host-resolver-rules=MAP seeds.example 127.0.0.3, MAP rebound.example ${host}, MAP rebound-here.example 127.0.0.1`] });
  try {
    const context = await browser.newContext();
    const page = await context.newPage();
    // Signed in as the gardener, over the network and at the machine itself.
    await page.goto(`${server.network}/`);
    await page.getByLabel('The garden’s passphrase').fill(passphrase);
    await page.getByRole('button', { name: 'Come in' }).click();
    await expect(page.locator('nav').getByText('Gather')).toBeVisible();
    await page.goto(`${server.url}/`);
    await expect(page.locator('nav').getByText('Gather')).toBeVisible();
    const before = await state();
    await page.goto(`http://seeds.example:${port}/`);
    for (const garden of [`http://${host}:${own}`, `http://127.0.0.1:${own}`, `http://localhost:${own}`]) {
      const got = await page.evaluate(async (garden) => {
        const read: string[] = [];
        const attempts: [string, RequestInit][] = [
          ['/api/things', {}],
          ['/api/things', { mode: 'no-cors', credentials: 'include' }],
          ['/api/garden/document', { credentials: 'include' }],
          ['/api/undo', { method: 'POST', mode: 'no-cors', credentials: 'include' }],
          ['/api/undo', { method: 'POST', mode: 'no-cors', headers: { 'content-type': 'text/plain' }, body: '{}', credentials: 'include' }],
          ['/api/things/1/retire', { method: 'POST', headers: { 'content-type': 'application/json' }, body: '{"version":1}', credentials: 'include' }],
          ['/api/things', { method: 'POST', headers: { 'X-Metaplant': '1', 'content-type': 'text/csv' }, body: 'name,kind\nEvil,bucket' }],
          ['/api/things/csv', { method: 'POST', mode: 'no-cors', body: 'name,kind\nEvil,bucket' }],
          ['/api/backups/restore', { method: 'POST', mode: 'no-cors', body: '{}' }],
          ['/API/undo', { method: 'POST', mode: 'no-cors', body: '{}', credentials: 'include' }],
          ['/API/things/csv', { credentials: 'include' }],
        ];
        for (const [path, init] of attempts) {
          const text = await fetch(garden + path, init).then((r) => r.text()).catch(() => '');
          if (text) read.push(`${path}: ${text.slice(0, 80)}`);
        }
        // A form needs no permission to send, a script none to be included, a picture none to be shown.
        for (const [action, type] of [['/api/undo', 'text/plain'], ['/API/Undo/', 'text/plain'], ['/api/things', 'text/plain'], ['/api/things/csv', 'multipart/form-data']]) {
          const frame = document.createElement('iframe');
          frame.name = `f${Math.random()}`;
          document.body.append(frame);
          const form = Object.assign(document.createElement('form'), { action: garden + action, method: 'POST', enctype: type, target: frame.name });
          form.append(Object.assign(document.createElement('input'), { name: '{"name":"Evil","kind":"bucket","x":"', value: '"}' }));
          document.body.append(form);
          form.submit();
        }
        const script = await new Promise<boolean>((done) => document.body.append(Object.assign(document.createElement('script'), { src: `${garden}/api/garden/document`, onload: () => done(true), onerror: () => done(false) })));
        const image = await new Promise<boolean>((done) => document.body.append(Object.assign(document.createElement('img'), { src: `${garden}/api/photos/1/small`, onload: () => done(true), onerror: () => done(false) })));
        if (script) read.push('script');
        if (image) read.push('image');
        await new Promise((r) => setTimeout(r, 400));
        return read;
      }, garden);
      tried.push(...got);
    }
    expect(tried).toEqual([]);
    for (const name of ['rebound.example', 'rebound-here.example']) {
      const answer = await page.goto(`http://${name}:${own}/api/things`);
      expect([name, answer!.status()]).toEqual([name, 421]);
      expect((await page.goto(`http://${name}:${own}/`))!.status()).toBe(421);
    }
    expect(await state()).toBe(before);
    tell('a foreign page', { attempts: 3 * 17 + 4, read: 0, written: 0 });
  } finally {
    await browser.close();
    site.close();
  }
});

test('a device that is signed out is out at once, a new passphrase signs all out, and none is guessed', async () => {
  const [one, other] = [await signIn({ passphrase, device: 'Phone' }), await signIn({ passphrase, device: 'Tablet' })];
  const { devices } = await read<{ devices: { id: string; name: string }[] }>(`${server.url}/api/door/inside`);
  expect(devices.map((d) => d.name)).toEqual(expect.arrayContaining(['Phone', 'Tablet']));
  expect((await call('/api/things', 'GET', one)).status).toBe(200);
  await send(`${server.url}/api/door/devices/${devices.find((d) => d.name === 'Phone')!.id}`, 'DELETE', undefined, { 'X-Metaplant': '1' });
  expect([(await call('/api/things', 'GET', one)).status, (await call('/api/things', 'GET', other)).status]).toEqual([401, 200]);
  // The passphrase is set at the machine only, whoever is signed in.
  expect((await json(`${server.network}/api/door/passphrase`, 'PUT', { passphrase: 'another long one' }, { cookie: other })).status).toBe(403);
  // It outlives the server, and is kept by nobody else's eyes.
  await server.kill();
  await server.start();
  expect((await call('/api/things', 'GET', other)).status).toBe(200);
  for (const file of ['door.json', 'garden.db', 'lock']) expect((statSync(join(server.folder, file)).mode & 0o077).toString(8), file).toBe('0');
  expect(readFileSync(join(server.folder, 'door.json'), 'utf8')).not.toContain(passphrase);
  // However the address is written, it is the same door.
  const doors = ['/api/door/in', '/api/door/in/', '/API/Door/In', '/%61pi/door/in'];
  const guesses = await Promise.all(Array.from({ length: 40 }, (_, i) => json(`${server.network}${doors[i % doors.length]}`, 'POST', { passphrase: `guess number ${i}` })));
  expect(guesses.filter((g) => g.status === 204).length).toBe(0);
  expect(guesses.filter((g) => g.status === 400).length).toBeLessThanOrEqual(6);
  expect(guesses.filter((g) => g.status === 429).length).toBeGreaterThanOrEqual(34);
  expect((await json(`${server.url}/api/door/passphrase`, 'PUT', { passphrase: 'four dry wheelbarrows' })).status).toBe(204);
  expect((await call('/api/things', 'GET', other)).status).toBe(401);
});

async function state(): Promise<string> {
  const [garden, things, projects] = await Promise.all(['garden', 'things', 'projects'].map((p) => read<Thing[]>(`${server.url}/api/${p}`)));
  return JSON.stringify([garden, things, projects]);
}
