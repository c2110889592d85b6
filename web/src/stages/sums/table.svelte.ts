import { SvelteMap } from 'svelte/reactivity';
import {
  api,
  troubleOf,
  unreachable,
  type Calculator,
  type Onward,
  type Sheet,
  type SumInput,
} from '../../lib/api/client';
import { held, taken } from '../../lib/api/held';
import { Asking } from '../../lib/ask.svelte';
import { sumAddress } from '../../lib/question';
import { get, put, typical, type Node, type Tree } from '../../lib/tree';

/** An input of the sum in hand that is another sum's answer, and what that one last said in this visit; null where it was not asked. */
export interface Fed {
  path: string;
  by: Calculator;
  value: number | null;
}

/** The table where one sum is worked: its inputs, its answer, and what happens on both sides of it. What was typed for each sum is kept while the page is open. */
export class SumTable {
  calculators = $state.raw<Calculator[]>([]);
  name = $state('');
  inputs = $state.raw<Tree>({});
  sheet = $state.raw<Sheet | null>(null);
  /** The slide as it stood when something else was last changed, so that it stays under the finger while it is slid. */
  sweep = $state.raw<Sheet['sweep']>([]);
  errors = $state<Record<string, string>>({});
  whole = $state('');

  readonly calculator: Calculator | null = $derived(this.calculators.find((c) => c.name === this.name) ?? null);
  readonly asked: SumInput[] = $derived.by(() => {
    const calculator = this.calculator;
    if (!calculator) return [];
    const further = Object.entries(calculator.byShape).find(([word]) => Object.values(this.inputs).includes(word));
    return further ? [...calculator.inputs, ...further[1]] : calculator.inputs;
  });
  readonly slideAt = $derived(this.calculator ? get(this.inputs, this.calculator.slide) : undefined);
  /** The address that brings all this back. */
  readonly link = $derived(sumAddress(this.name, this.inputs));
  readonly fed: Fed[] = $derived(this.fedOf(this.name));

  /** Nobody has touched the inputs yet. */
  private asItStarts = true;
  private readonly typed = new SvelteMap<string, Tree>();
  /** What each sum last answered in this visit, from which inputs; the latest is the last of them. */
  private readonly answered = new SvelteMap<string, { value: number; inputs: Tree }>();
  private readonly working = new Asking();

  get pending(): number {
    return this.working.pending;
  }

  /** Opens a sum, at the inputs of its address, or as it was left, or as a form starts. */
  async open(name: string, given: string | null): Promise<void> {
    await this.read();
    const calculator = this.calculators.find((c) => c.name === name) ?? this.calculators[0];
    if (!calculator) return;
    this.name = calculator.name;
    this.sheet = null;
    this.sweep = [];
    const typed = parsed(given) ?? this.typed.get(calculator.name);
    this.asItStarts = typed === undefined;
    this.inputs = typed ?? this.carried(calculator);
    await this.work(false);
  }

  set(path: string, value: Node | undefined): void {
    this.change(put(this.inputs, path, value), false);
  }

  /** Slides the number that the calculator slides. */
  slide(value: number): void {
    if (this.calculator) this.change(put(this.inputs, this.calculator.slide, value), true);
  }

  /** A choice on which further inputs depend: those of the other word go, those of this one come. */
  choose(input: SumInput, word: string): void {
    const calculator = this.calculator;
    if (!calculator) return;
    const further = calculator.byShape[word];
    const kept = further
      ? Object.fromEntries(
          Object.entries(this.inputs).filter(([name]) => calculator.inputs.some((i) => i.name === name)),
        )
      : this.inputs;
    this.change({ ...typical(further ?? []), ...kept, [input.name]: word }, false);
  }

  wrong(path: string, sentence: string): void {
    this.errors = { ...this.errors, [path]: sentence };
  }

  /** A number of the handbook or the units changed: what nobody touched starts with it now. */
  async again(): Promise<void> {
    await this.read();
    if (this.asItStarts && this.calculator) this.inputs = this.carried(this.calculator);
    await this.work(false);
  }

  startAgain(): void {
    if (this.calculator) this.change(this.start(this.calculator), false);
  }

  /** Where a further question is worked from this answer. */
  onward(to: Onward): string {
    const calculator = this.calculators.find((c) => c.name === to.calculator)!;
    const value = this.sheet?.value ?? null;
    return sumAddress(
      to.calculator,
      handed(this.typed.get(to.calculator) ?? this.start(calculator), to, value, this.inputs),
    );
  }

  private fedOf(name: string): Fed[] {
    return this.calculators.flatMap((by) =>
      by.onwards
        .filter((o) => o.calculator === name && o.input !== null)
        .map((o) => ({ path: o.input!, by, value: this.answered.get(by.name)?.value ?? null })),
    );
  }

  /** As a form starts, with what was answered last of what it asks for: two sums about one tub say the same. */
  private carried(calculator: Calculator): Tree {
    const last = [...this.answered.keys()].reverse().find((name) => this.onwardOf(name, calculator) !== undefined);
    const start = this.start(calculator);
    if (last === undefined) return start;
    const { value, inputs } = this.answered.get(last)!;
    return handed(start, this.onwardOf(last, calculator)!, value, inputs);
  }

  private onwardOf(name: string, calculator: Calculator): Onward | undefined {
    return this.calculators.find((c) => c.name === name)?.onwards.find((o) => o.calculator === calculator.name);
  }

  private start(calculator: Calculator): Tree {
    const first = typical(calculator.inputs);
    const further = Object.entries(calculator.byShape).find(([word]) => Object.values(first).includes(word));
    return { ...first, ...typical(further?.[1] ?? []) };
  }

  private change(inputs: Tree, sliding: boolean): void {
    this.inputs = inputs;
    this.asItStarts = false;
    this.typed.set(this.name, inputs);
    window.history.replaceState(null, '', this.link);
    void this.work(sliding);
  }

  private async read(): Promise<void> {
    try {
      this.calculators = await held.fetchQuery({
        queryKey: ['sums'],
        queryFn: ({ signal }) => taken(api.GET('/api/sums', { signal })),
        retry: false,
      });
    } catch {
      this.whole = unreachable.whole;
    }
  }

  /** Works the sum; the last good answer stays, marked stale, while an input is wrong. */
  private async work(sliding: boolean): Promise<void> {
    const [name, inputs] = [this.name, this.inputs];
    const [params, body] = [{ path: { name } }, { inputs }];
    try {
      const answer = await this.working.ask((signal) => api.POST('/api/sums/{name}/sheet', { params, body, signal }));
      if (!answer) return;
      const { data, error, response } = answer;
      if (data) {
        this.sheet = data;
        this.answered.delete(name);
        if (data.value !== null) this.answered.set(name, { value: data.value, inputs });
        if (!sliding) this.sweep = data.sweep;
        this.errors = {};
        this.whole = '';
      } else {
        const trouble = troubleOf(response.status, error);
        this.errors = trouble.fields;
        this.whole = trouble.whole;
      }
    } catch {
      this.whole = unreachable.whole;
    }
  }
}

/** Inputs with what goes on into them from another sum: its answer, and what both ask for. */
function handed(inputs: Tree, to: Onward, value: number | null, from: Tree): Tree {
  const along = to.along.reduce((tree, path) => {
    const shared = get(from, path);
    return shared === undefined ? tree : put(tree, path, shared);
  }, inputs);
  return to.input !== null && value !== null ? put(along, to.input, value) : along;
}

/** Inputs from an address; undefined when there are none or they are no inputs. */
function parsed(given: string | null): Tree | undefined {
  if (!given) return undefined;
  try {
    const value = JSON.parse(given) as unknown;
    return typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Tree) : undefined;
  } catch {
    return undefined;
  }
}

export const table = new SumTable();
