<script lang="ts">
  import Button from '../../lib/controls/Button.svelte';
  import { garden } from '../../lib/garden.svelte';

  /** The whole plan on one sheet, at a round scale. */

  let sheet = $state<HTMLImageElement>();
  let lying = $state(false);
</script>

<article>
  <div class="no-print">
    <h1>The plan on paper</h1>
    <p class="soft">
      {garden.info?.manner.paper ?? 'A4'}, {lying ? 'lying' : 'upright'}, at a round scale: print it at full size,
      without fitting it to the page, and measure the bar at its foot.
    </p>
    <p class="press">
      <Button kind="main" class="px-5" onclick={() => window.print()}>Print</Button>
      <a href="#/place">Back to the plan</a>
    </p>
  </div>
  <img
    src="/api/plan/sheet.svg?read={garden.planRead}"
    alt="The garden from above, to scale"
    data-paper={garden.info?.manner.paper}
    data-lying={lying}
    bind:this={sheet}
    onload={() => (lying = sheet !== undefined && sheet.naturalWidth > sheet.naturalHeight)}
  />
</article>

<style>
  article {
    padding: 16px 22px 28px;
  }

  .press {
    display: flex;
    gap: 20px;
    align-items: center;
    margin: 8px 0 14px;
  }

  img {
    max-width: 100%;
    height: auto;
    border: 1px solid var(--wood-end);
  }

  @media print {
    article {
      padding: 0;
    }

    img {
      display: block;
      page: true-size;
      max-width: none;
      border: 0;
      /* A sheet is not a whole number of pixels high, and what is over would be a second one. */
      margin-bottom: -1mm;
    }

    img[data-lying='true'] {
      page: true-size-lying;
    }

    img[data-paper='Letter'] {
      page: true-size-letter;
    }

    img[data-paper='Letter'][data-lying='true'] {
      page: true-size-letter-lying;
    }
  }
</style>
