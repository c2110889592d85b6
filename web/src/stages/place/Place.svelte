<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { troubleWith } from '../../lib/api/held';
  import Button from '../../lib/controls/Button.svelte';
  import Waiting from '../../lib/controls/Waiting.svelte';
  import { garden } from '../../lib/garden.svelte';
  import DayAndHour from './DayAndHour.svelte';
  import PaperPlan from './PaperPlan.svelte';
  import PegsSheet from './PegsSheet.svelte';
  import PlaceForm from './PlaceForm.svelte';
  import PlanDrawing from './PlanDrawing.svelte';
  import PlanOverview from './PlanOverview.svelte';
  import PlanterPanel from './PlanterPanel.svelte';
  import SiteForm from './SiteForm.svelte';
  import SpotPanel from './SpotPanel.svelte';
  import ThingPanel from './ThingPanel.svelte';
  import { dayAsked, table, type Planter } from './place.svelte';

  /** A place by its id, "planter-6", "pegs-6", "paper", "site", or nothing. */
  const { params }: { params?: { what?: string } } = $props();

  const what = $derived(params?.what ?? '');
  const project = $derived(what.startsWith('planter-') ? Number(what.slice(8)) : undefined);
  const plan = $derived(garden.plan);
  const place = $derived(plan?.places.find((p) => String(p.id) === what) ?? null);
  const planter = $derived(plan?.standing.find((s) => s.project === project) ?? null);
  const day = dayAsked();
  const measuring = $derived(table.draft !== null && !table.aside);
  const moments = $derived(day.data?.moments ?? []);
  /** The one nearest to the hour. */
  const moment = $derived(
    moments.length === 0
      ? null
      : moments.reduce((a, b) => (Math.abs(b.hour - table.hour) < Math.abs(a.hour - table.hour) ? b : a)),
  );

  // Another address: what was being measured is laid aside and not lost, what was told of the last move is old.
  $effect(() => {
    void what;
    table.aside = true;
    table.changed = [];
    garden.lifted = {};
  });

  async function moved(p: Planter, x: number, y: number, byHand: boolean) {
    await table.stand(p.project, { spot: p.spot, x, y, turned: p.turned, snap: byHand });
  }
</script>

{#if plan && what === 'paper'}<PaperPlan />
{:else if plan && what.startsWith('pegs-')}<PegsSheet project={Number(what.slice(5))} />
{:else if plan}
  <div class="place">
    <section class="ground" aria-label="Plan">
      <div class="drawing">
        <PlanDrawing
          {plan}
          day={day.data ?? null}
          {moment}
          place={place?.id}
          {project}
          tried={measuring ? table.tried : null}
          onplace={(id) => void push(`/place/${id}`)}
          onproject={(id) => void push(`/place/planter-${id}`)}
          onmove={(p, x, y, byHand) => void moved(p, x, y, byHand)}
        />
      </div>
      {#if troubleWith(day)}<p class="problem" role="alert">{troubleWith(day)?.whole}</p>
      {:else}<DayAndHour {moments} {moment} waiting={day.isPending} />{/if}
      <div class="press">
        {#if table.draft && table.aside}<Button class="px-4" onclick={() => (table.aside = false)}
            >Go on measuring {table.draft.name || 'what you had begun'}</Button
          >{:else}<Button class="px-4" onclick={() => table.begin('Wall')}>Measure something</Button>{/if}
        <Button class="px-4" onclick={() => void push('/place/site')}>Where the garden lies</Button>
        <a class="out" href="#/place/paper">Plan on paper</a>
        <a class="out" href="/api/plan.svg" download="plan.svg">as SVG</a>
        <a class="out" href="/api/plan/file" download="plan.json">as JSON</a>
      </div>
    </section>
    <section class="told" aria-label="What is in hand">
      {#if measuring}<PlaceForm />
      {:else if what === 'site'}<SiteForm site={plan.site} />
      {:else if project !== undefined}<PlanterPanel {project} {planter} />
      {:else if place && place.drawn.sort === 'Spot' && place.points.length}<SpotPanel {place} />
      {:else if place}<ThingPanel {place} />
      {:else}<PlanOverview {plan} />{/if}
    </section>
  </div>
{:else if !garden.trouble}<Waiting words="Unrolling the plan…" />{/if}

<style>
  .place {
    display: grid;
    grid-template-columns: minmax(0, 1.9fr) minmax(320px, 1fr);
    height: 100%;
  }

  .ground {
    display: grid;
    grid-template-rows: minmax(0, 1fr) auto auto;
    gap: 6px;
    padding: 12px 18px 12px 22px;
    min-height: 0;
  }

  .drawing {
    min-height: 260px;
  }

  .told {
    border-left: 4px solid var(--accent);
    padding: 14px 20px 20px;
    overflow: auto;
    min-height: 0;
  }

  .press {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 14px;
    align-items: center;
  }

  .out {
    text-decoration: underline;
    min-height: 24px;
  }

  @media (max-width: 900px) {
    .place {
      display: block;
      height: auto;
    }

    .ground {
      padding: 10px 12px;
    }

    .drawing {
      height: min(44dvh, 62vw);
    }

    .told {
      border-left: 0;
      border-top: 4px solid var(--accent);
      padding: 12px 16px 24px;
      overflow: visible;
    }
  }
</style>
