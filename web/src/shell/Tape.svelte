<script lang="ts">
  import { Drawer, Select } from 'flowbite-svelte';
  import Marks from './Marks.svelte';
  import { comesBack } from '../lib/controls/comesback.svelte';
  import Button from '../lib/controls/Button.svelte';
  import Hint from '../lib/controls/Hint.svelte';
  import { link, router } from 'svelte-spa-router';
  import { garden, type Theme } from '../lib/garden.svelte';
  import type { Lengths } from '../lib/units/system';
  import { stages } from './stages';

  const units: Lengths[] = ['mm', 'cm', 'in'];
  const themes: { id: Theme; name: string }[] = [
    { id: 'day', name: 'Day' },
    { id: 'sun', name: 'Sun' },
    { id: 'dusk', name: 'Dusk' },
  ];

  let legend = $state(false);
  comesBack(() => legend);

  function isHere(path: string, at: string): boolean {
    return at.startsWith(path) || (path === '/gather' && at === '/');
  }
</script>

<header class="tape no-print">
  <div class="brand">
    <span class="hook" aria-hidden="true"></span>
    <div>
      <span class="name">Metaplant</span>
      <span class="garden">{garden.info?.name ?? ''}</span>
    </div>
  </div>
  <nav aria-label="Stages of the work">
    {#each stages as stage, i (stage.path)}
      {@const here = [stage.path, ...(stage.also ?? [])].some((path) => isHere(path, router.location))}
      <a href={stage.path} use:link class:here aria-current={here ? 'page' : undefined}>
        <span class="number" aria-hidden="true">{i + 1}</span>
        <span class="words"><b>{stage.name}</b><small>{stage.fact(garden)}</small></span>
      </a>
    {/each}
  </nav>
  <div class="tools">
    <label
      ><span class="sr">Units</span>
      <Select
        placeholder=""
        value={garden.system.lengths}
        onchange={(e) => void garden.setUnits(e.currentTarget.value as Lengths)}
      >
        {#each units as unit (unit)}<option value={unit}>{unit}</option>{/each}
      </Select>
    </label>
    <label
      ><span class="sr">Light</span>
      <Select placeholder="" value={garden.theme} onchange={(e) => garden.setTheme(e.currentTarget.value as Theme)}>
        {#each themes as theme (theme.id)}<option value={theme.id}>{theme.name}</option>{/each}
      </Select>
    </label>
    <Button kind="bare" disabled={!garden.info?.undo} onclick={() => void garden.undo()}>Undo</Button>
    {#if garden.info?.undo}<Hint words="Takes back: {garden.info.undo}" />{/if}
    <Button kind="bare" disabled={!garden.info?.redo} onclick={() => void garden.redo()}>Redo</Button>
    {#if garden.info?.redo}<Hint words="Does again: {garden.info.redo}" />{/if}
    <a href="/sums" use:link aria-current={router.location.startsWith('/sums') ? 'page' : undefined}>Sums</a>
    <a href="/house-rules" use:link aria-current={router.location.startsWith('/house-rules') ? 'page' : undefined}
      ><span class="wide">House&nbsp;</span>rules</a
    >
    <Button kind="bare" class="asks" aria-label="Marks and keys" aria-expanded={legend} onclick={() => (legend = true)}
      >?</Button
    >
  </div>
</header>

<Drawer bind:open={legend} placement="right" dismissable={false} aria-label="What the marks say">
  <div class="flex items-start justify-between">
    <h2>What the marks say</h2>
    <Button class="px-4" onclick={() => (legend = false)}>Close</Button>
  </div>
  <Marks />
  <p class="mt-4">
    <a class="underline" href="#/help" onclick={() => (legend = false)}>Keys, and all of this on a page</a>
  </p>
</Drawer>

<style>
  .tape {
    display: flex;
    align-items: stretch;
    color: var(--tape-ink);
    background:
      repeating-linear-gradient(90deg, var(--tape-ink) 0 1px, transparent 1px 7px) bottom / 100% 5px no-repeat,
      repeating-linear-gradient(90deg, var(--tape-ink) 0 1.5px, transparent 1.5px 35px) bottom / 100% 10px no-repeat,
      linear-gradient(var(--tape-light), var(--tape) 45%, var(--tape));
    border-bottom: 1px solid var(--tape-ink);
    box-shadow: 0 1px 4px rgb(0 0 0 / 0.25);
    min-height: 62px;
    z-index: 3;
  }

  .brand {
    display: flex;
    align-items: center;
    gap: 12px;
    padding: 0 18px 4px 16px;
    background: #22303c;
    color: #fdf6e6;
    min-width: 168px;
  }

  .hook {
    width: 9px;
    height: 9px;
    border-radius: 50%;
    background: #fdf6e6;
  }

  .name {
    display: block;
    font-family: var(--font-head);
    font-weight: 700;
    font-size: 1.3rem;
    line-height: 1.1;
  }

  .garden {
    font-size: 0.8rem;
  }

  nav {
    display: flex;
    flex: 1;
    min-width: 0;
  }

  nav a {
    display: flex;
    gap: 8px;
    flex: 1;
    max-width: 190px;
    padding: 8px 12px 14px;
    border-left: 1.5px solid var(--tape-ink);
    position: relative;
    min-width: 0;
  }

  nav a.here {
    background: #22303c;
    color: #fdf6e6;
  }

  nav a.here::after {
    content: '';
    position: absolute;
    left: 50%;
    bottom: -7px;
    border: 8px solid transparent;
    border-top-color: #22303c;
    border-bottom: 0;
    margin-left: -8px;
    z-index: 2;
  }

  .number {
    font-family: var(--font-head);
    font-weight: 800;
    font-size: 1.35rem;
    line-height: 1.1;
    color: var(--tape-red);
  }

  nav a.here .number {
    color: #eec03c;
  }

  .words b {
    display: block;
    font-family: var(--font-head);
    font-size: 1.05rem;
    line-height: 1.25;
  }

  .words small {
    font-size: 0.8rem;
    white-space: nowrap;
  }

  .tools {
    display: flex;
    align-items: center;
    gap: 4px;
    padding: 0 10px 10px;
    font-size: 0.85rem;
    font-weight: 600;
  }

  .tools :global(select),
  .tools :global(button),
  .tools a {
    min-height: var(--target);
    background-color: transparent;
    border: 0;
    color: inherit;
    font: inherit;
    padding: 0 8px;
    display: inline-flex;
    align-items: center;
    cursor: pointer;
  }

  .tools :global(select) {
    padding-right: 28px;
    background-position: right 4px center;
  }

  .tools :global(select option) {
    color: #22303c;
    background: #fffdf8;
  }

  .tools :global(button:disabled) {
    opacity: 0.6;
    cursor: default;
  }

  .tools :global(.asks) {
    min-width: 26px;
    justify-content: center;
  }

  .tools a {
    text-decoration: underline;
    text-underline-offset: 3px;
  }

  @media (max-width: 760px) {
    .wide {
      display: none;
    }

    .tools a {
      text-transform: capitalize;
    }

    .tape {
      flex-wrap: wrap;
    }

    .brand {
      min-width: 0;
      padding: 6px 4px 6px 10px;
      flex: 1;
    }

    .hook {
      display: none;
    }

    .brand .garden {
      display: none;
    }

    .name {
      font-size: 1rem;
    }

    .tools {
      background: #22303c;
      color: #fdf6e6;
      padding: 0 4px;
      gap: 0;
    }

    .tools :global(select),
    .tools :global(button),
    .tools a {
      padding: 0 5px;
      font-size: 0.78rem;
    }

    .tools :global(select) {
      padding-right: 22px;
    }

    nav {
      flex-basis: 100%;
      order: 3;
    }

    nav a {
      padding: 5px 6px 11px;
      gap: 5px;
    }

    .words b {
      font-size: 0.95rem;
    }

    .words small {
      font-size: 0.72rem;
    }

    /* Six names side by side in 390 pixels. */
    .number {
      display: none;
    }

    .words {
      min-width: 0;
      overflow: hidden;
      text-overflow: clip;
    }
  }
</style>
