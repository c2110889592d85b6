import { troubleOf, unreachable, type Schemas } from '../../lib/api/client';
import { OURS } from '../../lib/api/ours';
import { garden } from '../../lib/garden.svelte';

/** A whole garden on its way in: looked through first, then put in place of this one whole or not at all. It can be stopped. */
class GardenIn {
  file = $state.raw<File | null>(null);
  differences = $state.raw<Schemas['Differences'] | null>(null);
  /** Sentences by place in the file. */
  problems = $state.raw<[string, string][]>([]);
  wrong = $state('');
  kept = $state('');
  busy = $state('');

  private abort: AbortController | null = null;

  async look(file: File): Promise<void> {
    this.forget();
    this.file = file;
    const answer = await this.send('/api/garden/in/preview', 'Looking through it…');
    if (answer) this.differences = (await answer.json()) as Schemas['Differences'];
  }

  async keep(): Promise<void> {
    if (!(await this.send('/api/garden/in', 'Putting it in place…'))) return;
    this.forget();
    await garden.open();
    this.kept = 'The garden is in place. The one before is kept among the backups below.';
  }

  stop(): void {
    this.abort?.abort();
  }

  forget(): void {
    [this.file, this.differences, this.problems, this.wrong, this.kept] = [null, null, [], '', ''];
  }

  private async send(path: string, words: string): Promise<Response | null> {
    this.abort = new AbortController();
    this.busy = words;
    this.wrong = '';
    try {
      const response = await fetch(path, {
        method: 'POST',
        headers: { ...OURS, 'content-type': 'application/octet-stream' },
        body: this.file,
        signal: this.abort.signal,
      });
      if (response.ok) return response;
      const trouble = troubleOf(response.status, await response.json().catch(() => null));
      this.problems = Object.entries(trouble.fields);
      this.wrong = trouble.whole;
    } catch {
      this.wrong = this.abort.signal.aborted ? 'Stopped. Nothing was changed.' : unreachable.whole;
    } finally {
      this.busy = '';
    }
    return null;
  }
}

export const gardenIn = new GardenIn();
