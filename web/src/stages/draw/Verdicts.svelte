<script lang="ts">
  import type { Check, Fit } from '../../lib/api/client';
  import CheckLine from '../../lib/controls/CheckLine.svelte';
  import Fold from '../../lib/controls/Fold.svelte';
  import SumOpener from '../../lib/controls/SumOpener.svelte';
  import VerdictWord from '../../lib/controls/VerdictWord.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';

  const { fit, onchanged }: { fit: Fit; onchanged: () => void } = $props();

  const fits = $derived(fit.grow.crops.filter((c) => c.count > 0));
  const nots = $derived(fit.grow.crops.filter((c) => c.count === 0));
  const few = $derived(
    (fits
      .slice(0, 3)
      .map((c) => `${c.count} ${c.called}`)
      .join(' or ') || 'No crop fits') + (fits.length > 3 ? ' or…' : ''),
  );
  const weakest = $derived(fit.hold.weakest);
  const normal = $derived(fit.hold.checks.filter((c) => c.case === 'Normal'));

  /** The same check with the drain blocked stands on the same line. */
  function blockedOf(check: Check): Check | undefined {
    return fit.hold.checks.find((c) => c.id === `${check.id}-blocked`);
  }
</script>

<aside class="verdicts" aria-label="Grow, drain, hold">
  <section data-verdict={fit.grow.verdict}>
    <h2>Grow</h2>
    <div>
      <p><VerdictWord verdict={fit.grow.verdict} /></p>
      {#if fit.grow.litres}<p><SumOpener sum={fit.grow.litres} large {onchanged} /></p>{/if}
      {#if fit.grow.planArea}<p>
          <SumOpener sum={fit.grow.planArea} {onchanged} /> to plant{#if fit.grow.usableDepth},
            <SumOpener sum={fit.grow.usableDepth} {onchanged} /> to root in{/if}
        </p>{/if}
      {#if fit.grow.along}<p>
          <SumOpener sum={fit.grow.along} {onchanged} />
          {fit.grow.along.title.toLowerCase()}
        </p>{/if}
      <p>
        {fit.grow.words}
        {#if fit.reach > 0.75}The middle is {say(fit.reach, 'Metre', garden.system)} from the edge, farther than an arm reaches.{/if}
      </p>
      {#if fit.grow.crops.length > 0}
        <Fold title={few}>
          <ul class="crops">
            {#each fits as c (c.id)}<li>
                <b>{c.count}</b>
                {c.called}{c.limit === 'soil' ? ', by soil' : ''}{c.notKnown ? `. ${c.notKnown}` : ''}
              </li>{/each}
            {#each nots as c (c.id)}<li class="soft">No {c.called}: {c.whyNot}</li>{/each}
          </ul>
        </Fold>
      {/if}
      {#each fit.pending as p (p.thingId)}<p class="pending">
          <a href="#/gather/{p.thingId}">{p.name}</a>: {p.notLookedAt ? 'not looked at yet' : ''}{p.notLookedAt &&
          p.measures.length > 0
            ? '; '
            : ''}{p.measures.length > 0 ? `not measured: ${p.measures.join(', ').toLowerCase()}` : ''}.
        </p>{/each}
      {#each fit.figures as sum, i (i)}<p>{sum.title}: <SumOpener {sum} {onchanged} /></p>{/each}
      <ul>
        {#each fit.grow.checks as check (check.id)}<CheckLine {check} {onchanged} />{/each}
      </ul>
    </div>
  </section>

  <section data-verdict={fit.drain.verdict}>
    <h2>Drain</h2>
    <div>
      <p><VerdictWord verdict={fit.drain.verdict} /></p>
      {#if fit.drain.counted}<p>
          <SumOpener sum={fit.drain.counted} large {onchanged} /> holes of {say(
            fit.drain.holeDiameter,
            'Metre',
            garden.system,
          )}{fit.drain.holes > (fit.drain.counted.value ?? 0) ? ' in each' : ''}
        </p>{/if}
      {#each fit.drain.sums as sum, i (i)}<p>{sum.title}: <SumOpener {sum} {onchanged} /></p>{/each}
      <p>
        {fit.drain.words}{fit.drain.wetLayer > 0
          ? ` ${say(fit.drain.wetLayer, 'Metre', garden.system)} stays wet at the foot.`
          : ''}
      </p>
      {#if fit.drain.drainDown}<p><SumOpener sum={fit.drain.drainDown} {onchanged} /> to drain a soaking</p>{/if}
      <ul>
        {#each fit.drain.checks as check (check.id)}<CheckLine {check} {onchanged} />{/each}
      </ul>
    </div>
  </section>

  <section data-verdict={fit.hold.verdict}>
    <h2>Hold</h2>
    <div>
      <p><VerdictWord verdict={fit.hold.verdict} /></p>
      {#if weakest && weakest.utilisation !== null}<p>
          <b class="headline">{Math.round(weakest.utilisation * 100)}</b> % at {weakest.name.toLowerCase()}{weakest.case ===
          'BlockedDrain'
            ? ', drain blocked'
            : ''}
        </p>{:else}<p>{fit.hold.words}</p>{/if}
      {#if weakest}{#each weakest.remedies as r, i (i)}<p class="remedy">
            {r.words} <b>{say(r.value, r.unit, garden.system)}</b>
          </p>{/each}{/if}
      {#if weakest && weakest.test.length > 0}<ol class="test">
          {#each weakest.test as step, i (i)}<li>{step}</li>{/each}
        </ol>{/if}
      <ul>
        {#each normal as check (check.id)}<CheckLine {check} blocked={blockedOf(check)} {onchanged} />{/each}
      </ul>
      {#if fit.hold.wetMass}<p><SumOpener sum={fit.hold.wetMass} {onchanged} /> wet. {fit.hold.handling}</p>{:else}<p>
          {fit.hold.handling}
        </p>{/if}
    </div>
  </section>
  <p class="caution">Not a certificate. Local rules and a qualified person come first.</p>
</aside>

<style>
  .verdicts {
    padding: 10px 16px;
    border-left: 1px solid var(--line);
    overflow: auto;
  }

  section {
    display: grid;
    grid-template-columns: 56px minmax(0, 1fr);
    gap: 8px;
    padding: 8px 0;
    border-bottom: 1px dashed var(--line);
  }

  .headline {
    font-family: var(--font-mono);
    font-size: 1.7rem;
    font-weight: 600;
    line-height: 1.1;
  }

  .crops {
    font-size: 0.87rem;
    max-height: 190px;
    overflow: auto;
  }

  .remedy {
    font-weight: 600;
    color: var(--accent);
  }

  .pending {
    font-size: 0.9rem;
    color: var(--chalk);
  }

  .pending a {
    text-decoration: underline;
  }

  .test {
    list-style: decimal;
    padding-left: 1.2em;
    font-size: 0.9rem;
  }

  .caution {
    padding-top: 8px;
    font-size: 0.87rem;
    color: var(--ink-soft);
  }

  @media (max-width: 1020px) {
    .verdicts {
      border-left: 0;
      border-top: 1px solid var(--line);
      order: 2;
    }
  }
</style>
