<script lang="ts">
  import { Range } from 'flowbite-svelte';
  import type { Schemas } from '../../lib/api/client';
  import { WINDS, windOf } from '../../lib/sites';
  import { MONTHS } from './days';
  import { table } from './place.svelte';

  const {
    moments,
    moment,
    waiting,
  }: { moments: Schemas['MomentDto'][]; moment: Schemas['MomentDto'] | null; waiting: boolean } = $props();
  const id = $props.id();

  const clock = (hour: number) => `${Math.floor(hour)}:${String(Math.round((hour % 1) * 60)).padStart(2, '0')}`;
  const from = $derived(moments[0]?.hour ?? 6);
  const to = $derived(moments.at(-1)?.hour ?? 18);
</script>

<div class="times">
  <div class="row">
    <label for="{id}-hour">Hour by the sun</label>
    <Range
      id="{id}-hour"
      min={from}
      max={to}
      step={1 / 6}
      value={Math.min(to, Math.max(from, table.hour))}
      aria-valuetext={moment ? clock(moment.hour) : undefined}
      oninput={(e) => (table.hour = Number(e.currentTarget.value))}
    />
    <output for="{id}-hour" class="mono">{moment ? clock(moment.hour) : '–'}</output>
  </div>
  <div class="row">
    <label for="{id}-month">Month</label>
    <Range
      id="{id}-month"
      min={0}
      max={11}
      step={1}
      value={table.month}
      aria-valuetext="21 {MONTHS[table.month]}"
      oninput={(e) => (table.month = Number(e.currentTarget.value))}
    />
    <output for="{id}-month" class="mono">21 {MONTHS[table.month]}</output>
  </div>
  <p class="soft small">
    {#if moment}The sun stands {Math.round(moment.elevation)}° high in the {WINDS[
        windOf(moment.azimuth)
      ]}.{:else if waiting}Following the sun…{:else}The sun is not up.{/if}
    Hours of sun that day: <span class="key" data-hours="2">2</span><span class="key" data-hours="4">4</span><span
      class="key"
      data-hours="6">6</span
    ><span class="key" data-hours="8">8</span><span class="key" data-hours="10">10 h and more</span>
  </p>
</div>

<style>
  .row {
    display: grid;
    grid-template-columns: 8.2em minmax(0, 1fr) 4.6em;
    gap: 10px;
    align-items: center;
    min-height: var(--target);
  }

  .row :global(input[type='range']) {
    height: var(--target);
    appearance: none;
    background: transparent;
    cursor: pointer;
  }

  .row :global(input::-webkit-slider-runnable-track) {
    height: 6px;
    background: var(--line);
  }

  .row :global(input::-moz-range-track) {
    height: 6px;
    background: var(--line);
  }

  .row :global(input::-webkit-slider-thumb) {
    appearance: none;
    width: 24px;
    height: 24px;
    margin-top: -9px;
    background: var(--tape);
    border: 2px solid var(--tape-ink);
    border-radius: 50%;
  }

  .row :global(input::-moz-range-thumb) {
    width: 22px;
    height: 22px;
    background: var(--tape);
    border: 2px solid var(--tape-ink);
    border-radius: 50%;
  }

  output {
    text-align: right;
    font-weight: 600;
  }

  .key {
    display: inline-block;
    padding: 1px 9px;
    color: var(--plan-ink);
    border: 1px solid var(--line);
  }

  .key[data-hours='2'] {
    background: var(--sun-2);
  }

  .key[data-hours='4'] {
    background: var(--sun-4);
  }

  .key[data-hours='6'] {
    background: var(--sun-6);
  }

  .key[data-hours='8'] {
    background: var(--sun-8);
  }

  .key[data-hours='10'] {
    background: var(--sun-10);
  }

  @media (max-width: 760px) {
    .row {
      grid-template-columns: minmax(0, 1fr) 4.6em;
    }

    .row label {
      grid-column: 1 / -1;
      margin-bottom: -12px;
    }
  }
</style>
