<script lang="ts">
  import type { Schemas } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';
  import { MONTHS } from './days';
  import { table } from './place.svelte';

  /** Hours of sun month by month, the morning's below and the afternoon's above. */
  const { months }: { months: Schemas['SunHoursDto'][] } = $props();
  const HIGH = 92;
  const scale = $derived(HIGH / Math.max(6, ...months.map((m) => m.inAll)));
</script>

<figure>
  <div class="bars">
    {#each months as m, i (i)}
      <div class="month" class:here={i === table.month}>
        <span class="mono">{m.inAll.toFixed(m.inAll < 9.95 ? 1 : 0).replace('.', garden.system.decimal)}</span>
        <i class="after" style:height="{m.afternoon * scale}px"></i><i
          class="before"
          style:height="{m.morning * scale}px"
        ></i>
        <small>{MONTHS[i]}</small>
      </div>
    {/each}
  </div>
  <figcaption class="soft small">
    Hours of sun on the 21st: <i class="dot before"></i> morning, <i class="dot after"></i> afternoon. {MONTHS[
      table.month
    ]}: {say(months[table.month].morning, 'Hour', garden.system)} and {say(
      months[table.month].afternoon,
      'Hour',
      garden.system,
    )}.
  </figcaption>
</figure>

<style>
  .bars {
    display: grid;
    grid-template-columns: repeat(12, minmax(0, 1fr));
    gap: 4px;
    align-items: end;
  }

  .month {
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: flex-end;
  }

  .month i {
    width: 100%;
  }

  .month span,
  small {
    font-size: 0.72rem;
  }

  .here small {
    font-weight: 800;
    border-bottom: 2px solid var(--accent);
  }

  .before {
    background: var(--sun-6);
  }

  .after {
    background: var(--sun-after);
  }

  .dot {
    display: inline-block;
    width: 10px;
    height: 10px;
  }
</style>
