<script lang="ts">
  import { middleOf, pointsOf, type Frame } from '../../lib/drawing/frame';
  import type { Planter } from './place.svelte';

  interface Props {
    planter: Planter;
    frame: Frame;
    inHand: boolean;
    /** Whether there is room for its name. */
    named: boolean;
    onproject: () => void;
    /** It was let go of; m on the plan. */
    onmove: (x: number, y: number, byHand: boolean) => void;
  }

  const { planter, frame, inHand, named, onproject, onmove }: Props = $props();

  /** Pixels that a hand trembles without meaning it. */
  const STILL = 4;
  /** m by an arrow key, and with Shift. */
  const [HAND, FINGER] = [0.1, 0.01];

  let drag = $state<{ x: number; y: number; fromX: number; fromY: number } | null>(null);
  const middle = $derived(middleOf(planter.corners));

  function down(event: PointerEvent & { currentTarget: Element }) {
    onproject();
    event.currentTarget.setPointerCapture(event.pointerId);
    drag = { x: 0, y: 0, fromX: event.clientX, fromY: event.clientY };
  }

  function move(event: PointerEvent) {
    if (drag) drag = { ...drag, x: event.clientX - drag.fromX, y: event.clientY - drag.fromY };
  }

  function up() {
    if (drag && Math.hypot(drag.x, drag.y) > STILL)
      onmove(planter.x + drag.x / frame.scale, planter.y - drag.y / frame.scale, true);
    drag = null;
  }

  function keys(event: KeyboardEvent) {
    const step = event.shiftKey ? FINGER : HAND;
    const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, step], ArrowDown: [0, -step] }[event.key];
    if (event.key === 'Enter' || event.key === ' ') onproject();
    else if (by) onmove(planter.x + by[0], planter.y + by[1], false);
    else return;
    event.preventDefault();
  }
</script>

<g
  class="planter"
  class:in-hand={inHand}
  data-worst={planter.remarks[0]?.verdict}
  role="button"
  tabindex="0"
  aria-label="{planter.name}: arrows move it"
  transform={drag ? `translate(${drag.x} ${drag.y})` : undefined}
  onpointerdown={down}
  onpointermove={move}
  onpointerup={up}
  onpointercancel={() => (drag = null)}
  onkeydown={keys}
>
  <polygon points={pointsOf({ points: planter.corners }, frame)} />
  {#if named}<text x={frame.x(middle[0])} y={frame.y(middle[1]) + 4}>{planter.name}</text>{/if}
</g>

<style>
  .planter {
    cursor: grab;
    touch-action: none;
  }

  polygon {
    fill: var(--soil);
    stroke: var(--plan-wood);
    stroke-width: 3;
  }

  .planter[data-worst='Fails'] polygon {
    stroke: var(--plan-hand);
  }

  .planter.in-hand polygon {
    stroke: var(--plan-hand);
    stroke-width: 4.5;
  }

  text {
    font-size: 13px;
    font-weight: 600;
    fill: var(--plan-ink);
    text-anchor: middle;
    pointer-events: none;
    paint-order: stroke;
    stroke: #fffdf8;
    stroke-width: 3.5px;
    stroke-linejoin: round;
  }
</style>
