<script lang="ts">
  import Fold from '../../lib/controls/Fold.svelte';
  import Field from '../../lib/controls/Field.svelte';
  import Button from '../../lib/controls/Button.svelte';
  import { push } from 'svelte-spa-router';
  import { api, troubleOf, unreachable, type Schemas } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';
  import { parseLength } from '../../lib/units/parse';
  import { say } from '../../lib/units/tell';
  import type { Bench } from './bench.svelte';

  const { bench }: { bench: Bench } = $props();
  const LONGEST = 3;
  const draft = $derived(bench.draft!);

  let open = $state(false);
  let butt = $state('');
  let wanted = $state('4');
  let differ = $state('');
  let sticks = $state<{ length: number; butt: number; tip: number; bow: number }[]>([]);
  let sorted = $state.raw<Schemas['SortedSticksDto'] | null>(null);
  let wrong = $state('');
  const uses = { Frame: 'stand', Weave: 'weave', Prop: 'prop' } as const;

  /** A tap along the scale lays one more stick on it, to the nearest centimetre. */
  function tap(event: MouseEvent & { currentTarget: HTMLElement }) {
    const box = event.currentTarget.getBoundingClientRect();
    add(Math.round(((event.clientX - box.left) / box.width) * LONGEST * 100) / 100);
  }

  function add(length: number) {
    const read = butt.trim() === '' ? { value: draft.measures.butt } : parseLength(butt, garden.system);
    if (read.value === undefined) {
      wrong = read.error ?? '';
      return;
    }
    wrong = '';
    sorted = null;
    sticks = [
      ...sticks,
      { length: Math.max(0.05, length), butt: read.value, tip: Math.min(draft.measures.tip, read.value), bow: 0 },
    ];
  }

  function useAll() {
    const lengths = sticks.map((s) => s.length);
    bench.measureAll({
      sticks: sticks.length,
      shortest: Math.min(...lengths),
      longest: Math.max(...lengths),
      butt: sticks.reduce((n, s) => n + s.butt, 0) / sticks.length,
    });
  }

  async function sort() {
    const spread = differ.trim() === '' ? { value: 0.15 } : parseLength(differ, garden.system);
    if (spread.value === undefined) {
      wrong = spread.error ?? '';
      return;
    }
    try {
      const { data, error, response } = await api.POST('/api/sticks/sort', {
        body: { sticks, count: Number(wanted), leastLength: 0, greatestSpread: spread.value },
      });
      sorted = data ?? null;
      wrong = data ? '' : troubleOf(response.status, error).whole;
    } catch {
      wrong = unreachable.whole;
    }
  }

  /** One set becomes a bundle of its own on the heap. */
  async function keepSet(set: number[], number: number) {
    const of = set.map((i) => sticks[i]);
    const lengths = of.map((s) => s.length);
    const trouble = await garden.write(
      () =>
        api.POST('/api/things', {
          body: {
            name: `${draft.name || 'Sticks'}, alike ${number}`,
            kind: draft.kind,
            count: 1,
            measures: {
              ...draft.measures,
              sticks: of.length,
              shortest: Math.min(...lengths),
              longest: Math.max(...lengths),
              butt: of.reduce((n, s) => n + s.butt, 0) / of.length,
            },
            substance: draft.substance,
            findings: draft.findings,
            faults: [],
            place: draft.place,
            remark: null,
            source: draft.source,
            permission: null,
            cost: null,
            keepDry: draft.keepDry,
            useBefore: null,
            version: null,
          },
        }),
      'The set lies on the heap by itself',
    );
    if (trouble) wrong = trouble.whole;
    else {
      sticks = sticks.filter((_, i) => !set.includes(i));
      sorted = null;
      if (garden.things.length > 0) void push(`/gather/${draft.id ?? 'new'}`);
    }
  }
</script>

<Fold class="scale" bind:open title="Measure them one by one, and sort out those that are alike">
  <p class="soft small">Lay each along the tape and tap where it ends. {sticks.length} laid.</p>
  <Button kind="bare" class="tape" aria-label="Tape: tap where the stick ends" onclick={tap}>
    {#each [0.5, 1, 1.5, 2, 2.5, 3] as m (m)}<i style:left="{(m / LONGEST) * 100}%">{say(m, 'Metre', garden.system)}</i
      >{/each}
    {#each sticks as s, i (i)}<b
        style:width="{Math.min(100, (s.length / LONGEST) * 100)}%"
        style:bottom="{(i % 12) * 5}px"
      ></b>{/each}
  </Button>
  <div class="row">
    <label
      >Or type its length <Field
        class="mono"
        onchange={(e) => {
          const read = parseLength(e.currentTarget.value, garden.system);
          if (read.error !== undefined) wrong = read.error;
          else add(read.value);
          e.currentTarget.value = '';
        }}
        onkeydown={(e) => e.key === 'Enter' && (e.preventDefault(), e.currentTarget.blur(), e.currentTarget.focus())}
      /></label
    >
    <label
      >Butt of the next <Field
        class="mono"
        bind:value={butt}
        placeholder={say(draft.measures.butt, 'Metre', garden.system)}
      /></label
    >
    <Button class="px-3" disabled={sticks.length === 0} onclick={() => (sticks = sticks.slice(0, -1))}
      >Take the last back</Button
    >
    <Button class="px-3" disabled={sticks.length === 0} onclick={useAll}>These are the bundle</Button>
  </div>
  <div class="row">
    <label>Alike sets of <Field class="mono" bind:value={wanted} inputmode="numeric" /></label>
    <label
      >May differ by <Field class="mono" bind:value={differ} placeholder={say(0.15, 'Metre', garden.system)} /></label
    >
    <Button class="px-3" disabled={sticks.length < 2} onclick={() => void sort()}>Sort</Button>
  </div>
  {#if wrong}<p class="problem">{wrong}</p>{/if}
  {#if sorted}
    {#each sorted.sets as set, i (i)}
      <p>
        <b>Set {i + 1}</b>: {set.sticks.map((s) => say(sticks[s].length, 'Metre', garden.system)).join(', ')}
        <Button class="px-3" onclick={() => void keepSet(set.sticks, i + 1)}>Onto the heap by itself</Button>
      </p>
    {:else}
      <p>No {wanted} of them are that much alike.</p>
    {/each}
    {#each sorted.rest as rest (rest.use)}<p class="soft">To {uses[rest.use]}: {rest.sticks.length}</p>{/each}
  {/if}
</Fold>

<style>
  :global(.scale) {
    margin: 8px 0;
  }

  :global(.scale .tape) {
    position: relative;
    display: block;
    width: 100%;
    height: 84px;
    padding: 0;
    border: 1px solid var(--tape-ink);
    background:
      repeating-linear-gradient(90deg, #22303c 0 1px, transparent 1px 3.333%) top / 100% 8px no-repeat,
      linear-gradient(var(--tape-light), var(--tape));
    cursor: crosshair;
  }

  :global(.scale .tape i) {
    position: absolute;
    top: 8px;
    font-style: normal;
    font-size: 0.72rem;
    color: #22303c;
    transform: translateX(-100%);
  }

  :global(.scale .tape b) {
    position: absolute;
    left: 0;
    height: 3.5px;
    background: #55493a;
  }

  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: end;
    margin: 8px 0;
    font-size: 0.85rem;
  }

  .row :global(input) {
    width: 110px;
    display: block;
  }
</style>
