<script lang="ts">
  import { Checkbox, Select } from 'flowbite-svelte';
  import type { Unit } from '../../lib/api/client';
  import Field from '../../lib/controls/Field.svelte';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { degreesOf, SITES, WINDS, windOf } from '../../lib/sites';
  import DayOfYear from './DayOfYear.svelte';
  import GroundTests from './GroundTests.svelte';
  import { table, type Draft } from './place.svelte';

  interface Props {
    draft: Draft;
    set: (change: Partial<Draft>) => void;
    wrong: (field: string, words: string) => void;
  }

  /** What a spot has besides its corners: its ground, what it carries, whose it is, who comes in. */
  const { draft, set, wrong }: Props = $props();

  function visitor(id: string, comes: boolean) {
    const now = draft.comesIn ?? [];
    set({ comesIn: comes ? [...now, id] : now.filter((v) => v !== id) });
  }
</script>

{#snippet measure(id: 'up' | 'loadLimit' | 'slope' | 'ceiling', name: string, hint: string, unit: Unit, blank: string)}
  <MeasureField
    {name}
    {hint}
    {unit}
    {blank}
    value={draft[id] ?? null}
    error={table.errors[id]}
    onclear={() => set({ [id]: null })}
    onvalue={(v) => set({ [id]: v })}
    onerror={(w) => wrong(id, w)}
  />
{/snippet}

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
    <Select placeholder="" value={draft.ground ?? ''} onchange={(e) => set({ ground: e.currentTarget.value || null })}>
      <option value="">not looked at yet</option>
      {#each garden.catalogue?.grounds ?? [] as g (g.id)}<option value={g.id}>{g.name}</option>{/each}
    </Select>
  </label>
{:else if draft.site !== 'Paving'}
  {@render measure(
    'up',
    'Lies above the ground',
    'Its floor: gusts grow with it, and what is lower shelters nothing',
    'Metre',
    'not measured',
  )}
  {@render measure('loadLimit', 'Carries', 'Only where somebody who knows has said so', 'Pascal', 'nobody has said')}
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
{@render measure('slope', 'Falls, for its length', 'A level and a batten: 0.02 is 1 in 50', 'One', 'level')}
{#if draft.slope}
  <label class="field"
    >Falls to the
    <Select
      placeholder=""
      value={draft.fallsTo == null ? '' : windOf(draft.fallsTo)}
      onchange={(e) => set({ fallsTo: e.currentTarget.value === '' ? null : degreesOf(Number(e.currentTarget.value)) })}
    >
      <option value="">…</option>
      {#each WINDS as name, n (name)}<option value={n}>{name}</option>{/each}
    </Select>
  </label>
  {#if table.errors.fallsTo}<p class="problem">{table.errors.fallsTo}</p>{/if}
{/if}
{@render measure('ceiling', 'Free height', 'Under a net, eaves or branches', 'Metre', 'open above')}
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
    ><Checkbox checked={draft.allowed ?? false} onchange={(e) => set({ allowed: e.currentTarget.checked })} /><span
      >They have said yes</span
    ></label
  >{/if}
<label class="field"
  >Seen from
  <Field
    value={draft.seenFrom ?? ''}
    maxlength={60}
    placeholder="nobody looks at it"
    onchange={(e) => set({ seenFrom: e.currentTarget.value || null })}
  />
</label>
{#each [['freeFrom', 'Free from'], ['freeTo', 'Free until']] as const as [id, name] (id)}
  <DayOfYear {name} day={draft[id] ?? null} blank="all year" onday={(day) => set({ [id]: day })} />
  {#if table.errors[id]}<p class="problem">{table.errors[id]}</p>{/if}
{/each}
<fieldset>
  <legend>Who comes in</legend>
  {#each garden.catalogue?.visitors ?? [] as v (v.id)}<label class="tick"
      ><Checkbox
        checked={draft.comesIn?.includes(v.id) ?? false}
        onchange={(e) => visitor(v.id, e.currentTarget.checked)}
      /><span>{v.name}</span></label
    >{/each}
</fieldset>

<style>
  .field {
    display: grid;
    margin: 6px 0;
  }

  fieldset {
    border: 0;
    padding: 0;
    margin: 4px 0;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  }
</style>
