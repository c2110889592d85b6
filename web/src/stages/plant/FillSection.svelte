<script lang="ts">
  import { garden } from '../../lib/garden.svelte';
  import { lengthDigits, say } from '../../lib/units/tell';
  import type { Bay, Filling, Layer } from './filling.svelte';

  interface Props {
    bay: Bay;
    fills: Filling['fills'];
    /** m above the foot that stay wet, or are stones. */
    wet: number;
    /** As they are being changed; the answer may be one behind. */
    layers: readonly Layer[];
    onmove: (layer: number, by: number) => void;
  }

  const { bay, fills, wet, layers, onmove }: Props = $props();

  /** m by which an arrow key moves a line, and with Shift. */
  const STEP = 0.01;
  const FINE = 0.001;
  const WALL = 7;
  const GRIP = 11;
  /** Pixels that the deepest is drawn with. */
  const TALLEST = 300;

  let width = $state(0);
  let dragging = $state<{ layer: number; y: number } | null>(null);

  const widest = $derived(Math.max(...bay.widths));
  const scale = $derived(Math.max(1, Math.min((width - 190) / widest, TALLEST / bay.height)));
  const height = $derived(bay.height * scale + 34);
  const middle = $derived(66 + (widest * scale) / 2);
  const y = (level: number) => 14 + (bay.height - level) * scale;

  /** Half the inside width at a level, m, between those that were told. */
  function half(level: number): number {
    const at = (Math.min(Math.max(level, 0), bay.height) / bay.height) * (bay.widths.length - 1);
    const [low, part] = [Math.floor(at), at - Math.floor(at)];
    return (bay.widths[low] * (1 - part) + (bay.widths[low + 1] ?? bay.widths[low]) * part) / 2;
  }

  /** The outline between two levels, by the levels told between them. */
  function between(from: number, to: number): string {
    const levels = [from, ...told.filter((l) => l > from && l < to), to];
    const right = levels.map((l) => `${middle + half(l) * scale},${y(l)}`);
    const left = [...levels].reverse().map((l) => `${middle - half(l) * scale},${y(l)}`);
    return [...right, ...left].join(' ');
  }

  /** The levels at which its width was told. */
  const told = $derived(bay.widths.map((_, i) => (bay.height * i) / (bay.widths.length - 1)));

  /** A wall as far outside as it is thick. */
  const face = (side: number) => told.map((l) => `${middle + side * (half(l) * scale + WALL / 2)},${y(l)}`).join(' ');

  const laid = $derived(
    layers.map((layer, i) => {
      const from = layers.slice(0, i).reduce((sum, l) => sum + l.thickness, 0);
      return { ...layer, from, to: from + layer.thickness };
    }),
  );
  const ghosts = $derived(bay.sinks.filter((s) => s.years > 0));
  /** Where there is room beside them, from the top down; the last one always. */
  const named = $derived(
    ghosts.reduceRight<typeof ghosts>(
      (told, g) => (told.length === 0 || y(told[0].level) - y(g.level) > 13 ? [g, ...told] : told),
      [],
    ),
  );
  const when = (years: number) => (years < 1 ? 'first autumn' : years === 1 ? 'after 1 year' : `after ${years} years`);

  /** Pixels above or below a line that are its own to be taken hold of: half of a thin layer, so that the next line has the other half. */
  const reach = (layer?: Layer) => Math.min(GRIP, layer ? (layer.thickness * scale) / 2 : GRIP);

  function keys(event: KeyboardEvent, layer: number) {
    const up = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (!up) return;
    event.preventDefault();
    onmove(layer, up * (event.shiftKey ? FINE : STEP));
  }

  function drag(event: PointerEvent) {
    if (!dragging) return;
    const by = Math.round(((dragging.y - event.clientY) / scale) * 200) / 200;
    if (by === 0) return;
    onmove(dragging.layer, by);
    dragging = { ...dragging, y: dragging.y - by * scale };
  }

  const name = (fill: string) => fills.find((f) => f.fill === fill)?.words ?? '';
</script>

<div class="section" bind:clientWidth={width}>
  {#if width > 0}
    <svg {width} {height} role="group" aria-label="{bay.name} in section, from its foot up">
      <g aria-hidden="true">
        {#each [-1, 1] as side (side)}<polyline class="wall" points={face(side)} stroke-width={WALL} />{/each}
        {#each laid as l, i (i)}
          <polygon class="layer" data-fill={l.fill} points={between(l.from, l.to)} />
          {#if l.thickness * scale > 18}<text class="what" x={middle} y={(y(l.from) + y(l.to)) / 2 + 5}
              >{name(l.fill)}</text
            >{/if}
          <text class="thick" x="58" y={(y(l.from) + y(l.to)) / 2 + 5}>{lengthDigits(l.thickness, garden.system)}</text>
        {/each}
        {#if wet > 0}<polygon class="wet" points={between(0, Math.min(wet, bay.height))} />
          <text class="year" x={middle + (widest * scale) / 2 + 16} y={(y(0) + y(wet)) / 2 + 5}>stays wet</text>{/if}
        {#each ghosts as g (g.years)}
          <line
            class="ghost"
            x1={middle - half(g.level) * scale}
            x2={middle + half(g.level) * scale + 8}
            y1={y(g.level)}
            y2={y(g.level)}
          />
        {/each}
        <line class="foot" x1="40" x2={middle + (widest * scale) / 2 + 20} y1={y(0)} y2={y(0)} />
        {#each named as g (g.years)}
          <text class="year" x={middle + (widest * scale) / 2 + 16} y={y(g.level) + 4}>{when(g.years)}</text>
        {/each}
      </g>
      {#each laid as l, i (i)}
        <g
          class="line"
          class:moved={dragging?.layer === i}
          role="slider"
          tabindex="0"
          aria-label="Top of {name(l.fill)}, layer {i + 1}"
          aria-orientation="vertical"
          aria-valuemin="0"
          aria-valuemax={Math.round(bay.height * 1000)}
          aria-valuenow={Math.round(l.to * 1000)}
          aria-valuetext={say(l.to, 'Metre', garden.system)}
          onkeydown={(e) => keys(e, i)}
          onpointerdown={(e) => {
            e.currentTarget.setPointerCapture(e.pointerId);
            dragging = { layer: i, y: e.clientY };
          }}
          onpointermove={drag}
          onpointerup={() => (dragging = null)}
          onpointercancel={() => (dragging = null)}
        >
          <rect
            class="grip"
            x={middle - half(l.to) * scale}
            y={y(l.to) - reach(layers[i + 1])}
            width={2 * half(l.to) * scale}
            height={reach(layers[i + 1]) + reach(l)}
          />
          <line x1={middle - half(l.to) * scale} x2={middle + half(l.to) * scale} y1={y(l.to)} y2={y(l.to)} />
          <circle cx={middle} cy={y(l.to)} r="5" />
        </g>
      {/each}
    </svg>
  {/if}
</div>

<style>
  .section {
    overflow: hidden;
  }

  svg {
    display: block;
    touch-action: pan-y;
  }

  .wall {
    fill: none;
    stroke: var(--wood-end);
  }

  .layer {
    fill: var(--soil);
    stroke: var(--ink);
    stroke-width: 1;
  }

  .layer[data-fill='Logs'],
  .layer[data-fill='Sticks'] {
    fill: var(--wood-end);
  }

  .layer[data-fill='Woodchip'],
  .layer[data-fill='Straw'],
  .layer[data-fill='Leaves'] {
    fill: var(--wood);
  }

  .layer[data-fill='GreenWaste'] {
    fill: var(--leaf);
  }

  .layer[data-fill='Manure'] {
    fill: var(--iron);
  }

  .wet {
    fill: url(#hatch-wet);
    opacity: 0.8;
  }

  .what {
    text-anchor: middle;
    font-size: 14px;
    fill: var(--ink);
    paint-order: stroke;
    stroke: var(--board);
    stroke-width: 4px;
    stroke-linejoin: round;
  }

  .foot {
    stroke: var(--ink);
    stroke-width: 2;
  }

  .ghost {
    stroke: var(--board);
    stroke-width: 1.6;
    stroke-dasharray: 6 4;
  }

  .thick {
    text-anchor: end;
    font-family: var(--font-mono);
    font-size: 14px;
    fill: var(--chalk);
  }

  .year {
    font-size: 13px;
    fill: var(--ink-soft);
  }

  .line {
    cursor: ns-resize;
    touch-action: none;
  }

  .line .grip {
    fill: transparent;
  }

  .line line {
    stroke: var(--ink);
    stroke-width: 1.5;
  }

  .line circle {
    fill: var(--board);
    stroke: var(--ink);
    stroke-width: 1.5;
  }

  .line:focus-visible,
  .line.moved {
    outline: none;
  }

  .line:is(:focus-visible, .moved) line {
    stroke: var(--accent);
    stroke-width: 3;
  }

  .line:is(:focus-visible, .moved) circle {
    fill: var(--accent);
  }
</style>
