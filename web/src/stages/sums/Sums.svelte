<script lang="ts">
  import Fold from '../../lib/controls/Fold.svelte';
  import Field from '../../lib/controls/Field.svelte';
  import { Select } from 'flowbite-svelte';
  import Button from '../../lib/controls/Button.svelte';
  import { untrack } from 'svelte';
  import { push, router } from 'svelte-spa-router';
  import Drawing from '../../lib/drawing/Drawing.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { hasWords } from '../../lib/words';
  import AnswerPanel from './AnswerPanel.svelte';
  import FedBy from './FedBy.svelte';
  import Headline from './Headline.svelte';
  import Slide from './Slide.svelte';
  import SumFields from './SumFields.svelte';
  import { table } from './table.svelte';
  import { titles } from '../../lib/tree';

  const { params }: { params?: { name?: string } } = $props();
  const groups = ['Grow', 'Drain', 'Hold', 'Support', 'Place'] as const;

  // Opens what the address names, once for each address.
  let opened: string | null = null;
  $effect(() => {
    garden.lifted = {};
    const name = params?.name ?? '';
    const given = new URLSearchParams(router.querystring ?? '').get('i');
    if (`${name}?${given ?? ''}` === opened) return;
    opened = `${name}?${given ?? ''}`;
    untrack(() => void table.open(name, given));
  });

  // A constant or the units changed, undone or changed in another sum: the answer follows.
  $effect(() => {
    void garden.told;
    untrack(() => table.sheet && void table.again());
  });

  // The question in hand is always in sight on the shelf.
  let shelf = $state<HTMLElement | null>(null);
  $effect(() => {
    if (table.name) shelf?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest' });
  });

  let sought = $state('');
  /** Subjects opened or closed by hand; else the one of the sum in hand is open. */
  let unfolded = $state.raw<Record<string, boolean>>({});
  const found = $derived(table.calculators.filter((c) => hasWords(`${c.question} ${c.name} ${c.subject}`, sought)));

  const names = $derived(titles(table.asked, table.inputs));
  const drawn = $derived(new Set(table.sheet?.drawing.dimensions.map((d) => d.field).filter((f) => f !== null)));
  const slideInput = $derived(table.calculator ? (names[table.calculator.slide] ?? '') : '');
  const slideUnit = $derived.by(() => {
    const path = table.calculator?.slide.split('.') ?? [];
    let inputs = table.asked;
    for (const name of path) {
      const input = inputs.find((i) => i.name === name);
      if (input?.kind === 'Number') return input.unit!;
      if (input) inputs = input.kind === 'Either' ? input.fields.flatMap((g) => g.fields) : input.fields;
    }
    return 'One' as const;
  });
  const wrong = $derived(Object.entries(table.errors).filter(([path]) => drawn.has(path) || !(path in names)));
  let copied = $state(false);

  async function copy() {
    await navigator.clipboard.writeText(new URL(table.link, location.href).href);
    copied = true;
    setTimeout(() => (copied = false), 2000);
  }
</script>

<div class="sums">
  <nav class="shelf" class:searching={sought !== ''} aria-label="Sums" bind:this={shelf}>
    <label class="pick"
      ><span class="sr">Question</span>
      <Select placeholder="" value={table.name} onchange={(e) => void push(`/sums/${e.currentTarget.value}`)}>
        {#each groups as group (group)}
          <optgroup label={group}
            >{#each table.calculators.filter((c) => c.subject === group) as c (c.name)}<option value={c.name}
                >{c.question}</option
              >{/each}</optgroup
          >
        {/each}
      </Select>
    </label>
    <Field
      class="search"
      type="search"
      placeholder="Search {table.calculators.length} questions"
      aria-label="Search the questions"
      bind:value={sought}
    />
    {#each groups as group (group)}
      {@const asked = found.filter((c) => c.subject === group)}
      {#if asked.length > 0}
        <Fold
          class="fold"
          heading="h2"
          bind:open={
            () => sought !== '' || (unfolded[group] ?? group === (table.calculator?.subject ?? 'Grow')),
            (open) => (unfolded = { ...unfolded, [group]: open })
          }
        >
          {#snippet title()}{group} <span class="soft small font-normal">{asked.length}</span>{/snippet}
          <ul>
            {#each asked as c (c.name)}
              <li>
                <a
                  href="#/sums/{c.name}"
                  aria-current={c.name === table.name ? 'page' : undefined}
                  onclick={() => (sought = '')}>{c.question}</a
                >
              </li>
            {/each}
          </ul>
        </Fold>
      {/if}
    {/each}
    {#if found.length === 0}<p class="soft">No question has all these words.</p>{/if}
  </nav>

  {#if table.calculator}
    <section class="table" aria-label={table.calculator.question}>
      <div class="title">
        <h1>{table.calculator.question}</h1>
        <Button class="px-4" onclick={() => table.startAgain()}>Start again</Button>
        <Button class="px-4" onclick={copy}>{copied ? 'Copied' : 'Copy the link'}</Button>
      </div>
      {#if table.sheet}
        <div class="first"><Headline {table} /></div>
        <p class="soft small">{table.sheet.drawing.title}, to scale{drawn.size > 0 ? '; type on the drawing' : ''}.</p>
        <Drawing
          view={table.sheet.drawing}
          height={262}
          {names}
          errors={table.errors}
          onmeasure={(f, v) => table.set(f, v)}
          onerror={(f, s) => table.wrong(f, s)}
          stale={table.whole !== ''}
        />
        {#each wrong as [path, sentence] (path)}<p class="problem">
            {names[path] ? `${names[path]}: ` : ''}{sentence}
          </p>{/each}
        {#if table.sweep.length > 1 && typeof table.slideAt === 'number'}
          <Slide
            sweep={table.sweep}
            at={table.slideAt}
            title={slideInput}
            unit={slideUnit}
            answerUnit={table.sheet.sum.unit}
            counts={table.sheet.counts}
            onslide={(v) => table.slide(v)}
          />
        {/if}
      {:else if table.whole}
        <p class="problem" role="alert">{table.whole}</p>
      {/if}
      <div class="fields"><SumFields {table} inputs={table.asked} {drawn} /></div>
      <FedBy {table} {names} />
    </section>
    <AnswerPanel {table} />
  {:else if table.whole}
    <p class="problem" role="alert">{table.whole}</p>
  {/if}
</div>

<style>
  .sums {
    display: grid;
    grid-template-columns: 250px minmax(0, 1fr) 336px;
    height: 100%;
  }

  .shelf {
    overflow-y: auto;
    padding: 10px 14px;
    border-right: 1px solid var(--line);
  }

  .pick {
    display: none;
  }

  .shelf :global(.search) {
    width: 100%;
    margin-bottom: 6px;
  }

  .shelf a {
    display: block;
    padding: 4px 8px;
    line-height: 1.25;
    font-size: 0.93rem;
    border-left: 3px solid transparent;
  }

  .shelf a:hover {
    background: var(--ground);
  }

  .shelf a[aria-current] {
    border-left-color: var(--accent);
    background: var(--accent-soft);
    font-weight: 600;
  }

  .table {
    padding: 12px 18px;
    overflow: auto;
    background:
      repeating-linear-gradient(0deg, color-mix(in srgb, var(--line) 35%, transparent) 0 1px, transparent 1px 38px),
      repeating-linear-gradient(90deg, color-mix(in srgb, var(--line) 35%, transparent) 0 1px, transparent 1px 38px),
      var(--board);
  }

  .title {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
  }

  .title h1 {
    flex: 1 1 280px;
  }

  .first {
    display: none;
  }

  .fields {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
    gap: 8px 24px;
    margin-top: 10px;
  }

  @media (max-width: 1020px) {
    .sums {
      display: flex;
      flex-direction: column;
      height: auto;
    }

    .shelf {
      border-right: 0;
    }

    .shelf:not(.searching) :global(.fold),
    .shelf.searching .pick {
      display: none;
    }

    .shelf a {
      min-height: var(--target);
    }

    .shelf:not(.searching) .pick {
      display: block;
    }

    /* On a phone the answer comes before the drawing; the panel below then leaves it out. */
    .first {
      display: block;
      margin-top: 12px;
    }

    .sums :global(.answer > .sum-figure) {
      display: none;
    }
  }
</style>
