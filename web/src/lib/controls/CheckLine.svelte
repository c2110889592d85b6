<script lang="ts">
  import Button from './Button.svelte';
  import type { Check } from '../api/client';
  import { garden } from '../garden.svelte';
  import { say } from '../units/tell';
  import SumOpener from './SumOpener.svelte';
  import VerdictWord from './VerdictWord.svelte';

  interface Props {
    check: Check;
    /** The same check with the drain blocked. */
    blocked?: Check;
    onchanged?: () => void;
  }

  const { check, blocked, onchanged }: Props = $props();
  let open = $state(false);

  const percent = (c: Check) =>
    c.utilisation === null
      ? '?'
      : c.enoughOrNot
        ? c.verdict === 'Fails'
          ? '✕'
          : '✓'
        : `${Math.round(c.utilisation * 100)} %`;
</script>

<li>
  <Button kind="bare" class="line" aria-expanded={open} onclick={() => (open = !open)}>
    <span class="name"
      >{check.name}{#if blocked}<em data-verdict={blocked.verdict}>drain blocked {percent(blocked)}</em>{/if}</span
    >
    <span class="bar" aria-hidden="true"
      ><i
        data-verdict={check.verdict}
        style:width="{check.enoughOrNot && check.verdict !== 'Fails'
          ? 0
          : Math.min(100, (check.utilisation ?? 0) * 100)}%"
      ></i></span
    >
    <b>{percent(check)}</b>
  </Button>
  {#if open}
    {#each blocked ? [check, blocked] : [check] as c (c.id)}
      <div class="more">
        <p><VerdictWord verdict={c.verdict} /> {c.words}</p>
        {#if c.test.length > 0}<ol class="test">
            {#each c.test as step, i (i)}<li>{step}</li>{/each}
          </ol>{/if}
        {#if c.utilisation !== null && !c.enoughOrNot}<p class="soft">
            {say(c.demand, c.unit, garden.system)} asked of it, {say(c.capacity, c.unit, garden.system)} it can give.
          </p>{/if}
        {#each c.remedies as r, i (i)}<p class="remedy">
            {r.words} <b>{say(r.value, r.unit, garden.system)}</b>
          </p>{/each}
        {#each c.sums as sum, i (i)}<div class="sums">
            <span>{sum.title}: </span><SumOpener {sum} {onchanged} />
          </div>{/each}
      </div>
    {/each}
  {/if}
</li>

<style>
  li {
    list-style: none;
  }

  li :global(.line) {
    display: grid;
    grid-template-columns: 1fr 44px 42px;
    gap: 8px;
    align-items: center;
    width: 100%;
    background: none;
    border: 0;
    padding: 3px 0;
    min-height: 30px;
    font: inherit;
    font-size: 0.9rem;
    line-height: 1.2;
    color: inherit;
    text-align: left;
    cursor: pointer;
  }

  .name em {
    display: block;
    font-style: normal;
    font-size: 0.8rem;
    color: var(--ink-soft);
  }

  .name em[data-verdict='Fails'] {
    color: var(--fails);
    font-weight: 700;
  }

  li :global(.line b) {
    text-align: right;
    white-space: nowrap;
  }

  .bar {
    height: 7px;
    border: 1px solid var(--iron);
    background: var(--board);
  }

  .bar i {
    display: block;
    height: 100%;
    background: var(--sound-soft);
  }

  .bar i[data-verdict='Tight'] {
    background: var(--tight-soft);
  }

  .bar i[data-verdict='ProveFirst'],
  .bar i[data-verdict='AskAProfessional'] {
    width: 0 !important;
  }

  .bar i[data-verdict='Fails'] {
    background: var(--fails);
  }

  .more {
    padding: 2px 0 8px 10px;
    border-left: 3px solid var(--kraft);
    font-size: 0.9rem;
  }

  .remedy {
    font-weight: 600;
  }

  .test {
    list-style: decimal;
    padding-left: 1.2em;
  }

  .test li {
    list-style: inherit;
  }

  @media (pointer: coarse) {
    li :global(.line) {
      min-height: var(--target);
    }
  }
</style>
