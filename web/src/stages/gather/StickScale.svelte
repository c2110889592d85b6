<script lang="ts">
  import Fold from '../../lib/controls/Fold.svelte';
  import Field from '../../lib/controls/Field.svelte';
  import Button from '../../lib/controls/Button.svelte';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
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
  const sticks = $derived(draft.laid);
  /** How they were sorted, with the sticks as they were then. */
  let sorted = $state.raw<(Schemas['SortedSticksDto'] & { of: Schemas['Stick'][] }) | null>(null);
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
    void change([
      ...sticks,
      { length: Math.max(0.05, length), butt: read.value, tip: Math.min(draft.measures.tip, read.value), bow: 0 },
    ]);
  }

  function correct(at: number, length: number) {
    void change(sticks.map((s, i) => (i === at ? { ...s, length } : s)));
  }

  /** Where they were the whole bundle they still are, and its measures follow. */
  async function change(to: Schemas['Stick'][]) {
    const whole = sticks.length > 0 && sticks.length === draft.measures.sticks;
    sorted = null;
    bench.laySticks(to);
    if (whole && to.length > 0) await useAll();
  }

  async function useAll() {
    try {
      const { data, error, response } = await api.POST('/api/sticks/bundle', { body: { sticks } });
      if (data) bench.measureAll(data);
      wrong = data ? '' : troubleOf(response.status, error).whole;
    } catch {
      wrong = unreachable.whole;
    }
  }

  async function sort() {
    const spread = differ.trim() === '' ? { value: 0.15 } : parseLength(differ, garden.system);
    if (spread.value === undefined) {
      wrong = spread.error ?? '';
      return;
    }
    const of = $state.snapshot(sticks);
    try {
      const { data, error, response } = await api.POST('/api/sticks/sort', {
        body: { sticks: of, count: Number(wanted), leastLength: 0, greatestSpread: spread.value },
      });
      sorted = data ? { ...data, of } : null;
      wrong = data ? '' : troubleOf(response.status, error).whole;
    } catch {
      wrong = unreachable.whole;
    }
  }

  /** One set becomes a bundle of its own on the heap, and this one has so many fewer. */
  async function setApart(set: number[], number: number) {
    wrong = await bench.setApart(set, `${draft.name || 'Sticks'}, alike ${number}`);
    if (!wrong) sorted = null;
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
  {#if sticks.length > 0}
    <ol class="laid">
      {#each sticks as s, i (i)}
        <li>
          <MeasureField
            name="Stick {i + 1}"
            unit="Metre"
            value={s.length}
            error={bench.errors[`laid.${i}`]}
            onvalue={(v) => correct(i, v)}
            onerror={(e) => (wrong = e)}
          />
          <Button
            class="px-3"
            aria-label="Take stick {i + 1} away"
            onclick={() => void change(sticks.filter((_, k) => k !== i))}>✕</Button
          >
        </li>
      {/each}
    </ol>
  {/if}
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
    <Button class="px-3" disabled={sticks.length === 0} onclick={() => void change(sticks.slice(0, -1))}
      >Take the last back</Button
    >
    <Button class="px-3" disabled={sticks.length === 0} onclick={() => void useAll()}>These are the bundle</Button>
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
        <b>Set {i + 1}</b>: {set.sticks.map((s) => say(sorted!.of[s].length, 'Metre', garden.system)).join(', ')}
        {#if draft.id !== null}
          <Button class="px-3" onclick={() => void setApart(set.sticks, i + 1)}>Onto the heap by itself</Button>
        {:else}<span class="soft">Keep the bundle, then it can lie by itself.</span>{/if}
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
    white-space: nowrap;
  }

  :global(.scale .tape b) {
    position: absolute;
    left: 0;
    height: 3.5px;
    background: #55493a;
  }

  .laid {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
    gap: 4px 18px;
    max-height: 250px;
    overflow: auto;
    margin: 8px 0 0;
    padding: 0;
    list-style: none;
  }

  .laid li {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 6px;
    align-items: center;
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
