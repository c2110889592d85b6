<script lang="ts">
  import { TabItem, Tabs } from 'flowbite-svelte';
  import type { View } from '../../lib/api/client';
  import Drawing from '../../lib/drawing/Drawing.svelte';
  import Corner from './Corner.svelte';
  import Thumb from './Thumb.svelte';
  import { fillingScale, heightAt, sharedLayout, sharesOf } from './sheet';

  interface Props {
    /** Front, plan, section; the picture from a corner last. */
    views: View[];
    /** The picture from a corner, which can be turned. */
    corner: View | null;
    /** Names of the fields that can be typed. */
    names: Record<string, string>;
    weakest?: string | null;
    /** Said beside the first view. */
    remark: string;
    stale: boolean;
    onmeasure: (field: string, metres: number) => void;
    onerror: (field: string, sentence: string) => void;
  }

  const { views, corner, names, weakest = null, remark, stale, onmeasure, onerror }: Props = $props();

  let width = $state(700);
  let height = $state(500);
  let large = $state('');

  const THUMB = { width: 96, height: 58 };
  /** Pixels that the row of small views takes with its words, and the buttons that turn the corner. */
  const TABS = 104;
  const TURN = 52;
  /** The most that the picture takes of a phone, so that the slider in hand is in sight with it. */
  const IN_HAND = 196;

  const all = $derived(corner ? [...views, corner] : views);
  const narrow = $derived(width < 560);
  const layout = $derived(narrow ? null : sharedLayout(all, { width, height }));
  const chosen = $derived(all.some((v) => keyOf(v) === large) ? large : keyOf(all[0]));
  const first = $derived(views[0]);

  /** All pictures from corners are one place on the sheet. */
  function keyOf(view: View): string {
    return view === corner ? 'corner' : view.id;
  }

  function room(view: View) {
    const turned = view === corner ? TURN : 0;
    return { width, height: narrow ? IN_HAND - turned : Math.max(140, height - TABS - turned) };
  }

  function largeHeight(view: View): number {
    const box = room(view);
    return narrow ? Math.max(130, Math.min(box.height, heightAt(view, fillingScale(view, box)))) : box.height;
  }
</script>

{#snippet drawing(view: View, tall: number, at: number | undefined)}
  {#if view === corner}
    <Corner height={tall} scale={at} {weakest} />
  {:else}
    <Drawing {view} height={tall} scale={at} {names} {weakest} {stale} {onmeasure} {onerror} />
  {/if}
{/snippet}

{#snippet titled(view: View, scale: number)}
  <h2>
    {view.title}{#if view === first}<span class="weakest">{remark}</span>{/if}
  </h2>
  {@render drawing(view, heightAt(view, scale), scale)}
{/snippet}

<div class="sheet" class:narrow bind:clientWidth={width} bind:clientHeight={height}>
  {#if layout}
    {@const shares = sharesOf(layout)}
    {#if layout.rows}
      {#each layout.groups as row, i (i)}
        <div class="columns" style:grid-template-columns={shares[i]}>
          {#each row as view (keyOf(view))}<div>{@render titled(view, layout.scale)}</div>{/each}
        </div>
      {/each}
    {:else}
      <div class="columns" style:grid-template-columns={shares[0]}>
        {#each layout.groups as column, i (i)}
          <div>
            {#each column as view (keyOf(view))}{@render titled(view, layout.scale)}{/each}
          </div>
        {/each}
      </div>
    {/if}
  {:else}
    <Tabs bind:selected={() => chosen, (key) => (large = key ?? '')} divider={false} aria-label="Views">
      {#each all as view (keyOf(view))}
        <TabItem key={keyOf(view)}>
          {#snippet titleSlot()}
            {#if !narrow}<Thumb {view} {...THUMB} />{/if}
            {view === corner ? 'Corner' : view.title}
          {/snippet}
          {#if remark && view === first}<p class="weakest">{remark}</p>{/if}
          {@render drawing(view, largeHeight(view), undefined)}
        </TabItem>
      {/each}
    </Tabs>
  {/if}
</div>

<style>
  .sheet {
    position: relative;
    height: 100%;
    min-height: 0;
  }

  .sheet.narrow {
    height: auto;
  }

  .columns {
    display: grid;
    gap: 16px;
  }

  .weakest {
    color: var(--accent);
    font-family: var(--font-sans);
    font-weight: 700;
    font-size: 0.9rem;
  }

  h2 .weakest {
    margin-left: 14px;
  }
</style>
