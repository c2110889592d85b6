<script lang="ts">
  import { Checkbox, Select } from 'flowbite-svelte';
  import type { Schemas } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';

  /** Without the crop where it is asked for beside it. */
  const { onchange, withCrop = true }: { onchange?: () => void; withCrop?: boolean } = $props();

  const exposures: { id: Schemas['Exposure']; name: string }[] = [
    { id: 'Sheltered', name: 'sheltered' },
    { id: 'Open', name: 'open' },
    { id: 'Exposed', name: 'exposed' },
  ];

  const sites: { id: Schemas['Site']; name: string }[] = [
    { id: 'Soil', name: 'open ground' },
    { id: 'Paving', name: 'paving' },
    { id: 'Deck', name: 'a deck' },
    { id: 'Balcony', name: 'a balcony' },
    { id: 'Roof', name: 'a roof' },
  ];

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
  <label
    >Wind
    <Select
      placeholder=""
      value={garden.brief.exposure}
      onchange={(e) => set({ exposure: e.currentTarget.value as Schemas['Exposure'] })}
    >
      {#each exposures as x (x.id)}<option value={x.id}>{x.name}</option>{/each}
    </Select>
  </label>
  <label
    >Stands on
    <Select
      placeholder=""
      value={garden.brief.site}
      onchange={(e) => set({ site: e.currentTarget.value as Schemas['Site'] })}
    >
      {#each sites as x (x.id)}<option value={x.id}>{x.name}</option>{/each}
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
