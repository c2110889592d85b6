<script lang="ts">
  import { garden } from '../../lib/garden.svelte';
  import GardenFile from './GardenFile.svelte';
  import Handbook from './Handbook.svelte';
  import HomeNetwork from './HomeNetwork.svelte';
  import OwnMeasures from './OwnMeasures.svelte';
  import Schools from './Schools.svelte';
  import UnitsAndManner from './UnitsAndManner.svelte';
  import ToolShelf from './ToolShelf.svelte';

  const { params }: { params?: { part?: string } } = $props();

  const parts = {
    schools: { name: 'Where gardeners disagree', what: Schools },
    manner: { name: 'Units and manner', what: UnitsAndManner },
    measures: { name: 'Your own measures', what: OwnMeasures },
    tools: { name: 'Tool shelf', what: ToolShelf },
    handbook: { name: 'The handbook', what: Handbook },
    file: { name: 'The garden file', what: GardenFile },
    network: { name: 'Home network', what: HomeNetwork },
  } as const;
  const part = $derived((params?.part ?? '') in parts ? (params!.part as keyof typeof parts) : 'schools');
  const Part = $derived(parts[part].what);

  /** How much is one's own in each, so that a garden's peculiarities are seen without opening them. */
  const own: Partial<Record<keyof typeof parts, number>> = $derived({
    schools: Object.keys(garden.info?.rules ?? {}).length,
    measures: Object.keys(garden.info?.measures ?? {}).length,
    tools: Object.values(garden.info?.tools ?? {}).filter((t) => t.having !== 'Owned').length,
    handbook: Object.keys(garden.info?.constants ?? {}).length,
  });
  const counted: Partial<Record<keyof typeof parts, string>> = {
    schools: 'changed',
    measures: 'kept',
    tools: 'not had',
    handbook: 'of your own',
  };
</script>

<div class="rules">
  <nav aria-label="House rules">
    <h1>House rules</h1>
    {#each Object.entries(parts) as [id, { name }] (id)}
      {@const count = own[id as keyof typeof parts] ?? 0}
      <a href="#/house-rules/{id}" aria-current={id === part ? 'page' : undefined}
        >{name}
        {#if count > 0}<small>{count} {counted[id as keyof typeof parts]}</small>{/if}</a
      >
    {/each}
    <p class="caution">Nothing here is a certificate. Local codes and licensed practice come first.</p>
  </nav>
  <section class="part" aria-label={parts[part].name}><Part /></section>
</div>

<style>
  .rules {
    display: grid;
    grid-template-columns: 250px minmax(0, 1fr);
    height: 100%;
  }

  nav {
    padding: 18px 14px;
    border-right: 1px solid var(--line);
    overflow-y: auto;
  }

  nav h1 {
    margin-bottom: 10px;
  }

  nav a {
    display: block;
    min-height: 44px;
    padding: 8px 10px;
    border-left: 3px solid transparent;
    font-weight: 600;
  }

  nav a:hover {
    background: var(--ground);
  }

  nav a[aria-current] {
    border-left-color: var(--accent);
    background: var(--accent-soft);
  }

  nav small {
    display: block;
    font-weight: 400;
    color: var(--ink-soft);
  }

  .caution {
    margin-top: 20px;
    font-size: 0.93rem;
  }

  .part {
    padding: 18px 28px 40px;
    overflow-y: auto;
  }

  .part > :global(*) {
    max-width: 900px;
  }

  @media (max-width: 1020px) {
    .rules {
      display: block;
      height: auto;
    }

    nav {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 0 8px;
      padding: 12px 14px 0;
      border-right: 0;
    }

    nav h1,
    .caution {
      grid-column: 1 / -1;
    }

    .caution {
      display: none;
    }

    .part {
      padding: 8px 18px 30px;
    }
  }
</style>
