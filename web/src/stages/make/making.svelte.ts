import { api, troubleOf, unreachable, type Project, type Schemas, type Trouble } from '../../lib/api/client';
import { garden } from '../../lib/garden.svelte';

type Tape = Schemas['TapeDto'];

function isProject(answer: unknown): answer is Project {
  return typeof answer === 'object' && answer !== null && 'tapes' in answer;
}

/** A project while it is made: what is open, what was asked of it, and what is wrong. */
export class MakingState {
  project = $state.raw<Project | null>(null);
  better = $state.raw<Schemas['BetterDto'] | null>(null);
  wrong = $state('');
  /** What is wrong with a measure, by its key. */
  wrongTape = $state.raw<Record<string, string>>({});

  readonly plan = $derived(this.project?.plan ?? null);
  readonly fit = $derived(this.project?.board?.fit ?? null);
  readonly ended = $derived(this.project?.state === 'TakenDown' || this.project?.state === 'GivenUp');
  readonly left = $derived(this.plan?.steps.filter((s) => !s.done).reduce((m, s) => m + s.minutes, 0) ?? 0);
  readonly took = $derived(this.plan?.steps.reduce((m, s) => m + (s.took ?? 0), 0) ?? 0);

  private wanted = 0;
  private turn: Promise<unknown> = Promise.resolve();

  static keyOf(tape: Tape): string {
    return `${tape.of}-${tape.side ?? ''}`;
  }

  async open(id: number): Promise<void> {
    this.wanted = id;
    try {
      await this.read(id);
      const better = this.project?.board
        ? await api.GET('/api/projects/{id}/better', { params: { path: { id } } })
        : null;
      if (this.wanted === id) this.better = better?.data ?? null;
    } catch {
      this.wrong = unreachable.whole;
    }
  }

  async tick(step: string, done: boolean, minutes: number | null = null): Promise<void> {
    await this.write(
      (id) => api.POST('/api/projects/{id}/ticks', { params: { path: { id } }, body: { step, done, minutes } }),
      done ? 'Ticked off' : 'Not done after all',
    );
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
    this.wrong = '';
    this.wrongTape = trouble ? { ...this.wrongTape, [key]: trouble.whole } : { ...this.wrongTape, [key]: '' };
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

  private async write(
    ask: (id: number, version: number) => Promise<{ data?: unknown; error?: unknown; response: Response }>,
    said: string,
  ): Promise<Trouble | null> {
    const project = this.project;
    if (!project) return null;
    const trouble = await garden.write(
      () =>
        this.inTurn(async () => {
          const answer = await ask(
            project.id,
            this.project?.id === project.id ? this.project.version : project.version,
          );
          if (this.wanted !== project.id || !answer.response.ok) return answer;
          if (isProject(answer.data)) this.show(answer.data);
          else await this.read(project.id);
          return answer;
        }),
      said,
    );
    this.wrong = trouble?.whole ?? '';
    return trouble;
  }

  /** One write after another, each with the version that the one before it left. */
  private inTurn<T>(work: () => Promise<T>): Promise<T> {
    const mine = this.turn.then(work);
    this.turn = mine.catch(() => undefined);
    return mine;
  }

  private async read(id: number): Promise<void> {
    const { data, error, response } = await api.GET('/api/projects/{id}', { params: { path: { id } } });
    if (this.wanted !== id) return;
    this.show(data ?? null);
    this.wrong = data ? '' : troubleOf(response.status, error).whole;
  }

  private show(project: Project | null): void {
    this.project = project;
    garden.lifted = Object.fromEntries(project?.board?.fit.takes.map((t) => [t.thingId, t.count]) ?? []);
  }
}
