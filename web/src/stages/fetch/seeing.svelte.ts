import { api, type Schemas } from '../../lib/api/client';
import { garden } from '../../lib/garden.svelte';
import { Bench } from '../gather/bench.svelte';
import { inputOf } from '../gather/drafts.svelte';

export type Worth = Schemas['WorthDto'];

/** Something seen where it lies elsewhere, while it is looked at there: what the core makes of it is what it would be worth here. */
class Seeing extends Bench<Worth> {
  constructor() {
    super('metaplant-seeing', (thing, signal) =>
      api.POST('/api/worth', { body: { thing, seen: null, brief: garden.place, aim: garden.aim }, signal }),
    );
  }

  /** Keeps it in mind. True when it went well. */
  override async keep(): Promise<boolean> {
    const { draft } = this;
    if (!draft || this.keeping) return false;
    this.keeping = true;
    const trouble = await garden.write(
      () => api.POST('/api/seen', { body: inputOf($state.snapshot(draft)) }),
      `${draft.name} is kept in mind`,
    );
    this.keeping = false;
    if (trouble) this.explain(trouble);
    else this.drop();
    return !trouble;
  }
}

export const seeing = new Seeing();
