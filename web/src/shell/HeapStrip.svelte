<script lang="ts">
  import Said from './Said.svelte';
  import { Select } from 'flowbite-svelte';
  import Button from '../lib/controls/Button.svelte';
  import { onceLaidOut, sizeOnceLaidOut } from '../lib/frames';
  import { createVirtualizer, defaultRangeExtractor } from '@tanstack/svelte-virtual';
  import { get } from 'svelte/store';
  import { push, router } from 'svelte-spa-router';
  import type { Thing } from '../lib/api/client';
  import { boundsOf, pointsOf, type Frame } from '../lib/drawing/frame';
  import { phone } from '../lib/phone';
  import { garden } from '../lib/garden.svelte';

  /** Pixels to a metre: the tallest thing of a yard just fits. */
  const SCALE = 42;
  const bar = $derived(
    garden.system.lengths === 'in' ? { metres: 0.9144, words: '3 ft' } : { metres: 1, words: '1 m' },
  );
  const HEIGHT = 128;
  const MOST_STACKED = 8;

  // On a phone the heap is a drawer that opens from below; beside the four stages it makes room until it is asked for.
  const aside = $derived(/^\/(sums|house-rules)/.test(router.location));
  let chosen = $state<{ aside: boolean; folded: boolean } | null>(null);
  const folded = $derived(chosen?.aside === aside ? chosen.folded : phone.current || aside);
  let group = $state('');
  let shownId = $state<number | null>(null);

  const groups = $derived([...new Set(garden.things.map((t) => garden.kinds.get(t.kind)?.group ?? ''))].sort());
  const shown = $derived(garden.things.filter((t) => group === '' || garden.kinds.get(t.kind)?.group === group));
  const tagged = $derived(garden.things.find((t) => t.id === shownId) ?? null);

  interface Standing {
    thing: Thing;
    frame: Frame;
    copies: number[];
    width: number;
    height: number;
  }

  /** Flat things lie stacked, as they do in a yard; others stand once and carry their count. */
  function stand(thing: Thing): Standing {
    const b = boundsOf(thing.silhouette);
    const w = Math.max((b.x1 - b.x0) * SCALE, 10);
    const each = Math.max((b.y1 - b.y0) * SCALE, 2);
    const copies = each < 14 ? Math.min(thing.count, MOST_STACKED) : 1;
    const height = Math.min(each * copies, HEIGHT - 26);
    const s = SCALE * Math.min(1, (HEIGHT - 26) / each);
    return {
      thing,
      width: Math.max(w, 26),
      height,
      copies: Array.from({ length: copies }, (_, i) => i * each),
      frame: {
        scale: s,
        width: w,
        height,
        x: (m) => (m - b.x0) * s + Math.max(0, (26 - w) / 2),
        y: (m) => height - (m - b.y0) * s,
      },
    };
  }

  const GAP = 5;
  const LEAD = 14;
  /** Beyond both edges of what is in sight so many are drawn as well. */
  const AROUND = 10;

  const standing = $derived(shown.map(stand));
  /** The one thing that Tab reaches, always there however far the strip is scrolled; the arrows go on from there. */
  let at = $state(0);
  let strip = $state<HTMLElement | null>(null);
  /** Only what is in sight is drawn, so that a heap of thousands scrolls as one of ten; what has the focus stays. */
  const virtual = createVirtualizer<HTMLElement, HTMLElement>({
    horizontal: true,
    count: 0,
    getScrollElement: () => strip,
    estimateSize: () => 26,
    overscan: AROUND,
    initialRect: { width: innerWidth / 2, height: 0 },
    observeElementRect: sizeOnceLaidOut,
  });
  // The store is asked for its value and not followed: it changes with every turn of the wheel.
  $effect(() => {
    const [all, element, focused, pointed] = [standing, strip, at, standing.findIndex((s) => s.thing.id === shownId)];
    get(virtual).setOptions({
      count: all.length,
      getScrollElement: () => element,
      estimateSize: (i) => all[i].width + 8 + GAP,
      paddingStart: LEAD,
      paddingEnd: LEAD,
      rangeExtractor: (range) => [
        ...new Set([...defaultRangeExtractor(range), ...[focused, pointed].filter((i) => i >= 0 && i < all.length)]),
      ],
    });
  });
  /** Where the heap has just become shorter, what was beyond its end is no more there. */
  const inSight = $derived(
    $virtual.getVirtualItems().flatMap(({ index, start }) => (standing[index] ? [{ s: standing[index], start }] : [])),
  );
  $effect(() => {
    void standing;
    get(virtual).measure();
  });

  function walk(event: KeyboardEvent) {
    const step = { ArrowRight: 1, ArrowLeft: -1, Home: -standing.length, End: standing.length }[event.key];
    if (step === undefined || standing.length === 0) return;
    event.preventDefault();
    at = Math.min(Math.max(at + step, 0), standing.length - 1);
    const { thing } = standing[at];
    shownId = thing.id;
    get(virtual).scrollToIndex(at, { align: 'auto' });
    requestAnimationFrame(() => strip?.querySelector<HTMLElement>(`[data-thing='${thing.id}']`)?.focus());
  }

  // The thing in hand is in sight on the strip too; or else the first of those lifted off the heap.
  const inHand = $derived(
    Number(/^\/gather\/(\d+)/.exec(router.location)?.[1] ?? 0) ||
      (standing.find((s) => garden.lifted[s.thing.id])?.thing.id ?? 0),
  );
  $effect(() => {
    const i = standing.findIndex((each) => each.thing.id === inHand);
    if (strip && i >= 0) return onceLaidOut(() => get(virtual).scrollToIndex(i, { align: 'auto' }));
  });

  function stateOf(thing: Thing): string {
    if (garden.lifted[thing.id]) return 'lifted';
    if (thing.fitness === 'Refused') return 'refused';
    if (thing.notLookedAtYet && thing.free === thing.count) return 'unlooked';
    return thing.free < thing.count ? (thing.free === 0 ? 'taken' : 'part') : 'free';
  }

  function words(thing: Thing): string {
    const parts = [
      `${thing.number}, ${thing.name}`,
      thing.count > 1 ? `${thing.count} of them` : '',
      thing.fitness === 'Refused' ? 'refused' : thing.notLookedAtYet ? 'not looked at yet' : '',
    ];
    if (garden.lifted[thing.id]) parts.push(`${garden.lifted[thing.id]} taken for this`);
    for (const s of thing.spokenFor) parts.push(`${s.part ?? s.count} spoken for by ${s.projectName}`);
    return parts.filter(Boolean).join(', ');
  }
</script>

<footer class="heap no-print" class:folded aria-label="The heap">
  {#if !folded}
    <div
      class="strip"
      role="toolbar"
      aria-label="Things of the heap, arrows go along"
      tabindex="-1"
      bind:this={strip}
      onkeydown={walk}
    >
      <div class="ground" style:width="{$virtual.getTotalSize()}px">
        {#each inSight as { s, start } (s.thing.id)}
          <Button
            kind="bare"
            class="thing"
            data-state={stateOf(s.thing)}
            aria-label={words(s.thing)}
            data-thing={s.thing.id}
            tabindex={standing[at]?.thing.id === s.thing.id ? 0 : -1}
            style="width: {s.width + 8}px; left: {start}px"
            onmouseenter={() => (shownId = s.thing.id)}
            onmouseleave={() => (shownId = null)}
            onfocus={() => ((shownId = s.thing.id), (at = standing.findIndex((o) => o.thing.id === s.thing.id)))}
            onblur={() => (shownId = null)}
            onclick={() => void push(`/gather/${s.thing.id}`)}
          >
            {#if s.thing.count > s.copies.length}<span class="times">×{s.thing.count}</span>{/if}
            <svg width={s.width} height={s.height} overflow="visible" aria-hidden="true">
              {#each s.copies as up (up)}
                <g transform="translate(0 {-up})">
                  {#each s.thing.silhouette as shape, i (i)}
                    {#if shape.kind === 'Disc'}
                      <circle
                        class:void={shape.ink === 'Hole'}
                        cx={s.frame.x(shape.points[0])}
                        cy={s.frame.y(shape.points[1])}
                        r={(shape.radius ?? 0) * s.frame.scale}
                      />
                    {:else}
                      <polygon points={pointsOf(shape, s.frame)} />
                    {/if}
                  {/each}
                </g>
              {/each}
            </svg>
          </Button>
        {/each}
      </div>
    </div>
  {/if}
  <div class="foot">
    <span class="scale" class:invisible={folded} aria-hidden="true"
      ><i style:width="{SCALE * bar.metres}px"></i> {bar.words}</span
    >
    <div class="said">
      {#if tagged}{words(tagged)}{:else}<Said />{/if}
    </div>
    <label class:hidden={folded}
      ><span class="sr">Show</span>
      <Select placeholder="" bind:value={group}>
        <option value="">everything</option>
        {#each groups as g (g)}<option value={g}>{g.toLowerCase()}</option>{/each}
      </Select>
    </label>
    <Button kind="bare" onclick={() => (chosen = { aside, folded: !folded })} aria-expanded={!folded}
      >{garden.things.length} things · {garden.pieces} pieces · {folded ? 'unfold ▴' : 'fold ▾'}</Button
    >
  </div>
</footer>

<style>
  .heap {
    grid-row: 4;
    background: var(--ground);
    border-top: 1px solid var(--line);
    min-width: 0;
  }

  .strip {
    height: 134px;
    padding: 14px 0 0;
    overflow-x: auto;
    overflow-y: hidden;
    scrollbar-width: thin;
    border-bottom: 1.5px solid var(--ink);
  }

  .ground {
    position: relative;
    height: 100%;
  }

  .ground :global(.thing) {
    position: absolute;
    bottom: 0;
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: flex-end;
    height: 100%;
    background: none;
    border: 0;
    padding: 0 4px;
    cursor: pointer;
    border-radius: 3px 3px 0 0;
  }

  .ground :global(.thing:hover) {
    background: color-mix(in srgb, var(--kraft) 55%, transparent);
  }

  .ground :global(.thing polygon),
  .ground :global(.thing circle) {
    fill: var(--iron);
    stroke: var(--iron);
    stroke-width: 0.8;
  }

  .ground :global(.thing circle.void) {
    fill: var(--ground);
  }

  .ground :global(.thing[data-state='taken'] polygon),
  .ground :global(.thing[data-state='taken'] circle:not(.void)) {
    fill: url(#hatch-taken);
    stroke: var(--iron);
  }

  .ground :global(.thing[data-state='part'] polygon) {
    stroke: var(--kraft);
    stroke-width: 1;
  }

  /* An outline filled in only once somebody has looked. */
  .ground :global(.thing[data-state='unlooked'] polygon),
  .ground :global(.thing[data-state='unlooked'] circle:not(.void)) {
    fill: color-mix(in srgb, var(--iron) 26%, var(--ground));
    stroke-width: 1.1;
  }

  .ground :global(.thing[data-state='lifted']) {
    padding-bottom: 7px;
  }

  .ground :global(.thing[data-state='lifted'] polygon),
  .ground :global(.thing[data-state='lifted'] circle:not(.void)) {
    fill: var(--accent);
  }

  .ground :global(.thing[data-state='refused'] svg) {
    transform: scaleY(-1);
  }

  .ground :global(.thing[data-state='refused'] polygon) {
    fill: none;
    stroke: var(--fails);
    stroke-width: 1.3;
    stroke-dasharray: 3 2;
  }

  .times {
    font-size: 0.75rem;
    font-weight: 700;
    color: var(--ink);
    margin-bottom: 2px;
  }

  .foot {
    display: flex;
    align-items: center;
    gap: 16px;
    padding: 0 14px;
    min-height: 34px;
    font-size: 0.85rem;
  }

  .scale {
    display: inline-flex;
    align-items: center;
    gap: 6px;
    white-space: nowrap;
    font-weight: 600;
  }

  .scale i {
    height: 7px;
    border: 1.5px solid var(--ink);
    border-top: 0;
  }

  .said {
    flex: 1;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    color: var(--accent);
    font-weight: 600;
  }

  .foot :global(select),
  .foot > :global(button) {
    background-color: transparent;
    border: 0;
    color: var(--ink);
    font: inherit;
    font-weight: 600;
    min-height: 34px;
    cursor: pointer;
    white-space: nowrap;
  }

  .foot :global(select) {
    padding: 0 24px 0 6px;
    background-position: right 2px center;
  }

  @media (max-width: 760px) {
    .strip {
      height: 100px;
    }

    .foot {
      gap: 6px;
      min-height: var(--target);
    }

    .foot > :global(button),
    .foot :global(select) {
      min-height: var(--target);
    }

    .foot label {
      display: none;
    }

    /* What was done and the way back want the whole width; what is under them waits. */
    .foot {
      position: relative;
    }

    .said:has(:global([role='presentation'])) {
      position: absolute;
      inset: auto 0 0;
      z-index: 1;
      white-space: normal;
    }

    .scale {
      display: none;
    }
  }
</style>
