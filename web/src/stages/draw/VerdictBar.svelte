<script lang="ts">
  import type { Fit } from '../../lib/api/client';
  import VerdictWord from '../../lib/controls/VerdictWord.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';

  /** The three verdicts in one line, for where there is no room for them beside the drawing. */
  const { fit }: { fit: Fit } = $props();

  const three = $derived([
    {
      name: 'Grow',
      verdict: fit.grow.verdict,
      figure: fit.grow.litres ? say(fit.grow.litres.value, fit.grow.litres.unit, garden.system) : '',
    },
    {
      name: 'Drain',
      verdict: fit.drain.verdict,
      figure: fit.drain.holes > 0 ? `${fit.drain.holes} ${fit.drain.holes === 1 ? 'hole' : 'holes'}` : '',
    },
    {
      name: 'Hold',
      verdict: fit.hold.verdict,
      figure:
        fit.hold.weakest && fit.hold.weakest.utilisation !== null
          ? `${Math.round(fit.hold.weakest.utilisation * 100)} %`
          : '',
    },
  ]);
</script>

<dl class="bar">
  {#each three as v (v.name)}
    <div data-verdict={v.verdict}>
      <dt>{v.name} <b class="mono">{v.figure}</b></dt>
      <dd><VerdictWord verdict={v.verdict} /></dd>
    </div>
  {/each}
</dl>

<style>
  .bar {
    display: none;
  }

  @media (max-width: 1020px) {
    .bar {
      display: grid;
      grid-template-columns: repeat(3, minmax(0, 1fr));
      padding: 4px 0 6px;
      border-top: 1px dashed var(--line);
      font-size: 0.87rem;
      line-height: 1.25;
    }

    .bar > div + div {
      padding-left: 8px;
      border-left: 1px dashed var(--line);
    }

    dt {
      display: flex;
      flex-wrap: wrap;
      gap: 0 6px;
      font-family: var(--font-head);
      font-weight: 700;
    }

    /* “Test it with water” is longer than a third of a phone. */
    dd :global(.verdict) {
      white-space: normal;
    }
  }
</style>
