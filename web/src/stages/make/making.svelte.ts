import { createQuery, type CreateQueryResult } from '@tanstack/svelte-query';
import { api, type Project, type Schemas, type Trouble } from '../../lib/api/client';
import { held, taken, troubleWith } from '../../lib/api/held';
import { garden } from '../../lib/garden.svelte';

type Tape = Schemas['TapeDto'];

/** Milliseconds after which what somebody else has ticked is seen. */
export const OTHERS_SEEN_AFTER = 4000;

function isProject(answer: unknown): answer is Project {
  return typeof answer === 'object' && answer !== null && 'tapes' in answer;
}

/** A project while it is made: what is open, what was asked of it, and what is wrong. Made by a component, with which it goes. */
export class MakingState {
  /** What was wrong with what was done last. */
  private refused = $state('');
  /** What is wrong with a measure, by its key. */
  wrongTape = $state.raw<Record<string, string>>({});

  /** Where pieces come from now that one was sawn too short. */
  recut = $state('');
  private turn: Promise<unknown> = Promise.resolve();
  private readonly id: number;
  private readonly asked: CreateQueryResult<Project>;
  private readonly betterAsked: CreateQueryResult<Schemas['BetterDto'] | null>;

  readonly project: Project | null = $derived.by(() => this.asked.data ?? null);
  readonly better = $derived.by(() => this.betterAsked.data ?? null);
  readonly wrong = $derived.by(() => this.refused || (troubleWith(this.asked)?.whole ?? ''));
  readonly plan = $derived(this.project?.plan ?? null);
  readonly fit = $derived(this.project?.board?.fit ?? null);
  readonly ended = $derived(this.project?.state === 'TakenDown' || this.project?.state === 'GivenUp');
  readonly left = $derived(this.plan?.steps.filter((s) => !s.done).reduce((m, s) => m + s.minutes, 0) ?? 0);
  readonly took = $derived(this.plan?.steps.reduce((m, s) => m + (s.took ?? 0), 0) ?? 0);

  /**
   * @param of the id of the project in hand; 0 while there is none.
   * @param withOthers others may be at it at the same time: it is read again and again.
   */
  constructor(of: () => number, { withOthers = false } = {}) {
    this.id = $derived(of());
    this.asked = createQuery(
      () => ({
        queryKey: ['project', this.id],
        queryFn: ({ signal }) => taken(api.GET('/api/projects/{id}', { ...this.path, signal })),
        enabled: this.id > 0,
        refetchInterval: withOthers ? OTHERS_SEEN_AFTER : false,
      }),
      () => held,
    );
    this.betterAsked = createQuery(
      () => ({
        queryKey: ['better', this.id],
        queryFn: async ({ signal }) =>
          (await api.GET('/api/projects/{id}/better', { ...this.path, signal })).data ?? null,
        enabled: this.asked.data?.board != null,
      }),
      () => held,
    );
    // The heap lifts what it takes.
    $effect(() => {
      garden.lifted = Object.fromEntries(this.fit?.takes.map((t) => [t.thingId, t.count]) ?? []);
    });
  }

  private get path() {
    return { params: { path: { id: this.id } } };
  }

  static keyOf(tape: Tape): string {
    return `${tape.of}-${tape.side ?? ''}`;
  }

  /** True when it is kept. */
  async tick(step: string, done: boolean, minutes: number | null = null): Promise<boolean> {
    this.recut = '';
    const trouble = await this.write(
      (id) => api.POST('/api/projects/{id}/ticks', { params: { path: { id } }, body: { step, done, minutes } }),
      done ? 'Ticked off' : 'Not done after all',
    );
    return trouble === null;
  }

  /** Puts a measure in, or with the planned one's own value takes it out again. */
  async measure(tape: Tape, value: number): Promise<void> {
    const key = MakingState.keyOf(tape);
    const trouble = await this.write(
      (id, version) =>
        api.POST('/api/projects/{id}/measures', {
          params: { path: { id } },
          body: { of: tape.of, side: tape.side, value, version },
        }),
      `${tape.name} measured`,
    );
    // Told where it was typed, and nowhere twice.
    this.refused = '';
    this.wrongTape = trouble ? { ...this.wrongTape, [key]: trouble.whole } : { ...this.wrongTape, [key]: '' };
  }

  /** A piece was sawn too short: the rest is laid out again. Returns what was wrong, if anything. */
  async tooShort(board: number, piece: number, length: number): Promise<Trouble | null> {
    let words = '';
    const trouble = await this.write(async (id, version) => {
      const answer = await api.POST('/api/projects/{id}/miscuts', {
        params: { path: { id } },
        body: { board, piece, length, version },
      });
      words = answer.data?.words ?? '';
      return { ...answer, data: answer.data?.project };
    }, 'Laid out again');
    this.refused = '';
    this.recut = words;
    return trouble;
  }

  /** Its soil comes back to the heap with its history. */
  async empty(): Promise<void> {
    await this.write(
      (id, version) => api.POST('/api/projects/{id}/empty', { params: { path: { id } }, body: { version } }),
      `${this.project?.name} is empty; its soil is on the heap as used soil`,
    );
  }

  async end(how: 'TakenDown' | 'GivenUp', why: string): Promise<void> {
    await this.write(
      (id, version) => api.POST('/api/projects/{id}/end', { params: { path: { id } }, body: { how, why, version } }),
      how === 'TakenDown' ? 'Taken down; its pieces are on the heap' : 'Given up; its pieces are on the heap',
    );
  }

  /** Keeps it again, made of what lies there now. */
  async takeBetter(): Promise<void> {
    const board = this.project?.board;
    if (!this.project || !board) return;
    const { name, design } = this.project;
    await this.write(
      (id, version) =>
        api.PUT('/api/projects/{id}', {
          params: { path: { id } },
          body: {
            name,
            version,
            board: { design, source: board.fit.source, settings: board.fit.settings, brief: board.brief, project: id },
          },
        }),
      `${name} is made of what lies there now`,
    );
  }

  /** One write after another, each with the version that the one before it left. */
  private async write(
    ask: (id: number, version: number) => Promise<{ data?: unknown; error?: unknown; response: Response }>,
    said: string,
  ): Promise<Trouble | null> {
    const id = this.project?.id;
    if (!id) return null;
    const mine = this.turn.then(() =>
      garden.write(async () => {
        const answer = await ask(id, held.getQueryData<Project>(['project', id])?.version ?? 0);
        if (isProject(answer.data)) held.setQueryData(['project', id], answer.data);
        return answer;
      }, said),
    );
    this.turn = mine;
    const trouble = await mine;
    this.refused = trouble?.whole ?? '';
    return trouble;
  }
}
