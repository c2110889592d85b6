<script lang="ts">
  import { Select } from 'flowbite-svelte';
  import { push } from 'svelte-spa-router';
  import Button from '../../lib/controls/Button.svelte';
  import Field from '../../lib/controls/Field.svelte';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import Waiting from '../../lib/controls/Waiting.svelte';
  import { parseCount } from '../../lib/units/parse';
  import WalkRound from '../gather/WalkRound.svelte';
  import { seeing } from './seeing.svelte';
  import WorthPanel from './WorthPanel.svelte';

  /** Milliseconds after the last key before the whole heap is matched again. */
  const SETTLED = 500;

  const { bench } = seeing;
  const draft = $derived(bench.draft!);
  const kind = $derived(bench.kind!);
  const key = $derived(`${draft.kind} ${draft.substance}`);
  let walking = $state(true);
  const asked = $derived(
    JSON.stringify([draft.kind, draft.count, draft.substance, draft.measures, draft.findings, draft.faults]),
  );
  let before = '';

  $effect(() => {
    if (asked === before) return;
    const first = before === '';
    before = asked;
    if (first) {
      void seeing.ask();
      return;
    }
    const soon = setTimeout(() => void seeing.ask(), SETTLED);
    return () => clearTimeout(soon);
  });

  function count(event: Event & { currentTarget: HTMLInputElement }) {
    const read = parseCount(event.currentTarget.value);
    if (read.error !== undefined) bench.wrong('count', read.error);
    else {
      draft.count = read.value;
      bench.touch();
    }
  }

  async function keep() {
    if (await seeing.keep()) void push('/fetch');
  }

  function leave() {
    seeing.leave();
    void push('/fetch');
  }
</script>

<section class="seeing" aria-busy={seeing.pending > 0}>
  <div class="told">
    {#if seeing.worth}<WorthPanel worth={seeing.worth} />
    {:else if seeing.wrong}<p class="problem" role="alert">{seeing.wrong}</p>
    {:else}<Waiting words="Trying it with everything that lies here…" />{/if}
    {#if seeing.worth && seeing.pending > 0}<p class="soft small">Trying it again…</p>{/if}
    <div class="press">
      <Button kind="main" class="px-5" disabled={bench.keeping} onclick={() => void keep()}>Keep it in mind</Button>
      <Button class="px-4" onclick={leave}>Leave it</Button>
    </div>
    {#if bench.whole && !Object.keys(bench.errors).length}<p class="problem" role="alert">{bench.whole}</p>{/if}
  </div>
  <form onsubmit={(e) => (e.preventDefault(), void keep())}>
    {#if walking}
      {#key key}<WalkRound {bench} onended={() => (walking = false)} />{/key}
    {:else}
      <p><Button class="px-4" onclick={() => (walking = true)}>Walk round it again</Button></p>
    {/if}
    <h2>What you see: {kind.name.toLowerCase()}</h2>
    <div class="fields">
      <label
        >Name
        <Field
          bind:value={draft.name}
          maxlength={200}
          aria-invalid={bench.errors.name ? 'true' : undefined}
          oninput={() => bench.note({})}
        />
      </label>
      <label
        >How many
        <Field class="mono" value={draft.count} inputmode="numeric" onchange={count} />
      </label>
      <label
        >Made of
        <Select
          placeholder=""
          value={draft.substance}
          onchange={(e) => bench.setSubstance(e.currentTarget.value as typeof draft.substance)}
        >
          {#each kind.substances as s (s.id)}<option value={s.id}>{s.name}</option>{/each}
        </Select>
      </label>
      <label
        >Who has it, and where
        <Field bind:value={draft.source} maxlength={200} oninput={() => bench.note({ source: draft.source })} />
      </label>
      {#each kind.fields as field (field.id)}
        <MeasureField
          name={field.name}
          hint={draft.taken.includes(field.id) ? field.hint : 'As they usually are: hold a hand or a tape to it'}
          unit={field.unit}
          value={draft.measures[field.id]}
          error={bench.errors[`measures.${field.id}`]}
          onvalue={(v) => bench.measure(field.id, v)}
          onerror={(s) => bench.wrong(`measures.${field.id}`, s)}
        />
      {/each}
    </div>
    {#each ['name', 'count', 'source', 'substance'] as field (field)}
      {#if bench.errors[field]}<p class="problem">{bench.errors[field]}</p>{/if}
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
