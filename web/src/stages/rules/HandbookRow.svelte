<script lang="ts">
  import type { Schemas } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';

  interface Props {
    row: Schemas['ConstantDto'];
  }

  let { row }: Props = $props();
  const id = $props.id();
  const basis = { Defined: 'prescribed', Measured: 'measured', Assumed: 'estimate' } as const;

  let editing = $state(false);
  let typed = $state('');
  let wrong = $state('');

  const own = $derived(garden.info?.constants[row.id]);
  const value = $derived(own ?? row.value);

  function edit() {
    typed = String(Number(value.toPrecision(6)));
    wrong = '';
    editing = true;
  }

  async function keep(chosen: number | null) {
    if (chosen !== null && !Number.isFinite(chosen)) {
      wrong = 'Type a number.';
      return;
    }
    const trouble = await garden.setConstant(row.id, chosen);
    if (trouble) wrong = trouble.fields.value ?? trouble.whole;
    else editing = false;
  }
</script>

<li data-constant={row.id}>
  <span class="meaning">{row.meaning}</span>
  <b class="mono">{say(value, row.unit, garden.system)}</b>
  {#if own !== undefined}<span class="own">your own; ours is {say(row.value, row.unit, garden.system)}</span>{/if}
  <button type="button" class="btn-plain rounded-sm px-3" aria-expanded={editing} onclick={edit}
    >Change<span class="sr"> {row.meaning}</span></button
  >
  {#if own !== undefined}
    <button type="button" class="btn-plain rounded-sm px-3" onclick={() => void keep(null)}>Back to ours</button>
  {/if}
  <span class="soft small source">{row.source} ({basis[row.evidence]})</span>
  {#if editing}
    <form
      onsubmit={(e) => {
        e.preventDefault();
        void keep(Number(typed.replace(',', '.')));
      }}
    >
      <label for={id}>In SI, from {row.least.toPrecision(3)} to {row.greatest.toPrecision(3)}</label>
      <input
        {id}
        class="field mono"
        inputmode="decimal"
        bind:value={typed}
        aria-invalid={wrong ? 'true' : undefined}
        aria-describedby={wrong ? `${id}-wrong` : undefined}
      />
      <button type="submit" class="btn-main rounded-sm px-3">Use it</button>
      <button type="button" class="btn-plain rounded-sm px-3" onclick={() => (editing = false)}>Leave it</button>
      {#if wrong}<span class="problem" id="{id}-wrong">{wrong}</span>{/if}
    </form>
  {/if}
</li>

<style>
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 2px 12px;
    padding: 6px 0;
    border-bottom: 1px dotted var(--line);
  }

  .meaning {
    flex: 1 1 260px;
  }

  .source {
    flex-basis: 100%;
  }

  .own {
    color: var(--accent);
    font-weight: 700;
  }

  form {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 10px;
    flex-basis: 100%;
    padding: 4px 0 6px;
  }

  .field {
    width: 130px;
  }
</style>
