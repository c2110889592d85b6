<script lang="ts">
  import { tick, untrack } from 'svelte';
  import type { Schemas, Trouble } from '../../lib/api/client';
  import Button from '../../lib/controls/Button.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { digits } from '../../lib/units/tell';
  import { Awake } from './awake.svelte';
  import { Clock } from './clock.svelte';
  import CutBoard from './CutBoard.svelte';
  import Tools from './Tools.svelte';
  import TooShort from './TooShort.svelte';

  interface Props {
    project: number;
    steps: Schemas['StepDto'][];
    cuts: Schemas['CutBarDto'][];
    /** Minutes are null where the clock never went. True when it is kept. */
    ontick: (step: string, done: boolean, minutes: number | null) => Promise<boolean>;
    /** Only where what was sawn amiss can be said. */
    onshort?: (board: number, piece: number, length: number) => Promise<Trouble | null>;
  }

  /** One step at a time, for somebody with a saw in the other hand: what it adds, where to saw, with what, and how long it has taken. */
  const { project, steps, cuts, ontick, onshort }: Props = $props();

  /** By its name: a piece laid out again may bring a step before it. */
  let here = $state(untrack(() => (steps.find((s) => !s.done) ?? steps[0]).id));
  let keeping = $state(false);
  let head = $state<HTMLElement>();

  const at = $derived(
    Math.max(
      0,
      steps.findIndex((s) => s.id === here),
    ),
  );
  const step = $derived(steps[at]);
  const boards = $derived(
    cuts.flatMap((bar, index) => (bar.cuts.some((c) => step.cuts.includes(c.need)) ? [{ bar, index }] : [])),
  );
  const done = $derived(steps.filter((s) => s.done).length);
  const clock = new Clock(() => `${project}-${step.id}`);
  const awake = new Awake();

  async function go(to: number) {
    here = steps[Math.min(steps.length - 1, Math.max(0, to))].id;
    await tick();
    head?.focus();
    head?.scrollIntoView({ block: 'start' });
  }

  /** What the clock says is forgotten once it is kept, and not before. */
  async function finish() {
    if (clock.running) clock.stop();
    keeping = true;
    const kept = await ontick(step.id, true, clock.minutes);
    keeping = false;
    if (!kept) return;
    clock.clear();
    await go(at + 1);
  }
</script>

{#snippet picture()}
  {#if step.picture}<img
      src="/api/projects/{project}/steps/{encodeURIComponent(step.id)}.svg"
      alt="In colour what this step adds, in grey what stands"
    />{/if}
{/snippet}

<section class="one" aria-label="One step at a time">
  <div class="top" bind:this={head} tabindex="-1">
    <p class="small soft">
      Step {step.number} of {steps.length} · {done} done
      {#if step.twoPeople}<b class="two">two people</b>{/if}
    </p>
    <div class="all" aria-hidden="true">
      {#each steps as s (s.id)}<i
          data-done={s.done ? 'true' : undefined}
          data-here={s.id === step.id ? 'true' : undefined}
        ></i>{/each}
    </div>
    <h2>{step.title}</h2>
  </div>
  {#each step.cautions as caution (caution)}<p class="caution"><span aria-hidden="true">⚠</span> {caution}</p>{/each}
  {#if boards.length === 0}{@render picture()}{/if}
  <p class="words">{step.words}</p>
  {#each boards as { bar, index } (index)}
    <div class="board">
      <CutBoard {bar} lit={step.cuts} />
      <p class="marks">{bar.marks}</p>
      {#if onshort && !step.done}<TooShort
          {bar}
          saws={step.cuts}
          onshort={(piece, length) => onshort(index, piece, length)}
        />{/if}
    </div>
  {/each}
  {#if boards.length > 0}{@render picture()}{/if}
  {#if step.tools.length > 0}<p><b>With</b> <Tools tools={step.tools} /></p>{/if}
  {#each step.tools.filter((t) => t.having !== 'Owned' && t.instead) as t (t.words)}<p class="problem">
      No {t.words.toLowerCase()}: {t.instead}
    </p>{/each}
  {#if step.protection.length > 0}<p class="worn"><b>Wear</b> {step.protection.join(', ')}</p>{/if}
  {#if awake.allowed === false}<p class="small soft">
      The screen may go dark: over plain HTTP, or to save its battery, this phone does not let it be kept on. The clock
      goes on all the same.
    </p>{/if}
  <div class="bar">
    <p class="clock" role="timer" aria-label="This step so far">
      <span class="time">{clock.words}</span>
      <span class="small soft"
        >of about {digits(step.minutes, 0, garden.system)} min{step.timed > 0
          ? `, as you took ${step.timed} times`
          : ''}</span
      >
    </p>
    {#if clock.running}<Button class="go" onclick={() => clock.stop()}>Stop the clock</Button>
    {:else}<Button class="go" disabled={step.done} onclick={() => clock.start()}
        >{clock.minutes === null ? 'Start the clock' : 'Go on'}</Button
      >{/if}
    <div class="thumb">
      <Button class="go" aria-label="The step before" disabled={at === 0} onclick={() => void go(at - 1)}>←</Button>
      {#if step.done}<Button class="go wide" onclick={() => void ontick(step.id, false, null)}
          >Not done after all</Button
        >
      {:else}<Button kind="main" class="go wide" disabled={keeping} onclick={() => void finish()}
          >{keeping ? 'Keeping it…' : 'Done'}</Button
        >{/if}
      <Button class="go" aria-label="The next step" disabled={at >= steps.length - 1} onclick={() => void go(at + 1)}
        >→</Button
      >
    </div>
  </div>
</section>

<style>
  .one {
    display: flex;
    flex: 1;
    flex-direction: column;
    gap: 10px;
    width: 100%;
    max-width: 720px;
    margin: 0 auto;
  }

  .top {
    outline: none;
    scroll-margin-top: 12px;
  }

  h2 {
    font-size: 1.7rem;
    line-height: 1.15;
    margin: 4px 0 0;
  }

  .two {
    border: 1.5px solid var(--ink);
    border-radius: 3px;
    padding: 0 6px;
    color: var(--ink);
    margin-left: 6px;
  }

  .all {
    display: flex;
    gap: 3px;
    margin: 6px 0;
  }

  .all i {
    flex: 1;
    height: 6px;
    background: var(--line);
  }

  .all i[data-done] {
    background: var(--chalk);
  }

  .all i[data-here] {
    outline: 2px solid var(--accent);
  }

  img {
    width: 100%;
    max-height: 30vh;
    object-fit: contain;
    border: 1px solid var(--line);
    background: var(--board);
  }

  .words {
    font-size: 1.2rem;
    line-height: 1.4;
  }

  .board {
    border-top: 1px solid var(--line);
    padding-top: 8px;
  }

  .marks {
    font-family: var(--font-mono);
    font-size: 1.1rem;
    font-weight: 600;
    margin: 2px 0 6px;
  }

  .caution {
    color: var(--fails);
    font-weight: 700;
    font-size: 1.1rem;
  }

  .worn {
    font-size: 1.1rem;
  }

  .bar {
    position: sticky;
    bottom: 0;
    margin-top: auto;
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 8px 12px;
    align-items: center;
    background: var(--paper);
    border-top: 2px solid var(--ink);
    padding: 8px 0 10px;
  }

  .clock {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 8px;
  }

  .time {
    font-family: var(--font-mono);
    font-size: 1.6rem;
    font-weight: 700;
  }

  .thumb {
    grid-column: 1 / -1;
    display: grid;
    grid-template-columns: 68px minmax(0, 1fr) 68px;
    gap: 8px;
  }

  .bar :global(.go) {
    min-height: 52px;
    padding: 0 14px;
  }

  .bar :global(.wide) {
    font-size: 1.2rem;
  }
</style>
