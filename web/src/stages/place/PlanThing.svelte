<script lang="ts">
  import { pointsOf, type Frame } from '../../lib/drawing/frame';
  import type { Place } from './place.svelte';

  /** Something that stands on the plan and is no spot: a wall, a house, a tree, a tap. */
  const { place, frame, inHand, onplace }: { place: Place; frame: Frame; inHand: boolean; onplace: () => void } =
    $props();

  const drawn = $derived(place.drawn);
  const points = $derived(pointsOf(place, frame));
  const [x, y] = $derived([frame.x(place.points[0]), frame.y(place.points[1])]);
  /** A line is as wide as what it is, and never too thin to be seen. */
  const wide = $derived(Math.max(2.5, (drawn.thickness ?? drawn.width ?? 0.1) * frame.scale));

  function keys(event: KeyboardEvent) {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    onplace();
  }
</script>

<g
  class="thing"
  class:in-hand={inHand}
  data-sort={drawn.sort}
  role="button"
  tabindex="0"
  aria-label={drawn.name}
  onclick={onplace}
  onkeydown={keys}
>
  {#if drawn.sort === 'Building'}<polygon class="solid" {points} />
  {:else if drawn.sort === 'Tree'}
    <circle class="crown" cx={x} cy={y} r={((drawn.crown ?? 1) / 2) * frame.scale} />
    <circle class="stem" cx={x} cy={y} r="3.5" />
  {:else if drawn.sort === 'Plants'}<circle
      class="crown clump"
      cx={x}
      cy={y}
      r={((drawn.crown ?? 0.3) / 2) * frame.scale}
    />
  {:else if drawn.sort === 'Pile'}<rect class="pile" x={x - 7} y={y - 7} width="14" height="14" />
  {:else if drawn.sort === 'Tap'}<circle class="tap" cx={x} cy={y} r="7" />
  {:else if drawn.sort === 'Power'}
    <circle class="power" cx={x} cy={y} r="7" />
    <path class="flash" d="M{x + 1} {y - 5}l-4 6h3l-1 4l4 -6h-3z" />
  {:else if drawn.sort === 'Door'}
    <polygon class="swing" points={pointsOf({ points: place.swept }, frame)} />
    <circle class="stem" cx={x} cy={y} r="3.5" />
  {:else}
    <polyline class="reach" {points} />
    <polyline class="line" {points} stroke-width={wide} />
    {#if drawn.sort === 'Steps'}<polyline class="treads" {points} stroke-width={wide} />{/if}
  {/if}
</g>

<style>
  .thing {
    cursor: pointer;
  }

  .solid {
    fill: var(--plan-wall);
    stroke: var(--plan-ink);
    stroke-width: 1.4;
  }

  .clump {
    stroke-dasharray: 4 3;
  }

  .pile {
    fill: var(--heap, var(--plan-path));
    stroke: var(--plan-ink);
    stroke-width: 1.5;
  }

  .reach {
    fill: none;
    stroke: transparent;
    stroke-width: 18;
  }

  .line {
    fill: none;
    stroke: var(--plan-wall);
    stroke-linejoin: miter;
  }

  [data-sort='Hedge'] .line {
    stroke: var(--leaf);
  }

  [data-sort='Fence'] .line {
    stroke: var(--plan-ink);
    stroke-dasharray: 9 3;
  }

  [data-sort='Path'] .line {
    stroke: var(--plan-path);
    opacity: 0.8;
  }

  [data-sort='Buried'] .line {
    stroke: var(--plan-hand);
    stroke-dasharray: 3 5;
  }

  .in-hand .line,
  .in-hand .solid,
  .in-hand .crown,
  .in-hand .tap,
  .in-hand .power,
  .in-hand .pile {
    stroke: var(--plan-hand);
  }

  .crown {
    fill: var(--leaf);
    fill-opacity: 0.55;
    stroke: var(--plan-ink);
  }

  .stem {
    fill: var(--plan-ink);
  }

  [data-sort='Steps'] .line {
    stroke: var(--plan-path);
  }

  .treads {
    fill: none;
    stroke: var(--plan-ink);
    stroke-dasharray: 2 6;
  }

  .power {
    fill: var(--plan-wall);
    stroke: var(--plan-ink);
    stroke-width: 1.5;
  }

  .flash {
    fill: var(--paper);
  }

  .tap {
    fill: var(--water);
    stroke: var(--plan-ink);
    stroke-width: 1.5;
  }

  .swing {
    fill: none;
    stroke: var(--plan-ink);
    stroke-dasharray: 2 4;
  }
</style>
