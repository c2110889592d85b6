<script lang="ts">
  import Fold from '../../lib/controls/Fold.svelte';
  import Button from '../../lib/controls/Button.svelte';
  import { push } from 'svelte-spa-router';
  import type { DesignMatch } from '../../lib/api/client';
  import { goingOn, stencilled } from '../../lib/words';
  import VerdictWord from '../../lib/controls/VerdictWord.svelte';
  import Small from '../../lib/drawing/Small.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { money, say } from '../../lib/units/tell';
  import { takesHours } from './fact';
  import { shelf } from './shelf.svelte';

  /** The design that is looked at, with all that is known of it. */
  const { match }: { match: DesignMatch } = $props();

  const fit = $derived(match.best);
  const unlooked = $derived(fit?.pending.filter((p) => p.notLookedAt).map((p) => p.name) ?? []);
  const unmeasured = $derived(fit?.pending.filter((p) => p.measures.length > 0).map((p) => p.name) ?? []);
  const kilos = $derived(fit?.hold.wetMass ? say(fit.hold.wetMass.value, 'Kilogram', garden.system) : '');

  function draw(source: string) {
    void push(`/draw/${match.design}?source=${encodeURIComponent(source)}`);
  }
</script>

<section class="looked" aria-label={match.name} data-standing={match.standing}>
  <div class="top">
    {#if match.drawing}
      <Small shapes={match.drawing.shapes} width={168} height={140} edge={6} label="{match.name}, from a corner" />
    {/if}
    <div>
      <h3>{match.name}</h3>
      {#if fit}
        <p class="small">{fit.size}{match.sizes > 1 ? `, the best of ${match.sizes} sizes looked at` : ''}</p>
        <p>
          <b>{fit.cost === 0 ? 'Nothing to buy' : `${money(fit.cost, garden.system)} to buy`}</b>,
          {takesHours(match, garden.system)}{kilos ? `, ${kilos} wet` : ''}
        </p>
        {#if match.standing !== 'WontDo'}<div class="press">
            <Button kind="main" class="px-3 whitespace-nowrap" onclick={() => draw(fit.source)}>Draw it</Button>
            <Button
              class="px-3"
              aria-pressed={shelf.beside.includes(match.design)}
              disabled={shelf.full && !shelf.beside.includes(match.design)}
              onclick={() => shelf.compare(match.design)}
              >{shelf.beside.includes(match.design) ? 'Compared' : 'Compare'}</Button
            >
          </div>{/if}
      {:else}
        <p>{match.summary}</p>
      {/if}
    </div>
  </div>
  {#if match.why}<p class="why">{match.why}</p>{/if}
  {#each match.beyond as b (b.limit)}<p class="why">{b.why}</p>{/each}
  {#if fit}
    <dl class="verdicts">
      <dt>Grow</dt>
      <dd>
        <VerdictWord verdict={fit.grow.verdict} />{#if fit.grow.litres}<b
            >{say(fit.grow.litres.value, 'CubicMetre', garden.system)}</b
          >{/if} <span>{fit.grow.words}</span>
      </dd>
      <dt>Drain</dt>
      <dd><VerdictWord verdict={fit.drain.verdict} /> <span>{fit.drain.words}</span></dd>
      <dt>Hold</dt>
      <dd><VerdictWord verdict={fit.hold.verdict} /> <span>{fit.hold.words}</span></dd>
    </dl>
    {#if fit.pending.length > 0}<p class="pending small">
        {#if unlooked.length > 0}◌ Not looked at yet: {unlooked.join(', ')}.{/if}
        {#if unmeasured.length > 0}Not wholly measured: {unmeasured.join(', ')}.{/if}
      </p>{/if}
    <p class="takes">
      {#each fit.takes as take (take.thingId)}<span class="tag"
          ><b>{stencilled(take.number)}</b>
          {take.name}{take.part ? `, ${take.part}` : take.count > 1 ? ` × ${take.count}` : ''}</span
        >{/each}
    </p>
    {#if fit.buys.length > 0}<p class="soft small">
        To buy: {[...new Set(fit.buys.map((b) => goingOn(b.name)))].join(', ')}
      </p>{/if}
  {/if}
  {#if match.noSources.length > 0}
    <Fold title="{match.noSources.length} not for this">
      <ul>
        {#each match.noSources as n, i (i)}<li>
            <b>{stencilled(n.number)} {n.name}</b>: {n.why}
          </li>{/each}
      </ul>
    </Fold>
  {/if}
  {#if match.others.length > 0}
    <div class="others">
      <span class="soft">Or from</span>
      {#each match.others as other (other.source)}
        <Button kind="bare" class="tag" onclick={() => draw(other.source)}
          >{other.name}<span class="soft"
            >{other.litres ? say(other.litres, 'CubicMetre', garden.system) : other.size}</span
          ></Button
        >
      {/each}
    </div>
  {/if}
</section>

<style>
  .looked {
    display: grid;
    gap: 8px;
    padding: 12px 16px 14px;
    background: var(--board);
    border: 1px solid var(--line);
    border-left: 6px solid var(--sound-soft);
  }

  .looked[data-standing='Nearly'] {
    border-left-color: var(--tight-soft);
  }

  .looked[data-standing='WontDo'] {
    border-left-color: var(--fails);
  }

  .top {
    display: grid;
    grid-template-columns: 168px minmax(0, 1fr);
    gap: 14px;
    align-items: center;
  }

  h3 {
    font-size: 1.3rem;
    line-height: 1.15;
  }

  .takes {
    display: flex;
    flex-wrap: wrap;
    gap: 5px;
    margin: 5px 0;
  }

  .takes :global(.tag) {
    font-size: 0.8rem;
  }

  .why {
    font-weight: 600;
    color: var(--tight);
  }

  [data-standing='WontDo'] .why {
    color: var(--fails);
  }

  .pending {
    color: var(--chalk);
    font-weight: 600;
  }

  ul li {
    font-size: 0.87rem;
  }

  .verdicts {
    display: grid;
    grid-template-columns: 52px 1fr;
    gap: 5px 10px;
    align-content: start;
  }

  dt {
    font-family: var(--font-head);
    font-weight: 700;
  }

  dd b {
    margin-left: 8px;
  }

  dd > span:last-child {
    display: block;
    font-size: 0.9rem;
    color: var(--ink-soft);
  }

  .press {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 8px;
    margin-top: 8px;
  }

  .press :global(button[aria-pressed='true']) {
    background: var(--ink);
    color: var(--paper);
  }

  .others {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
    border-top: 1px dashed var(--line);
    padding-top: 7px;
    font-size: 0.87rem;
  }

  .others :global(.tag) {
    cursor: pointer;
    min-height: 34px;
  }

  .others :global(.tag .soft) {
    color: #54493a;
  }

  @media (max-width: 620px) {
    .top {
      grid-template-columns: minmax(0, 1fr);
      justify-items: center;
    }

    .others :global(.tag) {
      min-height: var(--target);
    }
  }
</style>
