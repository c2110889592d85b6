<script lang="ts">
  import { Range } from 'flowbite-svelte';
  import type { Sheet, Unit } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';

  interface Props {
    sweep: Sheet['sweep'];
    /** Where it stands now, SI. */
    at: number;
    title: string;
    unit: Unit;
    /** Of the answer. */
    answerUnit: Unit;
    counts: string | null;
    onslide: (value: number) => void;
  }

  const { sweep, at, title, unit, answerUnit, counts, onslide }: Props = $props();
  const id = $props.id();
  const WIDTH = 640;
  const HEIGHT = 120;

  const last = $derived(sweep.length - 1);
  const here = $derived(
    sweep.reduce((best, p, i) => (Math.abs(p.at - at) < Math.abs(sweep[best].at - at) ? i : best), 0),
  );
  const values = $derived(sweep.map((p) => p.value).filter((v) => v !== null));
  const high = $derived(Math.max(...values, 0));
  const low = $derived(Math.min(...values, 0));
  const x = (i: number) => (last > 0 ? (i / last) * WIDTH : 0);
  const y = (v: number) => HEIGHT - 6 - ((v - low) / (high - low || 1)) * (HEIGHT - 14);

  /** Runs of points that have a value, so that a gap stays a gap. */
  const runs = $derived.by(() => {
    const all: string[] = [];
    let run = '';
    sweep.forEach((p, i) => {
      if (p.value !== null) run += `${run ? 'L' : 'M'}${x(i).toFixed(1)} ${y(p.value).toFixed(1)}`;
      else if (run) {
        all.push(run);
        run = '';
      }
    });
    return run ? [...all, run] : all;
  });
  const answer = (value: number | null | undefined) =>
    value == null
      ? 'no number'
      : counts === 'utilisation'
        ? `${Math.round(value * 100)} %`
        : `${say(value, answerUnit, garden.system)}${counts && counts !== 'utilisation' && counts !== 'count' && answerUnit !== 'Day' ? ` ${counts}` : ''}`;
</script>

<div class="slide">
  <div class="head">
    <label for={id}>Slide: {title.toLowerCase()}</label><output for={id}>{say(at, unit, garden.system)}</output>
  </div>
  <div class="curve">
    <svg viewBox="0 0 {WIDTH} {HEIGHT}" preserveAspectRatio="none" aria-hidden="true">
      {#each sweep as p, i (p.at)}
        <rect
          x={x(i) - WIDTH / last / 2}
          width={WIDTH / last}
          y="0"
          height={HEIGHT}
          data-verdict={p.value === null && p.verdict === null ? 'None' : (p.verdict ?? 'Plain')}
        />
      {/each}
      {#each runs as run (run)}<path d={run} vector-effect="non-scaling-stroke" />{/each}
      <line x1={x(here)} x2={x(here)} y1="0" y2={HEIGHT} vector-effect="non-scaling-stroke" />
    </svg>
    <span class="top small">{answer(values.length ? high : null)}</span>
    <span class="foot small">{answer(values.length ? low : null)}</span>
  </div>
  <Range
    {id}
    min="0"
    max={last}
    step="1"
    value={here}
    aria-valuetext="{say(at, unit, garden.system)}, answer {answer(sweep[here]?.value)}"
    oninput={(e) => onslide(sweep[Number(e.currentTarget.value)].at)}
  />
  <p class="ends small">
    <span>{say(sweep[0].at, unit, garden.system)}</span><span>{say(sweep[last].at, unit, garden.system)}</span>
  </p>
</div>

<style>
  .slide {
    margin: 10px 0 4px;
  }

  .head,
  .ends {
    display: flex;
    justify-content: space-between;
    gap: 8px;
  }

  .head {
    font-weight: 600;
  }

  output {
    font-family: var(--font-mono);
  }

  .curve {
    position: relative;
    height: 96px;
    margin-top: 4px;
    border: 1px solid var(--iron);
    background: var(--board);
  }

  svg {
    display: block;
    width: 100%;
    height: 100%;
  }

  path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
  }

  line {
    stroke: var(--accent);
    stroke-width: 2.5;
  }

  rect {
    shape-rendering: crispedges;
    fill: transparent;
  }

  rect[data-verdict='Sound'] {
    fill: color-mix(in srgb, var(--sound-soft) 30%, transparent);
  }

  rect[data-verdict='Tight'] {
    fill: color-mix(in srgb, var(--tight-soft) 38%, transparent);
  }

  rect[data-verdict='Fails'] {
    fill: url(#hatch-bad);
    fill-opacity: 0.35;
  }

  rect[data-verdict='AskAProfessional'],
  rect[data-verdict='None'] {
    fill: color-mix(in srgb, var(--ask) 22%, transparent);
  }

  .top,
  .foot {
    position: absolute;
    left: 4px;
    padding: 0 4px;
    background: color-mix(in srgb, var(--board) 80%, transparent);
  }

  .top {
    top: 2px;
  }

  .foot {
    bottom: 2px;
  }

  .slide :global(input[type='range']) {
    display: block;
    appearance: auto;
    width: 100%;
    height: var(--target);
    margin: -2px 0 -10px;
    background: transparent;
    accent-color: var(--accent);
    cursor: pointer;
  }

  .ends {
    color: var(--ink-soft);
  }
</style>
