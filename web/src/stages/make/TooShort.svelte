<script lang="ts">
  import { Select } from 'flowbite-svelte';
  import type { Schemas, Trouble } from '../../lib/api/client';
  import Button from '../../lib/controls/Button.svelte';
  import Fold from '../../lib/controls/Fold.svelte';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';

  interface Props {
    bar: Schemas['CutBarDto'];
    /** What may have come out wrong: what the step in hand saws. */
    saws: readonly string[];
    /** Which piece, in order along the board, and how long it came out, m. */
    onshort: (piece: number, length: number) => Promise<Trouble | null>;
  }

  const { bar, saws, onshort }: Props = $props();

  let open = $state(false);
  let chosen = $state<number | null>(null);
  let length = $state<number | null>(null);
  /** Stays until it is said once more: taken away as soon as the field is left, it would move the button from under the thumb. */
  let wrong = $state<Record<string, string>>({});

  const pieces = $derived(bar.cuts.flatMap((cut, at) => (saws.includes(cut.need) ? [{ ...cut, at }] : [])));
  const piece = $derived(pieces.find((p) => p.at === chosen) ?? pieces[0]);

  async function lay() {
    if (length === null) wrong = { length: 'How long did it come out?' };
    else {
      const trouble = await onshort(piece.at, length);
      wrong = trouble ? (Object.keys(trouble.fields).length > 0 ? trouble.fields : { length: trouble.whole }) : {};
      if (!trouble) [open, chosen, length] = [false, null, null];
    }
  }
</script>

<Fold title="A piece came out too short" bind:open class="no-print">
  <div class="short">
    {#if pieces.length > 1}<label
        >Which one
        <Select placeholder="" value={String(piece.at)} onchange={(e) => (chosen = Number(e.currentTarget.value))}>
          {#each pieces as p, i (p.at)}<option value={String(p.at)}
              >{i + 1}. {p.piece}, {say(p.to - p.from, 'Metre', garden.system)}</option
            >{/each}
        </Select>
      </label>{/if}
    {#if wrong.piece}<p class="problem">{wrong.piece}</p>{/if}
    <MeasureField
      name="It is now"
      hint="wanted {say(piece.to - piece.from, 'Metre', garden.system)}"
      unit="Metre"
      value={length}
      blank=""
      error={wrong.length}
      onvalue={(v) => (length = v)}
      onclear={() => (length = null)}
      onerror={(s) => (wrong = { length: s })}
    />
    <p class="small soft">
      The short piece stays. What was still to come out of this board is laid out again, here or elsewhere.
    </p>
    <Button class="px-4" onclick={() => void lay()}>Lay out the rest again</Button>
  </div>
</Fold>

<style>
  .short {
    display: grid;
    gap: 8px;
    padding: 6px 0 10px;
  }
</style>
