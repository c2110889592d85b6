import { QueryCache, QueryClient } from '@tanstack/svelte-query';
import { api, troubleOf, unreachable, type Trouble } from './client';

/** What was answered with a refusal, in sentences. */
export class NotRead extends Error {
  constructor(readonly trouble: Trouble) {
    super(trouble.whole);
  }
}

/** Milliseconds until a lost connection is looked for again. */
const RETRY_AFTER = 2000;

/** All that is known of the server, in one place. Nothing grows old by itself: a write says what of the garden it changed, and that is read again. */
export const held = new QueryClient({
  queryCache: new QueryCache({
    // Signed out meanwhile: the door says what now.
    onError: (error) => {
      if (error instanceof NotRead && error.trouble.status === 401) void held.invalidateQueries({ queryKey: ['door'] });
    },
  }),
  defaultOptions: {
    queries: {
      staleTime: Infinity,
      // Derived state reads a part of an answer for the first time when it is long there.
      notifyOnChangeProps: 'all',
      networkMode: 'always',
      refetchOnWindowFocus: false,
      // A refusal stays one; a connection that was lost, as at the end of a garden it often is, is looked for until it is back.
      retry: (_, error) => !(error instanceof NotRead),
      retryDelay: RETRY_AFTER,
    },
  },
});

/** The data of an answer, or its refusal thrown. */
export async function taken<T>(asked: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await asked;
  if (data === undefined) throw new NotRead(troubleOf(response.status, error));
  return data;
}

/** What is wrong with reading something, also while it is being tried again; null when nothing is. */
export function troubleWith({ failureReason, error }: { failureReason: Error | null; error: Error | null }) {
  const failed = failureReason ?? error;
  return failed === null ? null : failed instanceof NotRead ? failed.trouble : unreachable;
}

/** What has to be read again after a part of the garden was changed. All that a reader sees is judged and told by the settings. */
const READ_AGAIN: Record<string, readonly string[]> = {
  Heap: [
    'things',
    'needs-a-look',
    'matches',
    'project',
    'better',
    'seen',
    'wanted',
    'spots-for',
    'designs-for',
    'fetching',
    'filling',
    'delivery',
  ],
  Photographs: ['things'],
  Projects: ['projects', 'project', 'spots-for', 'designs-for', 'pegs', 'fetching', 'filling', 'delivery'],
  Standing: ['plan', 'pegs', 'fetching'],
  Plan: ['plan', 'plan-day', 'spot', 'spots-for', 'designs-for', 'pegs', 'project', 'matches', 'fetching', 'filling'],
  Shelf: ['matches', 'project', 'designs-for'],
  Settings: [
    'told',
    'catalogue',
    'handbook',
    'sums',
    'things',
    'needs-a-look',
    'projects',
    'matches',
    'project',
    'better',
    'seen',
    'wanted',
    'plan',
    'plan-day',
    'spot',
    'spots-for',
    'designs-for',
    'pegs',
    'fetching',
    'filling',
    'delivery',
  ],
};

/** What nobody waits for before they go on: it takes as long as it takes, and what was there stays until then. */
const AT_LEISURE: readonly string[] = ['designs-for', 'matches', 'better', 'needs-a-look', 'wanted'];

let settling: Promise<unknown> = Promise.resolve();

/** Done once what the last write changed has been read again, but for what is at leisure. */
export const settled = (): Promise<unknown> => settling;

/** A first reading that is still under way is stopped as well: it was asked before the change, and its answer would pass for a fresh one. */
export async function again(key: string): Promise<void> {
  await held.cancelQueries({ queryKey: [key] });
  await held.invalidateQueries({ queryKey: [key] });
}

/** Reads again what is shown of these parts of the garden. `except` was in the answer already. */
function changed(parts: readonly string[], except: readonly string[] = []): void {
  // What can be undone is said with the garden itself.
  const keys = new Set(['garden', ...parts.flatMap((p) => READ_AGAIN[p] ?? [])]);
  const reading = [...keys].filter((k) => !except.includes(k)).map((k) => ({ key: k, done: again(k) }));
  settling = Promise.all(reading.filter((r) => !AT_LEISURE.includes(r.key)).map((r) => r.done));
}

/** Reads again what an answer says it changed. For answers of our own client it is called already. */
export function heed(response: Response, except: readonly string[] = []): void {
  const parts = response.headers.get('X-Metaplant-Changed')?.split(', ');
  if (parts) changed(parts, except);
}

api.use({
  // A measure taken is answered with its project as it is then.
  onResponse: ({ response, schemaPath }) =>
    heed(response, schemaPath === '/api/projects/{id}/measures' ? ['project'] : []),
});
