<script lang="ts">
  import { garden } from '../../lib/garden.svelte';
  import { money, say } from '../../lib/units/tell';
  import type { Filling } from './filling.svelte';

  /** What is to be fetched: how much, from which piles, and what is short. */
  const { wants, cost }: { wants: Filling['wants']; cost: number } = $props();

  const litres = (v: number) => say(v, 'CubicMetre', garden.system);
</script>

<ul class="ruled">
  {#each wants as w (w.fill)}
    <li>
      <p><b>{w.words}</b> {litres(w.loose)}<span class="soft">, as it is fetched; {litres(w.placed)} in place</span></p>
      {#each w.takes as t (t.thingId)}<p>
          {litres(t.volume)} from <a href="#/gather/{t.thingId}">{t.number} {t.name}</a>
        </p>{/each}
      {#if w.short > 0}<p class="short">
          {litres(w.short)} short{#if w.order}: order {w.order}, {money(w.cost, garden.system)}{/if}
        </p>{/if}
      {#each w.passedOver as p (p.thingId)}<p class="soft small">
          Not from <a href="#/gather/{p.thingId}">{p.number} {p.name}</a>: {p.why}
        </p>{/each}
    </li>
  {/each}
</ul>
{#if cost > 0}<p><b>{money(cost, garden.system)}</b> to order in all.</p>{/if}

<style>
  .short {
    color: var(--tight);
    font-weight: 600;
  }

  a {
    text-decoration: underline;
    text-underline-offset: 3px;
  }
</style>
