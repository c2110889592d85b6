<script lang="ts">
  import type { Schemas } from '../api/client';
  import { pointsOf, type Frame } from './frame';

  interface Props {
    shapes: Schemas['ShapeDto'][];
    frame: Frame;
    /** The part to mark as the weakest. */
    weakest?: string | null;
    /** Parts that are marked bad. */
    bad?: ReadonlySet<string>;
    /** Makes parts that can be marked answer to a tap. */
    onpart?: (part: string) => void;
    tappable?: ReadonlySet<string>;
  }

  const { shapes, frame, weakest = null, bad, onpart, tappable }: Props = $props();
</script>

{#snippet note(shape: Schemas['ShapeDto'])}
  <text x={frame.x(shape.points[0])} y={frame.y(shape.points[1]) - 7} text-anchor="middle">{shape.words}</text>
{/snippet}

<!-- A drawing has hundreds of shapes and is drawn anew while a finger moves, so that each is one element and no more. -->
{#each shapes as shape, i (i)}
  {@const tap = shape.part && tappable?.has(shape.part) ? shape.part : null}
  {@const ink = `ink ink-${shape.ink.toLowerCase()}`}
  {@const weak = weakest && shape.part === weakest ? 'true' : undefined}
  {#if tap}
    <g
      class={ink}
      data-part={tap}
      data-weakest={weak}
      data-bad={bad?.has(tap) ? 'true' : undefined}
      role="button"
      aria-label="{tap.replace('-', ' ')}{bad?.has(tap) ? ', marked bad' : ''}"
      tabindex={0}
      onclick={() => onpart?.(tap)}
      onkeydown={(e) => (e.key === 'Enter' || e.key === ' ') && (e.preventDefault(), onpart?.(tap))}
    >
      {#if shape.kind === 'Polygon'}
        <polygon points={pointsOf(shape, frame)} />
      {:else if shape.kind === 'Polyline'}
        <polyline points={pointsOf(shape, frame)} fill="none" />
      {:else if shape.kind === 'Disc'}
        {@render disc(shape, undefined, undefined, undefined)}
      {:else}
        {@render note(shape)}
      {/if}
    </g>
  {:else}
    {@const marked = shape.part && bad?.has(shape.part) ? 'true' : undefined}
    {#if shape.kind === 'Polygon'}
      <polygon
        class={ink}
        data-part={shape.part}
        data-weakest={weak}
        data-bad={marked}
        points={pointsOf(shape, frame)}
      />
    {:else if shape.kind === 'Polyline'}
      <polyline
        class={ink}
        data-part={shape.part}
        data-weakest={weak}
        data-bad={marked}
        points={pointsOf(shape, frame)}
      />
    {:else if shape.kind === 'Disc'}
      {@render disc(shape, ink, weak, marked)}
    {:else}
      <g class={ink} data-part={shape.part}>{@render note(shape)}</g>
    {/if}
  {/if}
{/each}

{#snippet disc(shape: Schemas['ShapeDto'], ink?: string, weak?: string, marked?: string)}
  <circle
    class={ink}
    data-part={ink ? shape.part : undefined}
    data-weakest={weak}
    data-bad={marked}
    cx={frame.x(shape.points[0])}
    cy={frame.y(shape.points[1])}
    r={Math.max(1.6, (shape.radius ?? 0) * frame.scale)}
  />
{/snippet}
