<script lang="ts">
  import Button from '../lib/controls/Button.svelte';
  import { api, troubleOf, unreachable, type Schemas } from '../lib/api/client';
  import { garden } from '../lib/garden.svelte';
  import Steps from '../stages/make/Steps.svelte';

  /** All that a helper sees: the steps of the project they were invited to. */
  const { project: id }: { project: number } = $props();

  let project = $state.raw<Schemas['ProjectStepsDto'] | null>(null);
  let wrong = $state('');

  $effect(() => {
    void read();
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

  async function tick(step: string, done: boolean) {
    try {
      const { error, response } = await api.POST('/api/projects/{id}/ticks', {
        params: { path: { id } },
        body: { step, done },
      });
      const said = response.ok ? '' : troubleOf(response.status, error).whole;
      await read();
      if (said) wrong = said;
    } catch {
      wrong = unreachable.whole;
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
      <Button class="px-4" onclick={() => void leave()}>I am done</Button>
    </header>
    {#if project.whyNot}<p class="problem">{project.whyNot}</p>{/if}
    <Steps steps={project.steps} ontick={(s, d) => void tick(s, d)} />
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

  header :global(button) {
    white-space: nowrap;
  }
</style>
