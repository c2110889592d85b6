<script lang="ts">
  import { Input, Select } from 'flowbite-svelte';
  import Button from '../../lib/controls/Button.svelte';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import Waiting from '../../lib/controls/Waiting.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { digits, money } from '../../lib/units/tell';
  import { counted } from '../../lib/when';
  import BriefBar from './BriefBar.svelte';
  import PlannedStrip from './PlannedStrip.svelte';
  import { whole } from './whole.svelte';

  let soilWrong = $state('');

  const crops = $derived(garden.catalogue?.crops ?? []);
  const climbers = $derived(crops.filter((c) => c.climbs));
  const free = $derived(garden.things.filter((t) => t.free > 0));
  const nameOf = (crop: string) => crops.find((c) => c.id === crop)?.name ?? crop;
  const left = $derived(whole.plan?.projects.filter((_, i) => !whole.kept[i]).length ?? 0);
  const unmet = $derived(whole.plan?.wants.filter((w) => w.given < w.needed) ?? []);

  function add(event: Event & { currentTarget: HTMLSelectElement }, climbing: boolean) {
    if (event.currentTarget.value) whole.add(event.currentTarget.value, climbing);
    event.currentTarget.value = '';
  }

  const number = (text: string) => (text.trim() === '' ? null : Number(text.replace(',', '.')));

  $effect(() => () => {
    garden.lifted = {};
  });
</script>

{#snippet adder(name: string, first: string, from: typeof crops, climbing: boolean)}
  <label
    >{name}
    {#key whole.plants.length}<Select placeholder="" value="" onchange={(e) => add(e, climbing)}>
        <option value="">{first}</option>
        {#each from as c (c.id)}<option value={c.id}>{c.name.toLowerCase()}</option>{/each}
      </Select>{/key}
  </label>
{/snippet}

<section class="whole" aria-busy={whole.looking}>
  <h1>The best of the whole heap</h1>
  <p class="lead">
    Say what you want of it. Metaplant looks for the planters and supports that give it from what lies there, no piece
    used twice: first what is wanted, then the least money, then the least work.
  </p>

  <form
    onsubmit={(e) => {
      e.preventDefault();
      void whole.start();
    }}
  >
    <fieldset>
      <legend>I want</legend>
      <div class="wanted">
        {#each whole.plants as wanted, i (i)}
          <div class="row">
            <Input
              type="number"
              min="1"
              aria-label="How many {nameOf(wanted.crop)}"
              value={wanted.plants}
              onchange={(e) => (wanted.plants = Math.max(1, Math.round(Number(e.currentTarget.value) || 1)))}
            />
            <span>{nameOf(wanted.crop)}{wanted.climbing ? ', something to climb' : ''}</span>
            <Button kind="link" aria-label="Not {nameOf(wanted.crop)}" onclick={() => whole.remove(i)}>take off</Button>
          </div>
        {/each}
      </div>
      <div class="adds">
        {@render adder('Plants in soil', 'add a crop…', crops, false)}
        {@render adder('Something to climb', 'add a climber…', climbers, true)}
        <MeasureField
          name="Soil in all"
          unit="CubicMetre"
          value={whole.soil}
          error={soilWrong}
          onvalue={(v) => ((whole.soil = v), (soilWrong = ''))}
          onclear={() => ((whole.soil = null), (soilWrong = ''))}
          onerror={(s) => (soilWrong = s)}
        />
        <label
          >To be used up
          <Select
            placeholder=""
            value={whole.useUp[0] ?? ''}
            onchange={(e) => (whole.useUp = e.currentTarget.value ? [Number(e.currentTarget.value)] : [])}
          >
            <option value="">nothing</option>
            {#each free as t (t.id)}<option value={t.id}>{t.name}</option>{/each}
          </Select>
        </label>
        <label
          >To spend at most
          <Input
            inputmode="decimal"
            placeholder="any"
            value={whole.money ?? ''}
            onchange={(e) => (whole.money = number(e.currentTarget.value))}
          />
        </label>
        <label
          >Hours at most
          <Input
            inputmode="decimal"
            placeholder="any"
            value={whole.hours ?? ''}
            onchange={(e) => (whole.hours = number(e.currentTarget.value))}
          />
        </label>
      </div>
    </fieldset>
    <div class="place"><BriefBar withCrop={false} /></div>
    {#if whole.trouble}<p class="wrong" role="alert">{whole.trouble.whole}</p>{/if}
    <div class="press">
      <Button kind={whole.plan ? 'plain' : 'main'} type="submit" disabled={whole.looking}
        >{whole.plan ? 'Plan it again' : 'Plan it'}</Button
      >
      {#if whole.looking}<Button onclick={() => void whole.stop()}>Stop: that will do</Button>{/if}
    </div>
  </form>

  {#if whole.looking && !whole.plan}<Waiting words="Looking through the heap…" />{/if}
  {#if whole.plan}
    {@const plan = whole.plan}
    <div class="sum" role="status">
      <p class="met" data-met={unmet.length === 0}>
        {#if plan.projects.length === 0 && whole.looking}Nothing found yet.
        {:else if plan.projects.length === 0}Nothing on the heap gives any of it.
        {:else if unmet.length === 0}All of it: {counted(plan.projects.length, 'project')},
          {plan.money === 0 ? 'nothing to buy' : `about ${money(plan.money, garden.system)} to buy`}, {digits(
            plan.hours,
            1,
          )} hours of work.
        {:else}Not all of it:
          {plan.money === 0 ? 'nothing to buy' : `about ${money(plan.money, garden.system)} to buy`}, {digits(
            plan.hours,
            1,
          )} hours of work.{/if}
      </p>
      <ul>
        {#each plan.wants as w, i (i)}<li data-met={w.given >= w.needed}>
            {w.words}: {w.given >= w.needed
              ? 'yes'
              : w.given === 0
                ? 'none'
                : `${Math.floor((100 * w.given) / w.needed)} %`}
          </li>{/each}
      </ul>
      <p class="small">
        {#if whole.looking}Still looking: {plan.tried} sizes tried so far.
        {:else if plan.proven}The best of the {plan.tried} sizes that were tried.
        {:else}Of {plan.tried} sizes tried; whether it is the best of them is not known.{/if}
      </p>
      {#if !whole.looking && left > 0}<Button kind="main" onclick={() => void whole.keep(null)}
          >{left < whole.plan.projects.length
            ? `Keep the other${left === 1 ? '' : ` ${left}`}`
            : left === 1
              ? 'Keep it'
              : `Keep all ${left}`}</Button
        >{/if}
    </div>
    {#each plan.projects as project, i (i)}
      <PlannedStrip {project} kept={whole.kept[i]} looking={whole.looking} onkeep={() => void whole.keep(i)} />
    {/each}
  {/if}
</section>

<style>
  .whole {
    padding: 14px 22px 24px;
  }

  .lead {
    max-width: 70ch;
    color: var(--ink-soft);
  }

  form {
    margin: 10px 0 16px;
  }

  .wanted {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 26px;
    margin-bottom: 4px;
  }

  .row {
    display: grid;
    grid-template-columns: 84px auto auto;
    gap: 10px;
    align-items: center;
  }

  .adds :global(.measure-field) {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }

  .press {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }

  .adds {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
    gap: 6px 14px;
    align-items: end;
    font-size: 0.9rem;
  }

  .place {
    margin: 8px 0;
  }

  .wrong {
    color: var(--fails);
  }

  .sum {
    margin-bottom: 10px;
  }

  .met {
    font-size: 1.25rem;
    font-weight: 700;
    color: var(--tight);
  }

  .met[data-met='true'] {
    color: var(--sound);
  }

  .sum ul {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 22px;
  }

  .sum li {
    color: var(--tight);
  }

  .sum li[data-met='true'] {
    color: var(--ink);
  }
</style>
