<script lang="ts">
  import Fold from '../../lib/controls/Fold.svelte';
  import Field from '../../lib/controls/Field.svelte';
  import Button from '../../lib/controls/Button.svelte';
  interface Props {
    /** It holds soil: that is to be taken out first. */
    filled: boolean;
    onempty: () => void;
    onend: (how: 'TakenDown' | 'GivenUp', why: string) => void;
  }

  const { filled, onempty, onend }: Props = $props();
  let why = $state('');
</script>

<section class="no-print" aria-label="Its end">
  <h2>Its end</h2>
  <Fold title="Take it down, or give it up">
    {#if filled}
      <p>It holds soil. Empty it first, so that the soil goes back to the heap as what it is now.</p>
      <Button class="px-4" onclick={onempty}>Empty it</Button>
    {:else}
      <p class="small soft">
        What it speaks for is free again; what was sawn comes back as the pieces it is now. A tub, sack or tube that was
        cut or drilled does not come back by itself: enter it as what it is now. The project stays here with its reason.
      </p>
      <label>Why <Field maxlength={200} bind:value={why} placeholder="rotted through, moved house…" /></label>
      <div class="actions">
        <Button class="px-4" onclick={() => onend('TakenDown', why)}>Taken down</Button>
        <Button class="px-4" onclick={() => onend('GivenUp', why)}>Given up</Button>
      </div>
    {/if}
  </Fold>
</section>

<style>
  h2 {
    margin: 12px 0 5px;
  }

  label {
    display: grid;
    gap: 2px;
  }

  .actions {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    padding-top: 8px;
  }
</style>
