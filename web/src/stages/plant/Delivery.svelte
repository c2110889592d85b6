<script lang="ts">
  import { troubleWith } from '../../lib/api/held';
  import Waiting from '../../lib/controls/Waiting.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';
  import { deliveryAsked } from './filling.svelte';
  import WantsTable from './WantsTable.svelte';

  const asked = deliveryAsked();
  const delivery = $derived(asked.data);
</script>

<article>
  <p class="no-print"><a href="#/plant">Back to one planter</a></p>
  <h1 class="mt-2">All in one delivery</h1>
  {#if troubleWith(asked)}<p class="problem" role="alert">{troubleWith(asked)?.whole}</p>{/if}
  {#if delivery?.projects.length}
    <p>What lies on the heap goes to them in this order; what is short is ordered together. Loose, as it is fetched.</p>
    <ul class="ruled mt-2">
      {#each delivery.projects as p (p.project)}<li>
          <a href="#/plant/{p.project}">{p.name}</a>
          {say(p.loose, 'CubicMetre', garden.system)}
        </li>{/each}
    </ul>
    <h2 class="mb-1">To fetch</h2>
    <WantsTable wants={delivery.wants} cost={delivery.cost} />
  {:else if delivery}
    <p>Nothing waits to be filled. Look at a planter, and keep what fills it.</p>
  {:else if asked.isPending}<Waiting words="Adding it up…" />{/if}
</article>

<style>
  article {
    padding: 18px 22px 40px;
    max-width: 760px;
  }

  a {
    text-decoration: underline;
    text-underline-offset: 3px;
  }
</style>
