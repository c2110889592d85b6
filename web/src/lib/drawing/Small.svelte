<script lang="ts">
  import type { Schemas } from '../api/client';
  import { boundsOf, evenly, frameFor } from './frame';
  import Shapes from './Shapes.svelte';

  interface Props {
    shapes: Schemas['ShapeDto'][];
    /** Pixels. */
    width: number;
    height: number;
    /** Kept free round it, pixels. */
    edge: number;
    /** What it shows, where that is not said beside it. */
    label?: string;
  }

  /** A picture to know something by, nothing on it to be typed or pressed. */
  const { shapes, width, height, edge, label }: Props = $props();
</script>

<svg
  {width}
  {height}
  viewBox="0 0 {width} {height}"
  role={label ? 'img' : undefined}
  aria-label={label}
  aria-hidden={label ? undefined : true}
  ><Shapes {shapes} frame={frameFor(boundsOf(shapes), width, height, evenly(edge))} /></svg
>

<style>
  svg {
    max-width: 100%;
    height: auto;
  }
</style>
