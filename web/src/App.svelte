<script lang="ts">
  import { ThemeProvider } from 'flowbite-svelte';
  import Router, { push, router } from 'svelte-spa-router';
  import { wrap } from 'svelte-spa-router/wrap';
  import { garden } from './lib/garden.svelte';
  import { theme } from './lib/theme';
  import AtTheDoor from './shell/AtTheDoor.svelte';
  import HeapStrip from './shell/HeapStrip.svelte';
  import Helping from './shell/Helping.svelte';
  import Hurt from './shell/Hurt.svelte';
  import Tape from './shell/Tape.svelte';
  import { stages } from './shell/stages';
  import Gather from './stages/gather/Gather.svelte';

  /** Each stage is loaded when it is gone to; Gather, where most begin, comes with the application. */
  const routes = {
    '/': Gather,
    '/gather/:thing?': Gather,
    '/place/:what?': wrap({ asyncComponent: () => import('./stages/place/Place.svelte') }),
    '/match': wrap({ asyncComponent: () => import('./stages/match/Match.svelte') }),
    '/whole-heap': wrap({ asyncComponent: () => import('./stages/match/WholeHeap.svelte') }),
    '/fetch/:what?': wrap({ asyncComponent: () => import('./stages/fetch/Fetch.svelte') }),
    '/draw/:design?': wrap({ asyncComponent: () => import('./stages/draw/Draw.svelte') }),
    '/make/:project?': wrap({ asyncComponent: () => import('./stages/make/Make.svelte') }),
    '/bench/:project': wrap({ asyncComponent: () => import('./stages/make/Bench.svelte') }),
    '/plant/:what?': wrap({ asyncComponent: () => import('./stages/plant/Plant.svelte') }),
    '/sums/:name?': wrap({ asyncComponent: () => import('./stages/sums/Sums.svelte') }),
    '/house-rules/:part?': wrap({ asyncComponent: () => import('./stages/rules/HouseRules.svelte') }),
    '/help': wrap({ asyncComponent: () => import('./stages/help/Help.svelte') }),
    '*': Gather,
  };

  /** Let in as a gardener, and the garden can be read. */
  const inside = $derived((!garden.door || garden.door.role === 'gardener') && !garden.hurt);

  $effect(() => {
    document.documentElement.dataset.theme = garden.theme;
    document.documentElement.dataset.paper = garden.info?.manner.paper ?? '';
  });

  /** 1 to 6 go to a stage, Ctrl+Z takes back; not while something is being typed, where both belong to the field. No letter by itself does anything: what is typed beside a field must never undo work. */
  function keys(event: KeyboardEvent) {
    const target = event.target as HTMLElement;
    if (
      !inside ||
      event.altKey ||
      target.closest('input:not([type=checkbox], [type=radio], [type=range]), textarea, select')
    )
      return;
    if (event.ctrlKey || event.metaKey) {
      const key = event.key.toLowerCase();
      if (key !== 'z' && key !== 'y') return;
      event.preventDefault();
      if (key === 'y' || event.shiftKey) void garden.redo();
      else void garden.undo();
      return;
    }
    const stage = stages[Number(event.key) - 1];
    if (stage) void push(stage.path);
  }
</script>

<svelte:window onkeydown={keys} />

<ThemeProvider {theme}>
  <a
    class="sr focus:not-sr-only"
    href="#main"
    onclick={(e) => (e.preventDefault(), document.getElementById('main')?.focus())}>To the work</a
  >
  <svg width="0" height="0" aria-hidden="true" class="absolute">
    <pattern id="hatch-bad" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width="6" height="6" fill="var(--board)" /><rect width="2.4" height="6" fill="var(--fails)" />
    </pattern>
    <pattern id="hatch-taken" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width="5" height="5" fill="var(--kraft)" /><rect width="1.6" height="5" fill="var(--iron)" />
    </pattern>
    <pattern id="hatch-wet" width="14" height="8" patternUnits="userSpaceOnUse">
      <rect width="14" height="8" fill="var(--water)" />
      <path d="M0 4q3.5 -5 7 0t7 0" fill="none" stroke="var(--wet-line)" stroke-width="1.7" />
    </pattern>
    <pattern id="hatch-push" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
      <rect width="8" height="8" fill="var(--board)" fill-opacity=".55" /><rect
        width="2.6"
        height="8"
        fill="var(--accent)"
      />
    </pattern>
  </svg>
  <div class="app">
    {#if inside}<Tape />{/if}
    {#if garden.trouble && !garden.hurt}
      <p class="trouble no-print" role="alert">{garden.trouble.whole}</p>
    {:else if garden.info?.warning}
      <p class="warning no-print" role="alert">{garden.info.warning}</p>
    {/if}
    <main id="main" tabindex="-1" data-stage={router.location}>
      {#if garden.door?.role === 'helper' && garden.door.project !== null}
        <Helping project={garden.door.project} />
      {:else if garden.door && garden.door.role === null}
        <AtTheDoor />
      {:else if garden.hurt}
        <Hurt />
      {:else if garden.ready}
        <Router {routes} />
      {:else if !garden.trouble}
        <p class="soft p-6">Opening the garden…</p>
      {/if}
    </main>
    <p class="sr" role="status" aria-live="polite">{garden.news.words}</p>
    {#if inside}<HeapStrip />{/if}
  </div>
</ThemeProvider>

<style>
  .app {
    display: grid;
    grid-template-rows: auto auto minmax(0, 1fr) auto;
    height: 100dvh;
  }

  main {
    /* What is hidden but read aloud scrolls with the rest; else it makes the page itself longer than the window. */
    position: relative;
    grid-row: 3;
    min-height: 0;
    overflow: auto;
    outline: none;
  }

  .trouble {
    background: var(--fails);
    /* In dusk the red is a light one: what is written on it is dark then. */
    color: var(--paper);
    padding: 8px 16px;
    font-weight: 600;
  }

  .warning {
    background: var(--tight);
    color: var(--paper);
    padding: 6px 16px;
    font-weight: 600;
  }

  @media print {
    .app {
      display: block;
      height: auto;
    }

    main {
      overflow: visible;
    }
  }
</style>
