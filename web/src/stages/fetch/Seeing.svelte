<script lang="ts">
  import { push } from 'svelte-spa-router';
  import Button from '../../lib/controls/Button.svelte';
  import Field from '../../lib/controls/Field.svelte';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import Waiting from '../../lib/controls/Waiting.svelte';
  import WalkRound from '../gather/WalkRound.svelte';
  import WhatItIs from '../gather/WhatItIs.svelte';
  import { seeing } from './seeing.svelte';
  import WorthPanel from './WorthPanel.svelte';

  const draft = $derived(seeing.draft!);
  const kind = $derived(seeing.kind!);
  const key = $derived(`${draft.kind} ${draft.substance}`);
  let walking = $state(true);

  async function keep() {
    if (await seeing.keep()) void push('/fetch');
  }

  function leave() {
    seeing.drop();
    void push('/fetch');
  }
</script>

<section class="seeing" aria-busy={seeing.pending > 0}>
  <div class="told">
    {#if seeing.preview}<WorthPanel worth={seeing.preview} />
    {:else if !seeing.whole}<Waiting words="Trying it with everything that lies here…" />{/if}
    {#if seeing.preview && seeing.pending > 0}<p class="soft small">Trying it again…</p>{/if}
    <div class="press">
      <Button kind="main" class="px-5" disabled={seeing.keeping} onclick={() => void keep()}>Keep it in mind</Button>
      <Button class="px-4" onclick={leave}>Leave it</Button>
    </div>
    {#if seeing.whole && !Object.keys(seeing.errors).length}<p class="problem" role="alert">{seeing.whole}</p>{/if}
  </div>
  <form onsubmit={(e) => (e.preventDefault(), void keep())}>
    {#if walking}
      {#key key}<WalkRound bench={seeing} onended={() => (walking = false)} />{/key}
    {:else}
      <p><Button class="px-4" onclick={() => (walking = true)}>Walk round it again</Button></p>
    {/if}
    <h2>What you see: {kind.name.toLowerCase()}</h2>
    <div class="fields">
      <WhatItIs bench={seeing} />
      <label
        >Who has it, and where
        <Field bind:value={draft.source} maxlength={200} oninput={() => seeing.note({ source: draft.source })} />
      </label>
      {#each kind.fields as field (field.id)}
        <MeasureField
          name={field.name}
          hint={draft.taken.includes(field.id) ? field.hint : 'As they usually are: hold a hand or a tape to it'}
          unit={field.unit}
          value={draft.measures[field.id]}
          error={seeing.errors[`measures.${field.id}`]}
          onvalue={(v) => seeing.measure(field.id, v)}
          onerror={(s) => seeing.wrong(`measures.${field.id}`, s)}
        />
      {/each}
    </div>
    {#each ['name', 'count', 'source', 'substance'] as field (field)}
      {#if seeing.errors[field]}<p class="problem">{seeing.errors[field]}</p>{/if}
    {/each}
  </form>
</section>

<style>
  .seeing {
    display: grid;
    grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
    gap: 16px 28px;
    padding: 14px 22px 26px;
    align-items: start;
  }

  h2 {
    margin-top: 10px;
  }

  .fields {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
    gap: 6px 14px;
    margin-bottom: 10px;
  }

  .press {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: 10px;
  }

  @media (max-width: 760px) {
    .seeing {
      grid-template-columns: minmax(0, 1fr);
      padding: 12px 16px 24px;
    }
  }
</style>
