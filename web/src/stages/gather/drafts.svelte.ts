import { SvelteSet } from 'svelte/reactivity';
import type { Kind, Schemas, Thing, ThingInput } from '../../lib/api/client';

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
  /** Sticks of a bundle that were laid along the tape one by one. */
  laid: Schemas['Stick'][];
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
  readonly unsaved = new SvelteSet<number>();

  /** Laid by under a name of their own, so that what is measured here and what is seen elsewhere do not lie in one place. */
  constructor(private readonly kept: string) {
    for (const key of Object.keys(sessionStorage)) {
      if (key.startsWith(`${kept}-`)) this.unsaved.add(Number(key.slice(kept.length + 1)));
    }
  }

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
    sessionStorage.setItem(this.key(draft.id), JSON.stringify(draft));
    if (draft.id !== null) this.unsaved.add(draft.id);
  }

  forget(id: number | null): void {
    sessionStorage.removeItem(this.key(id));
    if (id !== null) this.unsaved.delete(id);
  }

  private read(id: number | null): Draft | null {
    const text = sessionStorage.getItem(this.key(id));
    // Laid by before a page was renewed it may lack what came later.
    return text ? { taken: [], history: [], laid: [], ...JSON.parse(text) } : null;
  }

  private key(id: number | null): string {
    return id === null ? this.kept : `${this.kept}-${id}`;
  }
}

/** A new thing of a kind, at its typical measures, or as it was said in a line. */
export function freshDraft(kind: Kind, place: string, said?: Schemas['HeardDto']): Draft {
  return {
    id: null,
    version: null,
    number: null,
    name: said?.name ?? '',
    kind: kind.id,
    count: said?.count ?? 1,
    measures: { ...(said?.measures ?? Object.fromEntries(kind.fields.map((f) => [f.id, f.typical]))) },
    taken: [...(said?.taken ?? [])],
    history: [],
    substance: said?.substance ?? kind.substances[0].id,
    findings: [...(said?.findings ?? [])],
    faults: [],
    laid: [],
    place,
    remark: '',
    source: '',
    permission: '',
    cost: null,
    keepDry: false,
    useBefore: null,
  };
}

/** A thing as the heap has it, to be changed. */
export function draftOf(thing: Thing): Draft {
  return {
    id: thing.id,
    version: thing.version,
    number: thing.number,
    name: thing.name,
    kind: thing.kind,
    count: thing.count,
    measures: { ...thing.measures },
    taken: [...thing.taken],
    history: [...thing.history],
    substance: thing.substance,
    findings: [...thing.findings],
    faults: thing.faults.map((f) => ({ ...f })),
    laid: thing.laid.map((s) => ({ ...s })),
    place: thing.place,
    remark: thing.remark,
    source: thing.source,
    permission: thing.permission,
    cost: thing.cost,
    keepDry: thing.keepDry,
    useBefore: thing.useBefore,
  };
}

/** What is sent of a draft: all but what the heap gives it. */
export function inputOf(draft: Draft): ThingInput {
  const input: Partial<Draft> = { ...draft };
  delete input.id;
  delete input.number;
  return input as ThingInput;
}
