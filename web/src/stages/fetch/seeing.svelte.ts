import { api, troubleOf, unreachable, type Schemas } from '../../lib/api/client';
import { Asking } from '../../lib/ask.svelte';
import { garden } from '../../lib/garden.svelte';
import { Bench } from '../gather/bench.svelte';
import { inputOf } from '../gather/drafts.svelte';

export type Worth = Schemas['WorthDto'];

/** Something seen where it lies elsewhere, while it is looked at there: what it is, and what it would be worth here. */
class Seeing {
  readonly bench = new Bench('metaplant-seeing');
  worth = $state.raw<Worth | null>(null);
  /** Said where it belongs to no field. */
  wrong = $state('');

  private readonly asking = new Asking();

  get pending(): number {
    return this.asking.pending;
  }

  /** Asks what it would do; the last answer stays until there is another. */
  async ask(): Promise<void> {
    const { draft } = this.bench;
    if (!draft) return;
    try {
      const answer = await this.asking.ask((signal) =>
        api.POST('/api/worth', {
          body: { thing: inputOf($state.snapshot(draft)), seen: null, brief: garden.brief, aim: garden.aim },
          signal,
        }),
      );
      if (!answer) return;
      this.worth = answer.data ?? this.worth;
      this.wrong = answer.data ? '' : troubleOf(answer.response.status, answer.error).whole;
    } catch {
      this.wrong = unreachable.whole;
    }
  }

  /** Keeps it in mind. True when it went well. */
  async keep(): Promise<boolean> {
    const { draft } = this.bench;
    if (!draft || this.bench.keeping) return false;
    this.bench.keeping = true;
    const trouble = await garden.write(
      () => api.POST('/api/seen', { body: inputOf($state.snapshot(draft)) }),
      `${draft.name} is kept in mind`,
    );
    this.bench.keeping = false;
    if (trouble) this.bench.explain(trouble);
    else this.leave();
    return !trouble;
  }

  /** Thinks no more of it. */
  leave(): void {
    this.asking.stop();
    this.bench.drop();
    this.worth = null;
    this.wrong = '';
  }
}

export const seeing = new Seeing();
