<script lang="ts">
  import { api, troubleOf, unreachable, type Schemas } from '../../lib/api/client';
  import Button from '../../lib/controls/Button.svelte';
  import Small from '../../lib/drawing/Small.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { fromHere } from '../../lib/go';
  import { day } from '../../lib/when';
  import type { Worth } from './seeing.svelte';
  import WorthPanel from './WorthPanel.svelte';

  const { seen }: { seen: Schemas['SeenDto'] } = $props();

  let worth = $state.raw<Worth | null>(null);
  let asking = $state(false);
  let wrong = $state('');
  const thing = $derived(seen.thing);

  async function ask() {
    asking = true;
    wrong = '';
    try {
      const { data, error, response } = await api.POST('/api/worth', {
        body: { thing: null, seen: thing.id, brief: garden.place, aim: garden.aim },
      });
      if (data) worth = data;
      else wrong = troubleOf(response.status, error).whole;
    } catch {
      wrong = unreachable.whole;
    }
    asking = false;
  }

  async function fetched() {
    const go = fromHere();
    const trouble = await garden.write(
      () =>
        api.POST('/api/seen/{id}/fetched', { params: { path: { id: thing.id } }, body: { version: thing.version } }),
      `${thing.name} is on the heap; measure it again`,
    );
    wrong = trouble?.whole ?? '';
    if (!trouble) go(`/gather/${thing.id}`);
  }

  async function forget() {
    const trouble = await garden.write(
      () => api.POST('/api/seen/{id}/forget', { params: { path: { id: thing.id } }, body: { version: thing.version } }),
      `${thing.name} is forgotten; undo brings it back`,
    );
    wrong = trouble?.whole ?? '';
  }
</script>

<article aria-label={thing.name}>
  <Small shapes={thing.silhouette} width={92} height={60} edge={3} />
  <div>
    <h3>{thing.name}{thing.count > 1 ? ` × ${thing.count}` : ''}</h3>
    <p class="small">
      Seen {day(seen.on, garden.dates)}{thing.source ? `, ${thing.source}` : ''}. {seen.loading?.words ?? ''}
    </p>
    <div class="press">
      <Button class="px-4" disabled={asking} onclick={() => void ask()}
        >{asking ? 'Trying it…' : 'What is it good for?'}</Button
      >
      <Button class="px-4" onclick={() => void fetched()}>Fetched</Button>
      <Button class="px-4" onclick={() => void forget()}>Forget it</Button>
    </div>
    {#if wrong}<p class="problem" role="alert">{wrong}</p>{/if}
  </div>
  {#if worth}<div class="told"><WorthPanel {worth} /></div>{/if}
</article>

<style>
  article {
    display: grid;
    grid-template-columns: 92px minmax(0, 1fr);
    gap: 6px 14px;
    padding: 8px 0;
    border-top: 1px solid var(--line);
  }

  .told {
    grid-column: 1 / -1;
  }

  .press {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin: 6px 0;
  }
</style>
