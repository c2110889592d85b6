<script lang="ts">
  import Fold from '../../lib/controls/Fold.svelte';
  import Button from '../../lib/controls/Button.svelte';
  import type { Schemas } from '../../lib/api/client';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';
  import { MakingState } from './making.svelte';

  interface Props {
    tapes: Schemas['TapeDto'][];
    /** What the measures changed, in a sentence. */
    told: string | null;
    wrong: Record<string, string>;
    onmeasure: (tape: Schemas['TapeDto'], value: number) => void;
  }

  const { tapes, told, wrong, onmeasure }: Props = $props();
  const measured = $derived(tapes.filter((t) => t.value !== null).length);
  /** Opened or closed by hand; else open once anything is measured. */
  let asked = $state<boolean | null>(null);
  let unread = $state<Record<string, string>>({});
  const sides = { Width: ', width', Thickness: ', thickness' } as const;
</script>

<section class="no-print" aria-label="As it came out">
  <h2>As it came out</h2>
  {#if told}<p class="told" role="status">{told}</p>{/if}
  <Fold bind:open={() => asked ?? measured > 0, (open) => (asked = open)}>
    {#snippet title()}<span
        >{measured > 0 ? `${measured} measured` : 'Measure what was made'}
        <span class="soft small font-normal">what is still to cut, the liner, the soil and the checks follow</span
        ></span
      >{/snippet}
    <div class="tapes">
      {#each tapes as tape (MakingState.keyOf(tape))}
        {@const key = MakingState.keyOf(tape)}
        <div class="tape" data-measured={tape.value !== null ? 'true' : undefined}>
          <MeasureField
            name="{tape.name}{tape.side ? sides[tape.side] : ''}"
            hint="planned {say(tape.planned, 'Metre', garden.system)}"
            unit="Metre"
            value={tape.value ?? tape.planned}
            error={unread[key] || wrong[key]}
            onvalue={(v) => {
              unread[key] = '';
              onmeasure(tape, v);
            }}
            onerror={(s) => (unread[key] = s)}
          />
          {#if tape.value !== null}<Button class="px-3" onclick={() => onmeasure(tape, tape.planned)}>As planned</Button
            >{/if}
        </div>
      {/each}
    </div>
  </Fold>
</section>

<style>
  h2 {
    margin: 12px 0 5px;
  }

  .told {
    border-left: 5px solid var(--accent);
    padding: 4px 10px;
    font-weight: 600;
  }

  .tapes {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(250px, 100%), 1fr));
    gap: 8px 26px;
  }

  .tape {
    display: grid;
    gap: 4px;
    align-content: start;
  }

  .tape[data-measured] {
    border-left: 5px solid var(--accent);
    padding-left: 8px;
  }
</style>
