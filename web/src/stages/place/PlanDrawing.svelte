<script lang="ts">
  import type { Schemas } from '../../lib/api/client';
  import { boundsOf, evenly, frameFor, middleOf, pointsOf } from '../../lib/drawing/frame';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';
  import type { Place, Planter } from './place.svelte';
  import PlanPlanter from './PlanPlanter.svelte';
  import PlanThing from './PlanThing.svelte';

  interface Props {
    plan: Schemas['GardenPlanDto'];
    day: Schemas['PlanDayDto'] | null;
    moment: Schemas['MomentDto'] | null;
    /** The place or planter in hand. */
    place?: number;
    project?: number;
    /** What is being measured, where it would lie. */
    tried?: Place | null;
    onplace: (id: number) => void;
    onproject: (id: number) => void;
    /** A planter was let go of; m on the plan. */
    onmove: (planter: Planter, x: number, y: number, byHand: boolean) => void;
  }

  const { plan, day, moment, place, project, tried, onplace, onproject, onmove }: Props = $props();

  const MARGIN = 34;
  /** Pixels to a metre from which names stand beside each other; below that only what is in hand has its name. */
  const ROOMY = 32;

  let width = $state(0);
  let height = $state(0);
  const extent = $derived(boundsOf([{ points: plan.extent }]));
  const bounds = $derived(boundsOf([{ points: plan.extent }, { points: tried?.points ?? [] }]));
  const frame = $derived(frameFor(bounds, width, height, evenly(MARGIN)));
  const roomy = $derived(frame.scale > ROOMY);

  const placed = $derived(plan.places.filter((p) => p.points.length > 0));
  const spots = $derived(placed.filter((p) => p.drawn.sort === 'Spot'));
  const others = $derived(placed.filter((p) => p.drawn.sort !== 'Spot'));
  const named = $derived(roomy ? others.filter((f) => ['Building', 'Tree', 'Pile'].includes(f.drawn.sort)) : []);
  /** An area with its holes, all in one path. */
  const path = (rings: readonly number[][]) => rings.map((points) => `M${pointsOf({ points }, frame)}Z`).join('');
  const areas = $derived((day?.levels ?? []).map((l) => ({ hours: l.hours, d: path(l.areas.flat()) })));
  const shade = $derived(
    (moment?.shadows ?? []).map((s) => ({ passing: s.passing, points: pointsOf({ points: s.outline }, frame) })),
  );
  const north = $derived([plan.north[0], -plan.north[1]]);
  const round = $derived(tried?.drawn.sort === 'Spot' || tried?.drawn.sort === 'Building');

  function keys(event: KeyboardEvent, id: number) {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    onplace(id);
  }
</script>

<div class="plan" bind:clientWidth={width} bind:clientHeight={height}>
  {#if width > 0}
    <svg {width} {height} role="group" aria-label="The garden from above, to scale">
      <g class="sun" aria-hidden="true">
        <rect
          x={frame.x(extent.x0)}
          y={frame.y(extent.y1)}
          width={(extent.x1 - extent.x0) * frame.scale}
          height={(extent.y1 - extent.y0) * frame.scale}
        />
        {#each areas as area (area.hours)}<path d={area.d} fill-rule="evenodd" data-hours={area.hours} />{/each}
      </g>
      {#each spots as s (s.id)}
        <polygon
          class="spot"
          class:in-hand={s.id === place}
          points={pointsOf(s, frame)}
          role="button"
          tabindex="0"
          aria-label={s.drawn.name}
          aria-current={s.id === place ? 'true' : undefined}
          onclick={() => onplace(s.id)}
          onkeydown={(e) => keys(e, s.id)}
        />
      {/each}
      <g class="shade" aria-hidden="true">
        {#each shade as s, i (i)}<polygon points={s.points} opacity={0.34 * (1 - s.passing)} />{/each}
      </g>
      {#each others as f (f.id)}<PlanThing
          place={f}
          {frame}
          inHand={f.id === place}
          onplace={() => onplace(f.id)}
        />{/each}
      {#if tried && tried.points.length > 0}
        {#if round && tried.points.length > 4}<polygon class="tried" points={pointsOf(tried, frame)} />
        {:else}<polyline class="tried" points={pointsOf(tried, frame)} />{/if}
        {#each { length: tried.points.length / 2 }, i (i)}
          <circle class="mark" cx={frame.x(tried.points[2 * i])} cy={frame.y(tried.points[2 * i + 1])} r="5" />
        {/each}
      {/if}
      {#each plan.standing as s (s.project)}<PlanPlanter
          planter={s}
          {frame}
          inHand={s.project === project}
          named={roomy || s.project === project}
          onproject={() => onproject(s.project)}
          onmove={(x, y, byHand) => onmove(s, x, y, byHand)}
        />{/each}
      <g class="words" aria-hidden="true">
        {#each spots.filter((s) => roomy || s.id === place) as s (s.id)}
          {@const b = boundsOf([s])}
          <text class="name" x={frame.x(b.x0) + 6} y={frame.y(b.y1) + 16}>{s.drawn.name}</text>
        {/each}
        {#each named as f (f.id)}
          {@const [x, y] = middleOf(f.points)}
          <text x={frame.x(x)} y={frame.y(y) + (f.drawn.sort === 'Tree' ? 18 : f.drawn.sort === 'Pile' ? -11 : 4)}
            >{f.drawn.name}</text
          >
        {/each}
      </g>
      <g class="base" aria-hidden="true">
        <line x1={frame.x(0)} x2={frame.x(plan.site.baseLine)} y1={frame.y(0)} y2={frame.y(0)} />
        {#each [['A', 0], ['B', plan.site.baseLine]] as const as [end, at] (end)}
          <circle cx={frame.x(at)} cy={frame.y(0)} r="5" />
          <text x={frame.x(at)} y={frame.y(0) + 18}>{end}</text>
        {/each}
        <text x={frame.x(plan.site.baseLine / 2)} y={frame.y(0) + 18}
          >base line {say(plan.site.baseLine, 'Metre', garden.system)}</text
        >
      </g>
      <g class="north" transform="translate({width - 30} 34)" aria-hidden="true">
        <line x1={-north[0] * 16} y1={-north[1] * 16} x2={north[0] * 16} y2={north[1] * 16} />
        <circle cx={north[0] * 16} cy={north[1] * 16} r="3.5" />
        <text x={north[0] * 27} y={north[1] * 27 + 5}>N</text>
      </g>
    </svg>
  {/if}
</div>

<style>
  .plan {
    min-height: 0;
    height: 100%;
    overflow: hidden;
    border: 1px solid var(--line);
    background: var(--board);
  }

  svg {
    display: block;
    touch-action: pan-y;
  }

  .sun rect {
    fill: var(--shade-full);
  }

  .sun path[data-hours='2'] {
    fill: var(--sun-2);
  }

  .sun path[data-hours='4'] {
    fill: var(--sun-4);
  }

  .sun path[data-hours='6'] {
    fill: var(--sun-6);
  }

  .sun path[data-hours='8'] {
    fill: var(--sun-8);
  }

  .sun path[data-hours='10'] {
    fill: var(--sun-10);
  }

  .spot {
    fill: transparent;
    stroke: var(--plan-ink);
    stroke-width: 1.6;
    stroke-dasharray: 6 4;
    cursor: pointer;
  }

  .spot.in-hand {
    stroke: var(--plan-hand);
    stroke-width: 3;
    stroke-dasharray: none;
  }

  /* Spots, things and planters alike. */
  svg :global([role='button']:focus) {
    outline: none;
  }

  svg :global([role='button']:focus-visible) {
    outline: 3px solid var(--plan-ink);
    outline-offset: 2px;
  }

  .shade {
    pointer-events: none;
    fill: #10202c;
  }

  text {
    font-size: 13px;
    fill: var(--plan-ink);
    text-anchor: middle;
    pointer-events: none;
  }

  .name {
    text-anchor: start;
    font-family: var(--font-head);
    font-weight: 700;
    font-size: 14px;
  }

  .tried {
    fill: none;
    stroke: var(--plan-hand);
    stroke-width: 3;
  }

  .mark {
    fill: var(--plan-hand);
  }

  .base line {
    stroke: var(--plan-ink);
    stroke-width: 1.2;
  }

  .base circle,
  .north circle {
    fill: var(--plan-ink);
  }

  .north line {
    stroke: var(--plan-ink);
    stroke-width: 2.5;
  }
</style>
