<script lang="ts">
  import { stencilled } from '../../lib/words';
  import Field from '../../lib/controls/Field.svelte';
  import { Checkbox, Select } from 'flowbite-svelte';
  import Button from '../../lib/controls/Button.svelte';
  import { onceLaidOut, sizeOnceLaidOut } from '../../lib/frames';
  import { createVirtualizer } from '@tanstack/svelte-virtual';
  import { MediaQuery } from 'svelte/reactivity';
  import { get } from 'svelte/store';
  import { push } from 'svelte-spa-router';
  import { garden } from '../../lib/garden.svelte';
  import { bench } from './bench.svelte';
  import FitnessWord from './FitnessWord.svelte';
  import type { Grouping } from './find';
  import { heapList as list } from './heaplist.svelte';

  const { current }: { current: number | null } = $props();

  /** Rows of one height, that of a thumb where there is one; only those in sight are there. */
  const thumb = new MediaQuery('(pointer: coarse)', false);
  const row = $derived(thumb.current ? 48 : 36);
  const AROUND = 14;
  const groupings: [Grouping, string][] = [
    ['none', 'by number'],
    ['form', 'by form'],
    ['verdict', 'by verdict'],
    ['place', 'by place'],
    ['project', 'by project'],
    ['source', 'by source'],
  ];

  let filters = $state(false);
  let place = $state('');
  let rows = $state<HTMLElement | null>(null);

  const virtual = createVirtualizer<HTMLElement, HTMLElement>({
    count: 0,
    getScrollElement: () => rows,
    estimateSize: () => row,
    overscan: AROUND,
    initialRect: { width: 0, height: innerHeight / 2 },
    observeElementRect: sizeOnceLaidOut,
  });
  // The store is asked for its value and not followed: it changes with every turn of the wheel.
  $effect(() => {
    const [all, size, element] = [list.rows, row, rows];
    get(virtual).setOptions({
      count: all.length,
      getScrollElement: () => element,
      estimateSize: () => size,
      getItemKey: (i) => all[i]?.key ?? i,
    });
    get(virtual).measure();
  });

  // What is in hand is in sight, also when it has just come onto the heap at the far end of the list.
  $effect(() => {
    const at = list.rows.findIndex((r) => r.thing?.id === current);
    if (rows && at >= 0) return onceLaidOut(() => get(virtual).scrollToIndex(at, { align: 'auto' }));
  });
</script>

<section class="list" aria-label="Things on the heap">
  <Button kind="main" class="w-full px-4" onclick={() => void push('/gather/new')}>Something dragged home</Button>
  {#if garden.needsALook.length > 0}
    <a class="unread small" href="#/gather/needs-a-look"
      ><b>{garden.needsALook.length}</b> {garden.needsALook.length === 1 ? 'thing needs' : 'things need'} a look</a
    >
  {/if}
  <div class="find">
    <label
      ><span class="sr">Search the heap</span><Field
        type="search"
        placeholder="Search {garden.things.length} things"
        bind:value={list.wanted.words}
      /></label
    >
    <Button class="px-3" aria-expanded={filters} onclick={() => (filters = !filters)}>Sort</Button>
  </div>
  {#if filters}
    <div class="filters small">
      <label
        >Group <Select placeholder="" bind:value={list.grouping}
          >{#each groupings as [id, name] (id)}<option value={id}>{name}</option>{/each}</Select
        ></label
      >
      <label
        >Form <Select placeholder="" bind:value={list.wanted.form}
          ><option value="">all</option>{#each list.forms as form (form)}<option>{form}</option>{/each}</Select
        ></label
      >
      <label
        >Verdict
        <Select placeholder="" bind:value={list.wanted.fitness}
          ><option value="">all</option><option value="NotLookedAt">not looked at yet</option><option value="Food"
            >food</option
          ><option value="Ornamentals">ornamentals</option><option value="StructureOnly">structure</option><option
            value="Refused">refused</option
          ></Select
        >
      </label>
      <label
        >Kept at <Select placeholder="" bind:value={list.wanted.place}
          ><option value="">anywhere</option>{#each list.places as p (p)}<option>{p}</option>{/each}</Select
        ></label
      >
      <label
        >Use <Select placeholder="" bind:value={list.wanted.free}
          ><option value="">all</option><option value="free">free</option><option value="taken">spoken for</option
          ></Select
        ></label
      >
      <div class="links">
        <Button kind="link" onclick={() => (list.choosing ? list.stopChoosing() : (list.choosing = true))}
          >{list.choosing ? 'Stop choosing' : 'Choose several'}</Button
        >
        <Button kind="link" onclick={() => void list.lookForAlike()}>Find doubles</Button>
        <a href="#/gather/file">In and out by file</a>
        <a href="#/gather/tags">Print tags</a>
        <a href="#/gather/sources">Where it comes from</a>
      </div>
    </div>
  {/if}
  {#if list.choosing}
    <div class="bulk small">
      <p>
        <b>{list.chosen.size} chosen</b>
        <Button kind="link" onclick={() => list.chooseFound()}>all {list.found.length} found</Button>
      </p>
      {#if list.chosen.size > 0}
        <form onsubmit={(e) => (e.preventDefault(), void list.change({ place }))}>
          <Field bind:value={place} placeholder="Kept at…" aria-label="Kept at" maxlength={80} />
          <Button type="submit" class="px-3">Put there</Button>
        </form>
        <Button kind="link" onclick={() => void list.change({ keepDry: true })}>Keep dry</Button>
        <Button kind="link" onclick={() => void list.change({ addFindings: ['looked-over'] })}>Looked over</Button>
        <Button kind="link" onclick={() => void list.change({ retire: true })}>Off the heap</Button>
      {/if}
    </div>
  {/if}
  {#if list.wrong}<p class="problem small" role="alert">{list.wrong}</p>{/if}
  {#each list.alike as group (group[0])}
    <p class="alike small">
      Look alike:
      {#each group.slice(1) as id (id)}
        <Button kind="link" onclick={() => void list.merge(id, group[0])}
          >put {garden.things.find((t) => t.id === id)?.number} with {garden.things.find((t) => t.id === group[0])
            ?.number}</Button
        >
      {/each}
    </p>
  {/each}
  {#if list.filtered}<p class="small soft">{list.found.length} of {garden.things.length}</p>{/if}
  <div class="rows" bind:this={rows}>
    <ul style:height="{$virtual.getTotalSize()}px">
      {#each $virtual.getVirtualItems() as item (item.index)}
        {@const shown = list.rows[item.index]}
        <li style:top="{item.start}px" style:height="{item.size}px">
          {#if shown?.thing}
            {@const thing = shown.thing}
            {#if list.choosing}<Checkbox
                class="choose"
                aria-label="Choose {thing.name}"
                checked={list.chosen.has(thing.id)}
                onchange={() => list.toggle(thing.id)}
              />{/if}
            <a href="#/gather/{thing.id}" class="tag" aria-current={current === thing.id ? 'true' : undefined}>
              <b>{stencilled(thing.number)}</b><span>{thing.name}{thing.count > 1 ? ` × ${thing.count}` : ''}</span>
            </a>
            {#if bench.drafts.unsaved.has(thing.id)}<span class="unsaved" title="Changes not kept yet"
                >✎<span class="sr">, changes not kept yet</span></span
              >{/if}
            <FitnessWord judged={thing} short />
          {:else}
            <h3>{shown?.head}</h3>
          {/if}
        </li>
      {/each}
    </ul>
    {#if list.rows.length === 0}
      <p class="soft p-2">
        {garden.things.length > 0
          ? 'Nothing of that name.'
          : garden.trouble
            ? 'The heap could not be read.'
            : 'Nothing here yet. Add the first thing you dragged home.'}
      </p>
    {/if}
  </div>
</section>

<style>
  .unread {
    display: block;
    margin-top: 8px;
    padding: 10px 12px;
    border-left: 5px solid var(--tight);
    background: var(--ground);
  }

  .list {
    display: flex;
    flex-direction: column;
    gap: 8px;
    padding: 14px;
    border-right: 1px solid var(--line);
    min-height: 0;
    min-width: 0;
  }

  .find {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 6px;
  }

  .filters,
  .bulk {
    display: grid;
    gap: 5px;
    border-left: 3px solid var(--kraft-edge);
    padding-left: 8px;
  }

  .unsaved {
    color: var(--accent);
    font-weight: 700;
  }

  .filters label {
    display: grid;
    grid-template-columns: 58px 1fr;
    align-items: center;
  }

  .filters :global(select) {
    min-height: 36px;
    padding-block: 4px;
  }

  .bulk form {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 6px;
  }

  .links,
  .alike {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 12px;
  }

  .links a {
    background: none;
    border: 0;
    padding: 4px 0;
    font: inherit;
    color: var(--chalk);
    text-decoration: underline;
    text-underline-offset: 3px;
    cursor: pointer;
    text-align: left;
  }

  .rows {
    flex: 1;
    min-height: 120px;
    overflow-y: auto;
    margin: 0 -6px;
    padding: 0 6px;
    position: relative;
  }

  ul {
    position: relative;
  }

  li {
    position: absolute;
    left: 0;
    right: 0;
    display: flex;
    align-items: center;
    gap: 8px;
    padding: 2px 0;
  }

  li h3 {
    align-self: end;
    color: var(--ink-soft);
  }

  li :global(.choose) {
    width: 22px;
    height: 22px;
    flex: none;
    accent-color: var(--accent);
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

  @media (pointer: coarse) {
    .tag,
    .links a {
      min-height: var(--target);
    }
  }

  @media (max-width: 760px) {
    .list {
      border-right: 0;
      border-bottom: 1px solid var(--line);
    }

    .rows {
      min-height: 50vh;
    }
  }
</style>
