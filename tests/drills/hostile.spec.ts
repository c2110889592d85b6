import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { chance, memory, read, send, tell, times, withGarden, type Answer } from './drill';

interface Schema {
  $ref?: string;
  type?: string | string[];
  enum?: unknown[];
  properties?: Record<string, Schema>;
  items?: Schema;
  additionalProperties?: Schema;
  oneOf?: Schema[];
}

interface Operation {
  parameters?: { name: string; in: string; schema: Schema }[];
  requestBody?: { content: Record<string, { schema?: Schema }> };
}

const described = JSON.parse(readFileSync(resolve(import.meta.dirname, '../../web/openapi/Metaplant.Web_metaplant.json'), 'utf8')) as {
  paths: Record<string, Record<string, Operation>>;
  components: { schemas: Record<string, Schema> };
};

/** Every endpoint but those whose work is to copy or replace the whole garden, which the drill of damage does. */
const operations = [
  ...Object.entries(described.paths).flatMap(([path, methods]) => Object.entries(methods).map(([method, operation]) => ({ path, method: method.toUpperCase(), operation }))),
  { path: '/api/things/csv', method: 'GET', operation: {} },
  { path: '/api/things/csv', method: 'POST', operation: { requestBody: { content: { 'text/csv': {} } } } },
  { path: '/api/photos/{id}', method: 'GET', operation: { parameters: [{ name: 'id', in: 'path', schema: { type: 'integer' } }] } },
].filter((o) => !o.path.startsWith('/api/backups') && o.path !== '/api/garden/in');

const words = ['', ' ', 'x', '1', '10', '7', 'looked-over', 'held-food', 'pallet', 'round-tub', 'drilled-tub', 'long-boards', "'; DROP TABLE Things;--", '<script>', '\u0000', '\ud800', '=1+1', '../../etc/passwd', 'a'.repeat(300), '\u202e', 'NaN', '🪣'];
const numbers = [0, -0, 1, -1, 2, 3, 7, 0.1, 0.5, 1.5, 10, 99, 1e-300, 1e300, -1e300, 2147483647, -2147483648, 2147483648, 1e19, 0.0000001];

function body(schema: Schema | undefined, random: () => number, depth = 0): unknown {
  const any = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)];
  // Now and then something quite other than what is asked for.
  if (random() < 0.12 || !schema || depth > 6) return any<unknown>([null, [], {}, [null], [[[[1]]]], { a: null }, true, any(words), any(numbers)]);
  if (schema.$ref) return body(described.components.schemas[schema.$ref.split('/').pop()!], random, depth + 1);
  if (schema.oneOf) return body(any(schema.oneOf), random, depth + 1);
  if (schema.enum) return random() < 0.8 ? any(schema.enum) : any(words);
  const type = any([schema.type ?? 'object'].flat());
  if (type === 'object' && schema.additionalProperties)
    return Object.fromEntries(Array.from({ length: Math.floor(random() * 4) }, () => [any([...words, 'height', 'topDiameter', 'length', 'slats', 'soil', 'volume']), body(schema.additionalProperties, random, depth + 1)]));
  if (type === 'object') return Object.fromEntries(Object.entries(schema.properties ?? {}).filter(() => random() < 0.75).map(([name, of]) => [name, body(of, random, depth + 1)]));
  if (type === 'array') return Array.from({ length: Math.floor(random() * (random() < 0.02 ? 400 : 4)) }, () => body(schema.items, random, depth + 1));
  if (type === 'boolean') return random() < 0.5;
  if (type === 'integer') return random() < 0.5 ? Math.floor(random() * 90) : Math.trunc(any(numbers));
  if (type === 'number') return random() < 0.5 ? random() * 3 : any(numbers);
  return random() < 0.1 ? '2026-11-26' : any(words);
}

/** JSON as it would be sent, or broken on the way. */
function sent(value: unknown, random: () => number): string {
  const text = JSON.stringify(value) ?? 'null';
  const r = random();
  if (r < 0.02) return text.slice(0, Math.floor(text.length * random()));
  if (r < 0.03) return text.replace(/\d+/, 'NaN');
  if (r < 0.04) return `\ufeff${text}`;
  if (r < 0.045) return '['.repeat(3000);
  return text;
}

test('whatever is thrown at any endpoint is answered with a 2xx or a 4xx, soon and in little memory', async () => {
  const requests = times(4000, 200_000);
  await withGarden(async (server) => {
    const random = chance(26);
    const faults: string[] = [];
    const slow: string[] = [];
    const counts: Record<string, number> = {};
    const before = memory(server);
    let slowest = 0;
    let made = 0;
    const one = async (): Promise<void> => {
      const { path, method, operation } = operations[Math.floor(random() * operations.length)];
      let url = path.replace(/\{(\w+)\}/g, () => encodeURIComponent(random() < 0.7 ? String(Math.floor(random() * 90)) : words[Math.floor(random() * words.length)].replaceAll('\ud800', '')));
      for (const p of operation.parameters?.filter((p) => p.in === 'query') ?? []) if (random() < 0.6) url += `${url.includes('?') ? '&' : '?'}${p.name}=${encodeURIComponent(String(body(p.schema, random)).replaceAll('\ud800', ''))}`;
      const type = Object.keys(operation.requestBody?.content ?? {})[0];
      const charset = random() < 0.01 ? '; charset=klingon' : '';
      const what = method === 'GET' || !type ? undefined : type.includes('json') ? sent(body(operation.requestBody!.content[type].schema, random), random) : String(words[Math.floor(random() * words.length)]);
      const answer: Answer = await send(server.url + url, method, what, { 'X-Metaplant': '1', ...(type ? { 'content-type': type + charset } : {}) });
      counts[String(answer.status)] = (counts[String(answer.status)] ?? 0) + 1;
      if (answer.status >= 500 || answer.status === 0) faults.push(`${method} ${url} ${what?.slice(0, 400)} → ${answer.status} ${answer.text.slice(0, 200)}`);
      if (answer.ms > 1000) slow.push(`${method} ${path} ${Math.round(answer.ms)} ms`);
      slowest = Math.max(slowest, answer.ms);
    };
    await Promise.all(
      Array.from({ length: 8 }, async () => {
        while (made++ < requests) await one();
      }),
    );
    const after = memory(server);
    tell('hostile requests', { requests, ...counts, 'slowest, ms': slowest, 'over a second': slow.length, 'memory before, MB': before.now, after: after.now, 'at most': after.most });
    if (slow.length > 0) console.log([...new Set(slow.map((s) => s.replace(/ \d+ ms/, '')))].join('\n'));
    expect(faults.slice(0, 20)).toEqual([]);
    // Whatever went through is whole, can be read and taken back.
    expect((await read<unknown[]>(`${server.url}/api/things`)).length).toBeGreaterThan(0);
    expect(await read<unknown[]>(`${server.url}/api/things/needs-a-look`)).toEqual([]);
  });
});

test('no boards, fewer than none, more than there are: a pallet is sawn or it is said why not, at once', async () => {
  await withGarden(async (server) => {
    const { version } = (await read<{ id: number; version: number }[]>(`${server.url}/api/things`)).find((t) => t.id === 1)!;
    for (const boards of [undefined, 0, -1, -2147483648, 2147483647, 8]) {
      const answer = await send(`${server.url}/api/things/1/saw`, 'POST', JSON.stringify({ boards, sections: 1, version }), { 'content-type': 'application/json' });
      expect([boards, answer.status]).toEqual([boards, 400]);
    }
  });
});

test('work is stopped when nobody waits for it any more', async () => {
  await withGarden(async (server) => {
    // The dearest question there is, asked and given up over and over.
    const sticks = Array.from({ length: 200 }, (_, i) => ({ length: 1 + (i % 37) / 50, butt: 0.02 + (i % 11) / 2000, tip: 0.01, bow: (i % 7) / 100 }));
    const given = { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ sticks, count: 2, leastLength: 0, greatestSpread: 100 }) };
    await Promise.all(Array.from({ length: times(20, 200) }, () => fetch(`${server.url}/api/sticks/sort`, { ...given, signal: AbortSignal.timeout(30) }).catch(() => null)));
    const answer = await send(`${server.url}/api/garden`, 'GET');
    expect(answer.status).toBe(200);
    const whole = await fetch(`${server.url}/api/sticks/sort`, given);
    expect(whole.status).toBe(200);
    expect(((await whole.json()) as { sets: unknown[] }).sets.length).toBe(100);
  });
});
