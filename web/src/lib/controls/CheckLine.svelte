<script lang="ts">
  import type { Check } from '../api/client';
  import { garden } from '../garden.svelte';
  import { say } from '../units/units';
  import SumOpener from './SumOpener.svelte';
  import VerdictWord from './VerdictWord.svelte';

  const { check, onchanged }: { check: Check; onchanged?: () => void } = $props();
  let open = $state(false);
</script>

<li>
  <button type="button" class="line" aria-expanded={open} onclick={() => (open = !open)}>
    <span class="name">{check.name}{#if check.case === 'BlockedDrain'}<em>, drain blocked</em>{/if}</span>
    <span class="bar" aria-hidden="true"><i data-verdict={check.verdict} style:width="{Math.min(100, (check.utilisation ?? 0) * 100)}%"></i></span>
    <b>{check.utilisation === null ? '?' : `${Math.round(check.utilisation * 100)} %`}</b>
  </button>
  {#if open}
    <div class="more">
      <p><VerdictWord verdict={check.verdict} /> {check.words}</p>
      {#if check.utilisation !== null}<p class="soft">{say(check.demand, check.unit, garden.system)} asked of it, {say(check.capacity, check.unit, garden.system)} it can give.</p>{/if}
      {#each check.remedies as r (r.words)}<p class="remedy">{r.words} <b>{say(r.value, r.unit, garden.system)}</b></p>{/each}
      {#each check.sums as sum (sum.title)}<div class="sums"><span>{sum.title}: </span><SumOpener {sum} {onchanged} /></div>{/each}
    </div>
  {/if}
</li>

<style>
  li {
    list-style: none;
  }

  .line {
    display: grid;
    grid-template-columns: 1fr 54px 46px;
    gap: 8px;
    align-items: center;
    width: 100%;
    background: none;
    border: 0;
    padding: 3px 0;
    min-height: 30px;
    font: inherit;
    font-size: 0.9rem;
    color: inherit;
    text-align: left;
    cursor: pointer;
  }

  .name em {
    color: var(--ink-soft);
  }

  .line b {
    text-align: right;
    white-space: nowrap;
  }

  .bar {
    height: 7px;
    border: 1px solid var(--iron);
    background: var(--board);
  }

  .bar i {
    display: block;
    height: 100%;
    background: var(--sound-soft);
  }

  .bar i[data-verdict='Tight'] {
    background: var(--tight-soft);
  }

  .bar i[data-verdict='Fails'] {
    background: var(--fails);
  }

  .more {
    padding: 2px 0 8px 10px;
    border-left: 3px solid var(--kraft);
    font-size: 0.9rem;
  }

  .remedy {
    font-weight: 600;
  }

  @media (pointer: coarse) {
    .line {
      min-height: var(--target);
    }
  }
</style>
