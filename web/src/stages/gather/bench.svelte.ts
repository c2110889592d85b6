import { SvelteMap, SvelteSet } from 'svelte/reactivity';
import {
  api,
  troubleOf,
  unreachable,
  type Kind,
  type Schemas,
  type Thing,
  type ThingInput,
  type Trouble,
} from '../../lib/api/client';
import { Asking } from '../../lib/ask.svelte';
import { garden } from '../../lib/garden.svelte';
import { parseCount } from '../../lib/units/parse';
import { draftOf, Drafts, freshDraft, inputOf, type Draft } from './drafts.svelte';

type Heard = Schemas['HeardDto'];

/** Asks the core what it makes of a thing as it is measured so far. */
type Look<T> = (thing: ThingInput, signal: AbortSignal) => Promise<{ data?: T; error?: unknown; response: Response }>;

/** The measuring bench: one thing, old or new, while it is measured and looked at. A draft survives leaving the page. */
export class Bench<T = Schemas['PreviewDto']> {
  draft = $state<Draft | null>(null);
  /** What the core made of it last. */
  preview = $state.raw<T | null>(null);
  errors = $state<Record<string, string>>({});
  /** Said where it belongs to no field. */
  whole = $state('');
  /** True while a keep is under way, so that a second tap keeps nothing twice. */
  keeping = $state(false);
  /** True once something was changed that is not kept. */
  changed = $state(false);

  /** The name its timber is sold by, where one was said. */
  trade = $state.raw<Heard['trade']>(null);
  /** Where the last new thing was laid; the next mostly lies there too. */
  private place = '';

  readonly drafts: Drafts;

  /** Whether the gardener opened or shut the particulars, by thing: so they stay while the heap is read again. */
  readonly opened = new SvelteMap<number | null, boolean>();

  readonly kind: Kind | null = $derived(this.draft ? (garden.kinds.get(this.draft.kind) ?? null) : null);
  /** Findings that cannot be on what it is made of, and are not asked about. */
  readonly neverOn: ReadonlySet<string> = $derived(
    new SvelteSet(this.kind?.substances.find((s) => s.id === this.draft?.substance)?.neverOn ?? []),
  );
  readonly isNew = $derived(this.draft !== null && this.draft.id === null);
  readonly badParts: ReadonlySet<string> = $derived(new SvelteSet(this.draft?.faults.map((f) => f.part) ?? []));

  get pending(): number {
    return this.looking.pending;
  }

  /** Drafts are laid by under a name: one for what lies here, another for what lies elsewhere. */
  constructor(
    kept: string,
    private readonly asked: Look<T>,
  ) {
    this.drafts = new Drafts(kept);
  }

  /** How often something was refused, so that an answer to an older question does not take it back. */
  private told = 0;
  private readonly looking = new Asking();

  /** A new thing of a kind, at its typical measures, or as it was said in a line. */
  start(kind: Kind, said?: Heard): void {
    this.put(freshDraft(kind, this.place, said));
    this.trade = said?.trade ?? null;
    if (said) this.lay();
  }

  /** Another one like that in hand: all that was measured and seen, with a name and a number of its own. */
  another(): void {
    if (!this.draft) return;
    const like = $state.snapshot(this.draft);
    this.put({ ...like, id: null, version: null, number: null, history: [], faults: [], laid: [] });
    this.lay();
  }

  /** Timber named as it is sold is of its true section, or of the one that its name says after all. */
  sawnAsSaid(said: boolean): void {
    if (this.trade) this.measureAll(said ? this.trade.said : this.trade.sold);
  }

  private lay(): void {
    this.changed = true;
    if (this.draft) this.drafts.lay(this.draft);
  }

  /** Takes a thing in hand: as the heap has it, or with the changes that were made to it and not kept. */
  load(thing: Thing): void {
    const kept = this.drafts.of(thing);
    if (kept) {
      this.put(kept);
      this.changed = true;
    } else this.put(draftOf(thing));
  }

  /** Takes up the draft of a new thing that was left lying, if there is one. */
  resume(): boolean {
    const kept = this.drafts.ofNew();
    if (!kept) return false;
    this.put(kept);
    this.changed = true;
    return true;
  }

  measure(field: string, value: number): void {
    if (!this.draft) return;
    this.draft.measures[field] = value;
    this.take([field]);
    delete this.errors[`measures.${field}`];
    this.touch();
  }

  measureAll(values: Record<string, number>): void {
    if (!this.draft) return;
    Object.assign(this.draft.measures, values);
    this.take(Object.keys(values));
    this.touch();
  }

  /** The sticks of the bundle as they were laid along the tape; kept with the thing. */
  laySticks(sticks: Schemas['Stick'][]): void {
    if (!this.draft) return;
    this.draft.laid = sticks;
    this.touch();
  }

  /** Another stuff is asked other questions, so that a look at the first says nothing of it. */
  setSubstance(substance: Schemas['Substance']): void {
    if (!this.draft || this.draft.substance === substance) return;
    this.draft.substance = substance;
    this.draft.findings = this.draft.findings.filter((f) => f !== 'looked-over');
    this.touch();
  }

  private take(fields: string[]): void {
    if (this.draft) this.draft.taken = [...this.draft.taken, ...fields.filter((f) => !this.draft!.taken.includes(f))];
  }

  wrong(field: string, sentence: string): void {
    this.errors[field] = sentence;
  }

  tick(finding: string, on: boolean): void {
    if (!this.draft) return;
    this.draft.findings = on ? [...this.draft.findings, finding] : this.draft.findings.filter((f) => f !== finding);
    this.touch();
  }

  /** One of several findings is right, or none: the others go. */
  answer(among: string[], finding: string | null): void {
    if (!this.draft) return;
    const kept = this.draft.findings.filter((f) => !among.includes(f) && f !== finding);
    this.draft.findings = finding === null ? kept : [...kept, finding];
    this.touch();
  }

  /** It is called something else, which nothing is judged by. */
  rename(): void {
    delete this.errors.name;
    if (Object.keys(this.errors).length === 0) this.whole = '';
    this.note({});
  }

  /** How many there are, as it was typed. */
  count(typed: string): void {
    const read = parseCount(typed);
    if (read.error !== undefined) this.wrong('count', read.error);
    else if (this.draft) {
      this.draft.count = read.value;
      this.touch();
    }
  }

  /** Something beside the measures changed: kept with the rest, but nothing to look at again. */
  note(
    change: Partial<Pick<Draft, 'place' | 'remark' | 'source' | 'permission' | 'cost' | 'keepDry' | 'useBefore'>>,
  ): void {
    if (!this.draft) return;
    Object.assign(this.draft, change);
    this.changed = true;
    this.drafts.lay(this.draft);
  }

  /** Marks a part bad, or sound again. A bad slat is bad all along. */
  togglePart(part: string): void {
    if (!this.draft) return;
    const had = this.draft.faults.some((f) => f.part === part);
    this.draft.faults = had
      ? this.draft.faults.filter((f) => f.part !== part)
      : [...this.draft.faults, { part, from: 0, to: 0 }];
    this.touch();
  }

  setBadPlace(from: number, to: number): void {
    if (!this.draft) return;
    this.draft.faults = [...this.draft.faults, { part: 'piece', from: Math.min(from, to), to: Math.max(from, to) }];
    this.touch();
  }

  dropBadPlace(index: number): void {
    if (!this.draft) return;
    this.draft.faults = this.draft.faults.filter((_, i) => i !== index);
    this.touch();
  }

  /** Something changed: look at it again, and keep the draft against leaving the page. */
  touch(): void {
    if (!this.draft) return;
    this.changed = true;
    this.drafts.lay(this.draft);
    void this.look();
  }

  /** Adds the new thing or keeps the changes. True when it went well. */
  async keep(): Promise<boolean> {
    const draft = this.draft;
    if (!draft || this.keeping) return false;
    this.keeping = true;
    try {
      return await this.send(draft);
    } finally {
      this.keeping = false;
    }
  }

  private async send(draft: Draft): Promise<boolean> {
    const body = inputOf($state.snapshot(draft));
    const sent = JSON.stringify(body);
    let kept: Thing | undefined;
    const trouble = await garden.write(
      async () => {
        const answer =
          draft.id === null
            ? await api.POST('/api/things', { body })
            : await api.PUT('/api/things/{id}', { params: { path: { id: draft.id } }, body });
        kept = answer.data;
        return answer;
      },
      draft.id === null ? `${draft.name} is on the heap` : `${draft.name} is kept`,
    );
    if (trouble || !kept) {
      this.explain(trouble ?? unreachable);
      return false;
    }
    if (draft.id === null) this.place = draft.place;
    this.drafts.forget(draft.id);
    this.settle(draft, sent, kept);
    return true;
  }

  /** Shows what was kept, unless another thing was taken in hand meanwhile; what was typed since it was sent stays, as a change of what was kept. */
  private settle(draft: Draft, sent: string, kept: Thing): void {
    if (this.draft !== draft) return;
    if (JSON.stringify(inputOf($state.snapshot(draft))) === sent) return this.load(kept);
    Object.assign(draft, { id: kept.id, number: kept.number, version: kept.version });
    this.touch();
  }

  /** Splits so many off the batch. Returns the id of the part that was split off, or null. */
  async split(count: number): Promise<number | null> {
    const draft = this.draft;
    if (draft?.id == null) return null;
    const { id, version } = draft;
    let part: Thing | undefined;
    const trouble = await garden.write(async () => {
      const answer = await api.POST('/api/things/{id}/split', { params: { path: { id } }, body: { count, version } });
      part = answer.data?.find((t) => t.id !== id);
      return answer;
    }, `${count} split off ${draft.name}`);
    if (trouble) this.explain({ ...trouble, fields: trouble.fields.count ? { split: trouble.fields.count } : {} });
    else return part?.id ?? null;
    return null;
  }

  /** Sticks that were laid become a bundle of their own. Returns what is wrong, or nothing. */
  async setApart(sticks: number[], name: string): Promise<string> {
    if (this.changed && !(await this.keep())) return this.whole || 'Put right what is marked first.';
    const draft = this.draft;
    if (draft?.id == null) return '';
    const { id, version } = draft;
    let left: Thing | undefined;
    const trouble = await garden.write(async () => {
      const answer = await api.POST('/api/things/{id}/sticks', {
        params: { path: { id } },
        body: { sticks, name, version },
      });
      left = answer.data?.find((t) => t.id === id);
      return answer;
    }, `${name} lie by themselves`);
    if (left) this.load(left);
    return trouble?.whole ?? '';
  }

  async retire(): Promise<boolean> {
    const draft = this.draft;
    if (draft?.id == null) return false;
    const { id, version } = draft;
    const trouble = await garden.write(
      () => api.POST('/api/things/{id}/retire', { params: { path: { id } }, body: { version } }),
      `${draft.name} is off the heap; undo puts it back`,
    );
    if (trouble) this.explain(trouble);
    else this.drop();
    return !trouble;
  }

  /** Shows the thing as the heap has it now; forgets what is not kept. */
  reload(id: number): void {
    this.drafts.forget(id);
    const thing = garden.things.find((t) => t.id === id);
    if (thing) this.load(thing);
    else this.drop();
  }

  /** Forgets what is in hand, changes and all. */
  drop(): void {
    if (this.draft) this.drafts.forget(this.draft.id);
    this.putAway();
  }

  /** Nothing in hand; changes that are not kept wait where they were laid by. */
  putAway(): void {
    this.draft = null;
    this.preview = null;
    this.errors = {};
    this.whole = '';
    this.changed = false;
  }

  private put(draft: Draft): void {
    this.draft = draft;
    this.preview = null;
    this.errors = {};
    this.whole = '';
    this.changed = false;
    void this.look();
  }

  /** Says what was wrong, at its fields where it belongs to any. */
  explain(trouble: Trouble): void {
    this.told++;
    this.errors = { ...this.errors, ...trouble.fields };
    this.whole = trouble.whole;
  }

  /** Asks the core what it makes of the draft; the last good picture stays until it has answered. */
  private async look(): Promise<void> {
    if (!this.draft) return;
    const told = this.told;
    const body = inputOf($state.snapshot(this.draft));
    try {
      const answer = await this.looking.ask((signal) => this.asked(body, signal));
      if (!answer) return;
      const { data, error, response } = answer;
      if (!data) this.explain(troubleOf(response.status, error));
      else {
        this.preview = data;
        // What was refused since this was asked stays told.
        if (told === this.told) {
          this.errors = {};
          this.whole = '';
        }
      }
    } catch {
      this.whole = unreachable.whole;
    }
  }
}

export const bench = new Bench('metaplant-measuring', (body, signal) =>
  api.POST('/api/things/preview', { body, signal }),
);
