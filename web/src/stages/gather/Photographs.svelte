<script lang="ts">
  import type { Thing } from '../../lib/api/client';
  import type { Bench } from './bench.svelte';

  const { bench, thing }: { bench: Bench; thing: Thing } = $props();

  let large = $state<HTMLDialogElement | null>(null);
  let at = $state(0);

  function show(i: number) {
    at = i;
    large?.showModal();
  }

  function turn(event: KeyboardEvent) {
    const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key] ?? 0;
    at = (at + step + thing.photos.length) % thing.photos.length;
  }
</script>

<div class="photos">
  {#each thing.photos as photo, i (photo)}
    <figure>
      <button type="button" class="small-one" onclick={() => show(i)}
        ><img src="/api/photos/{photo}/small" alt="Photograph of {thing.name}" height="96" /></button
      >
      <button
        type="button"
        class="away"
        aria-label="Take this photograph away"
        onclick={() => void bench.removePhoto(photo)}>✕</button
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
      onchange={(e) => e.currentTarget.files?.[0] && void bench.photograph(e.currentTarget.files[0])}
    />
  </label>
</div>

<dialog bind:this={large} aria-label="{thing.name}, photograph {at + 1} of {thing.photos.length}" onkeydown={turn}>
  {#if thing.photos[at]}<img
      src="/api/photos/{thing.photos[at]}"
      alt="{thing.name}, large, {at + 1} of {thing.photos.length}"
    />{/if}
  <form method="dialog" class="bar">
    {#if thing.photos.length > 1}
      <button type="button" class="btn-plain rounded-sm px-4" onclick={() => (at = (at + 1) % thing.photos.length)}
        >Next</button
      >
    {/if}
    <button class="btn-main rounded-sm px-5">Close</button>
  </form>
</dialog>

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

  .small-one {
    display: block;
    padding: 0;
    border: 1px solid var(--iron);
    cursor: zoom-in;
  }

  .small-one img {
    height: 96px;
  }

  .away {
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

  dialog {
    margin: auto;
    max-width: min(96vw, 1100px);
    padding: 12px;
    background: var(--board);
    color: var(--ink);
    border: 2px solid var(--iron);
  }

  dialog::backdrop {
    background: color-mix(in srgb, var(--iron) 70%, transparent);
  }

  dialog img {
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
