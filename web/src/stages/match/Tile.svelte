<script lang="ts">
  import type { DesignMatch } from '../../lib/api/client';
  import Button from '../../lib/controls/Button.svelte';
  import { boundsOf } from '../../lib/drawing/frame';
  import Small from '../../lib/drawing/Small.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { comesTo, takesHours } from './fact';

  interface Props {
    match: DesignMatch;
    /** It is the one that is looked at. */
    looked: boolean;
    onlook: () => void;
  }

  /** One design as it would stand there, all at one scale, with what it comes to. */
  const { match, looked, onlook }: Props = $props();

  /** Pixels to a metre. */
  const SCALE = 46;
  const EDGE = 3;
  const bounds = $derived(match.drawing ? boundsOf(match.drawing.shapes) : null);

  function lift() {
    garden.lifted = Object.fromEntries(match.best?.takes.map((t) => [t.thingId, t.count]) ?? []);
  }
</script>

<article
  aria-label={match.name}
  data-standing={match.standing}
  data-looked={looked ? 'true' : undefined}
  onmouseenter={lift}
  onmouseleave={() => (garden.lifted = {})}
>
  <Button kind="bare" class="tile" aria-pressed={looked} onclick={onlook}>
    {#if match.drawing && bounds}<span class="stands"
        ><Small
          shapes={match.drawing.shapes}
          width={(bounds.x1 - bounds.x0) * SCALE + 2 * EDGE}
          height={(bounds.y1 - bounds.y0) * SCALE + 2 * EDGE}
          edge={EDGE}
        /></span
      >{/if}
    <span class="said">
      <b>{match.name}</b>
      <small
        >{match.standing === 'WillDo'
          ? `${comesTo(match, garden.system)} · ${takesHours(match, garden.system)}`
          : match.why}</small
      >
    </span>
  </Button>
</article>

<style>
  article {
    display: flex;
    flex: 0 1 auto;
    min-width: 124px;
    max-width: 300px;
  }

  article :global(.tile) {
    display: flex;
    flex-direction: column;
    justify-content: end;
    align-items: stretch;
    width: 100%;
  }

  .stands {
    display: flex;
    justify-content: center;
    padding: 0 8px;
  }

  /* The ground line goes on from tile to tile. */
  .said {
    display: block;
    min-height: 62px;
    padding: 4px 8px 8px;
    border-top: 1.5px solid var(--ink);
    text-align: center;
    line-height: 1.25;
  }

  .said b {
    display: block;
    font-size: 0.95rem;
  }

  small {
    display: -webkit-box;
    overflow: hidden;
    max-width: 190px;
    margin: 0 auto;
    font-size: 0.85rem;
    color: var(--ink-soft);
    -webkit-line-clamp: 2;
    line-clamp: 2;
    -webkit-box-orient: vertical;
  }

  [data-looked] .said {
    background: var(--ink);
    color: var(--paper);
  }

  [data-looked] small {
    color: inherit;
  }

  @media (max-width: 620px) {
    article {
      flex: 1 1 44%;
      max-width: none;
    }
  }
</style>
