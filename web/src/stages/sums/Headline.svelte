<script lang="ts">
  import Button from '../../lib/controls/Button.svelte';
  import VerdictWord from '../../lib/controls/VerdictWord.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { say, show } from '../../lib/units/tell';
  import type { SumTable } from './table.svelte';

  const { table }: { table: SumTable } = $props();
  const sheet = $derived(table.sheet);
  const large = $derived.by(() => {
    if (!sheet || sheet.value === null) return null;
    if (sheet.counts === 'utilisation') return { number: String(Math.round(sheet.value * 100)), unit: '% used' };
    const shown = show(sheet.value, sheet.sum.unit, garden.system);
    return sheet.counts && sheet.counts !== 'count' ? { number: shown.number, unit: sheet.counts } : shown;
  });
</script>

{#if sheet}
  <div
    class="figure"
    data-verdict={sheet.check?.verdict}
    data-stale={table.whole ? 'true' : undefined}
    aria-live="polite"
  >
    <h2>{sheet.sum.title}</h2>
    {#if large}<p class="large"><b>{large.number}</b> {large.unit}</p>{/if}
    {#if sheet.value === null && !sheet.check}<p class="large">None</p>{/if}
    {#if sheet.check}
      <p><VerdictWord verdict={sheet.check.verdict} /> {sheet.check.words}</p>
      {#each sheet.check.remedies as r, i (i)}
        <p class="remedy">
          {r.words} <b>{say(r.value, r.unit, garden.system)}</b>
          {#if r.input}<Button class="px-3" onclick={() => table.set(r.input!, r.value)}>Put it in</Button>{/if}
        </p>
      {/each}
    {/if}
  </div>
{/if}

<style>
  .figure {
    border-left: 5px solid var(--sound-soft);
    padding-left: 13px;
    margin-bottom: 10px;
  }

  .figure[data-stale] {
    opacity: 0.45;
  }

  .large {
    font-size: 1.1rem;
  }

  .large b {
    font-family: var(--font-mono);
    font-size: 2.1rem;
    font-weight: 700;
    line-height: 1.15;
  }

  .remedy {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 8px;
    align-items: center;
  }

  .figure[data-verdict='Tight'] {
    border-left-color: var(--tight-soft);
  }

  .figure[data-verdict='Fails'] {
    border-left-color: var(--fails);
  }

  .figure[data-verdict='AskAProfessional'] {
    border-left-color: var(--ask);
  }
</style>
