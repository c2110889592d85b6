<script lang="ts">
  import Field from './Field.svelte';
  import type { Unit } from '../api/client';
  import { garden } from '../garden.svelte';
  import { parse } from '../units/parse';
  import { fieldText } from '../units/tell';

  interface Props {
    name: string;
    hint?: string;
    unit: Unit;
    /** SI; null where it may be left out and is. */
    value: number | null;
    error?: string;
    /** What stands there while nothing does, where it may be left out. */
    blank?: string;
    onvalue: (value: number) => void;
    /** The field was emptied; only where it may be left out. */
    onclear?: () => void;
    onerror: (sentence: string) => void;
  }

  const { name, hint, unit, value, error, blank = 'none', onvalue, onclear, onerror }: Props = $props();
  const id = $props.id();
  const text = $derived(value === null ? '' : fieldText(value, unit, garden.system));

  function typed(event: Event & { currentTarget: HTMLInputElement }) {
    if (onclear && event.currentTarget.value.trim() === '') {
      onclear();
      return;
    }
    const read = parse(event.currentTarget.value, unit, garden.system, value ?? 1, garden.info?.measures);
    if (read.error !== undefined) onerror(read.error);
    else {
      event.currentTarget.value = fieldText(read.value, unit, garden.system);
      onvalue(read.value);
    }
  }
</script>

<div class="measure-field">
  <label for={id}
    >{name}{#if hint}<small>{hint}</small>{/if}</label
  >
  <Field
    {id}
    class="mono"
    value={text}
    placeholder={onclear ? blank : undefined}
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
    grid-template-columns: 1fr minmax(112px, auto);
    gap: 2px 10px;
    align-items: center;
  }

  /* A value with a long unit, "12 litres/min", is never cut off. */
  .measure-field :global(input) {
    field-sizing: content;
    width: auto;
    min-width: 112px;
    max-width: 170px;
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
