<script lang="ts">
  import Button from '../lib/controls/Button.svelte';
  import { api, troubleOf, unreachable, type Schemas } from '../lib/api/client';
  import { garden } from '../lib/garden.svelte';
  import { OTHERS_SEEN_AFTER } from '../stages/make/making.svelte';
  import OneStep from '../stages/make/OneStep.svelte';
  import Steps from '../stages/make/Steps.svelte';

  /** All that a helper sees: the steps of the project they were invited to, in a list or one at a time. */
  const { project: id }: { project: number } = $props();

  let project = $state.raw<Schemas['ProjectStepsDto'] | null>(null);
  let wrong = $state('');
  let oneAtATime = $state(false);

  $effect(() => {
    void read();
    // Somebody else may be ticking.
    const again = setInterval(() => void read(), OTHERS_SEEN_AFTER);
    return () => clearInterval(again);
  });

  async function read() {
    try {
      const { data, error, response } = await api.GET('/api/projects/{id}/steps', { params: { path: { id } } });
      if (data) [project, wrong] = [data, ''];
      else if (response.status === 401) await garden.open();
      else wrong = troubleOf(response.status, error).whole;
    } catch {
      wrong = unreachable.whole;
    }
  }

  /** True when it is kept. */
  async function tick(step: string, done: boolean, minutes: number | null = null): Promise<boolean> {
    try {
      const { error, response } = await api.POST('/api/projects/{id}/ticks', {
        params: { path: { id } },
        body: { step, done, minutes },
      });
      const said = response.ok ? '' : troubleOf(response.status, error).whole;
      await read();
      if (said) wrong = said;
      return response.ok;
    } catch {
      wrong = unreachable.whole;
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
