import { test as base, expect, type Page } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

const root = resolve(import.meta.dirname, '../..');

/** Things on the demonstration heap. */
export const THINGS = 110;

/** The last of them. */
export const LAST = 'Rafters of the winch house, offcut';

/** The number on the tag of whatever comes next: what was cut for its projects has given numbers that are gone. */
export const NEXT = 112;
/** How many projects the demonstration garden has kept. */
export const PROJECTS = 8;
/** How many offcuts they have left on the heap. */
export const OFFCUTS = 4;

export interface Serving {
  /** With the demonstration garden in it, where it is new. */
  demo?: boolean;
  /** Served to a home network under this address too; only a loopback address other than 127.0.0.1 will do here. */
  host?: string;
}

/** A really started server on a garden of its own, which survives a restart. */
export class GardenServer {
  readonly folder = mkdtempSync(join(tmpdir(), 'metaplant-browser-'));

  /** A garden that begins as a copy of another's folder. */
  constructor(
    from?: string,
    readonly serving: Serving = { demo: true },
  ) {
    if (from) cpSync(from, this.folder, { recursive: true, filter: (path) => !path.endsWith('/lock') });
  }

  url = '';
  /** What it said when it would not start, and how it ended. */
  said = '';
  process: ChildProcess | null = null;
  /** Whether it was stopped in the middle of whatever it was answering. */
  killed = false;

  /** Where the home network would find it. */
  get network(): string {
    return this.url.replace('127.0.0.1', this.serving.host ?? '127.0.0.1');
  }

  /** Starts it and does not wait until it answers. */
  async spawn(): Promise<void> {
    const port = await freePort();
    this.url = `http://127.0.0.1:${port}`;
    this.said = '';
    this.process = spawn(
      'dotnet',
      [
        join(root, '.build/server/Metaplant.Web.dll'),
        '--contentRoot', join(root, 'src/Metaplant.Web'),
        '--data', this.folder,
        '--urls', [this.url, ...(this.serving.host ? [this.network] : [])].join(';'),
        ...(this.serving.demo ? ['--demo', '1'] : []),
        ...(this.serving.host ? ['--host', this.serving.host] : []),
        '--Logging:LogLevel:Default=None',
      ],
      { stdio: ['ignore', 'ignore', 'pipe'] },
    );
    this.process.stderr?.on('data', (words: Buffer) => (this.said += words.toString()));
  }

  async start(): Promise<void> {
    await this.spawn();
    for (let i = 0; i < 1200; i++) {
      const answer = await fetch(`${this.url}/api/nothing`).catch(() => null);
      if (answer?.ok) return;
      if (this.ended) throw new Error(`The server would not start: ${this.said}`);
      await new Promise((r) => setTimeout(r, 50));
    }
    throw new Error(`The server at ${this.url} did not answer within a minute.`);
  }

  get ended(): boolean {
    return this.process === null || this.process.exitCode !== null || this.process.signalCode !== null;
  }

  /** Stops it as a power cut would. */
  async kill(): Promise<void> {
    if (this.ended) return;
    this.killed = true;
    const gone = new Promise((r) => this.process?.once('exit', r));
    this.process?.kill('SIGKILL');
    await gone;
  }

  async dispose(): Promise<void> {
    await this.kill();
    rmSync(this.folder, { recursive: true, force: true });
  }
}

function freePort(): Promise<number> {
  return new Promise((done, fail) => {
    const probe = createServer();
    probe.once('error', fail);
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => (typeof address === 'object' && address ? done(address.port) : fail(new Error('No port.'))));
    });
  });
}

interface Fixtures {
  server: GardenServer;
  open: (path: string) => Promise<Page>;
}

/** Tests that get a fresh demonstration garden each, and fail on any error the page throws or logs. */
export const test = base.extend<Fixtures, { planted: string }>({
  planted: [
    // Laying the garden out takes longer than copying it.
    // eslint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const first = new GardenServer();
      await first.start();
      await first.kill();
      await use(first.folder);
      await first.dispose();
    },
    { scope: 'worker' },
  ],
  server: async ({ planted }, use) => {
    const server = new GardenServer(planted);
    await server.start();
    await use(server);
    await server.dispose();
  },
  open: async ({ page, server }, use) => {
    const errors: string[] = [];
    page.on('pageerror', (e) => errors.push(e.message));
    // Whoever kills the server cuts off what it was saying; with a server that lives an answer in half is a fault.
    const cutOff = (words: string) => /ERR_CONNECTION_REFUSED/.test(words) || (server.killed && /ERR_(CONNECTION_RESET|SOCKET_NOT_CONNECTED|EMPTY_RESPONSE|INCOMPLETE_CHUNKED_ENCODING)/.test(words));
    page.on('console', (m) => m.type() === 'error' && !/status of 4\d\d/.test(m.text()) && !cutOff(m.text()) && errors.push(`${m.text()} ${m.location().url}`));
    // What was wrong with it is in its words, not in its number.
    page.on('response', async (r) => r.status() >= 500 && errors.push(await r.text().catch(() => 'unread')));
    await use(async (path) => {
      await page.goto(`${server.url}/#${path}`);
      await expect(page.locator('main').getByText('Opening the garden')).toHaveCount(0);
      return page;
    });
    expect(errors).toEqual([]);
  },
});

/** A garden served to a network of its own, so that phones and helpers can come in. */
export const networkTest = base.extend<{ server: GardenServer }>({
  // eslint-disable-next-line no-empty-pattern
  server: async ({}, use) => {
    const server = new GardenServer(undefined, { demo: true, host: '127.0.0.2' });
    await server.start();
    await use(server);
    await server.dispose();
  },
});

/** Tests that only look share one garden for each worker. */
export const lookingTest = test.extend<Record<never, never>, { shared: GardenServer }>({
  shared: [
    async ({ planted }, use) => {
      const server = new GardenServer(planted);
      await server.start();
      await use(server);
      await server.dispose();
    },
    { scope: 'worker' },
  ],
  server: async ({ shared }, use) => use(shared),
});

export { expect };

/** The sizes of paper that a page prints on, in points. */
export async function paper(page: Page): Promise<string[]> {
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  return [...new Set([...pdf.matchAll(/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/g)].map(([, w, h]) => `${Math.round(Number(w))} x ${Math.round(Number(h))}`))];
}
