<script lang="ts">
  import { Checkbox, Select } from 'flowbite-svelte';
  import Button from '../../lib/controls/Button.svelte';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';
  import type { Bay, Fill, Filling, Layer } from './filling.svelte';

  interface Props {
    /** Which sort of bay, from 0. */
    at: number;
    bay: Bay;
    layers: readonly Layer[];
    fills: Filling['fills'];
    errors: Record<string, string>;
    onchange: (layers: Layer[]) => void;
    onadd: () => void;
    onaddbelow: () => void;
  }

  const { at, bay, layers, fills, errors, onchange, onadd, onaddbelow }: Props = $props();

  let typed = $state<Record<number, string>>({});

  function set(layer: number, change: Partial<Layer>) {
    typed = {};
    onchange(layers.map((l, i) => (i === layer ? { ...l, ...change } : l)));
  }

  const error = (layer: number) => typed[layer] ?? errors[`bays.${at}.layers.${layer}.thickness`];
</script>

<!-- The top layer first, as it is seen in the section. -->
<ol reversed class="ruled">
  {#each layers.map((l, i) => ({ l, i })).reverse() as { l, i } (i)}
    {@const told = bay.layers[i]}
    <li>
      <div class="what">
        <Select
          placeholder=""
          aria-label="What layer {i + 1} is"
          value={l.fill}
          onchange={(e) => set(i, { fill: e.currentTarget.value as Fill })}
        >
          {#each fills as f (f.fill)}<option value={f.fill}>{f.words}</option>{/each}
        </Select>
        <MeasureField
          name="Thickness"
          unit="Metre"
          value={l.thickness}
          error={error(i)}
          onvalue={(thickness) => set(i, { thickness })}
          onerror={(words) => (typed = { ...typed, [i]: words })}
        />
        {#if layers.length > 1}<Button kind="bare" onclick={() => onchange(layers.filter((_, other) => other !== i))}
            >Take out<span class="sr"> layer {i + 1}</span></Button
          >{/if}
      </div>
      <div class="how">
        {#if told}<b>{say(told.volume * bay.count, 'CubicMetre', garden.system)}</b>{#if told.infill > 0}<span
              class="soft">and {say(told.infill * bay.count, 'CubicMetre', garden.system)} of soil in between</span
            >{/if}{/if}
        <label class="tick"
          ><Checkbox checked={l.firmed} onchange={(e) => set(i, { firmed: e.currentTarget.checked })} /><span
            >firmed and wetted</span
          ></label
        >
      </div>
    </li>
  {/each}
</ol>
<div class="what">
  <Button class="px-4" onclick={onaddbelow}>A layer at the foot</Button>
  <Button class="px-4" onclick={onadd}>Another on top</Button>
</div>

<style>
  .what,
  .how {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 12px;
  }

  /* Beside its thickness, not over the whole width. */
  li .what > :global(:first-child) {
    flex: 0 1 190px;
  }
</style>
