import { readFileSync } from 'node:fs';
import { Agent, request } from 'node:http';
import { GardenServer, type Serving } from '../browser/garden';

export { THINGS } from '../browser/garden';

const long = process.env.METAPLANT_DRILL === 'long';

/** So often in CI, so often when somebody wants to know. */
export const times = (short: number, whole: number): number => (long ? whole : short);

/** A figure that was measured, for whoever reads along; nothing is asserted of a clock. */
export const tell = (what: string, figures: Record<string, number | string>): void =>
  console.log(`    ${what}: ${Object.entries(figures).map(([k, v]) => `${k} ${typeof v === 'number' ? Math.round(v * 10) / 10 : v}`).join(', ')}`);

export interface Answer {
  status: number;
  text: string;
  ms: number;
}

const agent = new Agent({ keepAlive: true, maxSockets: 64 });

/** Sends whatever it is told to, also what no browser would. A connection broken off is status 0. */
export function send(url: string, method: string, body?: string | Buffer, headers: Record<string, string> = {}): Promise<Answer> {
  const began = performance.now();
  return new Promise((done) => {
    const gone = () => done({ status: 0, text: '', ms: performance.now() - began });
    const sent = request(url, { agent, method, headers: { ...(body === undefined ? {} : { 'content-length': String(Buffer.byteLength(body)) }), ...headers } }, (answer) => {
      const parts: Buffer[] = [];
      answer.on('data', (part: Buffer) => parts.push(part));
      answer.on('end', () => done({ status: answer.statusCode ?? 0, text: Buffer.concat(parts).toString(), ms: performance.now() - began }));
      answer.on('error', gone);
    });
    sent.on('error', gone);
    sent.end(body);
  });
}

export const json = (url: string, method: string, body: unknown, headers: Record<string, string> = {}): Promise<Answer> =>
  send(url, method, JSON.stringify(body), { 'content-type': 'application/json', ...headers });

export async function read<T>(url: string): Promise<T> {
  const answer = await send(url, 'GET');
  if (answer.status !== 200) throw new Error(`${url} answered ${answer.status}: ${answer.text.slice(0, 300)}`);
  return JSON.parse(answer.text) as T;
}

export interface Thing {
  id: number;
  number: number;
  name: string;
  kind: string;
  count: number;
  free: number;
  version: number;
  spokenFor: { count: number }[];
}

/** A garden served for as long as the work takes. */
export async function withGarden(work: (server: GardenServer) => Promise<void>, serving: Serving = { demo: true }, from?: string): Promise<void> {
  const server = new GardenServer(from, serving);
  try {
    await server.start();
    await work(server);
  } finally {
    await server.dispose();
  }
}

/** What the server holds in memory now and held at most, MB. */
export function memory(server: GardenServer): { now: number; most: number } {
  const status = readFileSync(`/proc/${server.process!.pid}/status`, 'utf8');
  const of = (name: string) => Number(new RegExp(`${name}:\\s+(\\d+)`).exec(status)?.[1] ?? 0) / 1024;
  return { now: of('VmRSS'), most: of('VmHWM') };
}

/** A repeatable chance, so that what was found can be found again. */
export function chance(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 4294967296;
  };
}

/** Nothing is spoken for more often than it is there. */
export const overspoken = (things: Thing[]): string[] =>
  things.filter((t) => t.spokenFor.reduce((n, s) => n + s.count, 0) > t.count).map((t) => t.name);
