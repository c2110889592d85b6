<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { counted } from '../../lib/when';
  import { garden } from '../../lib/garden.svelte';
  import { phone } from '../../lib/phone';
  import { bench } from './bench.svelte';
  import FileInOut from './FileInOut.svelte';
  import HeapList from './HeapList.svelte';
  import Inspecting from './Inspecting.svelte';
  import KindPicker from './KindPicker.svelte';
  import NeedsALook from './NeedsALook.svelte';
  import Measuring from './Measuring.svelte';
  import Sources from './Sources.svelte';
  import Tags from './Tags.svelte';

  const { params }: { params?: { thing?: string } } = $props();

  const wanted = $derived(params?.thing ?? '');
  const page = $derived(['file', 'tags', 'sources', 'needs-a-look'].includes(wanted) ? wanted : 'thing');

  $effect(() => {
    garden.lifted = {};
    if (page !== 'thing') return;
    if (wanted === 'new') {
      if (!bench.isNew && !bench.resume()) bench.putAway();
      return;
    }
    const thing = garden.things.find((t) => String(t.id) === wanted);
    if (thing && (bench.draft?.id !== thing.id || (bench.draft.version !== thing.version && !bench.changed)))
      bench.load(thing);
    else if (!thing && wanted === '' && garden.things.length > 0 && !bench.draft && !phone.current)
      void push(`/gather/${garden.things[0].id}`);
  });
</script>

<div class="gather">
  {#if phone.current && wanted !== ''}
    <a class="back no-print" href="#/gather">‹ The heap, {counted(garden.things.length, 'thing')}</a>
  {:else}<div class="aside no-print">
      <HeapList current={page === 'thing' ? (bench.draft?.id ?? null) : null} />
    </div>{/if}
  {#if page === 'file'}
    <FileInOut />
  {:else if page === 'tags'}
    <Tags />
  {:else if page === 'sources'}
    <Sources />
  {:else if page === 'needs-a-look'}
    <NeedsALook />
  {:else if bench.draft && !(phone.current && wanted === '')}
    <Measuring {bench} />
    <Inspecting {bench} />
  {:else if wanted === 'new'}
    <KindPicker onpick={(kind, said) => bench.start(kind, said)} />
  {/if}
</div>

<style>
  .gather {
    display: grid;
    grid-template-columns: 262px minmax(0, 1fr) 336px;
    height: 100%;
  }

  .aside {
    display: grid;
    min-height: 0;
    min-width: 0;
  }

  .back {
    display: flex;
    align-items: center;
    min-height: var(--target);
    padding: 0 18px;
    color: var(--chalk);
    font-weight: 600;
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
  }

  @media print {
    .gather {
      display: block;
    }
  }
</style>
