<script lang="ts">
  import Fold from '../../lib/controls/Fold.svelte';
  import Field from '../../lib/controls/Field.svelte';
  import { onMount } from 'svelte';
  import { garden } from '../../lib/garden.svelte';
  import { hasWords } from '../../lib/words';
  import HandbookRow from './HandbookRow.svelte';

  const MOST_FOUND = 60;

  let wanted = $state('');

  const ownIds = $derived(new Set(Object.keys(garden.info?.constants ?? {})));
  const looking = $derived(wanted.trim() !== '');
  const found = $derived(
    looking
      ? [...garden.constants.values()].filter((c) => hasWords(`${c.meaning} ${c.symbol} ${c.source}`, wanted.trim()))
      : [],
  );
  const own = $derived([...garden.constants.values()].filter((c) => ownIds.has(c.id)));

  onMount(() => void garden.openHandbook());
</script>

<h2>The handbook</h2>
<p class="soft">
  Every number that a sum rests on, with where it is from. Put your own in its place where you know better; it is marked
  everywhere it counts, and ours stays one tap away.
</p>
<h3>Your own</h3>
{#if own.length === 0}
  <p class="soft">None yet.</p>
{:else}
  <ul>
    {#each own as row (row.id)}<HandbookRow {row} />{/each}
  </ul>
{/if}
<label class="find">Find a number <Field bind:value={wanted} placeholder="steel, compost, gust, tomato depth…" /></label
>
{#if looking}
  <p class="soft" role="status">
    {found.length} found{found.length > MOST_FOUND ? `; the first ${MOST_FOUND} are shown` : ''}
  </p>
  <ul>
    {#each found.slice(0, MOST_FOUND) as row (row.id)}<HandbookRow {row} />{/each}
  </ul>
{:else}
  {#each garden.handbook ?? [] as table (table.title)}
    <Fold>
      {#snippet title()}{table.title} <span class="soft font-normal">{table.rows.length} numbers</span>{/snippet}
      <ul>
        {#each table.rows as row (row.id)}<HandbookRow {row} />{/each}
      </ul>
    </Fold>
  {/each}
{/if}

<style>
  h2 {
    margin-top: 22px;
  }

  h3 {
    margin-top: 10px;
  }

  ul {
    list-style: none;
    margin: 4px 0 8px;
    padding: 0;
  }

  .find {
    display: block;
    margin: 12px 0;
    font-weight: 600;
  }

  .find :global(input) {
    width: min(100%, 340px);
    margin-left: 8px;
  }
</style>
