<script lang="ts">
  import { Checkbox, Select } from 'flowbite-svelte';
  import type { Schemas } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';
  import { EXPOSURES, SITES } from '../../lib/sites';

  /** Without the crop where it is asked for beside it. */
  const { onchange, withCrop = true }: { onchange?: () => void; withCrop?: boolean } = $props();

  /** "Loose sand" of "Loose sand: a stick pushes in by hand". */
  const short = (name: string) => name.split(':')[0].toLowerCase();

  function set(change: Parameters<typeof garden.setBrief>[0]) {
    garden.setBrief(change);
    onchange?.();
  }
</script>

<div class="brief">
  {#if withCrop}
    <label
      >For
      <Select
        placeholder=""
        value={garden.brief.crop ?? ''}
        onchange={(e) => set({ crop: e.currentTarget.value || null })}
      >
        <option value="">whatever fits</option>
        {#each garden.catalogue?.crops ?? [] as crop (crop.id)}<option value={crop.id}
            >{crop.name.toLowerCase()}{crop.edible ? '' : ' (flowers)'}</option
          >{/each}
      </Select>
    </label>
  {/if}
  <label
    >Filled with
    <Select placeholder="" value={garden.brief.medium} onchange={(e) => set({ medium: e.currentTarget.value })}>
      {#each garden.catalogue?.media ?? [] as m (m.id)}<option value={m.id}>{m.name.toLowerCase()}</option>{/each}
    </Select>
  </label>
  {#if garden.spots.length > 0}
    <label
      >At
      <Select
        placeholder=""
        value={garden.brief.spot ?? ''}
        onchange={(e) => set({ spot: e.currentTarget.value === '' ? null : Number(e.currentTarget.value) })}
      >
        <option value="">no spot yet</option>
        {#each garden.spots as spot (spot.id)}<option value={spot.id}>{spot.drawn.name}</option>{/each}
      </Select>
    </label>
  {/if}
  {#if !garden.brief.spot}
    <label
      >Wind
      <Select
        placeholder=""
        value={garden.brief.exposure}
        onchange={(e) => set({ exposure: e.currentTarget.value as Schemas['Exposure'] })}
      >
        {#each EXPOSURES as x (x.id)}<option value={x.id}>{x.name}</option>{/each}
      </Select>
    </label>
    <label
      >Stands on
      <Select
        placeholder=""
        value={garden.brief.site}
        onchange={(e) => set({ site: e.currentTarget.value as Schemas['Site'] })}
      >
        {#each SITES as x (x.id)}<option value={x.id}>{x.name}</option>{/each}
      </Select>
    </label>
    {#if garden.brief.site === 'Soil'}
      <label
        >The ground is
        <Select
          placeholder=""
          value={garden.brief.ground ?? ''}
          title={garden.catalogue?.grounds.find((g) => g.id === garden.brief.ground)?.name ?? 'Nobody has looked yet'}
          onchange={(e) => set({ ground: e.currentTarget.value || null })}
        >
          <option value="">not looked at yet</option>
          {#each garden.catalogue?.grounds ?? [] as g (g.id)}<option value={g.id} title={g.name}>{short(g.name)}</option
            >{/each}
        </Select>
      </label>
    {/if}
  {/if}
  <label class="tick"
    ><Checkbox
      checked={garden.brief.peopleAtEdge ?? false}
      onchange={(e) => set({ peopleAtEdge: e.currentTarget.checked })}
    /><span>People sit or stand at its edge</span></label
  >
</div>

<style>
  .brief {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 10px;
    align-items: end;
    font-size: 0.85rem;
  }

  label:not(.tick) {
    display: grid;
  }

  .brief :global(select) {
    font-size: 0.95rem;
    max-width: var(--brief-field, 172px);
  }
</style>
