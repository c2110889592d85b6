<script lang="ts">
  import { garden } from '../../lib/garden.svelte';
  import { parse } from '../../lib/units/parse';
  import { fieldText } from '../../lib/units/tell';

  let name = $state('');
  let size = $state('');
  let wrong = $state('');
  const measures = $derived(garden.info?.measures ?? {});

  async function keep(measure: string, volume: number | null) {
    wrong = (await garden.setMeasure(measure, volume))?.whole ?? '';
  }

  function set(measure: string, text: string) {
    const read = parse(text, 'CubicMetre', garden.system);
    if (read.error !== undefined) wrong = read.error;
    else void keep(measure, read.value!);
  }

  function add() {
    const word = name.trim().toLowerCase();
    if (word === '') {
      wrong = 'Give the measure a name, such as barrow.';
      return;
    }
    set(word, size);
    if (!wrong) [name, size] = ['', ''];
  }
</script>

<h2>Your own measures</h2>
<p class="soft">Measured once, they count wherever a volume is typed: “3 barrows”, “2 sacks”.</p>
<ul>
  {#each Object.entries(measures) as [measure, volume] (measure)}
    <li>
      <label
        >One {measure}
        <input
          class="field mono"
          value={fieldText(volume, 'CubicMetre', garden.system)}
          onchange={(e) => set(measure, e.currentTarget.value)}
        /></label
      >
      <button
        type="button"
        class="btn-plain rounded-sm px-3"
        aria-label="Forget {measure}"
        onclick={() => void keep(measure, null)}>✕</button
      >
    </li>
  {/each}
  <li>
    <label>A new one <input class="field" bind:value={name} placeholder="trug" /></label>
    <label
      ><span class="sr">holds</span><input
        class="field mono"
        bind:value={size}
        placeholder="12 l"
        aria-label="holds"
      /></label
    >
    <button type="button" class="btn-plain rounded-sm px-3" onclick={add}>Add</button>
  </li>
</ul>
{#if wrong}<p class="problem" role="alert">{wrong}</p>{/if}

<style>
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 18px;
  }

  li {
    display: flex;
    gap: 6px;
    align-items: end;
  }

  .field {
    width: 130px;
    display: block;
  }
</style>
