<script lang="ts">
  import type { Schemas } from '../api/client';
  import { namesOf, pointsOf, type Frame } from './frame';

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
  const names = $derived(namesOf(shapes));
</script>

<!-- A drawing has hundreds of shapes and is drawn anew while a finger moves, so that each is one element and no more. Within a button it has the looks of that. -->
{#snippet outline(shape: Schemas['ShapeDto'], ink?: string, part?: string | null, weak?: string, marked?: string)}
  {#if shape.kind === 'Polygon'}
    <polygon class={ink} data-part={part} data-weakest={weak} data-bad={marked} points={pointsOf(shape, frame)} />
  {:else if shape.kind === 'Polyline'}
    <polyline class={ink} data-part={part} data-weakest={weak} data-bad={marked} points={pointsOf(shape, frame)} />
  {:else if shape.kind === 'Disc'}
    <circle
      class={ink}
      data-part={part}
      data-weakest={weak}
      data-bad={marked}
      cx={frame.x(shape.points[0])}
      cy={frame.y(shape.points[1])}
      r={Math.max(1.6, (shape.radius ?? 0) * frame.scale)}
    />
  {:else}
    <g class={ink} data-part={part}>
      <text x={frame.x(shape.points[0])} y={frame.y(shape.points[1]) - 7} text-anchor="middle">{shape.words}</text>
    </g>
  {/if}
{/snippet}

{#each shapes as shape, i (names[i])}
  {@const ink = `ink ink-${shape.ink.toLowerCase()}`}
  {@const weak = weakest && shape.part === weakest ? 'true' : undefined}
  {@const marked = shape.part && bad?.has(shape.part) ? 'true' : undefined}
  {#if shape.part && tappable?.has(shape.part)}
    {@const part = shape.part}
    <g
      class={ink}
      data-part={part}
      data-weakest={weak}
      data-bad={marked}
      role="button"
      aria-label="{part.replace('-', ' ')}{marked ? ', marked bad' : ''}"
      tabindex={0}
      onclick={() => onpart?.(part)}
      onkeydown={(e) => (e.key === 'Enter' || e.key === ' ') && (e.preventDefault(), onpart?.(part))}
    >
      {@render outline(shape)}
    </g>
  {:else}
    {@render outline(shape, ink, shape.part, weak, marked)}
  {/if}
{/each}
