import { troubleOf, unreachable, type Schemas } from '../../lib/api/client';
import { OURS } from '../../lib/api/ours';
import { garden } from '../../lib/garden.svelte';

/** A file of things on its way in: looked through first, then kept whole or not at all, with progress, and it can be stopped. */
export class FileIn {
  name = $state('');
  preview = $state.raw<Schemas['CsvPreviewDto'] | null>(null);
  wrong = $state('');
  /** Things done while it is being kept; null when nothing is. */
  done = $state<number | null>(null);
  total = $state(0);
  kept = $state('');

  private text = '';
  private abort: AbortController | null = null;

  async look(file: File): Promise<void> {
    this.forget();
    this.name = file.name;
    try {
      this.text = await file.text();
      const response = await this.send('/api/things/csv/preview');
      if (response.ok) this.preview = (await response.json()) as Schemas['CsvPreviewDto'];
      else this.wrong = troubleOf(response.status, await response.json().catch(() => null)).whole;
    } catch {
      this.wrong = unreachable.whole;
    }
  }

  async keep(): Promise<void> {
    this.abort = new AbortController();
    this.done = 0;
    try {
      const response = await this.send('/api/things/csv', this.abort.signal);
      if (!response.ok || !response.body) {
        this.wrong = troubleOf(response.status, await response.json().catch(() => null)).whole;
        return;
      }
      await this.follow(response.body);
    } catch {
      this.wrong = this.abort.signal.aborted ? 'Stopped. Nothing of it was kept.' : unreachable.whole;
    } finally {
      this.done = null;
      await garden.open();
    }
  }

  stop(): void {
    this.abort?.abort();
  }

  forget(): void {
    this.name = '';
    this.preview = null;
    this.wrong = '';
    this.kept = '';
    this.text = '';
  }

  private send(path: string, signal?: AbortSignal): Promise<Response> {
    return fetch(path, { method: 'POST', headers: { ...OURS, 'content-type': 'text/csv' }, body: this.text, signal });
  }

  /** Reads the events of the server until it has kept everything. */
  private async follow(body: ReadableStream<Uint8Array>): Promise<void> {
    const reader = body.getReader();
    const decoder = new TextDecoder();
    let rest = '';
    for (;;) {
      const { value, done } = await reader.read();
      if (done) break;
      const events = (rest + decoder.decode(value, { stream: true })).split('\n\n');
      rest = events.pop() ?? '';
      for (const event of events) this.told(event);
    }
    if (!this.kept && !this.wrong) this.wrong = 'The garden broke off. Nothing of the file was kept.';
  }

  private told(event: string): void {
    const stage = /^event: (.*)$/m.exec(event)?.[1] ?? '';
    const { done, total, detail } = JSON.parse(/^data: (.*)$/m.exec(event)?.[1] ?? '{}') as {
      done: number;
      total: number;
      detail?: string;
    };
    if (stage === 'failed') {
      this.wrong = detail ?? 'Nothing of the file was kept.';
      return;
    }
    this.total = total;
    this.done = stage === 'read' ? 0 : done;
    if (stage !== 'kept') return;
    this.preview = null;
    this.kept = `${total} things are on the heap. Undo takes all of them off again.`;
  }
}

export const fileIn = new FileIn();
