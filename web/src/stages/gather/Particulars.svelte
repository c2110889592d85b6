<script lang="ts">
  import { stencilled } from '../../lib/words';
  import Fold from '../../lib/controls/Fold.svelte';
  import Field from '../../lib/controls/Field.svelte';
  import { Checkbox } from 'flowbite-svelte';
  import { garden } from '../../lib/garden.svelte';
  import type { Bench } from './bench.svelte';
  import Photographs from './Photographs.svelte';

  const { bench }: { bench: Bench } = $props();
  const draft = $derived(bench.draft!);
  const thing = $derived(garden.things.find((t) => t.id === draft.id));
  const parent = $derived(thing?.parentId ? garden.things.find((t) => t.id === thing.parentId) : undefined);

  function cost(event: Event & { currentTarget: HTMLInputElement }) {
    const text = event.currentTarget.value.trim().replace(',', '.');
    const value = text === '' ? null : Number(text);
    if (value !== null && !(value >= 0)) bench.wrong('cost', `“${text}” is no price.`);
    else {
      delete bench.errors.cost;
      bench.note({ cost: value });
    }
  }
</script>

<Fold
  class="particulars"
  bind:open={
    () => bench.opened.get(draft.id) ?? Boolean(thing?.photos.length), (open) => bench.opened.set(draft.id, open)
  }
>
  {#snippet title()}<span
      >Where it comes from, what to mind, photographs<span class="soft small font-normal"
        >{[draft.source, draft.keepDry ? 'keep dry' : '', draft.useBefore ? `use before ${draft.useBefore}` : '']
          .filter(Boolean)
          .map((w) => ` · ${w}`)
          .join('')}</span
      ></span
    >{/snippet}
  {#if thing?.parentId}<p class="small">
      Taken out of {#if parent}<a class="tag" href="#/gather/{parent.id}"
          ><b>{stencilled(parent.number)}</b> {parent.name}</a
        >{:else}a thing that is off the heap{/if}
    </p>{/if}
  <div class="fields">
    <label
      >From <Field
        value={draft.source}
        maxlength={80}
        placeholder="The closing boat shed"
        oninput={(e) => bench.note({ source: e.currentTarget.value })}
      /></label
    >
    <label
      >Who said yes <Field
        value={draft.permission}
        maxlength={80}
        placeholder="The foreman, in May"
        oninput={(e) => bench.note({ permission: e.currentTarget.value })}
      /></label
    >
    <label
      >Cost of the batch <Field
        class="mono"
        value={draft.cost ?? ''}
        inputmode="decimal"
        placeholder="nothing"
        aria-invalid={bench.errors.cost ? 'true' : undefined}
        onchange={cost}
      /></label
    >
    <label
      >Use before <Field
        type="date"
        value={draft.useBefore ?? ''}
        onchange={(e) => bench.note({ useBefore: e.currentTarget.value || null })}
      /></label
    >
    <label class="wide"
      >Remark <Field
        value={draft.remark}
        maxlength={1000}
        oninput={(e) => bench.note({ remark: e.currentTarget.value })}
      /></label
    >
    <label class="tick"
      ><Checkbox checked={draft.keepDry} onchange={(e) => bench.note({ keepDry: e.currentTarget.checked })} /><span
        >Keep dry</span
      ></label
    >
  </div>
  {#each ['source', 'permission', 'cost', 'remark', 'useBefore', 'photo'] as field (field)}
    {#if bench.errors[field]}<p class="problem">{bench.errors[field]}</p>{/if}
  {/each}
  {#if thing}<Photographs {bench} {thing} />{/if}
</Fold>

<style>
  :global(.particulars) {
    margin: 10px 0;
    border-top: 1px dashed var(--line);
    padding-top: 6px;
  }

  .fields {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
    gap: 8px 14px;
    font-size: 0.85rem;
  }

  .fields :global(input) {
    font-size: 1rem;
  }

  .wide {
    grid-column: span 2;
  }

  .tick {
    align-self: end;
  }

  @media (max-width: 760px) {
    .wide {
      grid-column: auto;
    }
  }
</style>
