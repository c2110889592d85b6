<script lang="ts">
  import Field from '../../lib/controls/Field.svelte';
  import Button from '../../lib/controls/Button.svelte';
  import type { Kind } from '../../lib/api/client';
  import { boundsOf, frameFor } from '../../lib/drawing/frame';
  import Shapes from '../../lib/drawing/Shapes.svelte';
  import { garden } from '../../lib/garden.svelte';

  const { onpick }: { onpick: (kind: Kind) => void } = $props();

  let search = $state('');

  /** With a keyboard to hand one types at once; under a thumb a keyboard would only cover the pictures. */
  function ready(field: HTMLElement) {
    if (matchMedia('(pointer: fine)').matches) field.focus();
  }

  const found = $derived(
    (garden.catalogue?.kinds ?? []).filter((k) =>
      `${k.name} ${k.group} ${k.substances.map((s) => s.name).join(' ')}`
        .toLowerCase()
        .includes(search.trim().toLowerCase()),
    ),
  );
  const groups = $derived([...new Set(found.map((k) => k.group))]);
</script>

<section class="picker" aria-label="What is it?">
  <div class="top">
    <h1>What is it?</h1>
    <Field
      type="search"
      placeholder="Type a word: pallet, oar, bucket…"
      aria-label="Find a kind"
      bind:value={search}
      {@attach ready}
      onkeydown={(e) => e.key === 'Enter' && found.length > 0 && onpick(found[0])}
    />
  </div>
  <p class="soft">Three measures are enough to begin with. The rest can wait until you have the tape out.</p>
  {#if garden.things.length === 0 && garden.needsALook.length === 0}
    <p>Or <a href="#/house-rules/file">begin from a garden file</a>, yours or another’s.</p>
  {/if}
  {#each groups as group (group)}
    <h2>{group}</h2>
    <ul>
      {#each found.filter((k) => k.group === group) as kind (kind.id)}
        <li>
          <Button kind="bare" onclick={() => onpick(kind)}>
            <svg width="92" height="52" aria-hidden="true"
              ><Shapes shapes={kind.silhouette} frame={frameFor(boundsOf(kind.silhouette), 92, 52, 3)} /></svg
            >
            <span>{kind.name}</span>
          </Button>
        </li>
      {/each}
    </ul>
  {:else}
    <p>
      Nothing of that name. An odd vessel is entered by its widths, or by buckets poured in; anything flat is a sheet.
    </p>
  {/each}
</section>

<style>
  .picker {
    grid-column: 2 / -1;
    padding: 14px 24px 24px;
    overflow: auto;
  }

  .top {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 20px;
    align-items: center;
  }

  .top :global(input) {
    flex: 0 1 320px;
  }

  h2 {
    margin: 12px 0 5px;
  }

  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(118px, 1fr));
    gap: 8px;
  }

  ul :global(button) {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 4px;
    width: 100%;
    height: 100%;
    padding: 8px 4px;
    background: var(--board);
    border: 1px solid var(--line);
    border-bottom: 3px solid var(--kraft);
    border-radius: 3px;
    font: inherit;
    font-weight: 600;
    font-size: 0.9rem;
    line-height: 1.15;
    color: var(--ink);
    cursor: pointer;
  }

  ul :global(button:hover) {
    border-color: var(--accent);
  }
</style>
