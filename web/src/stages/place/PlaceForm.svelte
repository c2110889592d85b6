<script lang="ts">
  import { Checkbox, Select } from 'flowbite-svelte';
  import type { Unit } from '../../lib/api/client';
  import Button from '../../lib/controls/Button.svelte';
  import Field from '../../lib/controls/Field.svelte';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { degreesOf, SITES, WINDS, windOf } from '../../lib/sites';
  import GroundTests from './GroundTests.svelte';
  import MarkFields from './MarkFields.svelte';
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
    ['Buried', 'A pipe or cable underground'],
    ['Plants', 'Plants that are there already'],
    ['Pile', 'A place where the heap lies'],
  ];

  interface Measure {
    id: 'height' | 'thickness' | 'porosity' | 'crown' | 'crownFrom' | 'width' | 'flow' | 'swing';
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
    Buried: [],
    Pile: [],
    Plants: [{ id: 'crown', name: 'Across', unit: 'Metre' }],
  };

  const draft = $derived(table.draft!);
  const onePoint = $derived(['Tree', 'Tap', 'Door', 'Plants', 'Pile'].includes(draft.sort));
  const round = $derived(['Spot', 'Building'].includes(draft.sort));

  function set(change: Partial<Draft>) {
    Object.assign(table.draft!, change);
    void table.look();
  }

  const wrong = (field: string, words: string) => (table.errors = { ...table.errors, [field]: words });

  function visitor(id: string, comes: boolean) {
    const now = draft.comesIn ?? [];
    set({ comesIn: comes ? [...now, id] : now.filter((v) => v !== id) });
  }
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
    {#if draft.sort === 'Spot'}
      <label class="field"
        >It is
        <Select
          placeholder=""
          value={draft.site ?? 'Soil'}
          onchange={(e) => set({ site: e.currentTarget.value as Draft['site'] })}
        >
          {#each SITES as x (x.id)}<option value={x.id}>{x.name}</option>{/each}
        </Select>
      </label>
      {#if (draft.site ?? 'Soil') === 'Soil'}
        <label class="field"
          >The ground is
          <Select
            placeholder=""
            value={draft.ground ?? ''}
            onchange={(e) => set({ ground: e.currentTarget.value || null })}
          >
            <option value="">not looked at yet</option>
            {#each garden.catalogue?.grounds ?? [] as g (g.id)}<option value={g.id}>{g.name}</option>{/each}
          </Select>
        </label>
      {:else if draft.site !== 'Paving'}
        <MeasureField
          name="Carries"
          hint="Only where somebody who knows has said so"
          unit="Pascal"
          value={draft.loadLimit ?? null}
          error={table.errors.loadLimit}
          blank="nobody has said"
          onclear={() => set({ loadLimit: null })}
          onvalue={(loadLimit) => set({ loadLimit })}
          onerror={(w) => wrong('loadLimit', w)}
        />
        <label class="field"
          >Who said so
          <Field
            value={draft.loadSaidBy ?? ''}
            maxlength={60}
            onchange={(e) => set({ loadSaidBy: e.currentTarget.value || null })}
          />
        </label>
      {/if}
      {#if (draft.site ?? 'Soil') === 'Soil'}<GroundTests />{/if}
      <MeasureField
        name="Falls, for its length"
        hint="A level and a batten: 0.02 is 1 in 50"
        unit="One"
        value={draft.slope ?? null}
        error={table.errors.slope}
        blank="level"
        onclear={() => set({ slope: null })}
        onvalue={(slope) => set({ slope })}
        onerror={(w) => wrong('slope', w)}
      />
      {#if draft.slope}
        <label class="field"
          >Falls to the
          <Select
            placeholder=""
            value={draft.fallsTo == null ? '' : windOf(draft.fallsTo)}
            onchange={(e) =>
              set({ fallsTo: e.currentTarget.value === '' ? null : degreesOf(Number(e.currentTarget.value)) })}
          >
            <option value="">…</option>
            {#each WINDS as name, n (name)}<option value={n}>{name}</option>{/each}
          </Select>
        </label>
        {#if table.errors.fallsTo}<p class="problem">{table.errors.fallsTo}</p>{/if}
      {/if}
      <MeasureField
        name="Free height"
        hint="Under a net, eaves or branches"
        unit="Metre"
        value={draft.ceiling ?? null}
        error={table.errors.ceiling}
        blank="open above"
        onclear={() => set({ ceiling: null })}
        onvalue={(ceiling) => set({ ceiling })}
        onerror={(w) => wrong('ceiling', w)}
      />
      <label class="tick"
        ><Checkbox checked={draft.hollow ?? false} onchange={(e) => set({ hollow: e.currentTarget.checked })} /><span
          >Cold air pools here on clear nights</span
        ></label
      >
      <label class="field"
        >Whose it is
        <Field
          value={draft.owner ?? ''}
          maxlength={60}
          placeholder="your own"
          onchange={(e) => set({ owner: e.currentTarget.value || null })}
        />
      </label>
      {#if draft.owner}<label class="tick"
          ><Checkbox
            checked={draft.allowed ?? false}
            onchange={(e) => set({ allowed: e.currentTarget.checked })}
          /><span>They have said yes</span></label
        >{/if}
      <fieldset>
        <legend>Who comes in</legend>
        {#each garden.catalogue?.visitors ?? [] as v (v.id)}<label class="tick"
            ><Checkbox
              checked={draft.comesIn?.includes(v.id) ?? false}
              onchange={(e) => visitor(v.id, e.currentTarget.checked)}
            /><span>{v.name}</span></label
          >{/each}
      </fieldset>
    {/if}
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

  fieldset {
    border: 0;
    padding: 0;
    margin: 4px 0;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  }

  .press {
    position: sticky;
    bottom: 0;
    display: flex;
    gap: 8px;
    padding: 8px 0;
    background: var(--paper);
  }
</style>
