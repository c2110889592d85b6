<script lang="ts">
  import type { Schemas } from '../../lib/api/client';
  import Fold from '../../lib/controls/Fold.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';

  /** Pairs of pegs that follow what stands or lies beside it, gap and width even. */
  const { edges }: { edges: Schemas['EdgeFollowed'][] } = $props();

  /** Nothing that is folded away is printed. */
  let open = $state(false);
  /** Square off the line, where it does not turn. */
  const off = (e: Schemas['EdgeFollowed']) => e.pegs.find((p) => !p.corner) ?? e.pegs[0];
  const m = (value: number) => say(value, 'Metre', garden.system);
</script>

<div class:no-print={!open}>
  <Fold title="To follow an edge instead" heading="h2" bind:open>
    {#each edges as e, i (i)}
      <h3>{e.name}, {m(e.gap)} off</h3>
      <p>
        Two strings keep the width even: near pegs <b class="mono">{m(off(e).near)}</b> from its middle line, far pegs
        <b class="mono">{m(off(e).far)}</b>, square off to the {e.left ? 'left' : 'right'} of the way it was measured. From
        its first point, a pair at
      </p>
      <ol>
        {#each e.pegs as p, n (n)}<li>
            <span class="mono">{m(p.along)}</span>{#if p.corner}&ensp;<b>where it turns</b>, both on the line that
              halves the corner: near <span class="mono">{m(p.near)}</span>, far
              <span class="mono">{m(p.far)}</span>{/if}
          </li>{/each}
      </ol>
    {/each}
  </Fold>
</div>

<style>
  h3 {
    margin: 8px 0 2px;
  }

  ol {
    columns: 13em;
    padding-left: 1.6em;
    list-style: decimal;
  }
</style>
