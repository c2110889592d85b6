<script lang="ts">
  import type { Schemas } from '../../lib/api/client';
  import Button from '../../lib/controls/Button.svelte';
  import VerdictWord from '../../lib/controls/VerdictWord.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { table } from './place.svelte';

  /** Nothing in hand: what there is, and what to do next. */
  const { plan }: { plan: Schemas['GardenPlanDto'] } = $props();

  const unplaced = $derived(plan.places.filter((p) => p.problems.length > 0));
  const standing = $derived(new Set(plan.standing.map((s) => s.project)));
  const waiting = $derived(garden.projects.filter((p) => !standing.has(p.id)));
</script>

<h1>The garden from above</h1>
{#if !plan.said}
  <p>
    Walk out with a tape. Choose two marks that stay, as far apart as you can, and say where they lie: everything else
    is measured from them.
  </p>
  <p><a class="go" href="#/place/site">Say where the garden lies</a></p>
{/if}
{#each unplaced as p (p.id)}<p class="problem">
    <a href="#/place/{p.id}">{p.drawn.name}</a> can no longer be placed: {p.problems.map((x) => x.words).join(' ')}
  </p>{/each}
<h2>Spots</h2>
{#if garden.spots.length === 0}<p>
    None yet. Measure where planters may stand: a corner of the yard, a strip by the wall, the balcony.
  </p>{/if}
<ul>
  {#each garden.spots as s (s.id)}<li><a class="go" href="#/place/{s.id}">{s.drawn.name}</a></li>{/each}
</ul>
<Button class="px-4" onclick={() => table.begin('Spot')}>Measure a spot</Button>
{#if plan.standing.length}
  <h2>Stands on the plan</h2>
  <ul>
    {#each plan.standing as s (s.project)}<li>
        <a class="go" href="#/place/planter-{s.project}">{s.name}</a>
        {#if s.remarks[0] && s.remarks[0].verdict !== 'Sound'}<VerdictWord verdict={s.remarks[0].verdict} />{/if}
      </li>{/each}
  </ul>
{/if}
{#if waiting.length}
  <h2>Kept, and not set down yet</h2>
  <ul>
    {#each waiting as p (p.id)}<li><a class="go" href="#/place/planter-{p.id}">{p.name}</a></li>{/each}
  </ul>
{/if}

<style>
  ul {
    list-style: none;
    padding: 0;
    margin: 4px 0 10px;
  }

  h2 {
    margin-top: 12px;
  }

  .go {
    display: inline-flex;
    align-items: center;
    min-height: 36px;
    text-decoration: underline;
    text-underline-offset: 3px;
  }
</style>
