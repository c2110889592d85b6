<script lang="ts">
  import type { Unit } from '../api/client';
  import { garden } from '../garden.svelte';
  import { lengthDigits, parse } from '../units/units';

  interface Props {
    name: string;
    hint?: string;
    unit: Unit;
    /** SI. */
    value: number;
    error?: string;
    onvalue: (value: number) => void;
    onerror: (sentence: string) => void;
  }

  const { name, hint, unit, value, error, onvalue, onerror }: Props = $props();
  const id = $props.id();
  const text = $derived(unit === 'Metre' ? lengthDigits(value, garden.system) : String(value));

  function typed(event: Event & { currentTarget: HTMLInputElement }) {
    const read = parse(event.currentTarget.value, unit, garden.system);
    if (read.error !== undefined) onerror(read.error);
    else {
      if (unit === 'Metre') event.currentTarget.value = lengthDigits(read.value, garden.system);
      onvalue(read.value);
    }
  }
</script>

<div class="measure-field">
  <label for={id}
    >{name}{#if hint}<small>{hint}</small>{/if}</label
  >
  <input
    {id}
    class="field mono"
    value={text}
    autocomplete="off"
    aria-invalid={error ? 'true' : undefined}
    aria-describedby={error ? `${id}-wrong` : undefined}
    onfocus={(e) => e.currentTarget.select()}
    onchange={typed}
    onkeydown={(e) => e.key === 'Enter' && (e.preventDefault(), e.currentTarget.blur())}
  />
  {#if error}<p class="problem" id="{id}-wrong">{error}</p>{/if}
</div>

<style>
  .measure-field {
    display: grid;
    grid-template-columns: 1fr 92px;
    gap: 2px 10px;
    align-items: center;
  }

  label small {
    display: block;
    color: var(--ink-soft);
    font-size: 0.8rem;
    line-height: 1.2;
  }

  .problem {
    grid-column: 1 / -1;
    margin: 0;
    font-size: 0.87rem;
  }
</style>
