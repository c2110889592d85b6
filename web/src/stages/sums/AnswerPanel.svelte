<script lang="ts">
  import { garden } from '../../lib/garden.svelte';
  import SumOpener from '../../lib/controls/SumOpener.svelte';
  import Headline from './Headline.svelte';
  import { say } from '../../lib/units/tell';
  import type { SumTable } from './table.svelte';
  import { get } from '../../lib/tree';

  const { table }: { table: SumTable } = $props();
  const sheet = $derived(table.sheet);
  /** Projects that these numbers can be put into, each with its address. */
  const uses = $derived(
    (table.calculator?.uses ?? []).flatMap((use) => {
      const set = Object.entries(use.inputs).flatMap(([parameter, path]) => {
        const value = get(table.inputs, path);
        return typeof value === 'number' ? [`${parameter}:${value}`] : [];
      });
      return garden.projects
        .filter((p) => p.design === use.design)
        .map((p) => ({ project: p, address: `#/draw?project=${p.id}&set=${set.join(',')}` }));
    }),
  );
</script>

<aside class="answer" aria-label="Answer">
  {#if sheet}
    <Headline {table} />
    {#if sheet.also.length > 0}
      <dl>
        {#each sheet.also as a (a.title)}
          <dt>{a.title}</dt>
          <dd>{a.word ?? a.numbers.map((n) => say(n, a.unit, garden.system)).join(', ')}</dd>
        {/each}
      </dl>
    {/if}
    <SumOpener sum={sheet.sum} open words="The sum" onchanged={() => void table.again()} />
    {#each sheet.steps as step (step.title)}
      <p class="step">{step.title}: <SumOpener sum={step} onchanged={() => void table.again()} /></p>
    {/each}
    {#if uses.length > 0}
      <p class="uses">
        Use this in
        {#each uses as use (use.project.id)}<a class="tag" href={use.address}>{use.project.name}</a>{/each}
      </p>
    {/if}
    {#if table.calculator && table.calculator.onwards.length > 0}
      <div class="onwards">
        <h3>From here</h3>
        <ul>
          {#each table.calculator.onwards as to (to.calculator)}
            {@const further = table.calculators.find((c) => c.name === to.calculator)}
            {#if further}<li><a href={table.onward(to)}>{further.question}</a></li>{/if}
          {/each}
        </ul>
      </div>
    {/if}
    <p class="soft small">Not a certificate. Local codes and licensed practice come first.</p>
  {/if}
</aside>

<style>
  .answer {
    padding: 14px 16px;
    border-left: 1px solid var(--line);
    overflow: auto;
  }

  dl {
    display: grid;
    grid-template-columns: minmax(48%, 1fr) auto;
    gap: 3px 12px;
    margin: 0 0 10px;
  }

  dd {
    text-align: right;
    font-weight: 600;
    overflow-wrap: anywhere;
  }

  .uses {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
    margin: 12px 0;
  }

  .onwards {
    margin: 12px 0;
  }

  .onwards a {
    display: flex;
    align-items: center;
    min-height: var(--target);
    text-decoration: underline;
  }

  .step {
    margin-top: 6px;
  }
</style>
