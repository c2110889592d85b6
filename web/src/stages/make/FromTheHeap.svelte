<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, type Schemas } from '../../lib/api/client';
  import { held, taken } from '../../lib/api/held';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';
  import { stencilled } from '../../lib/words';

  interface Props {
    project: number;
    takes: Schemas['TakeDto'][];
    /** Ids of things that nobody has looked at. */
    unlooked: ReadonlySet<number>;
  }

  /** What it takes of the heap, in the order of a walk where the plan knows where things lie. */
  const { project, takes, unlooked }: Props = $props();

  const stands = $derived(garden.plan?.standing.some((s) => s.project === project) ?? false);
  const asked = createQuery(
    () => ({
      queryKey: ['fetching', project],
      queryFn: ({ signal }) =>
        taken(api.GET('/api/projects/{id}/fetching', { params: { path: { id: project } }, signal })),
      enabled: stands,
    }),
    () => held,
  );
  const walk = $derived(stands && asked.data && asked.data.stops.length > 0 ? asked.data : null);
  const of = (ids: readonly number[]) => takes.filter((t) => ids.includes(t.thingId));
  /** What the walk does not speak of is not lost: it may be older than the list. */
  const elsewhere = $derived(takes.filter((t) => !walk?.stops.some((s) => (s.things as number[]).includes(t.thingId))));
</script>

{#snippet list(some: Schemas['TakeDto'][])}
  <ul>
    {#each some as t (t.thingId)}<li>
        <span class="print-box" aria-hidden="true"></span><b>{stencilled(t.number)}</b>
        {t.name}{t.part ? `, ${t.part}` : t.count > 1 ? ` × ${t.count}` : ''}
        {#if unlooked.has(t.thingId)}<a class="pending" href="#/gather/{t.thingId}">◌ not looked at yet</a>{/if}
      </li>{/each}
  </ul>
{/snippet}

<h2>From the heap</h2>
{#if walk}
  <p class="small soft">
    In the order of a walk from where it will stand and back: {say(walk.length, 'Metre', garden.system)} as the crow flies.
    {#if walk.over.length}It goes over {walk.over.join(' and ')}: there it is carried and not wheeled.{/if}
  </p>
  {#each walk.stops as stop, i (stop.place)}
    <h3>{i + 1}. {stop.place}</h3>
    {@render list(of(stop.things as number[]))}
  {/each}
  {#if elsewhere.length}
    <h3>Not on the plan</h3>
    {@render list(elsewhere)}
  {/if}
{:else}{@render list(takes)}{/if}

<style>
  h2 {
    margin: 12px 0 5px;
  }

  h3 {
    margin: 6px 0 2px;
  }

  .pending {
    color: var(--chalk);
    font-weight: 600;
    white-space: nowrap;
  }
</style>
