<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { push } from 'svelte-spa-router';
  import { api } from '../../lib/api/client';
  import { held, taken, troubleWith } from '../../lib/api/held';
  import Button from '../../lib/controls/Button.svelte';
  import Waiting from '../../lib/controls/Waiting.svelte';
  import { garden } from '../../lib/garden.svelte';
  import BriefBar from '../match/BriefBar.svelte';
  import Car from './Car.svelte';
  import SeenThing from './SeenThing.svelte';
  import WantedList from './WantedList.svelte';

  const seen = createQuery(
    () => ({ queryKey: ['seen'], queryFn: ({ signal }) => taken(api.GET('/api/seen', { signal })) }),
    () => held,
  );
  const wanted = createQuery(
    () => ({
      queryKey: ['wanted', garden.place],
      queryFn: ({ signal }) => taken(api.POST('/api/wanted', { body: { brief: garden.place }, signal })),
    }),
    () => held,
  );
  const page = $derived(
    `/api/wanted/page?${new URLSearchParams(Object.entries(garden.place).flatMap(([k, v]) => (v === null ? [] : [[k, String(v)]])))}`,
  );
  const trouble = $derived(troubleWith(seen) ?? troubleWith(wanted));
</script>

<section class="fetch">
  <div class="wanted">
    <h1>Worth fetching</h1>
    <p class="lead">
      What to look for where somebody gives things away: one thing more, and a design can be made that cannot be made
      now, or comes out larger.
    </p>
    <div class="no-print place"><BriefBar withCrop={false} /></div>
    {#if trouble}<p class="problem" role="alert">{trouble.whole}</p>
    {:else if !wanted.data}<Waiting words="Trying everything with one thing more…" />
    {:else if wanted.data.length === 0}<p>Nothing by itself: no single thing more would make a difference.</p>
    {:else}
      <WantedList wanted={wanted.data} />
      <div class="press no-print">
        <Button class="px-4" onclick={() => print()}>Print the list</Button>
        <a href={page} download="worth-fetching.html">Take it along as a page that works without Metaplant</a>
      </div>
    {/if}
  </div>
  <div class="seen no-print">
    <Button kind="main" class="px-5" onclick={() => void push('/fetch/new')}>I see something</Button>
    <p class="soft small">Say what you see, and learn what it would be good for here.</p>
    {#if (seen.data?.length ?? 0) > 0}<h2>Kept in mind</h2>{/if}
    {#each seen.data ?? [] as one (one.thing.id)}<SeenThing seen={one} />{/each}
  </div>
  <div class="no-print own"><Car /></div>
</section>

<style>
  .fetch {
    display: grid;
    grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
    grid-template-rows: auto 1fr;
    gap: 18px 34px;
    padding: 14px 22px 26px;
  }

  .wanted {
    grid-row: 1 / 3;
  }

  .press {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 18px;
    align-items: center;
    margin-top: 10px;
  }

  h2 {
    margin: 12px 0 4px;
  }

  .lead {
    max-width: 60ch;
    color: var(--ink-soft);
  }

  .place {
    margin: 8px 0;
  }

  @media (max-width: 760px) {
    .fetch {
      grid-template-columns: minmax(0, 1fr);
      padding: 12px 16px 24px;
    }

    .wanted {
      grid-row: auto;
    }

    .seen {
      order: -1;
    }
  }

  @media print {
    .fetch {
      display: block;
    }
  }
</style>
