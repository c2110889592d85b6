<script lang="ts">
  import VerdictWord from '../../lib/controls/VerdictWord.svelte';
  import Small from '../../lib/drawing/Small.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { money, say } from '../../lib/units/tell';
  import { counted } from '../../lib/when';
  import FitnessWord from '../gather/FitnessWord.svelte';
  import { standingOf } from '../gather/standing';
  import type { Worth } from './seeing.svelte';

  const { worth }: { worth: Worth } = $props();

  /** While nobody has looked it over, what it would do if nothing spoke against it. */
  const unlocks = $derived(worth.hoped ?? worth.unlocks);
  const gains = $derived(unlocks.filter((u) => u.gain !== 'Serves'));
  const completes = $derived(unlocks.filter((u) => u.gain === 'Completes').length);
  const serves = $derived(unlocks.filter((u) => u.gain === 'Serves'));
</script>

<div class="worth" role="status">
  {#if worth.hoped}<p class="first">Look it over first. {worth.open[0] ?? ''} If nothing speaks against it:</p>{/if}
  <p class="say" data-gain={!worth.hoped && gains.length > 0}>
    {#if completes > 0}{counted(completes, 'design')} could be made that cannot be made now.
    {:else if gains.length > 0}{counted(gains.length, 'design')} would come out better.
    {:else if serves.length > 0}It would serve, no better than what lies here.
    {:else}Leave it: nothing is made of it.{/if}
  </p>
  {#if worth.whyNot && unlocks.length === 0}<p>{worth.whyNot}</p>{/if}
  {#if worth.loading}<p class="loading" data-fits={String(worth.loading.fits)}>{worth.loading.words}</p>
  {:else}<p class="soft small">Measure your car’s load space once, and it is said here whether it goes in.</p>{/if}
  {#each worth.apart as way (way.name)}
    <p class="small">
      <b>{way.name} where it lies:</b> pieces up to {say(way.longest, 'Metre', garden.system)}, about {Math.round(
        way.minutes,
      )} minutes{way.tools.length > 0 ? `; ${way.tools.join(', ').toLowerCase()}` : ''}{way.lost >= 0.5
        ? `; about ${Math.round(way.lost)} of the pieces break`
        : ''}.
      {way.lacks ?? ''}
    </p>
  {/each}
  <div class="judged" data-fitness={standingOf(worth)}>
    <FitnessWord judged={worth} />
    {#if worth.open.length > 1}<span class="small">To be asked as well: {worth.open.slice(1, 4).join(' ')}</span>{/if}
  </div>
  {#each gains as u (u.design)}
    <article>
      <Small shapes={u.drawing.shapes} width={120} height={76} edge={4} label="{u.name}, from a corner" />
      <div>
        <h3>{u.name} <VerdictWord verdict={u.worst} /></h3>
        <p>{u.words}</p>
        {#if u.saves > 0}<p>Saves {money(u.saves, garden.system)}.</p>{/if}
        {#if u.until}<p class="small soft">Until now: {u.until}</p>{/if}
        {#if u.number > 1}<p class="small">Takes {u.number} of them.</p>{/if}
      </div>
    </article>
  {/each}
  {#if serves.length > 0}
    <p class="small">
      {gains.length > 0 ? 'It would also serve for' : 'For'}: {serves.map((u) => u.name.toLowerCase()).join(', ')}.
    </p>
  {/if}
</div>

<style>
  .worth {
    display: grid;
    gap: 6px;
  }

  .say {
    font-size: 1.25rem;
    font-weight: 700;
    color: var(--tight);
  }

  .say[data-gain='true'] {
    color: var(--sound);
  }

  .first {
    font-weight: 600;
  }

  .loading {
    font-weight: 600;
  }

  .loading[data-fits='false'] {
    color: var(--fails);
  }

  article {
    display: grid;
    grid-template-columns: 120px minmax(0, 1fr);
    gap: 4px 12px;
    background: var(--board);
    border: 1px solid var(--line);
    border-radius: var(--radius);
    padding: 6px 10px;
  }

  .judged {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 12px;
    align-items: baseline;
  }

  @media (max-width: 760px) {
    article {
      grid-template-columns: 84px minmax(0, 1fr);
    }
  }
</style>
