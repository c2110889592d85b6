<script lang="ts">
  import { Select } from 'flowbite-svelte';
  import { dateOf, daysIn, MONTHS, numberOf } from './days';

  interface Props {
    name: string;
    /** 1 to 365; null while nobody has said. */
    day: number | null;
    /** What stands there while nobody has. */
    blank: string;
    onday: (day: number | null) => void;
  }

  /** A day that comes every year: its month, and its day of the month. */
  const { name, day, blank, onday }: Props = $props();
  /** Where a month is chosen and no day yet. */
  const MIDDLE = 15;
  const at = $derived(day === null ? null : dateOf(day));

  const month = (to: string) => onday(to === '' ? null : numberOf(Number(to), at?.day ?? MIDDLE));
</script>

<fieldset>
  <legend>{name}</legend>
  <label
    ><span class="sr">{name}, month</span><Select
      placeholder=""
      value={at?.month ?? ''}
      onchange={(e) => month(e.currentTarget.value)}
    >
      <option value="">{blank}</option>
      {#each MONTHS as called, n (n)}<option value={n}>{called}</option>{/each}
    </Select></label
  >
  {#if at}
    <label
      ><span class="sr">{name}, day</span><Select
        placeholder=""
        value={at.day}
        onchange={(e) => onday(numberOf(at.month, Number(e.currentTarget.value)))}
      >
        {#each { length: daysIn(at.month) }, n (n)}<option value={n + 1}>{n + 1}</option>{/each}
      </Select></label
    >
  {/if}
</fieldset>

<style>
  fieldset {
    border: 0;
    padding: 0;
    display: flex;
    gap: 8px;
  }
</style>
