<script lang="ts">
  import Fold from '../../lib/controls/Fold.svelte';
  import { counted } from '../../lib/when';
  import type { Filling } from './filling.svelte';

  /** What goes into it in which spring, since it sinks while wood turns to soil. */
  const { crops }: { crops: Filling['crops'] } = $props();

  const WHEN = ['At once', 'From the second year', 'From the third year', 'From the fourth year'];
  const byYear = $derived(
    WHEN.map((when, year) => ({
      when,
      year,
      crops: crops.filter((c) => c.from === year),
    })).filter((y) => y.crops.length > 0),
  );
  const never = $derived(crops.filter((c) => c.from === null));
</script>

{#each byYear as y (y.when)}
  <h3>{y.when}</h3>
  <ul>
    {#each y.crops as c (c.id)}
      {@const gone = c.counts.indexOf(0, y.year)}
      <li>
        <b>{c.counts[y.year]}</b>
        {c.name.toLowerCase()}{#if gone > 0}
          <span class="soft">not {counted(gone, 'year')} on, unless it is topped up</span>{/if}{#if c.notKnown}
          <small class="soft">{c.notKnown}</small>{:else if y.year > 0 && c.whyNot}
          <small class="soft">At once not: {c.whyNot}</small>{/if}
      </li>
    {/each}
  </ul>
{:else}<p>Nothing on the list grows in it so.</p>{/each}
{#if never.length}
  <Fold title="{never.length} do not go in" heading="h3">
    <ul class="never">
      {#each never as c (c.id)}<li><b>{c.name}</b>: {c.whyNot}</li>{/each}
    </ul>
  </Fold>
{/if}

<style>
  ul {
    list-style: none;
    padding: 0;
    margin: 4px 0 10px;
    columns: 3 15em;
    column-gap: 18px;
  }

  .never {
    columns: 2 20em;
  }

  li {
    break-inside: avoid;
    padding: 2px 0;
  }

  small {
    display: block;
    line-height: 1.25;
  }
</style>
