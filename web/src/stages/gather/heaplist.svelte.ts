import { SvelteSet } from 'svelte/reactivity';
import { api, troubleOf, unreachable, type Thing } from '../../lib/api/client';
import { garden } from '../../lib/garden.svelte';
import { allWords, each, EVERYTHING, matches, rowsOf, type Grouping, type Row, type Wanted } from './find';

/** The list of the heap: what is looked for, how it is grouped, what is chosen, and what is done to all that is chosen. */
export class HeapList {
  wanted = $state<Wanted>({ ...EVERYTHING });
  grouping = $state<Grouping>('none');
  /** Ids of the things chosen; empty when none are being chosen. */
  readonly chosen = new SvelteSet<number>();
  choosing = $state(false);
  wrong = $state('');
  /** Groups of things that look alike. */
  alike = $state.raw<number[][]>([]);

  private readonly words = $derived(allWords(garden.things, garden.kinds));
  readonly found: Thing[] = $derived(
    garden.things.filter((t) => matches(t, this.words.get(t.id) ?? '', this.wanted, garden.kinds)),
  );
  readonly rows: Row[] = $derived(rowsOf(this.found, this.grouping, garden.kinds));
  readonly places = $derived(each(garden.things.map((t) => t.place)));
  readonly forms = $derived(each(garden.things.map((t) => garden.kinds.get(t.kind)?.group ?? '')));
  readonly filtered = $derived(this.found.length < garden.things.length);

  toggle(id: number): void {
    if (!this.chosen.delete(id)) this.chosen.add(id);
  }

  chooseFound(): void {
    for (const thing of this.found) this.chosen.add(thing.id);
  }

  stopChoosing(): void {
    this.choosing = false;
    this.chosen.clear();
    this.wrong = '';
  }

  /** Changes all that is chosen, or none of it. */
  async change(change: {
    place?: string;
    source?: string;
    keepDry?: boolean;
    addFindings?: string[];
    retire?: boolean;
  }): Promise<void> {
    const things = garden.things.filter((t) => this.chosen.has(t.id)).map((t) => ({ id: t.id, version: t.version }));
    const trouble = await garden.write(
      () =>
        api.POST('/api/things/bulk', {
          body: {
            things,
            place: change.place ?? null,
            source: change.source ?? null,
            keepDry: change.keepDry ?? null,
            addFindings: change.addFindings ?? null,
            removeFindings: null,
            retire: change.retire ?? null,
          },
        }),
      change.retire ? `${things.length} things are off the heap` : `${things.length} things are changed`,
    );
    this.wrong = trouble?.whole ?? '';
    if (!trouble) this.stopChoosing();
  }

  async lookForAlike(): Promise<void> {
    try {
      const { data, error, response } = await api.GET('/api/things/alike');
      this.alike = data?.map((g) => g.things) ?? [];
      this.wrong = data
        ? data.length === 0
          ? 'No two things look alike.'
          : ''
        : troubleOf(response.status, error).whole;
    } catch {
      this.wrong = unreachable.whole;
    }
  }

  /** Puts one batch into another that is alike. */
  async merge(from: number, into: number): Promise<void> {
    const [a, b] = [from, into].map((id) => garden.things.find((t) => t.id === id));
    if (!a || !b) return;
    const trouble = await garden.write(
      () =>
        api.POST('/api/things/{id}/merge', {
          params: { path: { id: a.id } },
          body: { into: b.id, version: a.version, intoVersion: b.version },
        }),
      `${a.name} lies with ${b.name} now`,
    );
    this.wrong = trouble?.whole ?? '';
    if (!trouble) await this.lookForAlike();
  }
}

export const heapList = new HeapList();
