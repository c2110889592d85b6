<script lang="ts">
  import Button from './Button.svelte';
  import ConstantEditor from './ConstantEditor.svelte';
  import type { Sum } from '../api/client';
  import { router } from 'svelte-spa-router';
  import { garden } from '../garden.svelte';
  import { questionAddress } from '../question';
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

  const shown = $derived(show(sum.value, sum.unit, garden.system));

  /** The range is there before the field is, so that nothing moves under a finger. */
  async function edit(constantId: string) {
    await garden.openHandbook();
    editing = constantId;
  }

  function done(changed: boolean) {
    editing = null;
    if (changed) onchanged?.();
  }
</script>

<Button
  kind="bare"
  class={['sum-figure', large && 'large']}
  aria-expanded={open}
  aria-controls={id}
  onclick={() => (open = !open)}
>
  {#if words}{words}{:else}<b>{shown.number}</b>{#if shown.unit}<small>{shown.unit}</small>{/if}{/if}
  <span class="sr">{sum.title}, show the sum</span>
</Button>
{#if open}
  <div class="sum" {id}>
    <h3>{sum.title}</h3>
    <p class="formula"><span data-either>{sum.formula}</span> = <b>{say(sum.value, sum.unit, garden.system)}</b></p>
    <dl>
      {#each sum.terms as term (term.symbol + term.meaning)}
        <dt data-either>{term.symbol}</dt>
        <dd>
          {say(term.value, term.unit, garden.system)} <span class="soft">{term.meaning}</span>
          {#if term.constantId}
            {#if garden.info?.constants[term.constantId] !== undefined}<span class="own">your own value</span>{/if}
            <Button kind="link" onclick={() => void edit(term.constantId!)}>change</Button>
            {@const row = garden.constants.get(term.constantId)}
            {#if editing === term.constantId && row}
              <ConstantEditor {row} ondone={done} />
              <cite class="soft small">{row.source}</cite>
            {/if}
          {/if}
        </dd>
      {/each}
    </dl>
    <p class="soft small"><cite>{sum.source}</cite>{sum.assumptions.map((a) => `. ${a}`).join('')}.</p>
    {#if sum.question && router.location !== `/sums/${sum.question.calculator}`}
      <p><a class="underline" href={questionAddress(sum.question)}>Work it by itself, from these numbers</a></p>
    {/if}
  </div>
{/if}

<style>
  :global(.sum-figure) {
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

  :global(.sum-figure:hover) {
    border-bottom-style: solid;
  }

  :global(.sum-figure small) {
    margin-left: 4px;
    font-size: 0.9em;
  }

  :global(.sum-figure b) {
    font-weight: 600;
  }

  :global(.sum-figure.large) {
    border-bottom-width: 2px;
  }

  :global(.sum-figure.large b) {
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
</style>
