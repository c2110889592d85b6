import { api, troubleOf, unreachable, type Brief, type Schemas, type Thing, type Trouble } from './api/client';
import { Asking } from './ask.svelte';
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
/** Milliseconds until a lost connection is looked for again. */
const RETRY_AFTER = 2000;

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
  catalogue = $state.raw<Schemas['CatalogueDto'] | null>(null);
  info = $state.raw<Schemas['GardenDto'] | null>(null);
  things = $state.raw<Thing[]>([]);
  projects = $state.raw<Schemas['ProjectSummaryDto'][]>([]);
  /** Every constant of the job; read only once somebody wants to see one. */
  handbook = $state.raw<Schemas['TableDto'][] | null>(null);
  trouble = $state.raw<Trouble | null>(null);
  /** Who we are to the garden; null until it has been asked. */
  door = $state.raw<Schemas['DoorDto'] | null>(null);
  /** The garden file cannot be used; what can be gone back to is offered instead. */
  hurt = $state(false);
  /** Things that the present catalogue cannot read as they were kept. */
  needsALook = $state.raw<Schemas['NeedsALookDto'][]>([]);
  /** A few words on what just happened, for the status line. */
  said = $state('');
  /** The project or drawing in hand: how many of each thing it takes, so that the heap can lift them. */
  lifted = $state.raw<Record<number, number>>({});
  brief = $state.raw<Brief>({
    medium: 'topsoil-compost',
    crop: null,
    exposure: 'Open',
    peopleAtEdge: false,
    site: 'Soil',
    ground: null,
  });
  aim = $state<Aim>('MostSoil');
  means = $state.raw<Means>({ hours: null, money: null, height: null, alone: false, tools: false });
  theme = $state<Theme>('day');
  matches = $state.raw<Schemas['DesignMatchDto'][] | null>(null);

  private readonly matching = new Asking();
  private reading = 0;
  private landed = 0;
  private retry: ReturnType<typeof setTimeout> | null = null;
  private turn: Promise<unknown> = Promise.resolve();

  readonly system: System = $derived(this.info ? systemOf(this.info) : METRIC);
  readonly dates = $derived(this.info?.manner.dates ?? 'iso');
  readonly kinds = $derived(new Map(this.catalogue?.kinds.map((k) => [k.id, k]) ?? []));
  readonly findings = $derived(new Map(this.catalogue?.findings.map((f) => [f.id, f]) ?? []));
  readonly constants = $derived(new Map(this.handbook?.flatMap((t) => t.rows).map((c) => [c.id, c]) ?? []));
  readonly pieces = $derived(this.things.reduce((n, t) => n + t.count, 0));

  constructor() {
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

  /** Asks at the door first: a gardener goes on to the garden, a helper to what they were invited to, anybody else signs in. */
  async open(): Promise<void> {
    await this.try(async () => {
      const { data: door } = await api.GET('/api/door');
      this.door = door ?? null;
      this.trouble = null;
      if (door?.role !== 'gardener') return;
      const { data, error, response } = await api.GET('/api/catalogue');
      if (data) {
        this.catalogue = data;
        await this.refresh();
      } else await this.notRead(response.status, error);
    });
  }

  /** What could not be read is said and never drawn as if there were nothing. */
  private async notRead(status: number, error: unknown): Promise<void> {
    this.trouble = troubleOf(status, error);
    if (status === 401) this.door = (await api.GET('/api/door')).data ?? null;
    this.hurt = status === 503 && (await api.GET('/api/backups')).data?.hurt !== null;
  }

  async openHandbook(): Promise<void> {
    if (this.handbook) return;
    await this.try(async () => {
      const { data } = await api.GET('/api/handbook');
      if (data) this.handbook = data;
    });
  }

  /** Reads again what a write may have changed. */
  async refresh(): Promise<void> {
    const mine = ++this.reading;
    await this.try(async () => {
      const answers = await Promise.all([
        api.GET('/api/garden'),
        api.GET('/api/things'),
        api.GET('/api/projects'),
        api.GET('/api/things/needs-a-look'),
      ]);
      // An answer overtaken by a later one that is already here is dropped.
      if (mine < this.landed) return;
      this.landed = mine;
      const failed = answers.find((a) => !a.data);
      if (failed) {
        await this.notRead(failed.response.status, failed.error);
        return;
      }
      const [info, things, projects, unread] = answers;
      this.info = info.data!;
      this.things = things.data!;
      this.projects = projects.data!;
      this.needsALook = unread.data!;
      this.trouble = null;
      this.hurt = false;
    });
    if (this.trouble) return;
    await this.match();
  }

  /** Asks what the heap can make. */
  async match(): Promise<void> {
    await this.try(async () => {
      const answer = await this.matching.ask((signal) =>
        api.POST('/api/match', {
          params: { query: { aim: this.aim, ...asked(this.means) } },
          body: this.brief,
          signal,
        }),
      );
      if (!answer) return;
      if (answer.data) this.matches = answer.data;
      else this.trouble = troubleOf(answer.response.status, answer.error);
    });
  }

  setBrief(change: Partial<Brief>): void {
    this.brief = { ...this.brief, ...change };
    this.keep();
    void this.match();
  }

  setAim(aim: Aim): void {
    this.aim = aim;
    this.keep();
    void this.match();
  }

  setMeans(means: Means): void {
    this.means = means;
    this.keep();
    void this.match();
  }

  setTheme(theme: Theme): void {
    this.theme = theme;
    this.keep();
  }

  /** At once, so that the next number typed is already read in them; put back if the garden will not keep it. */
  async setUnits(units: Lengths): Promise<void> {
    const before = this.info;
    if (before) this.info = { ...before, units };
    const trouble = await this.change({ units }, `Lengths are in ${NAMES[units]}`);
    if (trouble && before) this.info = { ...this.info!, units: before.units };
  }

  /** Changes what of the garden's name, units and manner is given, and reads again what was told in the old ones. */
  async change(change: Partial<Schemas['GardenInput']>, words: string): Promise<Trouble | null> {
    const trouble = await this.write(() => api.PUT('/api/garden', { body: { ...NOTHING, ...change } }), words);
    if (!trouble) await this.readCatalogue();
    return trouble;
  }

  private async readCatalogue(): Promise<void> {
    await this.try(async () => {
      const { data } = await api.GET('/api/catalogue');
      if (data) this.catalogue = data;
    });
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
    await this.write(() => api.POST('/api/undo'), `Undone: ${this.info?.undo ?? ''}`);
  }

  async redo(): Promise<void> {
    await this.write(() => api.POST('/api/redo'), `Done again: ${this.info?.redo ?? ''}`);
  }

  /** Runs a write, says what came of it and reads everything again. */
  async write(send: () => Promise<{ error?: unknown; response: Response }>, words: string): Promise<Trouble | null> {
    try {
      const { error, response } = await send();
      if (!response.ok) {
        const trouble = troubleOf(response.status, error);
        this.said = trouble.whole;
        return trouble;
      }
      this.said = words;
      await this.refresh();
      return null;
    } catch {
      this.trouble = unreachable;
      this.tryAgain();
      return unreachable;
    }
  }

  private async try(read: () => Promise<void>): Promise<void> {
    try {
      await read();
    } catch {
      this.trouble = unreachable;
      this.tryAgain();
    }
  }

  /** A connection that was lost is looked for again until it is back, as at the end of a garden it often is. */
  private tryAgain(): void {
    if (this.retry !== null) return;
    this.retry = setTimeout(() => {
      this.retry = null;
      void (this.catalogue ? this.refresh() : this.open());
    }, RETRY_AFTER);
  }

  private keep(): void {
    localStorage.setItem(
      KEPT,
      JSON.stringify({ brief: this.brief, aim: this.aim, theme: this.theme, means: this.means }),
    );
  }
}

export const garden = new Garden();
