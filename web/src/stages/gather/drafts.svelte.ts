import { SvelteSet } from 'svelte/reactivity';
import type { Schemas, Thing } from '../../lib/api/client';

const KEPT = 'metaplant-measuring';

/** What is being measured. The id is null for a thing not yet on the heap. */
export interface Draft {
  id: number | null;
  version: number | null;
  number: number | null;
  name: string;
  kind: string;
  count: number;
  measures: Record<string, number>;
  /** Ids of the measures that somebody took; the others stand in. */
  taken: string[];
  /** What was seen on what it came from; it stays with it. */
  history: string[];
  substance: Schemas['Substance'];
  findings: string[];
  faults: Schemas['Fault'][];
  place: string;
  remark: string;
  source: string;
  permission: string;
  cost: number | null;
  keepDry: boolean;
  useBefore: string | null;
}

/** Changes that are not kept, laid by in the session so that leaving the page or the thing loses nothing. */
export class Drafts {
  /** Things with changes that are not kept, for a mark on the list. */
  readonly unsaved = new SvelteSet<number>(
    Object.keys(sessionStorage)
      .filter((key) => key.startsWith(`${KEPT}-`))
      .map((key) => Number(key.slice(KEPT.length + 1))),
  );

  /** Changes of a thing that were left lying, unless it was changed by somebody else since. */
  of(thing: Thing): Draft | null {
    const draft = this.read(thing.id);
    if (draft?.version === thing.version) return draft;
    if (draft) this.forget(thing.id);
    return null;
  }

  /** The draft of a new thing that was left lying, if there is one. */
  ofNew(): Draft | null {
    return this.read(null);
  }

  lay(draft: Draft): void {
    sessionStorage.setItem(key(draft.id), JSON.stringify(draft));
    if (draft.id !== null) this.unsaved.add(draft.id);
  }

  forget(id: number | null): void {
    sessionStorage.removeItem(key(id));
    if (id !== null) this.unsaved.delete(id);
  }

  private read(id: number | null): Draft | null {
    const text = sessionStorage.getItem(key(id));
    // Laid by before a page was renewed it may lack what came later.
    return text ? { taken: [], history: [], ...JSON.parse(text) } : null;
  }
}

const key = (id: number | null) => (id === null ? KEPT : `${KEPT}-${id}`);
