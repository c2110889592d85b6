<script lang="ts">
  import Button from '../../lib/controls/Button.svelte';
  import Drawing from '../../lib/drawing/Drawing.svelte';
  import { board } from './board.svelte';

  interface Props {
    /** Height in pixels; the width is what there is. */
    height: number;
    /** Pixels to a metre, where several views share one scale. */
    scale?: number;
    /** The part to mark as the weakest. */
    weakest?: string | null;
  }

  const { height, scale, weakest = null }: Props = $props();

  const corners = ['corner-0', 'corner-1', 'corner-2', 'corner-3'];

  function turn(by: number) {
    const at = corners.indexOf(board.picture);
    board.picture = corners[((at < 0 ? 0 : at + by) + corners.length) % corners.length];
  }
</script>

<div class="turn" role="group" aria-label="Look from">
  <Button aria-label="Turn to the left" onclick={() => turn(-1)}>↺</Button>
  <Button aria-label="Turn to the right" onclick={() => turn(1)}>↻</Button>
  <Button
    aria-pressed={board.picture === 'apart'}
    onclick={() => (board.picture = board.picture === 'apart' ? 'corner-0' : 'apart')}>Taken apart</Button
  >
</div>
{#if board.corner}<Drawing view={board.corner} {height} {scale} {weakest} stale={board.refused !== ''} />{/if}

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
