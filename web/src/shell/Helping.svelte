<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import Button from '../lib/controls/Button.svelte';
  import { api, troubleOf, unreachable } from '../lib/api/client';
  import { held, taken, troubleWith } from '../lib/api/held';
  import { garden } from '../lib/garden.svelte';
  import { OTHERS_SEEN_AFTER } from '../stages/make/making.svelte';
  import OneStep from '../stages/make/OneStep.svelte';
  import Steps from '../stages/make/Steps.svelte';

  /** All that a helper sees: the steps of the project they were invited to, in a list or one at a time. */
  const { project: id }: { project: number } = $props();

  const asked = createQuery(
    () => ({
      queryKey: ['steps', id],
      queryFn: ({ signal }) => taken(api.GET('/api/projects/{id}/steps', { params: { path: { id } }, signal })),
      // Somebody else may be ticking.
      refetchInterval: OTHERS_SEEN_AFTER,
    }),
    () => held,
  );
  const project = $derived(asked.data ?? null);
  /** What was wrong with the last tick. */
  let refused = $state('');
  const wrong = $derived(refused || (troubleWith(asked)?.whole ?? ''));
  let oneAtATime = $state(false);

  /** True when it is kept. */
  async function tick(step: string, done: boolean, minutes: number | null = null): Promise<boolean> {
    try {
      const { error, response } = await api.POST('/api/projects/{id}/ticks', {
        params: { path: { id } },
        body: { step, done, minutes },
      });
      refused = response.ok ? '' : troubleOf(response.status, error).whole;
      await held.invalidateQueries({ queryKey: ['steps', id] });
      return response.ok;
    } catch {
      refused = unreachable.whole;
      return false;
    }
  }

  async function leave() {
    await api.POST('/api/door/out').catch(() => null);
    await garden.open();
  }
</script>

<section class="helping">
  {#if project}
    <header>
      <div>
        <h1>{project.name}</h1>
        <p class="soft">
          {project.designName} · {project.steps.filter((s) => s.done).length} of {project.steps.length} steps done
        </p>
      </div>
      <div class="press">
        <Button class="px-4" onclick={() => (oneAtATime = !oneAtATime)}
          >{oneAtATime ? 'All steps' : 'One at a time'}</Button
        >
        <Button class="px-4" onclick={() => void leave()}>I am done</Button>
      </div>
    </header>
    {#if project.whyNot}<p class="problem">{project.whyNot}</p>{/if}
    {#if oneAtATime && project.steps.length > 0}<OneStep
        project={id}
        steps={project.steps}
        cuts={project.cuts}
        ontick={tick}
      />
    {:else}<Steps steps={project.steps} ontick={(s, d) => void tick(s, d)} />{/if}
  {/if}
  {#if wrong}<p class="problem" role="alert">{wrong}</p>{/if}
</section>

<style>
  .helping {
    max-width: 760px;
    margin: 0 auto;
    padding: 18px 20px 40px;
  }

  header {
    display: flex;
    justify-content: space-between;
    gap: 16px;
    align-items: start;
  }

  .press {
    display: flex;
    flex-wrap: wrap;
    justify-content: end;
    gap: 8px;
  }

  header :global(button) {
    white-space: nowrap;
  }
</style>
