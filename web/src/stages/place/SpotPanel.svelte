<script lang="ts">
  import { push } from 'svelte-spa-router';
  import Button from '../../lib/controls/Button.svelte';
  import Fold from '../../lib/controls/Fold.svelte';
  import VerdictWord from '../../lib/controls/VerdictWord.svelte';
  import Waiting from '../../lib/controls/Waiting.svelte';
  import { troubleWith } from '../../lib/api/held';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';
  import { day } from '../../lib/when';
  import { SITES, WINDS, windOf } from '../../lib/sites';
  import DesignsHere from './DesignsHere.svelte';
  import { dayAndMonth } from './days';
  import { spotAsked, table, type Place } from './place.svelte';
  import SunBars from './SunBars.svelte';

  const { place }: { place: Place } = $props();

  const asked = spotAsked(() => place.id);
  const report = $derived(asked.data ?? null);
  const good = $derived(report?.crops.filter((c) => !c.whyNot) ?? []);
  const not = $derived(report?.crops.filter((c) => c.whyNot) ?? []);
  const tell = (value: number, unit: 'Metre' | 'MetrePerSecond' | 'Kelvin' | 'Hour' | 'SquareMetre') =>
    say(value, unit, garden.system);
  const here = $derived(garden.plan?.standing.filter((s) => s.spot === place.id) ?? []);

  function matchHere() {
    garden.setBrief({ spot: place.id });
    void push('/match');
  }
</script>

<h1>{place.drawn.name}</h1>
{#if report}
  <p class="soft">
    {SITES.find((x) => x.id === report.site)?.name}, {tell(report.area, 'SquareMetre')}{report.hot
      ? ', hot in the afternoon'
      : ''}
  </p>
  <p class="large">
    <b>{tell(report.summer.inAll, 'Hour')}</b> of sun a summer’s day, where no cloud hides it
    <small class="soft"
      >{tell(report.least, 'Hour')} at its darkest, {tell(report.most, 'Hour')} at its brightest; {Math.round(
        report.openSky * 100,
      )} % of the sky is open</small
    >
  </p>
  <SunBars months={report.months} />
  <dl>
    <dt>Grows</dt>
    <dd>
      {good.length} of {report.crops.length} crops have sun enough.
      {#if not.length}<Fold title="{not.length} have not">
          <ul>
            {#each not as c (c.id)}<li><b>{c.name}.</b> {c.whyNot}</li>{/each}
          </ul>
        </Fold>{/if}
      {#if good.some((c) => c.doubt)}<Fold title="{good.filter((c) => c.doubt).length} would rather be elsewhere">
          <ul>
            {#each good.filter((c) => c.doubt) as c (c.id)}<li><b>{c.name}.</b> {c.doubt}</li>{/each}
          </ul>
        </Fold>{/if}
    </dd>
    <dt>Wind</dt>
    <dd>
      gusts of {tell(report.gust, 'MetrePerSecond')} from the {WINDS[windOf(report.gustFrom)]}: planned for {report.beyond
        ? 'with just that'
        : `as ${report.exposure.toLowerCase()}`}.
      {#if report.upAssumed}How high it lies nobody has measured: it is planned for as {tell(report.up, 'Metre')} up, and
        nothing is taken to shelter it.{:else if report.up > 0}It lies {tell(report.up, 'Metre')} up, where gusts are harder.{/if}
      {#if report.between.length}Squeezed by {report.between.join(' and ')}, it blows harder than in the open.{/if}
      {#if report.shelteredBy.length}Sheltered from other sides by {report.shelteredBy.join(', ')}.{/if}
    </dd>
    <dt>Frost</dt>
    <dd>
      {#if report.lastFrost && report.firstFrost}last about {dayAndMonth(report.lastFrost)}, first about {dayAndMonth(
          report.firstFrost,
        )}.{:else}nobody has said when the last one comes.{/if}
      {#if report.frostDegrees !== 0}A clear night is {tell(Math.abs(report.frostDegrees), 'Kelvin')}
        {report.frostDegrees < 0 ? 'colder' : 'warmer'} than in the open.{/if}
      {report.frostWhy.join(' ')}
    </dd>
    <dt>Water</dt>
    <dd>
      {report.toTap === null
        ? 'no tap is on the plan.'
        : `${tell(report.toTap, 'Metre')} to the tap${report.up > 0 && !report.upAssumed ? `, and ${tell(report.up, 'Metre')} up` : ''}.`}
    </dd>
    {#if report.toKitchen !== null}
      <dt>Picking</dt>
      <dd>{tell(report.toKitchen, 'Metre')} to the kitchen.</dd>
    {/if}
    {#if place.drawn.freeFrom && place.drawn.freeTo}
      <dt>Free</dt>
      <dd>from {dayAndMonth(place.drawn.freeFrom)} to {dayAndMonth(place.drawn.freeTo)}.</dd>
    {/if}
    {#if place.drawn.seenFrom}
      <dt>Seen from</dt>
      <dd>{place.drawn.seenFrom}</dd>
    {/if}
    {#if report.site === 'Soil'}
      <dt>Ground</dt>
      <dd>
        {#each report.tested as t (t.words)}<p>
            <VerdictWord verdict={t.verdict} />
            {t.words} <small class="soft day">{day(t.day, garden.dates)}</small>
          </p>{:else}nobody has tested it: a jar, a hole and a rod say what it holds and where water goes. They are
          among what is measured.{/each}
      </dd>
    {/if}
    {#if report.comesIn.length}
      <dt>Comes in</dt>
      <dd>
        {#each report.comesIn as words (words)}<p>{words}</p>{/each}
      </dd>
    {/if}
    {#if ['Deck', 'Balcony', 'Roof'].includes(report.site)}
      <dt>Carries</dt>
      <dd>
        {#if place.drawn.loadLimit}{place.drawn.loadSaidBy || 'Somebody'} said {say(
            place.drawn.loadLimit,
            'Pascal',
            garden.system,
          )}, with everything on it.{:else}nobody has said.{/if}
        <b>Ask who knows this floor before anything stands on it.</b>
      </dd>
    {/if}
    {#if place.drawn.owner}
      <dt>Belongs to</dt>
      <dd>
        {place.drawn.owner}, {place.drawn.allowed ? 'who said yes.' : ''}{#if !place.drawn.allowed}<b
            >who has not said yes: ask before you build.</b
          >{/if}
      </dd>
    {/if}
    {#if here.length}
      <dt>Stands here</dt>
      <dd>
        {#each here as s (s.project)}<a href="#/place/planter-{s.project}">{s.name}</a>&ensp;{/each}
      </dd>
    {/if}
  </dl>
  <div class="press">
    <Button kind="main" class="px-5" onclick={matchHere}>What the heap makes for here</Button>
    <Button class="px-4" onclick={() => table.begin('Spot', place)}>Measure again</Button>
    <Button class="px-4" onclick={() => void table.remove(place)}>Off the plan</Button>
  </div>
  {#if table.whole}<p class="problem" role="alert">{table.whole}</p>{/if}
  <!-- Opened for one spot it is not asked for the next. -->
  {#key place.id}<DesignsHere spot={place.id} />{/key}
  <Fold title="Peg it out" heading="h2">
    <p class="soft small">
      From the two ends of the base line, A and B, tapes pulled level. Look up pipes and cables before you drive a peg.
    </p>
    <table>
      <thead><tr><th>corner</th><th>from A</th><th>from B</th></tr></thead>
      <tbody>
        {#each report.corners as [a, b], i (i)}<tr
            ><td>{i + 1}</td><td class="mono">{tell(a, 'Metre')}</td><td class="mono">{tell(b, 'Metre')}</td></tr
          >{/each}
      </tbody>
    </table>
  </Fold>
{:else if troubleWith(asked)}<p class="problem" role="alert">{troubleWith(asked)?.whole}</p>
{:else}<Waiting words="Following the sun over it…" />{/if}

<style>
  .large b {
    font-size: 1.7rem;
    font-family: var(--font-head);
  }

  .large small {
    display: block;
  }

  dl {
    display: grid;
    grid-template-columns: 6em minmax(0, 1fr);
    gap: 6px 10px;
    margin: 10px 0;
  }

  dt {
    font-weight: 700;
  }

  dd {
    margin: 0;
  }

  dd a {
    text-decoration: underline;
  }

  .day {
    white-space: nowrap;
  }

  .press {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }

  th,
  td {
    text-align: left;
    padding: 3px 14px 3px 0;
  }

  dd a {
    display: inline-block;
    min-height: 24px;
  }
</style>
