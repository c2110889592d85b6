<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { troubleWith } from '../../lib/api/held';
  import type { Schemas } from '../../lib/api/client';
  import Button from '../../lib/controls/Button.svelte';
  import Fold from '../../lib/controls/Fold.svelte';
  import VerdictWord from '../../lib/controls/VerdictWord.svelte';
  import Waiting from '../../lib/controls/Waiting.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { designsAsked } from './place.svelte';

  /** Every design for a spot, the one that suits it best first, each with what decides. */
  const { spot }: { spot: number } = $props();

  let open = $state(false);
  const asked = designsAsked(
    () => spot,
    () => open,
  );
  const can = $derived(asked.data?.filter((d) => d.standing === 'WillDo') ?? []);
  const cannot = $derived(asked.data?.filter((d) => d.standing !== 'WillDo') ?? []);

  function draw(design: Schemas['DesignRankDto']) {
    garden.setBrief({ spot });
    void push(`/draw/${design.design}`);
  }
</script>

<Fold title="What suits it best" heading="h2" bind:open>
  {#if asked.data}
    <ol>
      {#each can as d (d.design)}<li>
          <Button kind="link" class="font-bold text-ink" onclick={() => draw(d)}>{d.name}</Button>
          {#if d.worst}<VerdictWord verdict={d.worst} />{/if}
          <span class="why">{d.words}</span>
        </li>{:else}<li>The heap makes nothing yet that does here.</li>{/each}
    </ol>
    {#if cannot.length}<Fold title="{cannot.length} will not do">
        <ul>
          {#each cannot as d (d.design)}<li><b>{d.name}.</b> {d.words}</li>{/each}
        </ul>
      </Fold>{/if}
  {:else if troubleWith(asked)}<p class="problem" role="alert">{troubleWith(asked)?.whole}</p>
  {:else}<Waiting words="Every design is tried at this spot…" />{/if}
</Fold>

<style>
  ol {
    margin: 6px 0;
    padding-left: 1.8em;
    list-style: decimal;
  }

  li {
    margin-bottom: 8px;
  }

  .why {
    display: block;
  }
</style>
