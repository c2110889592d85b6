<script lang="ts">
  import { stencilled } from '../../lib/words';
  import type { Schemas } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';
  import { lengthDigits, say } from '../../lib/units/tell';

  interface Props {
    bar: Schemas['CutBarDto'];
    /** What is cut now, by its need; all of it where nothing is said. */
    lit?: readonly string[];
  }

  const { bar, lit }: Props = $props();

  let width = $state(480);
  const HEIGHT = 30;
  const scale = $derived((width - 2) / bar.length);
  const title = $derived(
    `${stencilled(bar.number)} ${bar.name}, no. ${bar.piece}: ${say(bar.length, 'Metre', garden.system)}`,
  );
  const words = $derived(
    bar.cuts
      .map((c) => `${c.piece} from ${say(c.from, 'Metre', garden.system)} to ${say(c.to, 'Metre', garden.system)}`)
      .join('; '),
  );
</script>

<figure bind:clientWidth={width}>
  <figcaption>{title}</figcaption>
  <svg {width} height={HEIGHT + 18} role="img" aria-label="{title}. {words}">
    <rect x="1" y="1" width={bar.length * scale} height={HEIGHT} class="wood" />
    {#each bar.offcuts as o (o.from)}<rect
        x={1 + o.from * scale}
        y="1"
        width={(o.to - o.from) * scale}
        height={HEIGHT}
        class="offcut"
      />{/each}
    {#each bar.bad as b (b.from)}<rect
        x={1 + b.from * scale}
        y="1"
        width={(b.to - b.from) * scale}
        height={HEIGHT}
        fill="url(#hatch-bad)"
        stroke="var(--fails)"
      />{/each}
    {#each bar.cuts as c, i (c.from)}
      <rect
        x={1 + c.from * scale}
        y="1"
        width={(c.to - c.from) * scale}
        height={HEIGHT}
        class="cut"
        class:later={lit && !lit.includes(c.need)}
      />
      <text x={1 + ((c.from + c.to) / 2) * scale} y="20" text-anchor="middle"
        >{lengthDigits(c.to - c.from, garden.system)}</text
      >
      <text
        x={1 + c.to * scale}
        y={HEIGHT + 14}
        text-anchor={i === 0 && c.to * scale < 30 ? 'start' : 'middle'}
        class="at">{lengthDigits(c.to, garden.system)}</text
      >
    {/each}
    {#each bar.sawn as x (x)}<line x1={1 + x * scale} x2={1 + x * scale} y1="0" y2={HEIGHT + 2} class="amiss" />{/each}
  </svg>
</figure>

<style>
  figcaption {
    font-size: 0.87rem;
    font-weight: 600;
  }

  .wood {
    fill: var(--board);
    stroke: var(--ink);
  }

  .offcut {
    fill: var(--kraft);
    fill-opacity: 0.35;
    stroke: none;
  }

  .cut {
    fill: var(--wood);
    stroke: var(--ink);
    stroke-width: 1.3;
  }

  .later {
    fill: var(--board);
    stroke-dasharray: 4 3;
  }

  .amiss {
    stroke: var(--fails);
    stroke-width: 2.5;
  }

  text {
    font-family: var(--font-mono);
    font-size: 12px;
    fill: var(--ink);
  }

  .at {
    font-size: 11px;
    fill: var(--ink-soft);
  }
</style>
