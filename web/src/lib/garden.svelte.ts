import { createQuery, keepPreviousData, type CreateQueryOptions, type CreateQueryResult } from '@tanstack/svelte-query';
import { api, troubleOf, unreachable, type Brief, type Schemas, type Thing, type Trouble } from './api/client';
import { held, settled, taken, troubleWith } from './api/held';
import { METRIC, type Lengths, type System } from './units/system';

type Aim = Schemas['Aim'];
type Tool = Schemas['ShelvedTool'];
/** What somebody has for making this time; null limits nothing. Height in m. */
export interface Means {
  hours: number | null;
  money: number | null;
  height: number | null;
  alone: boolean;
  tools: boolean;
}

export type Theme = 'day' | 'sun' | 'dusk';

const KEPT = 'metaplant-brief';
const NAMES: Record<Lengths, string> = { mm: 'millimetres', cm: 'centimetres', in: 'inches' };

const NOTHING: Schemas['GardenInput'] = {
  name: null,
  units: null,
  decimal: null,
  currency: null,
  dates: null,
  paper: null,
  volumes: null,
  place: null,
};

/** What limits nothing is not asked for. */
function asked(means: Means) {
  return {
    hours: means.hours ?? undefined,
    money: means.money ?? undefined,
    height: means.height ?? undefined,
    alone: means.alone || undefined,
    tools: means.tools || undefined,
  };
}

/** A question that is asked as long as the application runs. */
function standing<T>(options: () => CreateQueryOptions<T>): CreateQueryResult<T> {
  let query!: CreateQueryResult<T>;
  $effect.root(() => {
    query = createQuery(options, () => held);
  });
  return query;
}

/** Milliseconds after the heap is there before it is matched: what is looked at comes first, and matching takes all of the machine. */
const MATCHED_AFTER = 1200;

const DOOR = { queryKey: ['door'], queryFn: () => taken(api.GET('/api/door')) };
const HANDBOOK = { queryKey: ['handbook'], queryFn: () => taken(api.GET('/api/handbook')) };
const NO_THINGS: Thing[] = [];
const NO_PROJECTS: Schemas['ProjectSummaryDto'][] = [];
const NOTHING_TO_LOOK_AT: Schemas['NeedsALookDto'][] = [];

function systemOf({ units, manner, measures }: Schemas['GardenDto']): System {
  const volume = measures[manner.volumes];
  return {
    lengths: units as Lengths,
    decimal: manner.decimal === ',' ? ',' : '.',
    currency: manner.currency,
    volumes: volume ? { name: manner.volumes, volume } : null,
  };
}

/** The garden as the whole application sees it: the heap, the projects, the settings, and what can be undone. */
class Garden {
  /** What just happened, in a few words, and whether it can be taken back; a new one each time, also where the words are the same. */
  news = $state.raw({ words: '', undo: false });
  /** The project or drawing in hand: how many of each thing it takes, so that the heap can lift them. */
  lifted = $state.raw<Record<number, number>>({});
  brief = $state.raw<Brief>({
    medium: 'topsoil-compost',
    crop: null,
    exposure: 'Open',
    peopleAtEdge: false,
    site: 'Soil',
    ground: null,
    spot: null,
  });
  aim = $state<Aim>('MostSoil');
  means = $state.raw<Means>({ hours: null, money: null, height: null, alone: false, tools: false });
  theme = $state<Theme>('day');
  private handbookOpen = $state(false);
  private turn: Promise<unknown> = Promise.resolve();

  /** What is read as soon as somebody is let in. */
  private readonly first: (() => Promise<unknown>)[] = [];

  // Asked at the door first: a gardener goes on to the garden, a helper to what they were invited to, anybody else signs in.
  private readonly doorAsked = standing(() => DOOR);
  private readonly inside = $derived(this.doorAsked.data?.role === 'gardener');
  private readonly catalogueAsked = this.reading('catalogue', (signal) => api.GET('/api/catalogue', { signal }));
  private readonly gardenAsked = this.reading('garden', (signal) => api.GET('/api/garden', { signal }));
  private readonly thingsAsked = this.reading('things', (signal) => api.GET('/api/things', { signal }));
  private readonly projectsAsked = this.reading('projects', (signal) => api.GET('/api/projects', { signal }));
  private readonly lookAsked = this.reading('needs-a-look', (signal) =>
    api.GET('/api/things/needs-a-look', { signal }),
  );
  private readonly planAsked = standing(() => ({
    queryKey: ['plan'],
    queryFn: ({ signal }) => taken(api.GET('/api/plan', { signal })),
    enabled: this.inside,
  }));
  private tellings = 0;
  private readonly toldAsked = standing(() => ({
    queryKey: ['told'],
    queryFn: () => Promise.resolve(++this.tellings),
  }));
  /** What every stage stands on. */
  private readonly ground = [
    this.catalogueAsked,
    this.gardenAsked,
    this.thingsAsked,
    this.projectsAsked,
    this.lookAsked,
  ];
  private readonly handbookAsked = standing(() => ({ ...HANDBOOK, enabled: this.inside && this.handbookOpen }));
  /** True once the heap is matched, too. */
  private matched = $state(false);
  private readonly matchesAsked = standing(() => ({
    queryKey: ['matches', this.brief, this.aim, this.means],
    queryFn: ({ signal }) =>
      taken(
        api.POST('/api/match', {
          params: { query: { aim: this.aim, ...asked(this.means) } },
          body: this.brief,
          signal,
        }),
      ),
    enabled: this.inside && this.matched && this.thingsAsked.data !== undefined,
    placeholderData: keepPreviousData,
  }));

  /** What is wrong with reading the garden; null while nothing is. What could not be read is said and never drawn as if there were nothing. */
  readonly trouble: Trouble | null = $derived(
    [this.doorAsked, ...this.ground, this.planAsked, this.matchesAsked]
      .map(troubleWith)
      .find((trouble) => trouble !== null) ?? null,
  );
  private readonly hurtAsked = standing(() => ({
    queryKey: ['hurt'],
    queryFn: ({ signal }) => taken(api.GET('/api/backups', { signal })),
    enabled: this.trouble?.status === 503,
  }));

  /** Who we are to the garden; null until it has been asked. */
  readonly door = $derived(this.doorAsked.data ?? null);
  readonly catalogue = $derived(this.catalogueAsked.data ?? null);
  readonly info = $derived(this.gardenAsked.data ?? null);
  readonly things = $derived(this.thingsAsked.data ?? NO_THINGS);
  readonly projects = $derived(this.projectsAsked.data ?? NO_PROJECTS);
  /** Things that the present catalogue cannot read as they were kept. */
  readonly needsALook = $derived(this.lookAsked.data ?? NOTHING_TO_LOOK_AT);
  /** Every constant of the job; read only once somebody wants to see one. */
  readonly handbook = $derived(this.handbookAsked.data ?? null);
  /** The garden as it was measured; null until it has been read. */
  readonly plan = $derived(this.planAsked.data ?? null);
  /** When the plan was read: a picture of it that was asked for before is another picture. */
  readonly planRead = $derived(this.planAsked.dataUpdatedAt);
  readonly spots = $derived(this.plan?.places.filter((p) => p.drawn.sort === 'Spot' && p.points.length > 0) ?? []);
  /** Another number whenever the settings have changed that everything is judged and told by: what is on the board or the table asks again. */
  readonly told = $derived(this.toldAsked.data ?? 0);
  /** True once everything that a stage shows has been read at least once. */
  readonly ready = $derived(this.ground.every((asked) => asked.data !== undefined));
  /** What the heap can make, as it was answered last. */
  readonly matches = $derived(this.matchesAsked.data?.designs ?? null);
  /** What of the heap nothing on offer is made of, and why. */
  readonly idle = $derived(this.matchesAsked.data?.idle ?? []);
  /** True while what is shown of the matches is of other wishes than the ones said. */
  readonly matching = $derived(this.matchesAsked.isPlaceholderData);
  /** The garden file cannot be used; what can be gone back to is offered instead. */
  readonly hurt = $derived(this.trouble?.status === 503 && this.hurtAsked.data?.hurt != null);

  readonly system: System = $derived(this.info ? systemOf(this.info) : METRIC);
  readonly dates = $derived(this.info?.manner.dates ?? 'iso');
  /** Where it is to stand, whatever grows there: for what is asked of the heap as a whole. */
  readonly place: Brief = $derived({ ...this.brief, crop: null });
  readonly kinds = $derived(new Map(this.catalogue?.kinds.map((k) => [k.id, k]) ?? []));
  readonly findings = $derived(new Map(this.catalogue?.findings.map((f) => [f.id, f]) ?? []));
  readonly constants = $derived(new Map(this.handbook?.flatMap((t) => t.rows).map((c) => [c.id, c]) ?? []));
  readonly pieces = $derived(this.things.reduce((n, t) => n + t.count, 0));

  /** Something of the garden that is read for as long as somebody is let in. */
  private reading<T>(
    key: string,
    ask: (signal: AbortSignal) => Promise<{ data?: T; error?: unknown; response: Response }>,
  ): CreateQueryResult<T> {
    const question = { queryKey: [key], queryFn: ({ signal }: { signal: AbortSignal }) => taken(ask(signal)) };
    this.first.push(() => held.prefetchQuery(question));
    return standing(() => ({ ...question, enabled: this.inside }));
  }

  constructor() {
    this.remember();
    $effect.root(() => {
      this.catchUp();
      // A spot that has been taken off the plan is no place to plan for.
      $effect(() => {
        const { spot } = this.brief;
        if (this.plan && spot !== null && !this.spots.some((s) => s.id === spot)) this.setBrief({ spot: null });
      });
      $effect(() => {
        if (this.matched || this.thingsAsked.data === undefined) return;
        const soon = setTimeout(() => this.match(), MATCHED_AFTER);
        return () => clearTimeout(soon);
      });
    });
  }

  /** Reads what every page stands on, all at once, for whoever is let in. */
  async arrive(): Promise<void> {
    const door = await held.fetchQuery(DOOR).catch(() => null);
    if (door?.role === 'gardener') await Promise.all(this.first.map((read) => read()));
  }

  /** Matches the heap from now on, without waiting any longer. */
  match(): void {
    this.matched = true;
  }

  private remember(): void {
    const kept = localStorage.getItem(KEPT);
    if (!kept) return;
    try {
      const { brief, aim, theme, means } = JSON.parse(kept) as {
        brief?: Brief;
        aim?: Aim;
        theme?: Theme;
        means?: Partial<Means>;
      };
      if (means) this.means = { ...this.means, ...means };
      if (brief) this.brief = { ...this.brief, ...brief };
      if (aim) this.aim = aim;
      if (theme) this.theme = theme;
    } catch {
      // Kept by an older version in another form; the defaults serve.
      localStorage.removeItem(KEPT);
    }
  }

  /** Once a connection that was lost is back, all is read again: nobody knows what happened meanwhile. */
  private catchUp(): void {
    let lost = false;
    $effect(() => {
      const now = this.trouble?.status === 0;
      if (lost && !now) void held.invalidateQueries();
      lost = now;
    });
  }

  /** Asks everything anew: another garden may be there, or somebody else at the door. */
  async open(): Promise<void> {
    await held.invalidateQueries();
  }

  /** Done once every constant is there, or cannot be read. */
  async openHandbook(): Promise<void> {
    this.handbookOpen = true;
    await held.ensureQueryData(HANDBOOK).catch(() => undefined);
  }

  setBrief(change: Partial<Brief>): void {
    this.brief = { ...this.brief, ...change };
    this.keep();
  }

  setAim(aim: Aim): void {
    this.aim = aim;
    this.keep();
  }

  setMeans(means: Means): void {
    this.means = means;
    this.keep();
  }

  setTheme(theme: Theme): void {
    this.theme = theme;
    this.keep();
  }

  /** At once, so that the next number typed is already read in them; put back if the garden will not keep it. */
  async setUnits(units: Lengths): Promise<void> {
    const before = this.info;
    const show = (units: string) =>
      held.setQueryData<Schemas['GardenDto']>(['garden'], (garden) => garden && { ...garden, units });
    show(units);
    const trouble = await this.change({ units }, `Lengths are in ${NAMES[units]}`);
    if (trouble && before) show(before.units);
  }

  /** Changes what of the garden's name, units and manner is given. */
  change(change: Partial<Schemas['GardenInput']>, words: string): Promise<Trouble | null> {
    return this.write(() => api.PUT('/api/garden', { body: { ...NOTHING, ...change } }), words);
  }

  async setRule(id: string, school: string): Promise<void> {
    await this.write(
      () => api.PUT('/api/rules/{id}', { params: { path: { id } }, body: { school } }),
      'House rule changed; the heap is judged again',
    );
  }

  /** What one of a measure holds, m³; null forgets it. */
  setMeasure(name: string, volume: number | null): Promise<Trouble | null> {
    return this.write(
      () => api.PUT('/api/measures/{name}', { params: { path: { name } }, body: { volume } }),
      'Your own measures are kept',
    );
  }

  /** Changes what is said of a tool, each change from what the one before it left, however fast they come. */
  setTool(name: string, change: (now: Tool | undefined) => Tool): Promise<Trouble | null> {
    const next = this.turn.then(() =>
      this.write(
        () =>
          api.PUT('/api/tools/{name}', { params: { path: { name } }, body: { tool: change(this.info?.tools[name]) } }),
        'The tool shelf is kept',
      ),
    );
    this.turn = next;
    return next;
  }

  /** Puts the gardener's own value in place of ours, or ours back with null. Returns what was wrong, if anything. */
  async setConstant(id: string, value: number | null): Promise<Trouble | null> {
    return await this.write(
      () => api.PUT('/api/constants/{id}', { params: { path: { id } }, body: { value } }),
      value === null ? 'Back to the published value' : 'Your own value is in force',
    );
  }

  async undo(): Promise<void> {
    await this.write(() => api.POST('/api/undo'), `Undone: ${this.info?.undo ?? ''}`, false);
  }

  async redo(): Promise<void> {
    await this.write(() => api.POST('/api/redo'), `Done again: ${this.info?.redo ?? ''}`, false);
  }

  /** Runs a write and says what came of it. Done once what it changed has been read again. */
  async write(
    send: () => Promise<{ error?: unknown; response: Response }>,
    words: string,
    undoable = true,
  ): Promise<Trouble | null> {
    try {
      const { error, response } = await send();
      if (!response.ok) {
        const trouble = troubleOf(response.status, error);
        this.news = { words: trouble.whole, undo: false };
        return trouble;
      }
      this.news = { words, undo: undoable };
      await settled();
      return null;
    } catch {
      // Asked for until it answers again.
      void held.invalidateQueries({ queryKey: ['garden'] });
      return unreachable;
    }
  }

  private keep(): void {
    localStorage.setItem(
      KEPT,
      JSON.stringify({ brief: this.brief, aim: this.aim, theme: this.theme, means: this.means }),
    );
  }
}

export const garden = new Garden();
