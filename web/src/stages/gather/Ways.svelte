<script lang="ts">
  import Field from '../../lib/controls/Field.svelte';
  import Button from '../../lib/controls/Button.svelte';
  import type { Schemas } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';
  import { parseLength } from '../../lib/units/parse';
  import { digits, lengthDigits } from '../../lib/units/tell';
  import type { Bench } from './bench.svelte';
  import { cutOff, sawSections, takeApart } from './working';

  const { bench }: { bench: Bench } = $props();
  const draft = $derived(bench.draft!);
  const ways = $derived(bench.preview?.ways ?? []);
  const kept = $derived(draft.id !== null && !bench.changed);
  const sawable = $derived(bench.kind?.group === 'Boards and posts' || draft.kind === 'pole');
  let length = $state('');

  function size(y: Schemas['YieldDto']): string {
    return [y.length, y.width, y.thickness]
      .filter((m) => m > 0)
      .map((m) => lengthDigits(m, garden.system))
      .join(' × ');
  }

  function cut() {
    const read = parseLength(length, garden.system);
    if (read.error !== undefined) bench.wrong('work', read.error);
    else {
      length = '';
      void cutOff(bench, read.value);
    }
  }
</script>

{#if ways.length > 0}
  <h2>What one gives</h2>
  <ul class="ways">
    {#each ways as way (way.id)}
      {@const sections = /^sections-(\d+)$/.exec(way.id)}
      <li>
        <p>
          <b>{way.name}</b>
          <span class="soft"
            >{digits(way.minutes, 0, garden.system)} min{way.tools.length > 0
              ? `, ${way.tools.join(', ').toLowerCase()}`
              : ''}</span
          >
        </p>
        {#each way.yields as y, i (i)}<p class="small">
            {digits(y.expected, 1, garden.system)}
            {y.name.toLowerCase()}, {size(y)}{y.expected < y.count - 0.05 ? ` (of ${y.count})` : ''}
          </p>{/each}
        <p class="soft small">{way.words}</p>
        {#if way.lacks}<p class="small problem">
            You lack {way.lacks.toLowerCase()}.{way.without ? ` ${way.without}` : ''}{way.instead
              ? ` Another way: ${way.instead.toLowerCase()}.`
              : ''}
          </p>{/if}
        {#if way.toBorrow.length > 0}<p class="small">To borrow first: {way.toBorrow.join(', ').toLowerCase()}.</p>{/if}
        {#if kept && way.givesPieces && (!way.lacks || way.without)}<Button
            class="px-3"
            onclick={() => void takeApart(bench, way.id, 1)}>Take one apart like this</Button
          >{/if}
        {#if kept && sections}<Button class="px-3" onclick={() => void sawSections(bench, Number(sections[1]), 1)}
            >Saw one section out of one</Button
          >{/if}
      </li>
    {/each}
    {#if kept && sawable}
      <li class="cut">
        <label class="small">Cut off one <Field class="mono" bind:value={length} placeholder="length" /></label>
        <Button class="px-3" onclick={cut}>Cut</Button>
      </li>
    {/if}
  </ul>
  {#if bench.errors.work}<p class="problem">{bench.errors.work}</p>{/if}
{/if}

<style>
  .ways li {
    padding: 6px 0;
    border-bottom: 1px dashed var(--line);
  }

  .cut {
    display: flex;
    gap: 8px;
    align-items: end;
  }

  .cut :global(input) {
    width: 110px;
    display: block;
  }
</style>
