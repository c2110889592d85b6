<script lang="ts">
  import { push } from 'svelte-spa-router';
  import Button from '../../lib/controls/Button.svelte';
  import Waiting from '../../lib/controls/Waiting.svelte';
  import { MakingState } from './making.svelte';
  import OneStep from './OneStep.svelte';

  const { params }: { params?: { project?: string } } = $props();

  const id = $derived(Number(params?.project ?? 0));
  // Somebody else may be ticking, on a phone of their own.
  const making = new MakingState(() => id, { withOthers: true });
  const project = $derived(making.project);
  const plan = $derived(making.plan);
</script>

<article class="bench">
  <header>
    <h1>{project?.name ?? 'At the bench'}</h1>
    <Button class="px-4" onclick={() => void push(`/make/${id}`)}>The whole sheet</Button>
  </header>
  {#if making.wrong}<p class="problem" role="alert">{making.wrong}</p>{/if}
  {#if making.recut}<p class="recut" role="status">{making.recut}</p>{/if}
  {#if project && plan}
    {#key project.id}
      <OneStep
        project={project.id}
        steps={plan.steps}
        cuts={plan.cuts}
        ontick={(step, done, minutes) => making.tick(step, done, minutes)}
        onshort={(board, piece, length) => making.tooShort(board, piece, length)}
      />
    {/key}
  {:else if project}<p class="problem">{project.whyNot}</p>
  {:else if !making.wrong}<Waiting words="Laying it out…" />{/if}
</article>

<style>
  .bench {
    display: flex;
    flex-direction: column;
    min-height: 100%;
    padding: 12px 18px 0;
  }

  header {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 12px;
    width: 100%;
    max-width: 720px;
    margin: 0 auto 6px;
  }

  h1 {
    font-size: 1.15rem;
  }

  .recut,
  .problem {
    max-width: 720px;
    margin: 0 auto 8px;
  }

  .recut {
    border-left: 5px solid var(--accent);
    padding: 4px 10px;
    font-weight: 600;
  }
</style>
