<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { garden } from '../../lib/garden.svelte';
  import { bench } from './bench.svelte';
  import FitnessWord from './FitnessWord.svelte';
  import KindPicker from './KindPicker.svelte';
  import Measuring from './Measuring.svelte';
  import Inspecting from './Inspecting.svelte';

  const { params }: { params?: { thing?: string } } = $props();
  let search = $state('');

  const listed = $derived(
    garden.things.filter((t) =>
      `${t.number} ${t.name} ${t.place} ${t.kind}`.toLowerCase().includes(search.toLowerCase()),
    ),
  );
  const wanted = $derived(params?.thing ?? '');

  $effect(() => {
    garden.lifted = {};
    if (wanted === 'new') {
      if (!bench.isNew && !bench.resume()) bench.drop();
      return;
    }
    const thing = garden.things.find((t) => String(t.id) === wanted);
    if (thing && (bench.draft?.id !== thing.id || (bench.draft.version !== thing.version && !bench.changed)))
      bench.load(thing);
    else if (!thing && wanted === '' && garden.things.length > 0 && !bench.draft)
      void push(`/gather/${garden.things[0].id}`);
  });
</script>

<div class="gather">
  <section class="list" aria-label="Things on the heap">
    <button type="button" class="btn-main w-full rounded-sm px-4" onclick={() => void push('/gather/new')}
      >Something dragged home</button
    >
    <label class="small"
      ><span class="sr">Search the heap</span><input
        class="field"
        type="search"
        placeholder="Search {garden.things.length} things"
        bind:value={search}
      /></label
    >
    <ul>
      {#each listed as thing (thing.id)}
        <li>
          <a href="#/gather/{thing.id}" class="tag" aria-current={bench.draft?.id === thing.id ? 'true' : undefined}>
            <b>{String(thing.number).padStart(2, '0')}</b><span
              >{thing.name}{thing.count > 1 ? ` × ${thing.count}` : ''}</span
            >
          </a>
          <FitnessWord fitness={thing.fitness} short />
        </li>
      {:else}
        <li class="soft p-2">
          {garden.things.length === 0
            ? 'Nothing here yet. Add the first thing you dragged home.'
            : 'Nothing of that name.'}
        </li>
      {/each}
    </ul>
  </section>
  {#if bench.draft}
    <Measuring {bench} />
    <Inspecting {bench} />
  {:else if wanted === 'new'}
    <KindPicker onpick={(kind) => bench.start(kind)} />
  {/if}
</div>

<style>
  .gather {
    display: grid;
    grid-template-columns: 262px minmax(0, 1fr) 336px;
    height: 100%;
  }

  .list {
    display: flex;
    flex-direction: column;
    gap: 10px;
    padding: 14px;
    border-right: 1px solid var(--line);
    min-height: 0;
  }

  ul {
    overflow-y: auto;
    margin: 0 -6px;
    padding: 2px 6px;
    display: flex;
    flex-direction: column;
    gap: 5px;
  }

  li {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 8px;
  }

  .tag {
    min-width: 0;
    min-height: 30px;
    flex: 1;
  }

  .tag span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .tag[aria-current] {
    background: var(--accent);
    color: var(--accent-ink);
    border-color: var(--accent);
  }

  .tag[aria-current] b {
    color: inherit;
  }

  @media (max-width: 1020px) {
    .gather {
      grid-template-columns: 220px minmax(0, 1fr);
      height: auto;
    }
  }

  @media (max-width: 760px) {
    .gather {
      display: flex;
      flex-direction: column;
    }

    .list {
      border-right: 0;
      border-bottom: 1px solid var(--line);
    }

    .list ul {
      flex-direction: row;
      overflow-x: auto;
      scrollbar-width: thin;
    }

    .list li {
      flex: none;
    }

    .tag {
      min-height: var(--target);
    }
  }
</style>
