<script lang="ts">
  import Button from '../../lib/controls/Button.svelte';
  import type { Bench } from './bench.svelte';
  import { pictureOf } from './pictures';

  const { bench, onended }: { bench: Bench<unknown>; onended: () => void } = $props();

  /** Only what can be on its stuff is asked; a question with nothing left to find is none. */
  const questions = $derived(
    (bench.kind?.walk ?? [])
      .map((q) => ({ ...q, answers: q.answers.filter((a) => a.finding === null || !bench.neverOn.has(a.finding)) }))
      .filter((q) => q.answers.some((a) => a.finding !== null)),
  );
  let at = $state(0);
  const question = $derived(questions[at]);

  /** True once an answer was left open: then nobody can say that it was looked over. */
  let unsure = false;

  function answer(chosen: (typeof question.answers)[number]) {
    bench.answer(
      question.answers.map((a) => a.finding).filter((f) => f !== null),
      chosen.finding,
    );
    // What is refused is refused whatever else is found.
    if (chosen.ends) onended();
    else next();
  }

  function cannotTell() {
    unsure ||= question.decides ?? false;
    next();
  }

  function next() {
    if (at + 1 < questions.length) at++;
    else {
      if (!unsure) bench.answer([], 'looked-over');
      onended();
    }
  }
</script>

{#if question}
  <section class="walk" aria-label="Walk round it">
    <p class="small soft">{at + 1} of {questions.length}</p>
    <h2 id="walk-question">{question.words}</h2>
    <div class="answers" role="group" aria-labelledby="walk-question">
      {#each question.answers as a, i (i)}
        <Button
          kind="bare"
          aria-pressed={a.finding !== null && (bench.draft?.findings.includes(a.finding) ?? false)}
          onclick={() => answer(a)}
        >
          <svg viewBox="0 0 40 40" width="56" height="56" aria-hidden="true"><path d={pictureOf(a.finding)} /></svg>
          {a.words}
        </Button>
      {/each}
    </div>
    <div class="foot">
      <Button class="px-3" disabled={at === 0} onclick={() => at--}>Back</Button>
      <Button class="px-3" onclick={cannotTell}>Cannot tell</Button>
      <Button class="px-3" onclick={onended}>Leave the walk</Button>
    </div>
  </section>
{/if}

<style>
  .walk {
    border: 1px solid var(--iron);
    background: var(--board);
    padding: 10px 12px 12px;
    margin: 8px 0;
  }

  .answers {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px;
    margin: 8px 0;
  }

  .answers :global(button) {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 2px;
    padding: 8px 6px;
    min-height: 96px;
    background: var(--paper);
    border: 1px solid var(--line);
    border-bottom: 3px solid var(--kraft-edge);
    border-radius: 3px;
    font: inherit;
    font-weight: 600;
    font-size: 0.9rem;
    line-height: 1.2;
    color: var(--ink);
    cursor: pointer;
  }

  .answers :global(button:hover) {
    border-color: var(--accent);
  }

  .answers :global(button[aria-pressed='true']) {
    border-color: var(--accent);
    background: var(--accent-soft);
  }

  path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.8;
    stroke-linejoin: round;
    stroke-linecap: round;
  }

  .foot {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
</style>
