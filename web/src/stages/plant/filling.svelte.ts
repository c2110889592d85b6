import { createQuery, type CreateQueryResult } from '@tanstack/svelte-query';
import { api, troubleOf, type Schemas } from '../../lib/api/client';
import { held, taken, troubleWith } from '../../lib/api/held';
import { Asking } from '../../lib/ask.svelte';
import { garden } from '../../lib/garden.svelte';

export type Filling = Schemas['FillingDto'];
export type Fill = Schemas['Fill'];
export type Bay = Schemas['FilledBayDto'];
export interface Layer {
  fill: Fill;
  thickness: number;
  firmed: boolean;
}

/** What a new layer begins with, m. */
const NEW = 0.05;

/** The least that a line is dragged a layer down to, m. */
const THINNEST = 0.01;

const layersOf = (filling: Filling): Layer[][] =>
  filling.bays.map((b) => b.layers.map(({ fill, thickness, firmed }) => ({ fill, thickness, firmed })));

/** What a project is filled with, while somebody looks at it or changes it. Made by a component, with which it goes. */
export class FillingState {
  /** The layers as they are being changed; null while they are as kept. */
  private draft = $state.raw<Layer[][] | null>(null);
  private tried = $state.raw<Filling | null>(null);
  errors = $state.raw<Record<string, string>>({});
  private refused = $state('');
  private readonly asking = new Asking();
  private readonly id: number;
  private readonly asked: CreateQueryResult<Filling>;

  private readonly kept: Filling | null = $derived.by(() => this.asked.data ?? null);
  /** The answer that is shown: of the change as far as it was told last. */
  readonly shown = $derived(this.draft ? (this.tried ?? this.kept) : this.kept);
  readonly layers = $derived(this.draft ?? (this.kept ? layersOf(this.kept) : []));
  readonly changed = $derived(this.draft !== null);
  readonly wrong = $derived.by(() => this.refused || (troubleWith(this.asked)?.whole ?? ''));
  readonly waiting = $derived.by(() => this.asked.isPending && this.id > 0);

  /** @param of the id of the project in hand; 0 while there is none. */
  constructor(of: () => number) {
    this.id = $derived(of());
    this.asked = createQuery(
      () => ({
        queryKey: ['filling', this.id],
        queryFn: ({ signal }) => taken(api.GET('/api/projects/{id}/filling', { ...this.path, signal })),
        enabled: this.id > 0,
      }),
      () => held,
    );
  }

  private get path() {
    return { params: { path: { id: this.id } } };
  }

  /** As kept. */
  drop(): void {
    this.asking.stop();
    this.draft = this.tried = null;
    this.errors = {};
    this.refused = '';
  }

  /** Changes the layers of a sort of bay. */
  change(bay: number, layers: Layer[]): void {
    this.draft = this.layers.map((l, i) => (i === bay ? layers : l));
    void this.try({ bays: this.draft, school: null });
  }

  /** Moves the line above a layer, by so many m; what is above it gives way. */
  move(bay: number, layer: number, by: number): void {
    const layers = this.layers[bay];
    const above = layers[layer + 1];
    const most = above ? above.thickness - THINNEST : (this.shown?.bays[bay].height ?? 0) - this.top(bay);
    const step = Math.min(Math.max(by, THINNEST - layers[layer].thickness), most);
    if (step === 0) return;
    this.change(
      bay,
      layers.map((l, i) => ({
        ...l,
        thickness: l.thickness + (i === layer ? step : above && i === layer + 1 ? -step : 0),
      })),
    );
  }

  private top(bay: number): number {
    return this.layers[bay].reduce((sum, l) => sum + l.thickness, 0);
  }

  /** A layer more on top, as thick as there is room for up to where it was drawn. */
  add(bay: number): void {
    const left = (this.shown?.bays[bay].drawn ?? 0) - this.top(bay);
    this.change(bay, [...this.layers[bay], { fill: 'Compost', thickness: left > THINNEST ? left : NEW, firmed: true }]);
  }

  /** A layer more at the foot; the lowest one gives way by half. */
  addBelow(bay: number): void {
    const [lowest, ...others] = this.layers[bay];
    const thickness = lowest.thickness / 2;
    this.change(bay, [{ fill: 'Sticks', thickness, firmed: true }, { ...lowest, thickness }, ...others]);
  }

  async school(school: string): Promise<void> {
    const proposed = await this.try({ bays: null, school });
    if (proposed) this.draft = layersOf(proposed);
  }

  private async try(input: { bays: Layer[][] | null; school: string | null }): Promise<Filling | null> {
    try {
      const answer = await this.asking.ask((signal) =>
        api.POST('/api/projects/{id}/filling/try', { ...this.path, body: { ...input, version: null }, signal }),
      );
      if (!answer) return null;
      const trouble = answer.response.ok ? null : troubleOf(answer.response.status, answer.error);
      this.errors = trouble?.fields ?? {};
      this.refused = trouble && Object.keys(trouble.fields).length === 0 ? trouble.whole : '';
      if (answer.data) this.tried = answer.data;
      return answer.data ?? null;
    } catch {
      this.refused = 'The garden does not answer. What you changed is still here.';
      return null;
    }
  }

  /** Keeps what is shown; with null what the house rule proposes. */
  async keep(layers: Layer[][] | null): Promise<void> {
    const trouble = await garden.write(
      () =>
        api.PUT('/api/projects/{id}/filling', {
          ...this.path,
          body: { bays: layers, school: null, version: this.kept?.version ?? 0 },
        }),
      layers ? 'What fills it is kept' : 'As the house rule has it',
    );
    this.errors = trouble?.fields ?? {};
    if (trouble) this.refused = trouble.whole;
    else this.drop();
  }
}

/** All planters that are still to be filled, in one delivery. */
export const deliveryAsked = () =>
  createQuery(
    () => ({
      queryKey: ['delivery'],
      queryFn: ({ signal }) => taken(api.GET('/api/filling/delivery', { signal })),
    }),
    () => held,
  );
