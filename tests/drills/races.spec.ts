import { expect, test } from '@playwright/test';
import { deflateSync } from 'node:zlib';
import { json, overspoken, read, send, tell, times, withGarden, type Thing } from './drill';
import { png } from './pictures';

interface Garden {
  constants: Record<string, number>;
  tools: Record<string, unknown>;
  undo: string | null;
}

test('keeping against retiring and against each other: never is more spoken for than there is', async () => {
  const rounds = times(20, 200);
  let kept = 0;
  let retired = 0;
  await withGarden(async (server) => {
    const api = `${server.url}/api`;
    for (let round = 0; round < rounds; round++) {
      const made = JSON.parse((await json(`${api}/things`, 'POST', { name: `Tub ${round}`, kind: 'round-tub', count: 1, findings: ['held-food', 'looked-over'] })).text) as Thing;
      const keep = (name: string) => json(`${api}/projects`, 'POST', { name, board: { design: 'drilled-tub', source: String(made.id) } });
      const [a, b, gone] = await Promise.all([keep('A'), keep('B'), json(`${api}/things/${made.id}/retire`, 'POST', { version: made.version })]);
      const well = [a, b].filter((r) => r.status === 201).length + (gone.status === 204 ? 1 : 0);
      expect(well, `${a.status} ${b.status} ${gone.status}`).toBe(1);
      if (gone.status === 204) retired++;
      else kept++;
    }
    expect(overspoken([...(await read<Thing[]>(`${api}/things`)), ...(await read<Thing[]>(`${api}/things?retired=true`)).map((t) => ({ ...t, count: 0 }))])).toEqual([]);
  });
  tell('keeping against retiring', { races: rounds, kept, retired, both: 0 });
});

test('adds at once all succeed, each under a number of its own', async () => {
  const rounds = times(3, 25);
  await withGarden(async (server) => {
    for (let round = 0; round < rounds; round++) {
      const answers = await Promise.all(Array.from({ length: 8 }, (_, i) => json(`${server.url}/api/things`, 'POST', { name: `Add ${round} ${i}`, kind: 'bucket', count: 1 })));
      expect(answers.map((a) => a.status)).toEqual(Array.from({ length: 8 }, () => 201));
    }
    const things = await read<Thing[]>(`${server.url}/api/things`);
    expect(new Set(things.map((t) => t.number)).size).toBe(things.length);
    tell('adds at once', { adds: rounds * 8, refused: 0 });
  });
});

test('settings changed at once are all kept, and all taken back', async () => {
  const rounds = times(1, 4);
  await withGarden(async (server) => {
    const api = `${server.url}/api`;
    const rows = (await read<{ rows: { id: string; value: number; least: number; greatest: number }[] }[]>(`${api}/handbook`)).flatMap((t) => t.rows).slice(0, 64);
    const tools = (await read<{ tools: string[] }>(`${api}/catalogue`)).tools.slice(0, 32);
    for (let round = 0; round < rounds; round++) {
      const answers = await Promise.all([
        ...rows.map((r) => json(`${api}/constants/${r.id}`, 'PUT', { value: (r.least + r.greatest) / 2 + (round * (r.greatest - r.least)) / 100 })),
        ...tools.map((t) => json(`${api}/tools/${encodeURIComponent(t)}`, 'PUT', { tool: { having: 'Borrowed', sizes: '', who: `Round ${round}` } })),
      ]);
      expect(answers.filter((a) => a.status !== 204).map((a) => a.text)).toEqual([]);
      const garden = await read<Garden>(`${api}/garden`);
      expect(Object.keys(garden.constants).length).toBe(64);
      expect(Object.keys(garden.tools).length).toBe(32);
    }
    let undone = 0;
    while ((await send(`${api}/undo`, 'POST', undefined, { 'X-Metaplant': '1' })).status === 200) undone++;
    expect(undone).toBe(rounds * 96);
    const garden = await read<Garden>(`${api}/garden`);
    expect([garden.constants, garden.tools, garden.undo]).toEqual([{}, {}, null]);
    tell('settings at once', { changes: rounds * 96, lost: 0, undone });
  });
});

test('twelve photographs of one thing, however many come at once', async () => {
  await withGarden(async (server) => {
    const picture = png(40, 30, deflateSync(Buffer.alloc(30 * 121)));
    const answers = await Promise.all(Array.from({ length: times(20, 60) }, () => send(`${server.url}/api/things/1/photos`, 'POST', picture, { 'content-type': 'image/png', 'X-Metaplant': '1' })));
    expect(answers.filter((a) => a.status === 201).length).toBe(12);
    expect(answers.filter((a) => a.status !== 201).every((a) => a.status === 400)).toBe(true);
    expect((await read<{ id: number; photos: number[] }[]>(`${server.url}/api/things`)).find((t) => t.id === 1)!.photos.length).toBe(12);
  });
});

test('two who change the same thing at once: one is kept, the other is told', async () => {
  await withGarden(async (server) => {
    for (let round = 0; round < times(10, 200); round++) {
      const thing = (await read<Thing[]>(`${server.url}/api/things`)).find((t) => t.id === 1)!;
      const change = (name: string) => json(`${server.url}/api/things/1`, 'PUT', { ...thing, name });
      const answers = await Promise.all([change(`One ${round}`), change(`Other ${round}`)]);
      expect(answers.map((a) => a.status).sort()).toEqual([200, 409]);
    }
  });
});
