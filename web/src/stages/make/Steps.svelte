<script lang="ts">
  import Field from '../../lib/controls/Field.svelte';
  import { Checkbox } from 'flowbite-svelte';
  import type { Schemas } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';
  import { digits } from '../../lib/units/tell';
  import Tools from './Tools.svelte';

  interface Props {
    steps: Schemas['StepDto'][];
    /** The project whose steps they are, for their pictures; a helper has none. */
    project?: number | null;
    ontick: (step: string, done: boolean, minutes?: number | null) => void;
  }

  const { steps, project = null, ontick }: Props = $props();
  /** Left empty, nobody says how long it took. */
  function took(step: string, field: HTMLInputElement) {
    const minutes = field.value.trim() === '' ? null : Number(field.value.replace(',', '.'));
    if (minutes !== null && !Number.isFinite(minutes)) field.value = '';
    else ontick(step, true, minutes);
  }

  const next = $derived(steps.find((s) => !s.done)?.id ?? null);
</script>

<section aria-label="Steps">
  <h2>Step by step</h2>
  <ol>
    {#each steps as step (step.id)}
      <li data-done={step.done ? 'true' : undefined} data-next={step.id === next ? 'true' : undefined}>
        <label class="tick">
          <Checkbox checked={step.done} onchange={(e) => ontick(step.id, e.currentTarget.checked)} />
          <span class="title"><span class="number">{step.number}</span> {step.title}</span>
          <span class="minutes"
            >{#if step.twoPeople}<b>two people</b>{/if}
            {step.took === null ? '' : `${digits(step.took, 0, garden.system)} of `}{digits(
              step.minutes,
              0,
              garden.system,
            )} min{step.timed > 0 ? ' by your clock' : ''}</span
          >
        </label>
        {#if step.done && project !== null}<label class="took no-print small soft"
            >took <Field
              class="mono"
              inputmode="numeric"
              aria-label="Minutes that step {step.number} took"
              value={step.took === null ? '' : digits(step.took, 0, garden.system)}
              onchange={(e) => took(step.id, e.currentTarget)}
            /> min</label
          >{/if}
        <div class="words">
          {#if project !== null && step.picture}<img
              src="/api/projects/{project}/pictures/step-{step.id}.svg"
              alt="What stands after step {step.number}"
              loading="lazy"
            />{/if}
          <p>{step.words}</p>
          {#if step.cuts.length > 0 && project !== null}<p class="small soft">
              Ticked, what it cuts is off the heap, and offcuts worth keeping lie there.
            </p>{/if}
          {#if step.tools.length > 0 || step.protection.length > 0}
            <p class="small soft">
              <Tools tools={step.tools} />{#if step.protection.length > 0}{step.tools.length > 0 ? ' · ' : ''}<b
                  >{step.protection.join(', ')}</b
                >{/if}
            </p>
          {/if}
          {#each step.tools.filter((t) => t.having !== 'Owned') as t (t.words)}
            <p class="small problem">
              {t.having === 'Lacking' ? 'You lack' : 'To borrow:'}
              {t.words.toLowerCase()}.{t.instead ? ` ${t.instead}` : ''}
            </p>
          {/each}
          {#each step.cautions as caution (caution)}<p class="caution">
              <span aria-hidden="true">⚠</span>
              {caution}
            </p>{/each}
        </div>
      </li>
    {/each}
  </ol>
</section>

<style>
  h2 {
    margin: 12px 0 5px;
  }

  li {
    border-top: 1px solid var(--line);
    padding: 2px 0 8px;
    break-inside: avoid;
  }

  li[data-next] {
    border-left: 5px solid var(--accent);
    padding-left: 10px;
    margin-left: -15px;
  }

  .words img {
    float: right;
    width: min(210px, 45%);
    margin: 0 0 6px 12px;
    border: 1px solid var(--line);
    background: var(--board);
  }

  .words::after {
    content: '';
    display: block;
    clear: both;
  }

  .title {
    flex: 1;
    font-weight: 700;
  }

  .number {
    font-family: var(--font-head);
    color: var(--accent);
    margin-right: 4px;
  }

  .minutes {
    white-space: nowrap;
    font-size: 0.87rem;
  }

  .minutes b {
    border: 1.3px solid var(--ink);
    border-radius: 3px;
    padding: 0 5px;
    margin-right: 6px;
  }

  .took {
    display: inline-flex;
    align-items: center;
    gap: 6px;
    white-space: nowrap;
  }

  .took :global(div) {
    width: auto;
  }

  li[data-done] {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0 12px;
    align-items: center;
  }

  .took :global(input) {
    width: 5em;
  }

  .words {
    padding-left: 30px;
  }

  li[data-done] .words {
    display: none;
    grid-column: 1 / -1;
  }

  li[data-done] .title {
    text-decoration: line-through;
    color: var(--ink-soft);
  }

  .caution {
    color: var(--fails);
    font-weight: 600;
    font-size: 0.9rem;
  }

  @media print {
    li[data-done] .words {
      display: block;
    }

    li[data-next] {
      border-left: 0;
      padding-left: 0;
      margin-left: 0;
    }
  }
</style>
