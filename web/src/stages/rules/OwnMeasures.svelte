<script lang="ts">
  import Field from '../../lib/controls/Field.svelte';
  import Button from '../../lib/controls/Button.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { parse } from '../../lib/units/parse';
  import { fieldText, say } from '../../lib/units/tell';

  let name = $state('');
  let size = $state('');
  let wrong = $state('');
  /** A measure is told in litres or gallons, never in itself. */
  const plain = $derived({ ...garden.system, volumes: null });
  const measures = $derived(garden.info?.measures ?? {});

  async function keep(measure: string, volume: number | null) {
    wrong = (await garden.setMeasure(measure, volume))?.whole ?? '';
  }

  function set(measure: string, text: string) {
    const read = parse(text, 'CubicMetre', plain);
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
        <Field
          class="mono"
          value={fieldText(volume, 'CubicMetre', plain)}
          onchange={(e) => set(measure, e.currentTarget.value)}
        /></label
      >
      <Button class="px-3" aria-label="Forget {measure}" onclick={() => void keep(measure, null)}>✕</Button>
    </li>
  {/each}
  <li>
    <label>A new one <Field bind:value={name} placeholder="trug" /></label>
    <label
      ><span class="sr">holds</span><Field
        class="mono"
        bind:value={size}
        placeholder={say(0.012, 'CubicMetre', plain)}
        aria-label="holds"
      /></label
    >
    <Button class="px-3" onclick={add}>Add</Button>
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

  li :global(input) {
    width: 130px;
    display: block;
  }
</style>
