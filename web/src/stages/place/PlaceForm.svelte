<script lang="ts">
  import { Select } from 'flowbite-svelte';
  import type { Unit } from '../../lib/api/client';
  import Button from '../../lib/controls/Button.svelte';
  import Field from '../../lib/controls/Field.svelte';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import DoorFields from './DoorFields.svelte';
  import MarkFields from './MarkFields.svelte';
  import SpotFields from './SpotFields.svelte';
  import { MONTHS } from './days';
  import { mark, table, type Draft, type Sort } from './place.svelte';

  const SORTS: [Sort, string][] = [
    ['Spot', 'A spot for planters'],
    ['Wall', 'A wall'],
    ['Fence', 'A fence'],
    ['Hedge', 'A hedge'],
    ['Building', 'A building'],
    ['Tree', 'A tree'],
    ['Path', 'A path'],
    ['Tap', 'A tap'],
    ['Door', 'A door or gate'],
    ['Steps', 'Steps'],
    ['Power', 'A socket or lamp outdoors'],
    ['Buried', 'A pipe or cable underground'],
    ['Plants', 'Plants that are there already'],
    ['Pile', 'A place where the heap lies'],
  ];

  interface Measure {
    id: 'height' | 'thickness' | 'porosity' | 'crown' | 'crownFrom' | 'width' | 'flow' | 'swing' | 'rise';
    name: string;
    hint?: string;
    unit: Unit;
    /** What it is where it is left out; it must be measured where there is none. */
    blank?: string;
  }

  const HEIGHT: Measure = { id: 'height', name: 'Height', unit: 'Metre' };
  const THICK: Measure = { id: 'thickness', name: 'Thickness', unit: 'Metre', blank: 'as usual' };
  const THROUGH: Measure = {
    id: 'porosity',
    name: 'Lets through',
    hint: 'Part of it that is gaps: 0.2 for close boards, 0.5 for a lattice',
    unit: 'One',
    blank: 'as usual',
  };
  const MEASURES: Record<Sort, Measure[]> = {
    Spot: [],
    Wall: [HEIGHT, THICK],
    Fence: [HEIGHT, THROUGH],
    Hedge: [HEIGHT, { ...THICK, name: 'Width' }, THROUGH],
    Building: [{ ...HEIGHT, name: 'Height of the eaves' }],
    Tree: [
      HEIGHT,
      { id: 'crown', name: 'Crown, across', unit: 'Metre' },
      { id: 'crownFrom', name: 'Crown begins at', unit: 'Metre', blank: 'a third up' },
    ],
    Path: [{ id: 'width', name: 'Width', unit: 'Metre' }],
    Tap: [{ id: 'flow', name: 'Flow', hint: 'A bucket and a watch', unit: 'CubicMetrePerSecond', blank: 'not timed' }],
    Door: [{ id: 'swing', name: 'Swings', hint: 'From the hinge to the far edge', unit: 'Metre' }],
    Steps: [
      { id: 'width', name: 'Width', unit: 'Metre' },
      { id: 'rise', name: 'Rise', hint: 'From the foot of the lowest to the top of the highest', unit: 'Metre' },
    ],
    Power: [],
    Buried: [],
    Pile: [],
    Plants: [{ id: 'crown', name: 'Across', unit: 'Metre' }],
  };

  const draft = $derived(table.draft!);
  const onePoint = $derived(['Tree', 'Tap', 'Door', 'Plants', 'Pile', 'Power'].includes(draft.sort));
  const round = $derived(['Spot', 'Building'].includes(draft.sort));

  function set(change: Partial<Draft>) {
    Object.assign(table.draft!, change);
    void table.look();
  }

  const wrong = (field: string, words: string) => (table.errors = { ...table.errors, [field]: words });
</script>

<form onsubmit={(e) => (e.preventDefault(), void table.keep())}>
  <h1>{table.editing ? table.editing.drawn.name : 'Something to measure'}</h1>
  <label class="field"
    >What it is
    <Select placeholder="" value={draft.sort} onchange={(e) => set({ sort: e.currentTarget.value as Sort })}>
      {#each SORTS as [id, name] (id)}<option value={id}>{name}</option>{/each}
    </Select>
  </label>
  <label class="field"
    >What you call it
    <Field
      bind:value={table.draft!.name}
      maxlength={60}
      autocomplete="off"
      aria-invalid={table.errors.name ? 'true' : undefined}
    />
  </label>
  {#if table.errors.name}<p class="problem">{table.errors.name}</p>{/if}
  <p class="soft small">
    A and B are the ends of the base line on the plan. {onePoint
      ? 'One point: where it stands.'
      : round
        ? 'Two corners and a depth make a rectangle; else measure every corner in order, all round.'
        : 'Point by point along it.'}
  </p>
  {#each draft.marks, i (i)}<MarkFields {i} removable={draft.marks.length > 1} />{/each}
  {#if !onePoint && draft.marks.length < 24}<Button
      class="px-4"
      onclick={() => (table.draft!.marks.push(mark()), void table.look())}>Another point</Button
    >{/if}
  {#if table.errors.marks}<p class="problem">{table.errors.marks}</p>{/if}
  <div class="fields">
    {#if round && draft.marks.length === 2}
      {#each [['depth', 'Depth, to the left of the way from 1 to 2', ''], ['diagonalA', 'Diagonal, from 1', 'Both diagonals check whether it is square'], ['diagonalB', 'Diagonal, from 2', '']] as const as [id, name, hint] (id)}
        <MeasureField
          {name}
          {hint}
          unit="Metre"
          value={draft[id] ?? null}
          error={table.errors[id]}
          blank={id === 'depth' ? 'all corners by tape' : 'not drawn'}
          onclear={() => set({ [id]: null })}
          onvalue={(v) => set({ [id]: v })}
          onerror={(w) => wrong(id, w)}
        />
      {/each}
    {/if}
    {#each MEASURES[draft.sort] as m (m.id)}
      <MeasureField
        name={m.name}
        hint={m.hint}
        unit={m.unit}
        value={draft[m.id] ?? null}
        error={table.errors[m.id]}
        blank={m.blank ?? 'hold the tape'}
        onclear={() => set({ [m.id]: null })}
        onvalue={(v) => set({ [m.id]: v })}
        onerror={(w) => wrong(m.id, w)}
      />
    {/each}
    {#if draft.sort === 'Tree' || draft.sort === 'Plants'}
      {#each [['leafFrom', 'from'], ['leafTo', 'to']] as const as [id, which] (id)}
        <label class="field"
          >{draft.sort === 'Tree' ? 'In leaf' : 'To be seen'}
          {which}
          <Select
            placeholder=""
            value={draft[id] ?? ''}
            onchange={(e) => set({ [id]: e.currentTarget.value === '' ? null : Number(e.currentTarget.value) })}
          >
            <option value="">{draft.sort === 'Tree' ? 'evergreen' : 'all year'}</option>
            {#each MONTHS as month, n (n)}<option value={n + 1}>{month}</option>{/each}
          </Select>
        </label>
      {/each}
    {/if}
    {#if draft.sort === 'Door'}<DoorFields {draft} {set} />{/if}
    {#if draft.sort === 'Spot'}<SpotFields {draft} {set} {wrong} />{/if}
  </div>
  <div class="press">
    <Button kind="main" type="submit" class="px-5">Keep it</Button>
    <Button class="px-4" onclick={() => table.drop()}>Leave it</Button>
  </div>
  {#if table.whole}<p class="problem" role="alert">{table.whole}</p>{/if}
</form>

<style>
  .field {
    display: grid;
    margin: 6px 0;
  }

  .fields {
    display: grid;
    gap: 6px;
    margin: 10px 0;
  }

  .press {
    position: sticky;
    bottom: 0;
    display: flex;
    gap: 8px;
    padding: 8px 0;
    background: var(--paper);
    /* Nothing peeps out below it. */
    box-shadow: 0 24px 0 var(--paper);
  }
</style>
