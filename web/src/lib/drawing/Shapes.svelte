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

{#each shapes as shape, i (i)}
  {@const tap = shape.part && tappable?.has(shape.part) ? shape.part : null}
  <!-- It has the role of a button whenever it has the index. -->
  <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
  <g
    class="ink ink-{shape.ink.toLowerCase()}"
    data-part={shape.part}
    data-weakest={weakest && shape.part === weakest ? 'true' : undefined}
    data-bad={shape.part && bad?.has(shape.part) ? 'true' : undefined}
    role={tap ? 'button' : undefined}
    aria-label={tap ? `${tap.replace('-', ' ')}${bad?.has(tap) ? ', marked bad' : ''}` : undefined}
    tabindex={tap ? 0 : undefined}
    onclick={tap ? () => onpart?.(tap) : undefined}
    onkeydown={tap ? (e) => (e.key === 'Enter' || e.key === ' ') && (e.preventDefault(), onpart?.(tap)) : undefined}
  >
    {#if shape.kind === 'Polygon'}
      <polygon points={pointsOf(shape, frame)} />
    {:else if shape.kind === 'Polyline'}
      <polyline points={pointsOf(shape, frame)} fill="none" />
    {:else if shape.kind === 'Disc'}
      <circle
        cx={frame.x(shape.points[0])}
        cy={frame.y(shape.points[1])}
        r={Math.max(1.6, (shape.radius ?? 0) * frame.scale)}
      />
    {:else}
      <text x={frame.x(shape.points[0])} y={frame.y(shape.points[1]) - 7} text-anchor="middle">{shape.words}</text>
    {/if}
  </g>
{/each}
