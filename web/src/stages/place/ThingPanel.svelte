<script lang="ts">
  import Button from '../../lib/controls/Button.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { WINDS, windOf } from '../../lib/sites';
  import { say } from '../../lib/units/tell';
  import { MONTHS } from './days';
  import { table, type Place } from './place.svelte';

  /** A wall, a tree, a tap: what was measured of it. */
  const { place }: { place: Place } = $props();

  const drawn = $derived(place.drawn);
  const long = (value: number) => say(value, 'Metre', garden.system);
  const worst = $derived(Math.max(0, ...place.out.map((o) => Math.abs(o ?? 0))));
  const measured = $derived(place.out.some((o) => o !== null));
</script>

<h1>{drawn.name}</h1>
{#if place.problems.length}
  <p class="problem" role="alert">
    It can no longer be placed: {place.problems.map((p) => p.words).join(' ')}
  </p>
{/if}
<dl>
  {#if drawn.height}<dt>Height</dt>
    <dd>{long(drawn.height)}</dd>{/if}
  {#if drawn.crown}<dt>{drawn.sort === 'Tree' ? 'Crown' : 'Spread'}</dt>
    <dd>{long(drawn.crown)} across</dd>{/if}
  {#if drawn.sort === 'Tree' || drawn.sort === 'Plants'}<dt>{drawn.sort === 'Tree' ? 'In leaf' : 'To be seen'}</dt>
    <dd>
      {drawn.leafFrom && drawn.leafTo ? `${MONTHS[drawn.leafFrom - 1]} to ${MONTHS[drawn.leafTo - 1]}` : 'all year'}
    </dd>{/if}
  {#if drawn.width}<dt>Width</dt>
    <dd>{long(drawn.width)}</dd>{/if}
  {#if drawn.swing}<dt>Swings</dt>
    <dd>
      {long(drawn.swing)}{drawn.shut == null
        ? ', nobody has looked which way'
        : `, to the ${drawn.opensLeft ? 'left' : 'right'} of its hinge when you look ${WINDS[windOf(drawn.shut)]}`}
    </dd>{/if}
  {#if drawn.kitchen}<dt>Leads</dt>
    <dd>to the kitchen</dd>{/if}
  {#if drawn.rise}<dt>Rise</dt>
    <dd>{long(drawn.rise)}</dd>{/if}
  {#if drawn.flow}<dt>Flow</dt>
    <dd>{say(drawn.flow, 'CubicMetrePerSecond', garden.system)}</dd>{/if}
  {#if measured}<dt>Tapes</dt>
    <dd>{long(worst)} out at the most, spread over the three</dd>{/if}
</dl>
{#if drawn.sort === 'Pile'}<p>
    Things whose “where it lies” is <b>{drawn.name}</b> are fetched from here.
  </p>{/if}
{#if drawn.sort === 'Steps'}<p>No barrow goes over them, and each can is carried.</p>{/if}
{#if drawn.sort === 'Power'}<p>
    Outdoors a socket wants a lid, a place out of the splash, and a breaker that trips at a leak: have an electrician
    look at it.
  </p>{/if}
{#if drawn.sort === 'Buried'}<p>
    That no other pipe or cable is on the plan does not mean that there is none. Look them up before you dig or drive
    anything in.
  </p>{/if}
<div class="press">
  <Button class="px-4" onclick={() => table.begin(drawn.sort, place)}>Measure again</Button>
  <Button class="px-4" onclick={() => void table.remove(place)}>Off the plan</Button>
</div>
{#if table.whole}<p class="problem" role="alert">{table.whole}</p>{/if}

<style>
  dl {
    display: grid;
    grid-template-columns: 6em minmax(0, 1fr);
    gap: 4px 10px;
    margin: 10px 0;
  }

  dt {
    font-weight: 700;
  }

  .press {
    display: flex;
    gap: 8px;
    margin-top: 10px;
  }
</style>
