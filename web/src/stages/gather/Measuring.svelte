<script lang="ts">
  import Field from '../../lib/controls/Field.svelte';
  import { Dropdown, DropdownItem } from 'flowbite-svelte';
  import Button from '../../lib/controls/Button.svelte';
  import { untrack } from 'svelte';
  import { push, router } from 'svelte-spa-router';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import Drawing from '../../lib/drawing/Drawing.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { fromHere } from '../../lib/go';
  import { phone } from '../../lib/phone';
  import { parseLength } from '../../lib/units/parse';
  import { say } from '../../lib/units/tell';
  import type { Bench } from './bench.svelte';
  import Particulars from './Particulars.svelte';
  import StickScale from './StickScale.svelte';
  import TradeSize from './TradeSize.svelte';
  import WhatItIs from './WhatItIs.svelte';

  const { bench }: { bench: Bench } = $props();

  let splitOff = $state('1');
  let badFrom = $state('');
  let badTo = $state('');
  let more = $state(false);

  const draft = $derived(bench.draft!);
  const kind = $derived(bench.kind!);
  const names = $derived(Object.fromEntries(kind.fields.map((f) => [f.id, f.name])));
  const onDrawing = $derived(new Set(bench.preview?.drawing.dimensions.map((d) => d.field).filter(Boolean) ?? []));
  // Until there is a drawing no field stands beside it, or it would jump away under the finger; unless none can be had.
  const others = $derived(bench.preview || bench.whole ? kind.fields.filter((f) => !onDrawing.has(f.id)) : []);
  const measureErrors = $derived(
    Object.fromEntries(
      Object.entries(bench.errors)
        .filter(([f]) => f.startsWith('measures.'))
        .map(([f, s]) => [f.slice(9), s]),
    ),
  );
  const tappable = $derived(new Set((bench.preview?.faultParts ?? []).filter((p) => p !== 'piece')));
  const spokenFor = $derived(garden.things.find((t) => t.id === draft.id)?.spokenFor ?? []);
  const notTaken = $derived((bench.preview?.notTaken ?? []).map((id) => names[id] ?? id));
  const markable = $derived(bench.preview?.faultParts.includes('piece') ?? false);

  /** A new thing kept makes room for the next one, or stays in hand. */
  async function keep(next: boolean) {
    const wasNew = bench.isNew;
    // Whoever has gone on to another page meanwhile is not called back.
    if (!(await bench.keep()) || !wasNew || router.location !== '/gather/new') return;
    if (next) bench.putAway();
    else void push(`/gather/${draft.id}`);
  }

  function another() {
    more = false;
    bench.another();
    void push('/gather/new');
  }

  function asItWas() {
    more = false;
    bench.reload(draft.id!);
  }

  async function offTheHeap() {
    more = false;
    const go = fromHere();
    if (await bench.retire()) go('/gather');
  }

  /** What is split off is what is in hand next: it is what differs. */
  async function split() {
    const go = fromHere();
    const part = await bench.split(Number(splitOff));
    if (part !== null) go(`/gather/${part}`);
  }

  /** A new thing is named first; what was made of a line is there to be typed over, or to be kept with Enter. */
  function ready(field: HTMLElement) {
    if (!untrack(() => bench.isNew) || !matchMedia('(pointer: fine)').matches) return;
    field.focus();
    if (field instanceof HTMLInputElement) field.select();
  }

  function addBadPlace() {
    const from = parseLength(badFrom, garden.system);
    const to = parseLength(badTo, garden.system);
    if (from.error !== undefined || to.error !== undefined) {
      bench.wrong('faults', from.error ?? to.error ?? '');
      return;
    }
    bench.setBadPlace(from.value, to.value);
    [badFrom, badTo] = ['', ''];
  }
</script>

<section class="measuring" aria-label="Measuring">
  <form
    onsubmit={(e) => {
      e.preventDefault();
      void keep(true);
    }}
  >
    <div class="head">
      <WhatItIs {bench} {ready} />
      <label
        >Where it lies
        <Field
          bind:value={draft.place}
          maxlength={200}
          list="piles"
          aria-invalid={bench.errors.place ? 'true' : undefined}
          oninput={() => bench.note({ place: draft.place })}
        />
        <datalist id="piles">
          {#each garden.plan?.places.filter((p) => p.drawn.sort === 'Pile') ?? [] as pile (pile.id)}<option
              value={pile.drawn.name}
            ></option>{/each}
        </datalist>
      </label>
    </div>
    {#each ['name', 'count', 'place', 'substance', 'faults'] as field (field)}
      {#if bench.errors[field]}<p class="problem">{bench.errors[field]}</p>{/if}
    {/each}

    {#if bench.trade}<TradeSize {bench} trade={bench.trade} />{/if}
    <h2>
      {kind.name}<span class="soft small"
        >{bench.preview ? ` · ${bench.preview.drawing.title.toLowerCase()}, to scale; type on the drawing` : ''}</span
      >
    </h2>
    {#if bench.preview}
      <Drawing
        view={bench.preview.drawing}
        height={306}
        {names}
        errors={measureErrors}
        bad={bench.badParts}
        {tappable}
        onpart={(p) => bench.togglePart(p)}
        onmeasure={(f, v) => bench.measure(f, v)}
        onerror={(f, s) => bench.wrong(`measures.${f}`, s)}
      />
    {:else}
      <div class="waiting soft">{bench.whole || 'Drawing…'}</div>
    {/if}
    {#each Object.entries(measureErrors) as [field, sentence] (field)}
      <p class="problem" data-field={field}>
        {names[field] ?? field}: {sentence} <span class="soft">The drawing shows the last measures that could be.</span>
      </p>
    {/each}
    {#if notTaken.length > 0}<p class="untaken small">
        Not measured yet, typical ones stand in: {notTaken.join(', ').toLowerCase()}.
      </p>{/if}
    {#if tappable.size > 0}<p class="soft small">
        Tap a slat that is cracked or missing; cuts go round it{draft.count > 1
          ? ' on every one of the batch. Split off those that differ'
          : ''}.
      </p>{/if}

    {#if others.length > 0}
      <div class="others">
        {#each others as field (field.id)}
          <MeasureField
            name={field.name}
            hint={field.hint}
            unit={field.unit}
            value={draft.measures[field.id]}
            error={measureErrors[field.id]}
            onvalue={(v) => bench.measure(field.id, v)}
            onerror={(s) => bench.wrong(`measures.${field.id}`, s)}
          />
        {/each}
      </div>
    {/if}
    {#if markable}
      <fieldset class="bad">
        <legend>Bad places, from one end</legend>
        {#each draft.faults as f, i (i)}
          <Button
            kind="bare"
            class="tag"
            onclick={() => bench.dropBadPlace(i)}
            aria-label="Sound after all: {say(f.from, 'Metre', garden.system)} to {say(f.to, 'Metre', garden.system)}"
            >{say(f.from, 'Metre', garden.system)} to {say(f.to, 'Metre', garden.system)} ✕</Button
          >
        {/each}
        <Field class="mono" bind:value={badFrom} aria-label="Bad place from" placeholder="from" />
        <Field class="mono" bind:value={badTo} aria-label="Bad place to" placeholder="to" />
        <Button class="px-3" onclick={addBadPlace}>Mark</Button>
      </fieldset>
    {/if}

    {#if kind.group === 'Sticks' && 'sticks' in draft.measures}{#key draft.id}<StickScale {bench} />{/key}{/if}
    <Particulars {bench} />

    {#if bench.whole && !Object.keys(bench.errors).length}<p class="problem" role="alert">{bench.whole}</p>{/if}
    <div class="actions">
      <Button type="submit" kind="main" class="px-5" disabled={bench.keeping || (!bench.isNew && !bench.changed)}
        >{bench.isNew ? 'Keep it, and the next' : 'Keep changes'}</Button
      >
      {#if bench.isNew}
        <Button class="px-4" disabled={bench.keeping} onclick={() => void keep(false)}>Put it on the heap</Button>
        <Button class="px-4" onclick={() => (bench.drop(), void push('/gather'))}>Leave it</Button>
      {:else}
        {#if phone.current}
          <Button class="px-4" aria-haspopup="dialog">More ▾</Button>
          <Dropdown simple bind:isOpen={more} role="dialog" aria-label="More to do with it">
            <DropdownItem onclick={another}>Another like it</DropdownItem>
            {#if bench.changed}<DropdownItem onclick={asItWas}>As it was</DropdownItem>{/if}
            <DropdownItem onclick={() => void offTheHeap()}>Off the heap</DropdownItem>
          </Dropdown>
        {:else}
          <Button class="px-4" onclick={another}>Another like it</Button>
          {#if bench.changed}<Button class="px-4" onclick={asItWas}>As it was</Button>{/if}
          <Button class="px-4" onclick={() => void offTheHeap()}>Off the heap</Button>
        {/if}
        {#if draft.count > 1}
          <span class="split">
            <Button class="px-4" disabled={bench.changed} onclick={() => void split()}>Split off</Button>
            <Field class="mono" bind:value={splitOff} inputmode="numeric" aria-label="How many to split off" />
          </span>
        {/if}
      {/if}
    </div>
    {#if bench.changed && !bench.isNew}<p class="soft small">
        Changes not kept yet; they wait here, also when you go elsewhere.
      </p>{/if}
    {#if spokenFor.length > 0}<p class="small">
        Spoken for:
        {#each spokenFor as s (s.projectId)}<a class="project" href="#/draw?project={s.projectId}"
            >{s.part ?? s.count} by {s.projectName}</a
          >
        {/each}
      </p>{/if}
    {#if bench.errors.split}<p class="problem">{bench.errors.split}</p>{/if}
  </form>
</section>

<style>
  .measuring {
    padding: 14px 18px;
    overflow: auto;
    background:
      repeating-linear-gradient(0deg, color-mix(in srgb, var(--line) 35%, transparent) 0 1px, transparent 1px 38px),
      repeating-linear-gradient(90deg, color-mix(in srgb, var(--line) 35%, transparent) 0 1px, transparent 1px 38px),
      var(--board);
  }

  .head {
    display: grid;
    grid-template-columns: 1.5fr 84px 1fr 1fr;
    gap: 10px;
    font-size: 0.85rem;
  }

  .head :global(:is(input, select)) {
    font-size: 1rem;
  }

  h2 {
    margin: 12px 0 0;
  }

  h2 span {
    font-family: var(--font-sans);
    font-weight: 400;
  }

  .waiting {
    height: 306px;
    display: grid;
    place-items: center;
  }

  .project {
    color: var(--chalk);
    text-decoration: underline;
    margin-right: 10px;
  }

  .untaken {
    color: var(--chalk);
    font-weight: 600;
  }

  .others {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
    gap: 8px 22px;
    margin: 8px 0;
  }

  .bad {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
    margin: 8px 0;
  }

  .bad legend {
    float: left;
    margin-right: 10px;
  }

  .bad :global(input),
  .split :global(input) {
    width: 84px;
  }

  .actions,
  .split {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: center;
  }

  /* Always within reach, however long the list of measures is. */
  .actions {
    position: sticky;
    bottom: -14px;
    margin-top: 12px;
    padding: 8px 0 12px;
    background: var(--board);
  }

  /* Here the page scrolls and not the form, so that what sticks must stick to the page. */
  @media (max-width: 1020px) {
    .measuring {
      overflow: visible;
    }

    .actions {
      bottom: 0;
    }
  }

  @media (max-width: 760px) {
    .head {
      grid-template-columns: 1fr 84px;
    }
  }
</style>
