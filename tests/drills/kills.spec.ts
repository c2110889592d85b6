import { expect, test } from '@playwright/test';
import { join, resolve } from 'node:path';
import { GardenServer } from '../browser/garden';
import { chance, json, overspoken, read, tell, times, withGarden, THINGS, type Thing } from './drill';

const gardens = resolve(import.meta.dirname, '../Metaplant.Web.Tests/Gardens');
const random = chance(9);
const pause = (ms: number) => new Promise((r) => setTimeout(r, ms));

test('whatever was acknowledged before the power went is there afterwards, once', async () => {
  const kills = times(4, 200);
  let acknowledged = 0;
  await withGarden(async (server) => {
    const expected = new Set<string>();
    for (let kill = 0; kill < kills; kill++) {
      let going = true;
      const kept: string[] = [];
      // One adds, one changes, one keeps and drops projects, one takes things off the heap.
      const writers = [
        async (i: number) => {
          const name = `Kill ${kill} add ${i}`;
          if ((await json(`${server.url}/api/things`, 'POST', { name, kind: 'bucket', count: 2 })).status === 201) kept.push(name);
        },
        async (i: number) => {
          const name = `Kill ${kill} other ${i}`;
          if ((await json(`${server.url}/api/things`, 'POST', { name, kind: 'crate', count: 1 })).status === 201) kept.push(name);
        },
        async (i: number) => {
          const made = await json(`${server.url}/api/projects`, 'POST', { name: `P ${kill} ${i}`, board: { design: 'drilled-tub', source: '15' } });
          if (made.status !== 201) return;
          const { id, version } = JSON.parse(made.text) as { id: number; version: number };
          await json(`${server.url}/api/projects/${id}/drop`, 'POST', { version });
        },
        async () => {
          const things = await read<Thing[]>(`${server.url}/api/things`).catch(() => [] as Thing[]);
          const tub = things.find((t) => t.id === 15);
          if (tub) await json(`${server.url}/api/things/15/retire`, 'POST', { version: tub.version });
          await json(`${server.url}/api/things/15/restore`, 'POST', { version: (tub?.version ?? 0) + 1 });
        },
      ];
      const running = writers.map(async (write) => {
        for (let i = 0; going; i++) await write(i);
      });
      await pause(times(900, 250) + random() * 900);
      await server.kill();
      going = false;
      await Promise.all(running);
      kept.forEach((name) => expected.add(name));
      acknowledged = expected.size;
      await server.start();
      const things = await read<Thing[]>(`${server.url}/api/things`);
      // Offcuts of one name lie there from the start; what this drill adds has a name of its own each.
      const names = things.map((t) => t.name).filter((n) => n.startsWith('Kill '));
      expect(names.filter((n, i) => names.indexOf(n) !== i), 'doubled').toEqual([]);
      expect([...expected].filter((n) => !names.includes(n)), 'lost').toEqual([]);
      expect(new Set(things.map((t) => t.number)).size, 'numbers given twice').toBe(things.length);
      expect(overspoken(things), 'spoken for more than there is').toEqual([]);
    }
  });
  tell('kills with four writers', { kills, acknowledged, lost: 0, doubled: 0 });
});

const beginnings: [string, string | undefined, number][] = [
  ['first creation', undefined, THINGS],
  ['a garden of the first form brought forward', join(gardens, 'before-history'), 80],
  ['a garden of the form before this one brought forward', join(gardens, 'before-filling'), 112],
];

for (const [what, from, things] of beginnings) {
  test(`a start cut short wedges nothing: ${what}`, async () => {
    const kills = times(3, 34);
    let slowest = 0;
    for (let kill = 0; kill < kills; kill++) {
      const server = new GardenServer(from, { demo: true });
      try {
        // Twice in a row, since what the first leaves is what the second finds.
        for (let twice = 0; twice < 2; twice++) {
          await server.spawn();
          await pause(150 + random() * 1300);
          await server.kill();
        }
        const began = performance.now();
        await server.start();
        slowest = Math.max(slowest, performance.now() - began);
        expect((await read<Thing[]>(`${server.url}/api/things`)).length).toBe(things);
      } finally {
        await server.dispose();
      }
    }
    tell(`kills during ${what}`, { kills: kills * 2, 'slowest next start, ms': slowest });
  });
}

test('a second server on the same garden is told so, and the first goes on', async () => {
  await withGarden(async (server) => {
    const second = new GardenServer();
    await second.dispose();
    Object.assign(second, { folder: server.folder });
    await expect(second.start()).rejects.toThrow(/is open in another Metaplant/);
    expect((await read<Thing[]>(`${server.url}/api/things`)).length).toBe(THINGS);
  });
});
