<script lang="ts">
  import Waiting from '../../lib/controls/Waiting.svelte';
  import { stencilled } from '../../lib/words';
  import { Select } from 'flowbite-svelte';
  import type { Schemas } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';
  import Button from '../../lib/controls/Button.svelte';
  import BriefBar from './BriefBar.svelte';
  import Fold from '../../lib/controls/Fold.svelte';
  import Compare from './Compare.svelte';
  import Looked from './Looked.svelte';
  import MeansBar from './MeansBar.svelte';
  import { MediaQuery } from 'svelte/reactivity';
  import { shelf } from './shelf.svelte';
  import Tile from './Tile.svelte';

  const aims: { id: Schemas['Aim']; name: string }[] = [
    { id: 'MostSoil', name: 'most soil' },
    { id: 'MostPlants', name: 'most plants' },
    { id: 'LeastBought', name: 'least to buy' },
    { id: 'LeastWork', name: 'least work' },
  ];
  const wont = $derived(of('WontDo'));
  const parts = $derived(
    [
      { title: 'Will do', of: 'WillDo', matches: of('WillDo').filter((m) => m.beyond.length === 0) },
      {
        title: 'Will do, but not with what you have this time',
        of: 'Beyond',
        matches: of('WillDo').filter((m) => m.beyond.length > 0),
      },
      { title: 'Nearly', of: 'Nearly', matches: of('Nearly') },
    ].filter((p) => p.matches.length > 0),
  );

  /** The one that is looked at: what was chosen, else what comes first. */
  const looked = $derived(garden.matches?.find((m) => m.design === shelf.looked) ?? parts[0]?.matches[0]);
  const compared = $derived(
    shelf.beside.flatMap((design) => garden.matches?.filter((m) => m.design === design && m.best) ?? []),
  );
  /** Where there is no room beside the shelves it opens under what was pressed. */
  const narrow = new MediaQuery('(max-width: 1020px)', false);

  function of(standing: Schemas['Standing']) {
    return garden.matches?.filter((m) => m.standing === standing) ?? [];
  }

  $effect(() => {
    garden.lifted = {};
    garden.match();
  });
</script>

<section class="match" aria-busy={garden.matching}>
  <div class="top">
    <div>
      <h1>What the heap can make</h1>
      <p>
        <a href="#/whole-heap">Or say what you want, and plan the whole heap</a> ·
        <a href="#/fetch">what is worth fetching</a>
      </p>
    </div>
    <div class="asks">
      <label
        >Matters most
        <Select
          placeholder=""
          value={garden.aim}
          onchange={(e) => garden.setAim(e.currentTarget.value as Schemas['Aim'])}
        >
          {#each aims as aim (aim.id)}<option value={aim.id}>{aim.name}</option>{/each}
        </Select>
      </label>
      <BriefBar />
    </div>
  </div>
  <MeansBar />
  {#if !garden.matches}
    <Waiting words="Looking through the heap…" />
  {:else}
    <div class="found">
      <div>
        {#if compared.length > 1}<Compare matches={compared} />{/if}
        {#each parts as part (part.of)}
          <h2 data-standing={part.of}>{part.title} · {part.matches.length}</h2>
          <div class="stand">
            {#each part.matches as match (match.design)}
              <Tile {match} looked={match === looked} onlook={() => (shelf.looked = match.design)} />
              {#if narrow.current && match === looked}<div class="here"><Looked {match} /></div>{/if}
            {/each}
          </div>
        {/each}
        {#if wont.length > 0}
          <h2 data-standing="WontDo">Not from this heap · {wont.length}</h2>
          <ul class="wont">
            {#each wont as match (match.design)}<li>
                <Button kind="link" aria-pressed={match === looked} onclick={() => (shelf.looked = match.design)}
                  >{match.name}</Button
                >
                {match.why}
                {#if narrow.current && match === looked}<div class="here"><Looked {match} /></div>{/if}
              </li>{/each}
          </ul>
        {/if}
      </div>
      {#if looked && !narrow.current}<div class="beside"><Looked match={looked} /></div>{/if}
    </div>
    {#if garden.idle.length > 0}
      <Fold heading="h2" class="idle" title="Left on the heap: {garden.idle.length} that nothing here is made of">
        <ul>
          {#each garden.idle as thing (thing.thingId)}<li>
              <a class="tag" href="#/gather/{thing.thingId}"><b>{stencilled(thing.number)}</b> {thing.name}</a>
              {thing.why}
            </li>{/each}
        </ul>
      </Fold>
    {/if}
  {/if}
</section>

<style>
  .match {
    padding: 14px 22px 24px;
  }

  /* Of the wishes said before, until the answer to these is here. */
  .match[aria-busy='true'] .found {
    opacity: 0.55;
  }

  .top {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 8px 24px;
    align-items: end;
  }

  .top a {
    text-decoration: underline;
    text-underline-offset: 2px;
  }

  .asks {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 14px;
    align-items: end;
    font-size: 0.85rem;
  }

  .asks :global(select) {
    font-size: 0.95rem;
  }

  .match :global(.idle) {
    margin-top: 14px;
  }

  .match :global(.idle ul) {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(440px, 100%), 1fr));
    gap: 8px 24px;
    font-size: 0.93rem;
  }

  h2 {
    margin: 12px 0 8px;
  }

  .found {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 428px);
    gap: 28px;
    align-items: start;
  }

  .stand {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    row-gap: 14px;
  }

  .beside {
    position: sticky;
    top: 10px;
    /* With the tape above it and the heap below. */
    max-height: max(340px, calc(100dvh - 264px));
    overflow: auto;
  }

  .here {
    flex: 1 0 100%;
    min-width: 0;
  }

  /* Its picture stands right above. */
  .here :global(.top) {
    grid-template-columns: minmax(0, 1fr);
    justify-items: stretch;
  }

  .here :global(.top svg) {
    display: none;
  }

  .wont li {
    margin: 5px 0;
    font-size: 0.95rem;
  }

  @media (max-width: 1020px) {
    .found {
      grid-template-columns: minmax(0, 1fr);
    }
  }

  h2[data-standing='WillDo'] {
    color: var(--sound);
  }

  h2[data-standing='Beyond'],
  h2[data-standing='Nearly'] {
    color: var(--tight);
  }

  h2[data-standing='WontDo'] {
    color: var(--fails);
  }
</style>
