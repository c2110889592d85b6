<script lang="ts">
  import type { View } from '../api/client';
  import { garden } from '../garden.svelte';
  import { parseLength } from '../units/parse';
  import { lengthDigits, say } from '../units/tell';
  import { boundsOf, evenly, frameFor, marginsOf, placeDimensions } from './frame';
  import Shapes from './Shapes.svelte';

  interface Props {
    view: View;
    /** Height in pixels; the width is what there is. */
    height: number;
    /** Names of the fields that can be typed, for those who hear the page. */
    names?: Record<string, string>;
    errors?: Record<string, string>;
    weakest?: string | null;
    bad?: ReadonlySet<string>;
    tappable?: ReadonlySet<string>;
    onpart?: (part: string) => void;
    /** A measure was typed, in metres. */
    onmeasure?: (field: string, metres: number) => void;
    /** What was typed is no length. */
    onerror?: (field: string, sentence: string) => void;
    stale?: boolean;
    /** Pixels to a metre, where several views share one scale. */
    scale?: number;
    /** Without its measures, small. */
    bare?: boolean;
  }

  const {
    view,
    height,
    names = {},
    errors = {},
    weakest = null,
    bad,
    tappable,
    onpart,
    onmeasure,
    onerror,
    stale = false,
    scale,
    bare = false,
  }: Props = $props();

  let width = $state(600);
  const frame = $derived(frameFor(boundsOf(view.shapes), width, height, bare ? evenly(4) : marginsOf(view), scale));
  const placed = $derived(bare ? [] : placeDimensions(view, frame));
  const label = $derived(
    `${view.title}. ${view.dimensions.map((d) => `${d.field ? (names[d.field] ?? d.field) : 'shown'} ${say(d.value, 'Metre', garden.system)}`).join(', ')}`,
  );

  /** Shows what is drawn, also where the answer to a number that cannot be is the one that was there before; not under the fingers of who types, nor over what is marked wrong. */
  function drawn(field: string, metres: number) {
    return (input: HTMLInputElement) => {
      void view;
      void stale;
      if (!errors[field] && document.activeElement !== input) input.value = lengthDigits(metres, garden.system);
    };
  }

  function typed(field: string, event: Event & { currentTarget: HTMLInputElement }) {
    const read = parseLength(event.currentTarget.value, garden.system);
    if (read.error !== undefined) onerror?.(field, read.error);
    else {
      // Shown as it was understood at once, before the picture follows.
      event.currentTarget.value = lengthDigits(read.value, garden.system);
      onmeasure?.(field, read.value);
    }
  }
</script>

<figure
  class="drawing"
  class:bare
  data-stale={stale ? 'true' : undefined}
  bind:clientWidth={width}
  style:height="{height}px"
>
  <svg {width} {height} role="group" aria-label={label}>
    <Shapes shapes={view.shapes} {frame} {weakest} {bad} {tappable} {onpart} />
    {#each placed as p, i (i)}
      <g class="dimension" class:live={p.dimension.field && onmeasure}>
        {#each p.legs as [x1, y1, x2, y2], j (j)}<line class="leg" {x1} {y1} {x2} {y2} />{/each}
        <line x1={p.line[0]} y1={p.line[1]} x2={p.line[2]} y2={p.line[3]} />
        <path d="M{p.line[0] - 4} {p.line[1] + 4}l8 -8M{p.line[2] - 4} {p.line[3] + 4}l8 -8" />
      </g>
    {/each}
  </svg>
  {#each placed as p, i (p.dimension.field ?? i)}
    {@const field = p.dimension.field}
    {#if field && onmeasure}
      <input
        class="measure"
        style:left="{p.x}px"
        style:top="{p.y}px"
        value={lengthDigits(p.dimension.value, garden.system)}
        {@attach drawn(field, p.dimension.value)}
        aria-label={names[field] ?? field}
        aria-invalid={errors[field] ? 'true' : undefined}
        inputmode="text"
        autocomplete="off"
        onfocus={(e) => e.currentTarget.select()}
        onchange={(e) => typed(field, e)}
        onkeydown={(e) => e.key === 'Enter' && (e.preventDefault(), e.currentTarget.blur())}
      />
    {:else}
      <span class="shown" style:left="{p.x}px" style:top="{p.y}px"
        >{lengthDigits(p.dimension.value, garden.system)}</span
      >
    {/if}
  {/each}
</figure>
