<script lang="ts">
  import Button from '../../lib/controls/Button.svelte';
  import Waiting from '../../lib/controls/Waiting.svelte';
  import { troubleWith } from '../../lib/api/held';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';
  import AlongAnEdge from './AlongAnEdge.svelte';
  import { pegsAsked } from './place.svelte';
  import RoundABend from './RoundABend.svelte';

  /** A sheet to take outdoors: one planter, from the plan onto the ground. */
  const { project }: { project: number } = $props();

  const asked = pegsAsked(() => project);
  const pegs = $derived(asked.data ?? null);
  const name = $derived(garden.projects.find((p) => p.id === project)?.name ?? '');
  const m = (value: number) => say(value, 'Metre', garden.system);
  const falls = $derived(pegs?.pegs.some((p) => p.lower >= 0.005) ?? false);
  /** Tens of stakes stand in as many columns as there is room for. */
  const stakes = $derived(pegs?.stakes ?? []);
</script>

<article class="sheet">
  <header>
    <h1>Peg out {name}</h1>
    <p class="no-print press">
      {#if pegs}<Button kind="main" class="px-5" onclick={() => window.print()}>Print</Button>{/if}
      <a href="#/place/planter-{project}">Back to the plan</a>
    </p>
  </header>
  {#if pegs}
    <div class="two">
      <figure>
        <img
          src="/api/projects/{project}/pegs.svg?read={asked.dataUpdatedAt}"
          alt="{name} from above, with a tape from I and one from II to each of its {pegs.pegs.length} pegs"
        />
        <figcaption><b>I</b> is {pegs.first}. <b>II</b> is {pegs.second}.</figcaption>
      </figure>
      <div>
        {#if pegs.remarks.length}
          <h2>Before the first peg</h2>
          <ul class="before">
            {#each pegs.remarks as words (words)}<li>{words}</li>{/each}
          </ul>
        {/if}
        <h2>Two tapes</h2>
        <p>
          Hook one at I and one at II. Where both measures meet, seen from I towards II on the side it says, stands the
          peg.
        </p>
        <table class="measures">
          <thead>
            <tr
              ><th scope="col">Peg</th><th scope="col">from I</th><th scope="col">from II</th><th scope="col">side</th
              >{#if falls}<th scope="col">ground lower by</th>{/if}</tr
            >
          </thead>
          <tbody>
            {#each pegs.pegs as p (p.name)}<tr>
                <th scope="row">{p.name}</th>
                <td class="mono">{m(p.fromFirst)}</td>
                <td class="mono">{m(p.fromSecond)}</td>
                <td>{p.right ? 'right' : 'left'}</td>
                {#if falls}<td class="mono">{m(p.lower)}</td>{/if}
              </tr>{/each}
          </tbody>
        </table>
        <h2>String, and square</h2>
        <p>
          A string round all four, outside of posts and coping: 1 to 2 and 3 to 4 are <b class="mono"
            >{m(pegs.length)}</b
          >, 2 to 3 and 4 to 1
          <b class="mono">{m(pegs.width)}</b>. Pegs 1 and 2 stay; shift 3 and 4 until both diagonals are
          <b class="mono">{m(pegs.diagonal)}</b>.
        </p>
        {#if pegs.square}
          <p>
            With nobody at the other end: a mark <b class="mono">{m(pegs.square.short)}</b> along one string from a peg,
            and one <b class="mono">{m(pegs.square.long)}</b> along the other. The corner is square when the marks are
            <b class="mono">{m(pegs.square.across)}</b> apart.
          </p>
        {/if}
      </div>
    </div>
    {#if stakes.length}
      <h2>Posts and stakes</h2>
      <p>From peg 1 along the string to peg 2, then square in from there, to the middle of each.</p>
      <ol class="stakes">
        {#each stakes as s, i (i)}<li>
            <span class="mono">{m(s[0])}</span>, in <span class="mono">{m(s[1])}</span>
          </li>{/each}
      </ol>
    {:else if pegs.stakes === null}
      <p class="problem">
        It can no longer be drawn, so that nothing is known of its posts. Open it in Make to see why.
      </p>
    {/if}
    {#if pegs.edges.length}<AlongAnEdge edges={pegs.edges} />{/if}
    <RoundABend {project} length={pegs.length} />
  {:else if troubleWith(asked)}<p class="problem" role="alert">{troubleWith(asked)?.whole}</p>
  {:else}<Waiting words="Drawing the tapes out…" />{/if}
</article>

<style>
  .sheet {
    padding: 16px 22px 28px;
    max-width: 1240px;
  }

  header,
  .press {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 20px;
    align-items: center;
  }

  h2 {
    margin-top: 12px;
  }

  .two {
    display: grid;
    grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
    gap: 24px;
  }

  figure {
    margin: 8px 0 0;
  }

  img {
    width: 100%;
    height: auto;
    border: 1px solid var(--wood-end);
  }

  .before {
    padding-left: 1.1em;
    list-style: square;
  }

  .stakes {
    columns: 13em;
    padding-left: 1.6em;
    list-style: decimal;
  }

  @media (max-width: 900px) {
    .sheet {
      padding: 10px 14px 24px;
    }

    .two {
      display: block;
    }
  }

  @media print {
    .two {
      display: block;
    }

    img {
      max-height: 88mm;
      object-fit: contain;
    }
  }
</style>
