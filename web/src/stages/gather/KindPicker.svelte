<script lang="ts">
  import type { Kind } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';

  const { onpick }: { onpick: (kind: Kind) => void } = $props();

  const groups = $derived([...new Set(garden.catalogue?.kinds.map((k) => k.group) ?? [])]);
  /** One drawn line a kind: what it looks like from across the yard. */
  const marks: Record<string, string> = {
    pallet: 'M4 12h40v5H4zM4 27h40v5H4zM6 17v10M24 17v10M42 17v10',
    drum: 'M12 4h24v38H12zM11 16h26M11 29h26',
    'round-tub': 'M8 14h32l-5 27H13z',
    'tapered-tub': 'M3 18h42l-4 23H7z',
    trough: 'M3 18c0 16 5 22 14 22h14c9 0 14-6 14-22z',
    crate: 'M6 12h36v29H6zM6 22h36M6 31h36M12 12v29M36 12v29',
    board: 'M2 24h44v7H2z',
    post: 'M4 20h40v12H4zM36 20v12',
    branches: 'M14 42L18 5M24 42V3M34 42L29 8',
    fabric: 'M8 24h32v17H8zM8 30h32M8 36h32',
    line: 'M24 8a16 16 0 1 0 .1 0M24 16a8 8 0 1 0 .1 0',
  };
</script>

<section class="picker" aria-label="What is it?">
  <h1>What is it?</h1>
  <p class="soft">Three measures are enough to begin with. The rest can wait until you have the tape out.</p>
  {#each groups as group (group)}
    <h2>{group}</h2>
    <ul>
      {#each garden.catalogue?.kinds.filter((k) => k.group === group) ?? [] as kind (kind.id)}
        <li>
          <button type="button" onclick={() => onpick(kind)}>
            <svg viewBox="0 0 48 46" width="56" height="54" aria-hidden="true"
              ><path d={marks[kind.id] ?? 'M8 8h32v32H8z'} /></svg
            >
            {kind.name}
          </button>
        </li>
      {/each}
    </ul>
  {/each}
</section>

<style>
  .picker {
    grid-column: 2 / -1;
    padding: 18px 24px;
    overflow: auto;
  }

  h2 {
    margin: 14px 0 6px;
  }

  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
  }

  button {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 4px;
    width: 138px;
    padding: 12px 6px 10px;
    background: var(--board);
    border: 1px solid var(--line);
    border-bottom: 3px solid var(--kraft);
    border-radius: 3px;
    font: inherit;
    font-weight: 600;
    color: var(--ink);
    cursor: pointer;
  }

  button:hover {
    border-color: var(--accent);
  }

  path {
    fill: var(--kraft);
    stroke: var(--ink);
    stroke-width: 1.4;
    stroke-linejoin: round;
  }
</style>
