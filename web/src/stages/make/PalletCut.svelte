<script lang="ts">
  import { stencilled } from '../../lib/words';
  import type { Schemas } from '../../lib/api/client';

  const { cut }: { cut: Schemas['PalletCutDto'] } = $props();

  const SLAT = 13;
  const PITCH = 17;
  const title = $derived(
    `${stencilled(cut.number)} ${cut.name}: ${cut.pieces.length === 1 ? `no. ${cut.pieces[0]}` : `nos. ${cut.pieces[0]} to ${cut.pieces[cut.pieces.length - 1]}`}`,
  );
  const slats = $derived(Array.from({ length: cut.slats }, (_, i) => i + 1));
  const sectionOf = (slat: number) => cut.firstSlats.findIndex((f) => slat >= f && slat < f + cut.slatsHigh);
  /** Saw lines run under the first slat of each section and above its last, unless that is the edge. */
  const lines = $derived(
    [...new Set(cut.firstSlats.flatMap((f) => [f - 1, f - 1 + cut.slatsHigh]))].filter(
      (at) => at > 0 && at < cut.slats,
    ),
  );
  const words = $derived(
    `${cut.firstSlats.length} sections of ${cut.slatsHigh} boards${cut.badSlats.length > 0 ? `, round bad slat ${cut.badSlats.join(', ')}` : ''}`,
  );
  const y = (slat: number) => 4 + (cut.slats - slat) * PITCH;
</script>

<figure>
  <svg width="190" height={cut.slats * PITCH + 8} role="img" aria-label="{title}. {words}">
    {#each [22, 90, 158] as x (x)}<rect {x} y="2" width="10" height={cut.slats * PITCH} class="bearer" />{/each}
    {#each slats as slat (slat)}
      <rect
        x="14"
        y={y(slat)}
        width="162"
        height={SLAT}
        class="slat"
        class:used={sectionOf(slat) >= 0}
        fill={cut.badSlats.includes(slat) ? 'url(#hatch-bad)' : undefined}
        class:bad={cut.badSlats.includes(slat)}
      />
      {#if sectionOf(slat) >= 0}<text x="60" y={y(slat) + 11}>{sectionOf(slat) + 1}</text>{/if}
    {/each}
    {#each lines as at (at)}<line x1="4" x2="186" y1={y(at) - 2} y2={y(at) - 2} class="saw" />{/each}
  </svg>
  <figcaption><b>{title}</b><br />{words}</figcaption>
</figure>

<style>
  figcaption {
    font-size: 0.85rem;
    max-width: 200px;
  }

  .bearer {
    fill: var(--wood-end);
    stroke: var(--ink);
    stroke-width: 0.8;
  }

  .slat {
    stroke: var(--ink);
  }

  .slat:not(.bad) {
    fill: var(--board);
  }

  .slat.used:not(.bad) {
    fill: var(--wood);
  }

  .saw {
    stroke: var(--accent);
    stroke-width: 2;
    stroke-dasharray: 7 4;
  }

  text {
    font-size: 11px;
    font-weight: 700;
    fill: var(--ink);
  }
</style>
