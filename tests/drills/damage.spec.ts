import { expect, test } from '@playwright/test';
import { execFileSync, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { copyFileSync, cpSync, existsSync, mkdirSync, mkdtempSync, openSync, readFileSync, readdirSync, rmSync, symlinkSync, truncateSync, utimesSync, writeFileSync, writeSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { GardenServer } from '../browser/garden';
import { json, read, send, times, THINGS, type Thing } from './drill';
import { plain, png } from './pictures';

const root = resolve(import.meta.dirname, '../..');
const mark = 'Added after the backup';

interface Backups {
  hurt: string | null;
  backups: { name: string; things: number; why: string }[];
}

/** What is expected: a hurt garden that says so, one that opens all the same, or a start refused in a sentence. */
type End = 'hurt' | 'opens' | 'refused';

const hash = (path: string) => createHash('sha256').update(readFileSync(path)).digest('hex');

function overwrite(path: string, at: number, bytes: Buffer | string): void {
  const file = openSync(path, 'r+');
  writeSync(file, Buffer.from(bytes), 0, Buffer.byteLength(bytes), at);
}

const sql = (db: string, statement: string) => execFileSync(process.execPath, [join(root, 'tests/drills/sql.mjs'), db, statement]);

const kinds: [string, End, (folder: string, db: string) => void][] = [
  ['emptied', 'hurt', (_, db) => truncateSync(db, 0)],
  ['missing', 'hurt', (_, db) => rmSync(db)],
  ['missing, its write-ahead file still there', 'hurt', (folder, db) => (rmSync(db), writeFileSync(join(folder, 'garden.db-wal'), Buffer.alloc(8000, 7)))],
  ['its first page blanked', 'hurt', (_, db) => overwrite(db, 0, Buffer.alloc(4096))],
  ['its first words replaced', 'hurt', (_, db) => overwrite(db, 0, 'PK\u0003\u0004 a zip')],
  ['a stretch in the middle overwritten', 'hurt', (_, db) => overwrite(db, 9000, Buffer.alloc(20000, 0xab))],
  ['cut in half', 'hurt', (_, db) => truncateSync(db, readFileSync(db).length >> 1)],
  ['cut within its first page', 'hurt', (_, db) => truncateSync(db, 900)],
  ['a text in its place', 'hurt', (_, db) => writeFileSync(db, 'Dear garden,\n'.repeat(900))],
  ['another program’s file in its place', 'hurt', (_, db) => (rmSync(db), sql(db, 'CREATE TABLE Songs (Id INTEGER)'))],
  ['a table gone', 'hurt', (_, db) => sql(db, 'DROP TABLE Ticks')],
  ['something in it pointing nowhere', 'hurt', (_, db) => sql(db, 'INSERT INTO Allocations (ProjectId, ThingId, Count) VALUES (999, 998, 1)')],
  ['a folder in its place', 'hurt', (_, db) => (rmSync(db), mkdirSync(db))],
  ['a link that leads nowhere', 'hurt', (folder, db) => (rmSync(db), symlinkSync(join(folder, 'nowhere'), db))],
  ['written by a later Metaplant', 'refused', (_, db) => sql(db, "INSERT INTO __EFMigrationsHistory VALUES ('29991231000000_Later', '99')")],
  ['a lock that a killed migration left', 'opens', (_, db) => sql(db, "CREATE TABLE IF NOT EXISTS __EFMigrationsLock (Id INTEGER PRIMARY KEY, Timestamp TEXT NOT NULL); INSERT OR REPLACE INTO __EFMigrationsLock VALUES (1, '2026')")],
  ['a thing of which nothing can be read', 'opens', (_, db) => sql(db, "UPDATE Things SET Measures = '{', Findings = 'x', Faults = '[null]', Substance = 'cheese' WHERE Id = 2")],
  ['settings and journal that cannot be read', 'opens', (_, db) => sql(db, "INSERT OR REPLACE INTO Settings VALUES ('rule/pallet-wood', '{'), ('constant/practice.rain', '\"wet\"'), ('units', '7'); UPDATE Journal SET Changes = '['")],
  ['a project of which nothing can be read', 'opens', (_, db) => sql(db, "UPDATE Projects SET Design = '?', Settings = '?', Exposure = '?', Medium = '?', Site = '?' WHERE Id = 1")],
  ['the book at the door scribbled over', 'opens', (folder) => writeFileSync(join(folder, 'door.json'), 'let everybody in')],
];

/** A backup counts what a project has used up as well, which Gather no longer lists. */
const USED_UP = 1;

let base: GardenServer;
let photo: { id: number; bytes: Buffer };

test.beforeAll(async () => {
  base = new GardenServer();
  await base.start();
  const added = await send(`${base.url}/api/things/1/photos`, 'POST', png(60, 40, plain(60, 40)), { 'content-type': 'image/png', 'X-Metaplant': '1' });
  const { id } = JSON.parse(added.text) as { id: number };
  photo = { id, bytes: Buffer.from(await (await fetch(`${base.url}/api/photos/${id}`)).arrayBuffer()) };
  await send(`${base.url}/api/backups`, 'POST', undefined, { 'X-Metaplant': '1' });
  expect((await json(`${base.url}/api/things`, 'POST', { name: mark, kind: 'bucket', count: 1 })).status).toBe(201);
  // As one file by itself, so that each damage is done to all of it.
  await new Promise((r) => setTimeout(r, 1100));
  await send(`${base.url}/api/backups`, 'POST', undefined, { 'X-Metaplant': '1' });
  await base.kill();
  const backups = join(base.folder, 'backups');
  const latest = readdirSync(backups).filter((f) => f.startsWith('by-hand')).sort().pop()!;
  for (const part of readdirSync(base.folder).filter((f) => f.startsWith('garden.db'))) rmSync(join(base.folder, part));
  copyFileSync(join(backups, latest), join(base.folder, 'garden.db'));
  rmSync(join(backups, latest));
});

test.afterAll(() => base.dispose());

for (const [what, end, hurt] of kinds) {
  test(`damage: ${what}`, async () => {
    const server = new GardenServer(base.folder, {});
    const db = join(server.folder, 'garden.db');
    try {
      hurt(server.folder, db);
      const before = existsSync(db) && what !== 'a folder in its place' ? hash(db) : null;
      if (end === 'refused') {
        await expect(server.start()).rejects.toThrow(/later Metaplant/);
        expect(hash(db)).toBe(before);
        expect(server.said.trim().split('\n').length, 'one sentence, and no list of calls').toBe(1);
        return;
      }
      await server.start();
      if (end === 'opens') {
        await opensWithoutAFault(server, what);
        return;
      }
      const shut = await send(`${server.url}/api/things`, 'GET');
      expect(shut.status).toBe(503);
      const { detail, title } = JSON.parse(shut.text) as { detail: string; title: string };
      expect([title, detail.length > 20, /\n\s+at |Exception|SQLITE/.test(detail)]).toEqual(['The garden needs help.', true, false]);
      expect((await send(`${server.url}/API/things/`, 'GET')).status, 'however it is written').toBe(503);
      // Nothing is written to it, by us or by anybody.
      expect((await json(`${server.url}/api/things`, 'POST', { name: 'Lost', kind: 'bucket' })).status).toBe(503);
      if (before) expect(hash(db)).toBe(before);
      await goBack(server, kinds.findIndex((k) => k[0] === what) % times(4, 2) === 0);
      const things = await read<Thing[]>(`${server.url}/api/things`);
      expect(things.length).toBe(THINGS);
      expect(things.map((t) => t.name)).not.toContain(mark);
      expect(Buffer.from(await (await fetch(`${server.url}/api/photos/${photo.id}`)).arrayBuffer()).equals(photo.bytes)).toBe(true);
      if (before) {
        const aside = readdirSync(join(server.folder, 'set-aside')).map((f) => join(server.folder, 'set-aside', f, 'garden.db'));
        expect(aside.map(hash), 'what was there is set aside as it was').toContain(before);
      }
      expect((await json(`${server.url}/api/things`, 'POST', { name: 'Afterwards', kind: 'bucket' })).status).toBe(201);
    } finally {
      await server.dispose();
    }
  });
}

/** By the interface, or by the command line with the server stopped; its photographs are gone, and come back. */
async function goBack(server: GardenServer, byCommand: boolean): Promise<void> {
  const offered = await read<Backups>(`${server.url}/api/backups`);
  expect(offered.hurt).not.toBeNull();
  const best = offered.backups.find((b) => b.why === '')!;
  expect(best.things).toBe(THINGS + USED_UP);
  rmSync(join(server.folder, 'photos'), { recursive: true, force: true });
  if (byCommand) {
    await server.kill();
    const list = spawnSync('dotnet', [join(root, '.build/server/Metaplant.Web.dll'), '--data', server.folder, '--restore', 'list'], { encoding: 'utf8' });
    expect(list.stdout).toContain(`${THINGS + USED_UP} things, 8 projects`);
    expect(spawnSync('dotnet', [join(root, '.build/server/Metaplant.Web.dll'), '--data', server.folder, '--restore', best.name]).status).toBe(0);
    await server.start();
  } else {
    expect((await json(`${server.url}/api/backups/restore`, 'POST', { name: 'garden.db' })).status).toBe(409);
    expect((await json(`${server.url}/api/backups/restore`, 'POST', { name: best.name })).status).toBe(204);
  }
}

/** Everything is answered, nothing by a fault; what cannot be read is shown and can be mended. */
async function opensWithoutAFault(server: GardenServer, what: string): Promise<void> {
  const api = `${server.url}/api`;
  for (const path of ['/garden', '/things', '/things/needs-a-look', '/things/csv', '/things/alike', '/projects', '/projects/1', '/projects/2', '/garden/document', '/backups', '/door', '/door/inside'])
    expect((await send(api + path, 'GET')).status, path).toBe(200);
  expect((await json(`${api}/match`, 'POST', {})).status).toBe(200);
  const things = await read<Thing[]>(`${api}/things`);
  const unread = await read<{ id: number; version: number; mending: string[] | null }[]>(`${api}/things/needs-a-look`);
  expect(things.length + unread.length).toBe(THINGS + 1);
  for (const thing of unread) {
    expect(thing.mending).not.toBeNull();
    expect((await json(`${api}/things/${thing.id}/mend`, 'POST', { version: thing.version })).status).toBe(204);
  }
  expect((await read<Thing[]>(`${api}/things`)).length).toBe(THINGS + 1);
  if (what.startsWith('settings')) expect((await send(`${api}/undo`, 'POST', undefined, { 'X-Metaplant': '1' })).status, 'what cannot be read is passed over').toBe(409);
}

test('a damaged backup is not offered and never chosen; the one before it is still there', async () => {
  const server = new GardenServer(base.folder, {});
  try {
    const backups = join(server.folder, 'backups');
    const good = readdirSync(backups).find((f) => f.endsWith('.db'))!;
    copyFileSync(join(backups, good), join(backups, '2999-01-01.db'));
    overwrite(join(backups, '2999-01-01.db'), 9000, Buffer.alloc(20000, 0xab));
    await server.start();
    const list = (await read<Backups>(`${server.url}/api/backups`)).backups;
    expect(list.find((b) => b.name === '2999-01-01.db')!.why).not.toBe('');
    expect((await json(`${server.url}/api/backups/restore`, 'POST', { name: '2999-01-01.db' })).status).toBe(409);
    expect((await read<Thing[]>(`${server.url}/api/things`)).length).toBe(THINGS + 1);
    expect((await json(`${server.url}/api/backups/restore`, 'POST', { name: good })).status).toBe(204);
    expect((await read<Thing[]>(`${server.url}/api/things`)).length).toBe(THINGS);
    // What was there before going back can be come back to.
    const before = (await read<Backups>(`${server.url}/api/backups`)).backups.find((b) => b.name.startsWith('before-restore'))!;
    expect(before.things).toBe(THINGS + 1 + USED_UP);
  } finally {
    await server.dispose();
  }
});

test('a damaged garden is not kept as the backup of its day', async () => {
  const server = new GardenServer(base.folder, {});
  try {
    await server.start();
    const db = join(server.folder, 'garden.db');
    const good = readdirSync(join(server.folder, 'backups')).filter((f) => f.endsWith('.db'));
    await server.kill();
    overwrite(db, 12288, Buffer.alloc(40960, 0xcd));
    // The backup of the day is gone, so that one would be made.
    for (const f of good.filter((f) => /^\d/.test(f))) rmSync(join(server.folder, 'backups', f));
    await server.start();
    expect((await send(`${server.url}/api/things`, 'GET')).status).toBe(503);
    const left = readdirSync(join(server.folder, 'backups')).filter((f) => f.endsWith('.db'));
    expect(left.filter((f) => /^\d/.test(f))).toEqual([]);
    expect(left.length).toBeGreaterThan(0);
  } finally {
    await server.dispose();
  }
});

test('a garden damaged while it is served is found out by the next backup, and gone back from without a stop', async () => {
  const server = new GardenServer(base.folder, {});
  try {
    await server.start();
    const before = await read<Thing[]>(`${server.url}/api/things`);
    overwrite(join(server.folder, 'garden.db'), 9000, Buffer.alloc(60000, 0xcd));
    expect((await send(`${server.url}/api/backups`, 'POST', undefined, { 'X-Metaplant': '1' })).status).toBe(409);
    expect((await send(`${server.url}/api/things`, 'GET')).status).toBe(503);
    const best = (await read<Backups>(`${server.url}/api/backups`)).backups.find((b) => b.why === '')!;
    expect((await json(`${server.url}/api/backups/restore`, 'POST', { name: best.name })).status).toBe(204);
    // Nothing that was kept open or in memory goes on with the file that was set aside.
    const added = await json(`${server.url}/api/things`, 'POST', { name: 'After it', kind: 'bucket', count: 1 });
    expect(added.status).toBe(201);
    const after = await read<Thing[]>(`${server.url}/api/things`);
    expect([before.length, after.length, after.some((t) => t.name === 'After it')]).toEqual([THINGS + 1, best.things - USED_UP + 1, true]);
    await server.kill();
    await server.start();
    expect((await read<Thing[]>(`${server.url}/api/things`)).some((t) => t.name === 'After it')).toBe(true);
  } finally {
    await server.dispose();
  }
});

test('a disk that takes no more: nothing is half-kept, and it is said', async () => {
  const mount = mkdtempSync(join(tmpdir(), 'metaplant-small-'));
  const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=3m', 'tmpfs', mount]).status === 0;
  test.skip(!mounted, 'mounting is not allowed here');
  const server = new GardenServer();
  await server.dispose();
  Object.assign(server, { folder: join(mount, 'garden') });
  try {
    mkdirSync(server.folder);
    await server.start();
    // Fill the disk but for a little.
    const filler = join(mount, 'filler');
    const free = Number(execFileSync('df', ['--output=avail', '-B1', mount]).toString().split('\n')[1]);
    writeFileSync(filler, Buffer.alloc(Math.max(0, free - 120_000)));
    const kept: string[] = [];
    let full = 0;
    for (let i = 0; i < 60; i++) {
      const answer = await json(`${server.url}/api/things`, 'POST', { name: `Full ${i}`, kind: 'bucket', count: 1, remark: 'x'.repeat(900) });
      if (answer.status === 201) kept.push(`Full ${i}`);
      else expect([answer.status, answer.text.includes('was saved')]).toEqual([507, true]);
      full += answer.status === 507 ? 1 : 0;
    }
    expect(full).toBeGreaterThan(0);
    const csv = 'name,kind,remark\n' + Array.from({ length: 2000 }, (_, i) => `In ${i},bucket,${'y'.repeat(200)}`).join('\n');
    const brought = await send(`${server.url}/api/things/csv`, 'POST', csv, { 'content-type': 'text/csv', 'X-Metaplant': '1' });
    expect(brought.text).toContain('event: failed');
    expect(brought.text).toContain('Nothing of this was saved');
    const photo = await send(`${server.url}/api/things/1/photos`, 'POST', png(1500, 1500, plain(1500, 1500)), { 'content-type': 'image/png', 'X-Metaplant': '1' });
    expect([201, 507]).toContain(photo.status);
    const pictures = join(server.folder, 'photos');
    expect(readdirSync(pictures).filter((f) => !f.endsWith('.jpg') || readFileSync(join(pictures, f)).length === 0), 'half a photograph').toEqual([]);
    rmSync(filler);
    const names = (await read<Thing[]>(`${server.url}/api/things`)).map((t) => t.name);
    expect(names.filter((n) => n.startsWith('Full ')).sort()).toEqual(kept.sort());
    expect(names.some((n) => n.startsWith('In '))).toBe(false);
    expect((await json(`${server.url}/api/things`, 'POST', { name: 'Room again', kind: 'bucket' })).status).toBe(201);
    await server.kill();
    await server.start();
    expect((await read<Thing[]>(`${server.url}/api/things`)).map((t) => t.name)).toContain('Room again');
  } finally {
    await server.kill();
    spawnSync('umount', [mount]);
    rmSync(mount, { recursive: true, force: true });
  }
});

test('no backup is dropped while none of those that stay is sound', async () => {
  const server = new GardenServer(base.folder, {});
  try {
    const backups = join(server.folder, 'backups');
    const good = readdirSync(backups).find((f) => f.endsWith('.db'))!;
    cpSync(join(backups, good), join(backups, '2020-01-01.db'));
    rmSync(join(backups, good));
    for (let day = 10; day < 26; day++) writeFileSync(join(backups, `2999-01-${day}.db`), 'damaged');
    // The garden itself is damaged too, so that no new one can be made.
    await server.start();
    const today = readdirSync(backups).filter((f) => /^20[2-9]\d-/.test(f));
    expect(today).toContain('2020-01-01.db');
    utimesSync(join(backups, '2020-01-01.db'), 0, 0);
    const best = (await read<Backups>(`${server.url}/api/backups`)).backups.filter((b) => b.why === '');
    expect(best.length).toBeGreaterThan(0);
  } finally {
    await server.dispose();
  }
});
