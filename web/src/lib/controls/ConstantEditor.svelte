<script lang="ts">
  import { untrack } from 'svelte';
  import type { Schemas } from '../api/client';
  import { garden } from '../garden.svelte';
  import { parse } from '../units/parse';
  import { fieldText, say } from '../units/tell';
  import Button from './Button.svelte';
  import Field from './Field.svelte';

  interface Props {
    /** The row of the handbook. */
    row: Schemas['ConstantDto'];
    /** After it was changed, or left with false. */
    ondone: (changed: boolean) => void;
  }

  let { row, ondone }: Props = $props();
  const id = $props.id();
  const own = $derived(garden.info?.constants[row.id]);
  const value = $derived(own ?? row.value);
  let typed = $state(untrack(() => fieldText(value, row.unit, garden.system)));
  let wrong = $state('');

  async function use(event: SubmitEvent) {
    event.preventDefault();
    const read = parse(typed, row.unit, garden.system, value, garden.info?.measures);
    if (read.error !== undefined) wrong = read.error;
    else await keep(read.value);
  }

  async function keep(chosen: number | null) {
    const trouble = await garden.setConstant(row.id, chosen);
    if (trouble) wrong = trouble.fields.value ?? trouble.whole;
    else ondone(true);
  }
</script>

<form onsubmit={use}>
  <label for={id}
    ><span class="sr">{`${row.meaning}, `}</span>from {say(row.least, row.unit, garden.system)} to {say(
      row.greatest,
      row.unit,
      garden.system,
    )}</label
  >
  <Field
    {id}
    class="mono"
    autocomplete="off"
    bind:value={typed}
    aria-invalid={wrong ? 'true' : undefined}
    aria-describedby={wrong ? `${id}-wrong` : undefined}
  />
  <Button type="submit" kind="main">Use it</Button>
  {#if own !== undefined}<Button onclick={() => void keep(null)}>Back to ours</Button>{/if}
  <Button onclick={() => ondone(false)}>Leave it</Button>
  {#if wrong}<span class="problem" id="{id}-wrong" role="alert">{wrong}</span>{/if}
</form>

<style>
  form {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 10px;
    padding: 6px 0;
    flex-basis: 100%;
  }

  form :global(input) {
    width: 130px;
  }
</style>
