<script lang="ts">
  import type { Sum } from '../api/client';
  import { garden } from '../garden.svelte';
  import { say, show } from '../units/tell';

  interface Props {
    sum: Sum;
    /** Shows the number large, with its unit small beside it. */
    large?: boolean;
    /** Words in place of the number. */
    words?: string;
    /** Stands open from the start. */
    open?: boolean;
    /** Called after a constant was changed, to draw again. */
    onchanged?: () => void;
  }

  let { sum, large = false, words, open = false, onchanged }: Props = $props();
  const id = $props.id();
  let editing = $state<string | null>(null);
  let typed = $state('');
  let wrong = $state('');

  const shown = $derived(show(sum.value, sum.unit, garden.system));

  /** The range is there before the field is, so that nothing moves under a finger. */
  async function edit(constantId: string, value: number) {
    await garden.openHandbook();
    editing = constantId;
    typed = String(Number(value.toPrecision(6)));
    wrong = '';
  }

  async function keep(value: number | null) {
    if (!editing) return;
    if (value !== null && !Number.isFinite(value)) {
      wrong = 'Type a number.';
      return;
    }
    const trouble = await garden.setConstant(editing, value);
    if (trouble) {
      wrong = trouble.fields.value ?? trouble.whole;
      return;
    }
    editing = null;
    onchanged?.();
  }
</script>

<button type="button" class="figure" class:large aria-expanded={open} aria-controls={id} onclick={() => (open = !open)}>
  {#if words}{words}{:else}<b>{shown.number}</b>{#if shown.unit}<small>{shown.unit}</small>{/if}{/if}
  <span class="sr">{sum.title}, show the sum</span>
</button>
{#if open}
  <div class="sum" {id}>
    <h3>{sum.title}</h3>
    <p class="formula">{sum.formula} = <b>{say(sum.value, sum.unit, garden.system)}</b></p>
    <dl>
      {#each sum.terms as term (term.symbol + term.meaning)}
        <dt>{term.symbol}</dt>
        <dd>
          {say(term.value, term.unit, garden.system)} <span class="soft">{term.meaning}</span>
          {#if term.constantId}
            {@const own = garden.info?.constants[term.constantId] !== undefined}
            {#if own}<span class="own">your own value</span>{/if}
            <button type="button" class="change" onclick={() => void edit(term.constantId!, term.value)}>change</button>
            {#if editing === term.constantId}
              {@const row = garden.constants.get(term.constantId)}
              <span class="editor">
                <label
                  >In SI{row ? `, from ${row.least.toPrecision(3)} to ${row.greatest.toPrecision(3)}` : ''}
                  <input
                    class="field mono"
                    bind:value={typed}
                    inputmode="decimal"
                    aria-invalid={wrong ? 'true' : undefined}
                  />
                </label>
                {#if wrong}<span class="problem">{wrong}</span>{/if}
                <button type="button" class="change" onclick={() => void keep(Number(typed.replace(',', '.')))}
                  >use it</button
                >
                {#if own}<button type="button" class="change" onclick={() => void keep(null)}
                    >back to {row?.value.toPrecision(4)}</button
                  >{/if}
                {#if row}<span class="soft small">{row.source}</span>{/if}
              </span>
            {/if}
          {/if}
        </dd>
      {/each}
    </dl>
    <p class="soft small">{[sum.source, ...sum.assumptions].join('. ')}.</p>
  </div>
{/if}

<style>
  .figure {
    background: none;
    border: 0;
    padding: 0;
    font: inherit;
    color: inherit;
    cursor: pointer;
    text-align: left;
    border-bottom: 1.5px dotted var(--kraft-edge);
    min-height: 24px;
  }

  .figure:hover {
    border-bottom-style: solid;
  }

  .figure small {
    margin-left: 4px;
    font-size: 0.9em;
  }

  .figure b {
    font-weight: 600;
  }

  .large {
    border-bottom-width: 2px;
  }

  .large b {
    font-family: var(--font-mono);
    font-size: 1.7rem;
    font-weight: 600;
    line-height: 1.1;
  }

  .sum {
    background: var(--board);
    border: 1px solid var(--line);
    border-left: 4px solid var(--kraft);
    padding: 8px 10px;
    margin: 6px 0;
    font-size: 0.87rem;
    flex-basis: 100%;
  }

  .formula {
    margin: 3px 0;
  }

  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 1px 10px;
    margin: 5px 0;
  }

  dt {
    font-family: var(--font-mono);
  }

  .own {
    color: var(--accent);
    font-weight: 700;
  }

  .change {
    background: none;
    border: 0;
    padding: 0 4px;
    min-height: 24px;
    color: var(--chalk);
    font: inherit;
    text-decoration: underline;
    cursor: pointer;
  }

  .editor {
    display: block;
    padding: 4px 0;
  }
</style>
