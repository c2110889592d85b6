<script lang="ts">
  import { Select } from 'flowbite-svelte';
  import Button from '../../lib/controls/Button.svelte';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import { untrack } from 'svelte';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';
  import { table } from './place.svelte';

  /** One point of what is being measured. */
  const { i, removable }: { i: number; removable: boolean } = $props();

  const at = $derived(table.draft!.marks[i]);
  // What was typed says how it was measured; while nothing is, two tapes.
  let offset = $state(untrack(() => at.along !== null || at.off !== null));
  let side = $state(untrack(() => (at.off ?? 0) < 0));
  const right = $derived(offset ? side : (at.right ?? false));

  function set(change: Partial<typeof at>) {
    Object.assign(table.draft!.marks[i], change);
    void table.look();
  }

  function by(way: string) {
    offset = way === 'offset';
    set({ a: null, b: null, right: null, back: null, along: null, off: null });
  }

  function turn(to: boolean) {
    side = to;
    if (offset) set({ off: at.off == null ? null : Math.abs(at.off) * (to ? -1 : 1) });
    else set({ right: to });
  }

  const error = (field: string) => table.errors[`marks.${i}.${field}`];
  const wrong = (field: string, words: string) => (table.errors = { ...table.errors, [`marks.${i}.${field}`]: words });
  const out = $derived(table.tried?.out[i] ?? null);
</script>

<fieldset>
  <legend>Point {i + 1}</legend>
  <label class="way"
    ><span class="sr">How point {i + 1} is measured</span>
    <Select placeholder="" value={offset ? 'offset' : 'tapes'} onchange={(e) => by(e.currentTarget.value)}>
      <option value="tapes">by two tapes, from A and from B</option>
      <option value="offset">along the base line, and square off it</option>
    </Select>
  </label>
  {#if offset}
    <MeasureField
      name="Along, from A"
      unit="Metre"
      value={at.along ?? null}
      error={error('along')}
      blank="hold the tape"
      onclear={() => set({ along: null })}
      onvalue={(along) => set({ along })}
      onerror={(w) => wrong('along', w)}
    />
    <MeasureField
      name="Off the line"
      unit="Metre"
      value={at.off == null ? null : Math.abs(at.off)}
      error={error('off')}
      blank="hold the tape"
      onclear={() => set({ off: null })}
      onvalue={(off) => set({ off: side ? -off : off })}
      onerror={(w) => wrong('off', w)}
    />
  {:else}
    <MeasureField
      name="From A"
      unit="Metre"
      value={at.a ?? null}
      error={error('a')}
      blank="hold the tape"
      onclear={() => set({ a: null })}
      onvalue={(a) => set({ a })}
      onerror={(w) => wrong('a', w)}
    />
    <MeasureField
      name="From B"
      unit="Metre"
      value={at.b ?? null}
      error={error('b')}
      blank="hold the tape"
      onclear={() => set({ b: null })}
      onvalue={(b) => set({ b })}
      onerror={(w) => wrong('b', w)}
    />
    {#if i > 0}
      <MeasureField
        name="Back to point {i}"
        hint={out === null
          ? 'A third tape, to check'
          : `${say(Math.abs(out), 'Metre', garden.system)} out, spread over the three`}
        unit="Metre"
        value={at.back ?? null}
        error={error('back')}
        blank="not drawn"
        onclear={() => set({ back: null })}
        onvalue={(back) => set({ back })}
        onerror={(w) => wrong('back', w)}
      />
    {/if}
  {/if}
  <label class="way"
    ><span class="sr">Side of the base line of point {i + 1}</span>
    <Select placeholder="" value={right ? 'right' : 'left'} onchange={(e) => turn(e.currentTarget.value === 'right')}>
      <option value="left">to the left, looking from A to B</option>
      <option value="right">to the right</option>
    </Select>
  </label>
  {#if removable}<Button kind="bare" onclick={() => (table.draft!.marks.splice(i, 1), void table.look())}
      >Without point {i + 1}</Button
    >{/if}
</fieldset>

<style>
  fieldset {
    border: 0;
    border-left: 3px solid var(--line);
    padding: 0 0 0 10px;
    margin: 8px 0;
    display: grid;
    gap: 6px;
  }

  legend {
    font-weight: 700;
  }

  .way {
    display: grid;
  }
</style>
