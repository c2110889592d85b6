import { api, troubleOf, unreachable, type Board, type Project, type Trouble, type View } from '../../lib/api/client';
import { Asking } from '../../lib/ask.svelte';
import { garden } from '../../lib/garden.svelte';
import { AT_REST } from './sheet';

/** The drawing board: one design at its settings, redrawn as they change. The last good picture stays, marked stale, when a setting cannot be. */
export class DrawingBoard {
  board = $state.raw<Board | null>(null);
  /** Why the settings asked for cannot be made; the picture is then of the last that could. */
  refused = $state('');
  /** Said where a number was asked for that cannot be, and the nearest that can is drawn. */
  nearest = $state.raw<{ parameter: string; value: number } | null>(null);
  /** The picture from a corner, or taken apart, that was asked for last. */
  corner = $state.raw<View | null>(null);
  /** Which of those is looked at: one of four corners, or taken apart. */
  picture = $state('corner-0');
  project = $state.raw<{ id: number; name: string; version: number } | null>(null);
  name = $state('');
  /** True once a setting was changed that is not kept. */
  changed = $state(false);
  trouble = $state.raw<Trouble | null>(null);

  /** What was asked for last, which may be ahead of the picture. */
  private asked: { parameter: string; value: number } | null = null;
  private settings: Record<string, number> | null = null;
  private design = '';
  private source: string | null = null;
  /** The settings from which stops were last tried along the sliders. */
  private triedFrom: Record<string, number> = {};
  private resting: ReturnType<typeof setTimeout> | undefined;
  private readonly drawing = new Asking();
  private readonly looking = new Asking();

  /** Whether the stops of a slider say what holds now: they do while all but it is as it was when they were tried. */
  knows(parameter: string): boolean {
    const now = this.board?.fit.settings ?? {};
    return Object.keys(now).every((p) => p === parameter || now[p] === this.triedFrom[p]);
  }

  get pending(): number {
    return this.drawing.pending;
  }

  /** A design from Match, at its best size. */
  async open(design: string, source: string | null): Promise<void> {
    this.clear();
    this.design = design;
    this.source = source;
    await this.draw();
  }

  /** A project as it is kept, or with some of its settings changed. */
  async openProject(id: number, settings: Record<string, number> = {}): Promise<void> {
    this.clear();
    try {
      const answer = await this.drawing.ask((signal) =>
        api.GET('/api/projects/{id}', { params: { path: { id } }, signal }),
      );
      // Another was opened meanwhile.
      if (!answer) return;
      if (answer.data) this.show(answer.data);
      else this.trouble = troubleOf(answer.response.status, answer.error);
    } catch {
      this.trouble = unreachable;
    }
    for (const [parameter, value] of Object.entries(settings)) this.set(parameter, value);
  }

  set(parameter: string, value: number): void {
    this.asked = { parameter, value };
    this.settings = { ...(this.settings ?? this.board?.fit.settings ?? {}), [parameter]: value };
    this.changed = true;
    void this.draw('in hand');
  }

  /** Draws what stands there once more, in the words and by the rules that are in force now. */
  retell(): void {
    if (this.board) void this.draw();
  }

  /** Draws again with all as it is, after a constant or the brief changed. */
  again(): void {
    this.changed = this.changed || this.project !== null;
    void this.draw();
  }

  /** Keeps what is on the board. Returns the project's id, or null when it could not be kept. */
  async keep(): Promise<number | null> {
    const body = {
      name: this.name,
      version: this.project?.version ?? null,
      board: this.asInput(),
    };
    const sent = this.asItStands();
    let kept: Project | undefined;
    this.trouble = await garden.write(async () => {
      const answer = this.project
        ? await api.PUT('/api/projects/{id}', { params: { path: { id: this.project.id } }, body })
        : await api.POST('/api/projects', { body });
      kept = answer.data;
      // From now on its things are spoken for by itself, which a slider moved before all is read again must know.
      if (kept) this.project = { id: kept.id, name: kept.name, version: kept.version };
      // One moved before that was asked for as though somebody else had them.
      if (kept && this.asItStands() !== sent) void this.draw('in hand');
      return answer;
    }, `${this.name} is kept and speaks for its things`);
    if (!kept) return null;
    // A slider moved meanwhile stays where it was put, as a change of what was kept.
    if (this.asItStands() === sent) this.show(kept);
    return kept.id;
  }

  /** All that would be kept, to be compared. */
  private asItStands(): string {
    return JSON.stringify([this.design, this.settings, this.name, garden.brief]);
  }

  async drop(): Promise<boolean> {
    const project = this.project;
    if (!project) return false;
    this.trouble = await garden.write(
      () =>
        api.POST('/api/projects/{id}/drop', {
          params: { path: { id: project.id } },
          body: { version: project.version },
        }),
      `${project.name} is dropped; its things are free again`,
    );
    return this.trouble === null;
  }

  /** Asks for a picture by name of what stands on the board; the last good one stays until it comes. */
  async look(picture: string): Promise<void> {
    const body = { picture, board: this.asInput() };
    try {
      const answer = await this.looking.ask((signal) => api.POST('/api/board/picture', { body, signal }));
      if (answer?.data) this.corner = answer.data;
    } catch {
      // Out of reach: the drawing itself says so.
    }
  }

  private asInput() {
    return {
      design: this.design,
      source: this.source,
      settings: this.settings ?? this.board?.fit.settings ?? null,
      brief: garden.brief,
      project: this.project?.id ?? null,
    };
  }

  private show(project: Project): void {
    this.project = { id: project.id, name: project.name, version: project.version };
    this.name = project.name;
    this.design = project.design;
    this.changed = false;
    this.refused = project.whyNot ?? '';
    if (project.board) this.place(project.board);
    else this.board = null;
    if (!project.board) return;
    this.source = project.board.fit.source;
    this.settings = { ...project.board.fit.settings };
    garden.brief = project.board.brief;
    this.lift();
  }

  private clear(): void {
    clearTimeout(this.resting);
    this.drawing.stop();
    this.looking.stop();
    this.board = null;
    this.corner = null;
    this.project = null;
    this.settings = null;
    this.source = null;
    this.refused = '';
    this.nearest = null;
    this.asked = null;
    this.trouble = null;
    this.name = '';
    this.changed = false;
  }

  /** While a slider moves nothing is tried along the others: that is made good when it rests. */
  private async draw(how: 'whole' | 'in hand' | 'at rest' = 'whole'): Promise<void> {
    clearTimeout(this.resting);
    const body = {
      inHand: how === 'in hand',
      design: this.design,
      source: this.source,
      settings: this.settings,
      brief: garden.brief,
      project: this.project?.id ?? null,
    };
    try {
      const answer = await this.drawing.ask((signal) => api.POST('/api/board', { body, signal }));
      if (!answer) return;
      const { data, error, response } = answer;
      if (!data) {
        this.refused = troubleOf(response.status, error).whole;
        return;
      }
      this.place(data);
      this.source = data.fit.source;
      if (how === 'in hand') this.resting = setTimeout(() => void this.draw('at rest'), AT_REST);
      if (how !== 'at rest') this.answer(data);
      this.refused = '';
      this.trouble = null;
      if (this.name === '') this.name = data.fit.designName;
      this.lift();
    } catch {
      this.trouble = unreachable;
    }
  }

  /** Puts a board there; the stops of one along which nothing was tried bring what they brought before, see {@link knows}. */
  private place(board: Board): void {
    if (board.tried) this.triedFrom = board.fit.settings;
    this.board = board.tried ? board : { ...board, sliders: this.remembered(board.sliders) };
  }

  /** The sliders where they stand, with what each stop brought when it was last tried. */
  private remembered(sliders: Board['sliders']): Board['sliders'] {
    return sliders.map((slider) => {
      const before = this.board?.sliders.find((s) => s.id === slider.id)?.notches ?? [];
      return {
        ...slider,
        notches: slider.notches.map((n) => ({
          ...n,
          verdict: before.find((b) => b.value === n.value)?.verdict ?? null,
        })),
      };
    });
  }

  /** From now on the settings are those drawn. */
  private answer(drawn: Board): void {
    const got = (of: { parameter: string }) => drawn.fit.settings[of.parameter];
    const { asked, nearest } = this;
    // A tenth of a millimetre is no other number.
    if (asked) this.nearest = Math.abs(got(asked) - asked.value) > 1e-4 ? { ...asked, value: got(asked) } : null;
    // Drawn or told anew with nothing asked for, what was said of the last number stands while that does.
    else if (nearest && got(nearest) !== nearest.value) this.nearest = null;
    this.asked = null;
    this.settings = { ...drawn.fit.settings };
  }

  private lift(): void {
    garden.lifted = Object.fromEntries(this.board?.fit.takes.map((t) => [t.thingId, t.count]) ?? []);
  }
}

export const board = new DrawingBoard();
