<script lang="ts">
  import type { Schemas } from '../../lib/api/client';
  import Button from '../../lib/controls/Button.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';
  import type { Bench } from './bench.svelte';

  const { bench, trade }: { bench: Bench; trade: NonNullable<Schemas['HeardDto']['trade']> } = $props();

  /** Which of the two is in the form now; neither, once somebody has put the tape to it. */
  const now = $derived(
    (['sold', 'said'] as const).find((w) =>
      Object.entries(trade[w]).every(([id, value]) => bench.draft?.measures[id] === value),
    ),
  );

  function size(which: 'sold' | 'said'): string {
    return Object.values(trade[which])
      .map((m) => say(m, 'Metre', garden.system))
      .join(' by ');
  }
</script>

<p role="group" aria-label="True size of {trade.name}">
  {#if now === 'sold'}
    A {trade.name} as it is sold is {size('sold')}, and counts as that.
    <Button kind="link" onclick={() => bench.sawnAsSaid(true)}>It really is {size('said')}</Button>
  {:else if now === 'said'}
    It counts as {size('said')}, as its name says.
    <Button kind="link" onclick={() => bench.sawnAsSaid(false)}>It is {size('sold')}, as it is sold</Button>
  {/if}
</p>
