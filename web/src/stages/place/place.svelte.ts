import { createQuery, keepPreviousData } from '@tanstack/svelte-query';
import { push } from 'svelte-spa-router';
import { api, type Schemas } from '../../lib/api/client';
import { held, taken } from '../../lib/api/held';
import { Asking } from '../../lib/ask.svelte';
import { garden } from '../../lib/garden.svelte';
import { DAYS } from './days';

export type Place = Schemas['PlaceDto'];
export type Draft = Schemas['PlaceDraft'];
export type Sort = Schemas['PlaceSort'];
export type Planter = Schemas['StandingDto'];

/** Everything a draft may say, nothing said. */
export function blank(sort: Sort): Draft {
  return {
    sort,
    name: '',
    marks: [mark()],
    depth: null,
    diagonalA: null,
    diagonalB: null,
    height: null,
    thickness: null,
    porosity: null,
    crown: null,
    crownFrom: null,
    leafFrom: null,
    leafTo: null,
    width: null,
    flow: null,
    swing: null,
    site: null,
    ground: null,
    loadLimit: null,
    loadSaidBy: null,
    hollow: null,
    slope: null,
    fallsTo: null,
    comesIn: null,
    ceiling: null,
    tests: null,
    owner: null,
    allowed: null,
    shut: null,
    opensLeft: null,
    kitchen: null,
    rise: null,
    up: null,
    seenFrom: null,
    freeFrom: null,
    freeTo: null,
  };
}

export const mark = (): Schemas['MarkDraft'] => ({ a: null, b: null, right: null, back: null, along: null, off: null });

/** The plan while somebody works on it: which hour and month are looked at, what is being measured, what is being moved. */
class PlanTable {
  /** 0 to 11. */
  month = $state(5);
  /** Solar time that is looked at. */
  hour = $state(14);
  draft = $state<Draft | null>(null);
  /** The place that the draft changes; null for a new one. */
  editing = $state.raw<Place | null>(null);
  errors = $state.raw<Record<string, string>>({});
  whole = $state('');
  /** Where the draft would lie, as it was told last. */
  tried = $state.raw<Place | null>(null);
  /** True while something else is looked at; what was being measured waits until somebody goes on. */
  aside = $state(false);
  /** What the last move of a planter changed. */
  changed = $state.raw<readonly string[]>([]);
  private readonly asking = new Asking();

  begin(sort: Sort, of: Place | null = null): void {
    this.editing = of;
    this.draft = of ? $state.snapshot(of.drawn) : blank(sort);
    this.tried = of;
    this.errors = {};
    this.whole = '';
    this.aside = false;
  }

  drop(): void {
    this.asking.stop();
    this.draft = this.editing = this.tried = null;
    this.errors = {};
    this.whole = '';
  }

  /** Asks where the draft lies, as far as it is typed; what is still to be typed is no fault yet. */
  async look(): Promise<void> {
    if (!this.draft) return;
    const drawn = $state.snapshot(this.draft) as Draft;
    const answer = await this.asking
      .ask((signal) =>
        api.POST('/api/plan/try', { body: { drawn: { ...drawn, name: drawn.name || '…' }, version: null }, signal }),
      )
      .catch(() => null);
    if (!answer) return;
    const wrong = (answer.error as { errors?: Record<string, string[]> } | undefined)?.errors ?? {};
    this.tried = answer.data ?? this.tried;
    this.errors = Object.fromEntries(
      Object.entries(wrong)
        .filter(([field]) => this.typed(field))
        .map(([field, words]) => [field, words.join(' ')]),
    );
  }

  /** True of a field that has something in it. */
  private typed(field: string): boolean {
    const [head, i, of] = field.split('.');
    if (head === 'tests' && of !== undefined) return this.draft?.tests?.[Number(i)]?.[of as 'sand'] != null;
    if (head !== 'marks') return this.draft?.[head as keyof Draft] != null;
    const at = this.draft?.marks[Number(i)];
    return at !== undefined && of !== undefined && at[of as keyof typeof at] != null;
  }

  async keep(): Promise<void> {
    const { draft, editing } = this;
    if (!draft) return;
    const drawn = $state.snapshot(draft) as Draft;
    let kept: Place | undefined;
    const trouble = await garden.write(async () => {
      const answer = editing
        ? await api.PUT('/api/plan/places/{id}', {
            params: { path: { id: editing.id } },
            body: { drawn, version: editing.version },
          })
        : await api.POST('/api/plan/places', { body: { drawn, version: null } });
      kept = answer.data;
      return answer;
    }, `${drawn.name} is on the plan`);
    this.errors = trouble?.fields ?? {};
    // What is said at a field is not said again below.
    this.whole = trouble && Object.keys(trouble.fields).length === 0 ? trouble.whole : '';
    if (trouble || !kept) return;
    this.drop();
    void push(`/place/${kept.id}`);
  }

  async remove(place: Place): Promise<void> {
    const trouble = await garden.write(
      () =>
        api.DELETE('/api/plan/places/{id}', { params: { path: { id: place.id }, query: { version: place.version } } }),
      `${place.drawn.name} is off the plan`,
    );
    this.whole = trouble?.whole ?? '';
    if (!trouble) void push('/place');
  }

  /** Sets a project down, or takes it off the plan with null. */
  async stand(
    project: number,
    at: { spot: number; x: number; y: number; turned: number; snap?: boolean } | null,
  ): Promise<string> {
    const version = garden.projects.find((p) => p.id === project)?.version ?? 0;
    let changed: readonly string[] = [];
    const trouble = await garden.write(
      async () => {
        const answer = await api.PUT('/api/projects/{id}/stands', {
          params: { path: { id: project } },
          body: {
            spot: at?.spot ?? null,
            x: at?.x ?? null,
            y: at?.y ?? null,
            turned: at?.turned ?? null,
            snap: at?.snap ?? null,
            version,
          },
        });
        changed = (answer.data?.changed ?? []) as string[];
        return answer;
      },
      at ? 'It stands on the plan' : 'It is off the plan',
    );
    this.changed = changed;
    return trouble?.whole ?? '';
  }
}

export const table = new PlanTable();

/** A day on the plan: its shadows and its hours of sun. */
export const dayAsked = () =>
  createQuery(
    () => ({
      queryKey: ['plan-day', DAYS[table.month]],
      queryFn: ({ signal }) =>
        taken(api.GET('/api/plan/days/{day}', { params: { path: { day: DAYS[table.month] } }, signal })),
      placeholderData: keepPreviousData,
    }),
    () => held,
  );

/** What follows for a spot. */
export const spotAsked = (id: () => number) =>
  createQuery(
    () => ({
      queryKey: ['spot', id()],
      queryFn: ({ signal }) => taken(api.GET('/api/plan/spots/{id}', { params: { path: { id: id() } }, signal })),
    }),
    () => held,
  );

/** Every design for a spot, the one that suits it best first; it takes its time, so that it waits until somebody wants to know. */
export const designsAsked = (spot: () => number, wanted: () => boolean) =>
  createQuery(
    () => ({
      queryKey: ['designs-for', spot()],
      queryFn: ({ signal }) =>
        taken(api.GET('/api/plan/spots/{id}/designs', { params: { path: { id: spot() } }, signal })),
      enabled: wanted(),
    }),
    () => held,
  );

/** A planter round a bend that rises so far, m. */
export const bendAsked = (project: () => number, rise: () => number | null) =>
  createQuery(
    () => ({
      queryKey: ['pegs', project(), 'bend', rise()],
      queryFn: ({ signal }) =>
        taken(
          api.GET('/api/projects/{id}/pegs/bend', {
            params: { path: { id: project() }, query: { rise: rise() ?? 0 } },
            signal,
          }),
        ),
      enabled: rise() !== null,
    }),
    () => held,
  );

/** Every spot for a project, the one that suits it best first. */
export const spotsForAsked = (project: () => number) =>
  createQuery(
    () => ({
      queryKey: ['spots-for', project()],
      queryFn: ({ signal }) =>
        taken(api.GET('/api/projects/{id}/spots', { params: { path: { id: project() } }, signal })),
    }),
    () => held,
  );

export const pegsAsked = (project: () => number) =>
  createQuery(
    () => ({
      queryKey: ['pegs', project()],
      queryFn: ({ signal }) =>
        taken(api.GET('/api/projects/{id}/pegs', { params: { path: { id: project() } }, signal })),
    }),
    () => held,
  );
