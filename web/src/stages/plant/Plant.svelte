<script lang="ts">
  import { Select } from 'flowbite-svelte';
  import { push } from 'svelte-spa-router';
  import Button from '../../lib/controls/Button.svelte';
  import Fold from '../../lib/controls/Fold.svelte';
  import SumOpener from '../../lib/controls/SumOpener.svelte';
  import VerdictWord from '../../lib/controls/VerdictWord.svelte';
  import Waiting from '../../lib/controls/Waiting.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';
  import CropsByYear from './CropsByYear.svelte';
  import Delivery from './Delivery.svelte';
  import { FillingState } from './filling.svelte';
  import FillSection from './FillSection.svelte';
  import LayerRows from './LayerRows.svelte';
  import WantsTable from './WantsTable.svelte';

  /** A project by its id, "delivery", or nothing. */
  const { params }: { params?: { what?: string } } = $props();

  const id = $derived(params?.what === 'delivery' ? 0 : Number(params?.what ?? garden.projects[0]?.id ?? 0));
  const filling = new FillingState(() => id);
  const shown = $derived(filling.shown);

  // Another planter: what was being changed was of the one before.
  $effect(() => {
    void id;
    filling.drop();
  });
</script>

{#if params?.what === 'delivery'}<Delivery />
{:else if id === 0}
  <article class="plant">
    <h1>Nothing to fill yet</h1>
    <p>Keep a project in Draw; then say here what goes into it.</p>
  </article>
{:else}
  <article class="plant">
    <header>
      <div>
        <h1>{shown?.name ?? garden.projects.find((p) => p.id === id)?.name ?? ''}</h1>
        {#if shown}<p class="soft">
            {shown.designName} · {say(shown.volume, 'CubicMetre', garden.system)} in place · {say(
              shown.usable,
              'Metre',
              garden.system,
            )} to root in at once{shown.filled ? ' · filled' : ''}
          </p>{/if}
      </div>
      <div class="press no-print">
        <label
          ><span class="sr">Planter</span>
          <Select placeholder="" value={String(id)} onchange={(e) => void push(`/plant/${e.currentTarget.value}`)}>
            {#each garden.projects as p (p.id)}<option value={String(p.id)}>{p.name}</option>{/each}
          </Select>
        </label>
        <Button class="px-4" onclick={() => void push('/plant/delivery')}>All in one delivery</Button>
        <Button class="px-4" onclick={() => window.print()}>Print</Button>
      </div>
    </header>
    {#if filling.wrong}<p class="problem" role="alert">{filling.wrong}</p>{/if}
    {#if shown}
      {#if shown.anew}<p class="problem" role="status">{shown.anew}</p>{/if}
      {#if shown.remarks.length}<ul class="remarks" aria-live="polite">
          {#each shown.remarks as r (r.words)}<li><VerdictWord verdict={r.verdict} /> <span>{r.words}</span></li>{/each}
        </ul>{/if}
      <div class="press no-print">
        <span>Begin with</span>
        {#each shown.schools as s (s.id)}<Button class="px-3" title={s.reason} onclick={() => void filling.school(s.id)}
            >{s.name}{#if s.id === shown.school}<small>&nbsp;(house rule)</small>{/if}</Button
          >{/each}
        {#if filling.changed}
          <Button kind="main" class="px-5" onclick={() => void filling.keep(filling.layers)}>Keep it</Button>
          <Button class="px-4" onclick={() => filling.drop()}>As it was</Button>
        {:else if shown.kept}
          <Button class="px-4" onclick={() => void filling.keep(null)}>Back to the house rule</Button>
        {:else}
          <Button kind="main" class="px-5" onclick={() => void filling.keep(filling.layers)}>Keep it</Button>
        {/if}
      </div>
      {#each shown.bays as bay, i (i)}
        {#if filling.layers[i]}
          <section class="bay">
            <div>
              <h2>{bay.count > 1 ? `${bay.count} alike: ${bay.name}` : bay.name}, in section</h2>
              <FillSection
                {bay}
                fills={shown.fills}
                wet={shown.notRooted}
                layers={filling.layers[i]}
                onmove={(layer, by) => filling.move(i, layer, by)}
              />
              <p class="soft small no-print">
                Drag a line, move it with the arrow keys (Shift: a hair), or type. Dashed: how it sinks.
              </p>
            </div>
            <div>
              <h2>From the foot up</h2>
              <LayerRows
                at={i}
                {bay}
                layers={filling.layers[i]}
                fills={shown.fills}
                errors={filling.errors}
                onchange={(layers) => filling.change(i, layers)}
                onadd={() => filling.add(i)}
                onaddbelow={() => filling.addBelow(i)}
              />
            </div>
          </section>
          <Fold title="How it is filled, step by step" heading="h3">
            <ol class="steps">
              {#each bay.steps as step, n (n)}<li>{step}</li>{/each}
            </ol>
          </Fold>
        {/if}
      {/each}
      <div class="below">
        <section>
          <h2>To fetch</h2>
          <WantsTable wants={shown.wants} cost={shown.cost} />
          {#each shown.sums as sum, n (n)}<p>{sum.title}: <SumOpener {sum} /></p>{/each}
        </section>
        <section>
          <h2>What grows in it</h2>
          <CropsByYear crops={shown.crops} />
        </section>
      </div>
    {:else if filling.waiting && !filling.wrong}<Waiting words="Looking into it…" />{/if}
  </article>
{/if}

<style>
  .plant {
    padding: 14px 22px 40px;
  }

  header {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 8px 20px;
  }

  .press {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px;
    margin: 6px 0;
  }

  .remarks {
    list-style: none;
    padding: 0;
    margin: 6px 0;
  }

  .remarks li {
    display: flex;
    gap: 10px;
    padding: 2px 0;
  }

  .bay,
  .below {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 10px 30px;
    margin-top: 10px;
  }

  .below {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.4fr);
  }

  .below h2 {
    margin-bottom: 6px;
  }

  .steps {
    list-style: decimal;
    padding-left: 1.4em;
    max-width: 46em;
  }

  .steps li {
    padding: 3px 0;
  }

  @media (max-width: 900px) {
    .plant {
      padding: 12px 14px 30px;
    }

    .bay,
    .below {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
