<script lang="ts">
  import ConstantEditor from '../../lib/controls/ConstantEditor.svelte';
  import Button from '../../lib/controls/Button.svelte';
  import type { Schemas } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';

  interface Props {
    row: Schemas['ConstantDto'];
  }

  let { row }: Props = $props();
  const basis = { Defined: 'prescribed', Measured: 'measured', Assumed: 'estimate' } as const;

  let editing = $state(false);
  const own = $derived(garden.info?.constants[row.id]);
  const value = $derived(own ?? row.value);
</script>

<li data-constant={row.id}>
  <span class="meaning">{row.meaning}</span>
  <b class="mono">{say(value, row.unit, garden.system)}</b>
  {#if own !== undefined}<span class="own">your own; ours is {say(row.value, row.unit, garden.system)}</span>{/if}
  <Button class="px-3" aria-expanded={editing} onclick={() => (editing = !editing)}
    >Change<span class="sr"> {row.meaning}</span></Button
  >
  {#if own !== undefined}
    <Button class="px-3" onclick={() => void garden.setConstant(row.id, null)}>Back to ours</Button>
  {/if}
  <span class="soft small source"><cite>{row.source}</cite> ({basis[row.evidence]})</span>
  {#if editing}<ConstantEditor {row} ondone={() => (editing = false)} />{/if}
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
</style>
