<script lang="ts">
  import { Modal } from 'flowbite-svelte';
  import { comesBack } from '../../lib/controls/comesback.svelte';
  import Button from '../../lib/controls/Button.svelte';
  import type { Thing } from '../../lib/api/client';
  import type { Bench } from './bench.svelte';
  import { photograph, removePhoto } from './working';

  const { bench, thing }: { bench: Bench; thing: Thing } = $props();

  let large = $state(false);
  comesBack(() => large);
  let at = $state(0);

  function show(i: number) {
    at = i;
    large = true;
  }

  function turn(event: KeyboardEvent) {
    const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key] ?? 0;
    at = (at + step + thing.photos.length) % thing.photos.length;
  }
</script>

<div class="photos">
  {#each thing.photos as photo, i (photo)}
    <figure>
      <Button kind="bare" class="small-one" onclick={() => show(i)}
        ><img src="/api/photos/{photo}/small" alt="Photograph of {thing.name}" height="96" /></Button
      >
      <Button kind="bare" class="away" aria-label="Take this photograph away" onclick={() => void removePhoto(photo)}
        >✕</Button
      >
    </figure>
  {/each}
  <label class="add">
    <span>Photograph it</span>
    <input
      class="sr"
      type="file"
      accept="image/jpeg,image/png,image/webp"
      capture="environment"
      onchange={(e) => e.currentTarget.files?.[0] && void photograph(bench, e.currentTarget.files[0])}
    />
  </label>
</div>

<Modal
  bind:open={large}
  size="xl"
  aria-label="{thing.name}, photograph {at + 1} of {thing.photos.length}"
  onkeydown={turn}
>
  {#if thing.photos[at]}<img
      src="/api/photos/{thing.photos[at]}"
      alt="{thing.name}, large, {at + 1} of {thing.photos.length}"
    />{/if}
  <p class="bar">
    {#if thing.photos.length > 1}
      <Button class="px-4" onclick={() => (at = (at + 1) % thing.photos.length)}>Next</Button>
    {/if}
    <Button kind="main" class="px-5" onclick={() => (large = false)}>Close</Button>
  </p>
</Modal>

<style>
  .photos {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    margin-top: 10px;
    align-items: end;
  }

  figure {
    position: relative;
  }

  figure :global(.small-one) {
    display: block;
    padding: 0;
    border: 1px solid var(--iron);
    cursor: zoom-in;
  }

  figure :global(.small-one img) {
    height: 96px;
  }

  figure :global(.away) {
    position: absolute;
    top: 2px;
    right: 2px;
    width: 28px;
    height: 28px;
    background: var(--board);
    border: 1px solid var(--iron);
    border-radius: 3px;
    color: var(--ink);
    cursor: pointer;
  }

  .add span {
    display: inline-flex;
    align-items: center;
    min-height: var(--target);
    padding: 0 16px;
    border: 1px dashed var(--ink);
    border-radius: 3px;
    font-weight: 600;
    cursor: pointer;
  }

  .add:focus-within span {
    outline: 3px solid var(--chalk);
  }

  img {
    max-width: 100%;
    max-height: 78vh;
  }

  .bar {
    display: flex;
    justify-content: flex-end;
    gap: 10px;
    margin-top: 10px;
  }
</style>
