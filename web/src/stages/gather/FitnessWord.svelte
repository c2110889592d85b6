<script lang="ts">
  import type { Schemas } from '../../lib/api/client';

  const { fitness, short = false }: { fitness: Schemas['Fitness']; short?: boolean } = $props();

  const words: Record<Schemas['Fitness'], [string, string, string]> = {
    Food: ['May grow food', 'food', '●'],
    Ornamentals: ['Ornamentals only', 'flowers', '◐'],
    StructureOnly: ['Structure only', 'structure', '◧'],
    Refused: ['Not for this', 'refused', '✕'],
  };
</script>

<span class="fitness" data-fitness={fitness} class:short title={words[fitness][0]}
  ><i aria-hidden="true">{words[fitness][2]}</i>{#if short}<span class="sr">{words[fitness][1]}</span>{:else}
    {words[fitness][0]}{/if}</span
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
