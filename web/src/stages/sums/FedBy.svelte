<script lang="ts">
  import Button from '../../lib/controls/Button.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { get } from '../../lib/tree';
  import { say } from '../../lib/units/tell';
  import type { Fed, SumTable } from './table.svelte';

  interface Props {
    table: SumTable;
    /** What each input is called, by its path. */
    names: Record<string, string>;
  }

  const { table, names }: Props = $props();

  const unitOf = (path: string) => table.asked.find((i) => i.name === path)?.unit ?? 'One';
  /** As it is told: what reads the same is the same. */
  const told = (fed: Fed) => say(fed.value!, unitOf(fed.path), garden.system);
  const taken = (fed: Fed) => {
    const here = get(table.inputs, fed.path);
    return typeof here === 'number' && say(here, unitOf(fed.path), garden.system) === told(fed);
  };
</script>

{#if table.fed.length > 0}
  <section class="fed" aria-label="Answered by other sums">
    <h2>Answered by other sums</h2>
    <ul>
      {#each table.fed as fed (fed.by.name + fed.path)}
        <li>
          <span>{names[fed.path] ?? fed.path}:</span>
          <a href="#/sums/{fed.by.name}">{fed.by.question}</a>
          {#if fed.value !== null}
            <b>{told(fed)}</b>
            {#if taken(fed)}<span class="soft">taken here</span>
            {:else}<Button class="px-3" onclick={() => table.set(fed.path, fed.value!)}>Take {told(fed)}</Button>{/if}
          {/if}
        </li>
      {/each}
    </ul>
  </section>
{/if}

<style>
  .fed {
    margin-top: 18px;
  }

  li {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 8px;
    align-items: center;
    min-height: var(--target);
  }

  a {
    text-decoration: underline;
  }
</style>
