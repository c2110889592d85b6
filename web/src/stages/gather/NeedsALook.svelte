<script lang="ts">
  import { Select } from 'flowbite-svelte';
  import Button from '../../lib/controls/Button.svelte';
  import { api } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';

  /** As which kind each is to be mended, by id; its own when nothing is chosen. */
  let kinds = $state<Record<number, string>>({});
  let wrong = $state<Record<number, string>>({});
  const all = $derived(
    [...garden.kinds.values()].sort((a, b) => a.name.localeCompare(b.name)).map((k) => [k.id, k.name] as const),
  );

  async function mend(id: number, version: number) {
    const trouble = await garden.write(
      () => api.POST('/api/things/{id}/mend', { params: { path: { id } }, body: { kind: kinds[id] || null, version } }),
      'Mended; look it over and measure it again where it says so',
    );
    wrong = { ...wrong, [id]: trouble?.whole ?? '' };
  }

  async function retire(id: number, version: number) {
    const trouble = await garden.write(
      () => api.POST('/api/things/{id}/retire', { params: { path: { id } }, body: { version } }),
      'It is off the heap; undo brings it back',
    );
    wrong = { ...wrong, [id]: trouble?.whole ?? '' };
  }
</script>

<section class="look" aria-labelledby="needs-a-look">
  <h1 id="needs-a-look">Needs a look</h1>
  {#if garden.needsALook.length === 0}
    <p>Everything on the heap can be read.</p>
  {:else}
    <p class="soft">
      These were kept when Metaplant knew other kinds or measures. Until they are mended they are in no match and no
      project; nothing of them is lost.
    </p>
  {/if}
  {#each garden.needsALook as t (t.id)}
    <article>
      <h2><span class="number mono">{t.number}</span> {t.name} {t.count > 1 ? `× ${t.count}` : ''}</h2>
      <p class="small soft">Kept as “{t.kind}”{t.place ? ` · ${t.place}` : ''}</p>
      <ul class="problem">
        {#each t.wrong as sentence, i (i)}<li>{sentence}</li>{/each}
      </ul>
      {#if t.mending && !kinds[t.id]}
        <p><b>Mended as it is:</b> {t.mending.join(' ')}</p>
      {/if}
      <div class="actions">
        <label
          >{t.mending ? 'It is rather a' : 'What is it?'}
          <Select
            placeholder=""
            value={kinds[t.id] ?? ''}
            onchange={(e) => (kinds = { ...kinds, [t.id]: e.currentTarget.value })}
          >
            <option value="">{t.mending ? 'no, its own kind' : 'choose…'}</option>
            {#each all as [id, name] (id)}<option value={id}>{name}</option>{/each}
          </Select></label
        >
        <Button
          kind="main"
          class="px-4"
          disabled={!t.mending && !kinds[t.id]}
          onclick={() => void mend(t.id, t.version)}>Mend it</Button
        >
        <Button class="px-4" onclick={() => void retire(t.id, t.version)}>Off the heap</Button>
      </div>
      {#if wrong[t.id]}<p class="problem" role="alert">{wrong[t.id]}</p>{/if}
    </article>
  {/each}
</section>

<style>
  .look {
    grid-column: 2 / -1;
    padding: 14px 24px 30px;
    overflow: auto;
    max-width: 900px;
  }

  article {
    border-top: 1px solid var(--line);
    padding: 12px 0;
    display: grid;
    gap: 6px;
  }

  .number {
    font-weight: 400;
    color: var(--ink-soft);
    margin-right: 4px;
  }

  .problem li {
    list-style: disc;
    margin-left: 20px;
  }

  .actions {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: end;
  }

  .actions :global(select) {
    display: block;
  }
</style>
