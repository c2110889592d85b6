<script lang="ts">
  import { garden } from '../../lib/garden.svelte';
  import KindPicker from '../gather/KindPicker.svelte';
  import Seeing from './Seeing.svelte';
  import { seeing } from './seeing.svelte';
  import WorthFetching from './WorthFetching.svelte';

  const { params }: { params?: { what?: string } } = $props();

  $effect(() => {
    garden.lifted = {};
    if (params?.what === 'new' && !seeing.draft) seeing.resume();
  });
</script>

{#if params?.what !== 'new'}
  <WorthFetching />
{:else if seeing.draft}
  <Seeing />
{:else}
  <KindPicker onpick={(kind, said) => seeing.start(kind, said)} />
{/if}
