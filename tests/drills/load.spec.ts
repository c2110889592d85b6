import { expect, test } from '@playwright/test';
import { json, read, send, tell, times, withGarden, type Thing } from './drill';

/** Nothing is asserted of a clock: what is measured is printed. */
test('thirty-two clients at once write and read without an error, and everything is there', async () => {
  const seconds = times(3, 30);
  await withGarden(async (server) => {
    // Each changes a thing of its own, so that the heap stays as large as it is.
    const own = await Promise.all(Array.from({ length: 32 }, async (_, c) => JSON.parse((await json(`${server.url}/api/things`, 'POST', { name: `Load ${c}`, kind: 'bucket', count: 1 })).text) as Thing));
    for (const [clients, reading] of [[8, true], [1, false], [32, false], [32, true]] as const) {
      const took: number[] = [];
      const written: number[] = [];
      const wrong: string[] = [];
      const end = performance.now() + seconds * 1000;
      await Promise.all(
        Array.from({ length: clients }, async (_, c) => {
          for (let i = 0; performance.now() < end; i++) {
            const write = !reading || i % 4 === 0;
            const answer = write ? await json(`${server.url}/api/things/${own[c].id}`, 'PUT', { ...own[c], remark: `${i}` }) : await send(`${server.url}/api/${['things', 'garden', 'projects'][i % 3]}`, 'GET');
            if (answer.status !== 200) wrong.push(`${answer.status} ${answer.text.slice(0, 200)}`);
            else if (write) own[c] = JSON.parse(answer.text) as Thing;
            (write ? written : took).push(answer.ms);
          }
        }),
      );
      expect(wrong).toEqual([]);
      const all = [...took, ...written].sort((a, b) => a - b);
      tell(`${clients} clients${reading ? ', a quarter of it writing' : ', writing only'}`, { seconds, 'writes a second': written.length / seconds, 'requests a second': all.length / seconds, 'half under, ms': all[all.length >> 1], '99 of 100 under, ms': all[Math.floor(all.length * 0.99)], errors: 0 });
    }
    const things = await read<(Thing & { remark: string })[]>(`${server.url}/api/things`);
    for (const mine of own) expect(things.find((t) => t.id === mine.id)).toMatchObject({ version: mine.version });
  });
});
