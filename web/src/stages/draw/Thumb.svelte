<script lang="ts">
  import { untrack } from 'svelte';
  import type { View } from '../../lib/api/client';
  import Drawing from '../../lib/drawing/Drawing.svelte';
  import { AT_REST } from './sheet';

  interface Props {
    view: View;
    /** Pixels. */
    width: number;
    height: number;
  }

  /** A small view to choose the large one by. It follows when nothing moves any more, so that the drawing in hand need not wait for it. */
  const { view, width, height }: Props = $props();
  let shown = $state.raw(untrack(() => view));

  $effect(() => {
    const next = view;
    const timer = setTimeout(() => (shown = next), AT_REST);
    return () => clearTimeout(timer);
  });
</script>

<span class="thumb" style:width="{width}px" aria-hidden="true"><Drawing view={shown} {height} bare /></span>

<style>
  .thumb {
    display: block;
    pointer-events: none;
  }
</style>
