<script lang="ts">
  import type { Schemas } from '../../lib/api/client';

  const { wanted }: { wanted: Schemas['WantedThingDto'][] } = $props();
</script>

<ul>
  {#each wanted as w, i (i)}
    <li>
      <span class="box" aria-hidden="true"></span>
      <div>
        <p class="what">{w.what}</p>
        {#if w.measures}<p>{w.measures}</p>{/if}
        {#each w.unlocks as u (u.design)}<p><b>{u.name}{u.anew ? ' could be made' : ''}:</b> {u.words}</p>{/each}
        {#if w.measures && w.givers.length > 0}
          <p class="small">
            Look for: {w.givers
              .map((g) => `${g.name.toLowerCase()}${g.each > 1 ? ` (${g.each} from one)` : ''}`)
              .join(', ')}.
          </p>
        {/if}
        {#if w.givers.some((g) => g.leaveIt.length > 0)}
          <p class="small leave">Leave what shows: {[...new Set(w.givers.flatMap((g) => g.leaveIt))].join('; ')}.</p>
        {/if}
      </div>
    </li>
  {/each}
</ul>

<style>
  li {
    display: grid;
    grid-template-columns: 22px minmax(0, 1fr);
    gap: 10px;
    padding: 8px 0;
    border-top: 1px solid var(--line);
    break-inside: avoid;
  }

  .box {
    width: 18px;
    height: 18px;
    margin-top: 3px;
    border: 2px solid var(--ink);
  }

  .what {
    font-size: 1.1rem;
    font-weight: 700;
  }

  .leave {
    color: var(--fails);
  }
</style>
