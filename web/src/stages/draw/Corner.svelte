<script lang="ts">
  import Button from '../../lib/controls/Button.svelte';
  import Drawing from '../../lib/drawing/Drawing.svelte';
  import { board } from './board.svelte';

  interface Props {
    /** Height in pixels; the width is what there is. */
    height: number;
    /** The part to mark as the weakest. */
    weakest?: string | null;
  }

  const { height, weakest = null }: Props = $props();

  const corners = ['corner-0', 'corner-1', 'corner-2', 'corner-3'];
  let asked = $state('corner-0');

  /** Milliseconds that nothing moves before the corner is drawn anew: it would hold up the drawing in hand. */
  const AT_REST = 160;

  // Anew with every picture of the board that stays; the one there is stays until the next has come.
  $effect(() => {
    if (!board.board) return;
    const picture = asked;
    const timer = setTimeout(() => void board.look(picture), board.corner ? AT_REST : 0);
    return () => clearTimeout(timer);
  });

  function turn(by: number) {
    const at = corners.indexOf(asked);
    asked = corners[((at < 0 ? 0 : at + by) + corners.length) % corners.length];
  }
</script>

<h2>{board.corner?.title ?? 'From a corner'}</h2>
<div class="turn" role="group" aria-label="Look from">
  <Button aria-label="Turn to the left" onclick={() => turn(-1)}>↺</Button>
  <Button aria-label="Turn to the right" onclick={() => turn(1)}>↻</Button>
  <Button aria-pressed={asked === 'apart'} onclick={() => (asked = asked === 'apart' ? 'corner-0' : 'apart')}
    >Taken apart</Button
  >
</div>
{#if board.corner}<Drawing view={board.corner} {height} {weakest} stale={board.refused !== ''} />{/if}

<style>
  .turn {
    display: flex;
    gap: 6px;
    margin-bottom: 4px;
  }

  .turn :global(button) {
    min-height: 34px;
    min-width: 44px;
    padding: 0 10px;
  }

  .turn :global(button[aria-pressed='true']) {
    background: var(--ink);
    color: var(--paper);
  }

  @media (pointer: coarse) {
    .turn :global(button) {
      min-height: var(--target);
    }
  }
</style>
