<script lang="ts">
  import { standingOf, STANDINGS, type Judged } from './standing';

  const { judged, short = false }: { judged: Judged; short?: boolean } = $props();

  const standing = $derived(standingOf(judged));
  const words = $derived(STANDINGS[standing]);
</script>

<span class="fitness" data-fitness={standing} class:short title={words.said}
  ><i aria-hidden="true">{words.mark}</i>{#if short}<span class="sr">{words.short}</span>{:else}
    {words.said}{/if}</span
>

<style>
  .fitness {
    /* Holds the words for the ear, which would otherwise lie beyond a scrolled list. */
    position: relative;
    font-weight: 800;
    white-space: nowrap;
    color: var(--sound);
  }

  .short {
    font-size: 0.78rem;
    font-weight: 600;
  }

  .fitness i {
    font-style: normal;
    margin-right: 0.3em;
  }

  [data-fitness='NotLookedAt'] {
    color: var(--chalk);
  }

  [data-fitness='Ornamentals'] {
    color: var(--tight);
  }

  [data-fitness='StructureOnly'] {
    color: var(--ask);
  }

  [data-fitness='Refused'] {
    color: var(--fails);
  }
</style>
