<script lang="ts">
  import type { Schemas } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';

  const { onchange }: { onchange?: () => void } = $props();

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
  <label
    >For
    <select
      class="field"
      value={garden.brief.crop ?? ''}
      onchange={(e) => set({ crop: e.currentTarget.value || null })}
    >
      <option value="">whatever fits</option>
      {#each garden.catalogue?.crops ?? [] as crop (crop.id)}<option value={crop.id}
          >{crop.name.toLowerCase()}{crop.edible ? '' : ' (flowers)'}</option
        >{/each}
    </select>
  </label>
  <label
    >Filled with
    <select class="field" value={garden.brief.medium} onchange={(e) => set({ medium: e.currentTarget.value })}>
      {#each garden.catalogue?.media ?? [] as m (m.id)}<option value={m.id}>{m.name.toLowerCase()}</option>{/each}
    </select>
  </label>
  <label
    >Wind
    <select
      class="field"
      value={garden.brief.exposure}
      onchange={(e) => set({ exposure: e.currentTarget.value as Schemas['Exposure'] })}
    >
      {#each exposures as x (x.id)}<option value={x.id}>{x.name}</option>{/each}
    </select>
  </label>
  <label
    >Stands on
    <select
      class="field"
      value={garden.brief.site}
      onchange={(e) => set({ site: e.currentTarget.value as Schemas['Site'] })}
    >
      {#each sites as x (x.id)}<option value={x.id}>{x.name}</option>{/each}
    </select>
  </label>
  {#if garden.brief.site === 'Soil'}
    <label
      >The ground is
      <select
        class="field"
        value={garden.brief.ground ?? ''}
        title={garden.catalogue?.grounds.find((g) => g.id === garden.brief.ground)?.name ?? 'Nobody has looked yet'}
        onchange={(e) => set({ ground: e.currentTarget.value || null })}
      >
        <option value="">not looked at yet</option>
        {#each garden.catalogue?.grounds ?? [] as g (g.id)}<option value={g.id} title={g.name}>{short(g.name)}</option
          >{/each}
      </select>
    </label>
  {/if}
  <label class="tick"
    ><input
      type="checkbox"
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

  .brief .field {
    font-size: 0.95rem;
    max-width: 172px;
  }
</style>
