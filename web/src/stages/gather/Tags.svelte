<script lang="ts">
  import { stencilled } from '../../lib/words';
  import Button from '../../lib/controls/Button.svelte';
  import { garden } from '../../lib/garden.svelte';
  import FitnessWord from './FitnessWord.svelte';
  import { heapList as list } from './heaplist.svelte';

  const tags = $derived(list.chosen.size > 0 ? garden.things.filter((t) => list.chosen.has(t.id)) : list.found);
  const MOST = 200;
</script>

<section class="tags">
  <div class="no-print">
    <h1>Tags to print</h1>
    <p class="soft">
      {tags.length} tags, those found or chosen in the list. Print them on kraft card, cut, punch, tie on. The code opens
      the thing on a phone that can reach this address: {location.host}.
    </p>
    <Button kind="main" class="px-5" onclick={() => window.print()}>Print</Button>
  </div>
  <ul>
    {#each tags.slice(0, MOST) as thing (thing.id)}
      <li>
        <i aria-hidden="true"></i>
        <div>
          <b class="number">{stencilled(thing.number)}</b>
          <p class="name">{thing.name}{thing.count > 1 ? ` × ${thing.count}` : ''}</p>
          <p class="small">{thing.place || ' '}</p>
          <p class="small"><FitnessWord judged={thing} /></p>
        </div>
        <img
          src="/api/things/{thing.id}/code.svg"
          alt="Code that opens number {thing.number}"
          width="92"
          height="92"
          loading="lazy"
        />
      </li>
    {/each}
  </ul>
  {#if tags.length > MOST}<p class="no-print">The first {MOST} are shown; search or choose to print others.</p>{/if}
</section>

<style>
  .tags {
    grid-column: 2 / -1;
    padding: 14px 24px;
    overflow: auto;
  }

  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
    gap: 12px;
    margin-top: 14px;
  }

  li {
    display: grid;
    grid-template-columns: 18px 1fr 92px;
    gap: 10px;
    align-items: center;
    min-height: 116px;
    padding: 10px 12px;
    background: var(--kraft);
    color: #22303c;
    border: 1.5px solid var(--kraft-edge);
    border-radius: 40px 4px 4px 40px;
    break-inside: avoid;
  }

  li i {
    width: 15px;
    height: 15px;
    border-radius: 50%;
    border: 1.5px solid var(--kraft-edge);
    background: var(--paper);
  }

  .number {
    font-family: var(--font-head);
    font-size: 1.9rem;
    line-height: 1;
    color: #8a2414;
  }

  .name {
    font-weight: 700;
    line-height: 1.15;
  }

  li :global(.fitness) {
    color: #22303c;
  }

  @media print {
    ul {
      grid-template-columns: 1fr 1fr;
    }

    li {
      background: #fff;
    }
  }
</style>
