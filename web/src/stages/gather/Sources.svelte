<script lang="ts">
  import { stencilled } from '../../lib/words';
  import { garden } from '../../lib/garden.svelte';
  import { money } from '../../lib/units/tell';

  /** Everything that came from one source, with what it cost and who said yes. */
  const sources = $derived(
    [...new Set(garden.things.map((t) => t.source).filter(Boolean))].sort().map((name) => {
      const things = garden.things.filter((t) => t.source === name);
      return {
        name,
        things,
        cost: things.reduce((sum, t) => sum + (t.cost ?? 0), 0),
        permissions: [...new Set(things.map((t) => t.permission).filter(Boolean))],
        without: things.filter((t) => !t.permission).length,
      };
    }),
  );
  const dry = $derived(garden.things.filter((t) => t.keepDry));
  const soon = $derived(
    garden.things.filter((t) => t.useBefore).sort((a, b) => (a.useBefore! < b.useBefore! ? -1 : 1)),
  );
</script>

<section class="sources">
  <h1>Where it comes from</h1>
  {#each sources as s (s.name)}
    <article>
      <h2>{s.name}</h2>
      <p>
        {s.things.length} things{s.cost > 0 ? `, ${money(s.cost, garden.system)}` : ', for nothing'}. {s.permissions
          .length > 0
          ? `Leave given: ${s.permissions.join('; ')}.`
          : ''}{s.without > 0 ? ` No leave noted for ${s.without}.` : ''}
      </p>
      <p>
        {#each s.things as t (t.id)}<a class="tag" href="#/gather/{t.id}"><b>{stencilled(t.number)}</b> {t.name}</a
          >{/each}
      </p>
    </article>
  {:else}
    <p class="soft">
      Nothing noted yet. Write a source into any thing: who gives it, when it comes round, who said yes.
    </p>
  {/each}
  {#if dry.length > 0}
    <h2>Keep dry</h2>
    <p>
      {#each dry as t (t.id)}<a class="tag" href="#/gather/{t.id}"
          ><b>{stencilled(t.number)}</b> {t.name}{t.place ? `, ${t.place}` : ''}</a
        >{/each}
    </p>
  {/if}
  {#if soon.length > 0}
    <h2>Use before</h2>
    <p>
      {#each soon as t (t.id)}<a class="tag" href="#/gather/{t.id}"><b>{t.useBefore}</b> {t.name}</a>{/each}
    </p>
  {/if}
</section>

<style>
  .sources {
    grid-column: 2 / -1;
    padding: 14px 24px 30px;
    overflow: auto;
    max-width: 900px;
  }

  h2 {
    margin: 14px 0 2px;
  }

  .tag {
    margin: 3px 8px 3px 0;
  }
</style>
