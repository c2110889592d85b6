<script lang="ts">
  import type { Schemas } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';

  const { wanted }: { wanted: Schemas['WantedThingDto'][] } = $props();

  const least = (w: Schemas['WantedThingDto']) =>
    [
      w.length > 0 ? `${say(w.length, 'Metre', garden.system)} long` : '',
      w.width > 0 ? `${say(w.width, 'Metre', garden.system)} wide` : '',
      w.thickness > 0 ? `${say(w.thickness, 'Metre', garden.system)} thick` : '',
    ].filter(Boolean);
  const whatOf = (w: Schemas['WantedThingDto']) =>
    w.like
      ? `${w.count} more like ${w.like}`
      : w.count === 1
        ? `One more of ${w.part.toLowerCase()}`
        : `${w.count} ${w.part.toLowerCase()}`;
</script>

<ul>
  {#each wanted as w, i (i)}
    {@const sizes = least(w)}
    <li>
      <span class="box" aria-hidden="true"></span>
      <div>
        <p class="what">
          <b>{whatOf(w)}</b>{w.spares > 0 ? `, and ${w.spares} to spare` : ''}
        </p>
        {#if sizes.length > 0 && !w.like}<p>Each at least {sizes.join(', ')}.</p>{/if}
        {#if w.beside}<p>As thick as {w.beside}, of the same stuff and as fit for food.</p>{/if}
        {#each w.unlocks as u (u.design)}
          <p class="unlocks">
            {#if u.sizeNow === u.size}<b>{u.name}</b> holds more{:else if u.sizeNow}<b>{u.name}:</b>
              {u.size}, where now it is {u.sizeNow}{:else}<b>{u.name}</b> could be made: {u.size}{/if}{u.litres
              ? `; ${say(u.litres, 'CubicMetre', garden.system)}${u.litresNow ? `, now ${say(u.litresNow, 'CubicMetre', garden.system)}` : ''}`
              : ''}.
          </p>
        {/each}
        {#if w.givers.length > 0 && !w.like}
          <p class="small">
            Look for: {w.givers
              .slice(0, 6)
              .map((g) => `${g.name.toLowerCase()}${g.each > 1 ? ` (${g.each} from one)` : ''}`)
              .join(', ')}.
          </p>
        {/if}
        {#if w.givers.some((g) => g.leaveIt.length > 0)}
          <p class="small leave">
            Leave what shows: {[...new Set(w.givers.slice(0, 6).flatMap((g) => g.leaveIt))].slice(0, 6).join('; ')}.
          </p>
        {/if}
      </div>
    </li>
  {/each}
</ul>

<style>
  li {
    display: grid;
    grid-template-columns: 22px minmax(0, 1fr);
    gap: 10px;
    padding: 8px 0;
    border-top: 1px solid var(--line);
    break-inside: avoid;
  }

  .box {
    width: 18px;
    height: 18px;
    margin-top: 3px;
    border: 2px solid var(--ink);
  }

  .what {
    font-size: 1.1rem;
  }

  .leave {
    color: var(--fails);
  }
</style>
