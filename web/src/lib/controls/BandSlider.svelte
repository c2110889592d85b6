<script lang="ts">
  import { Range } from 'flowbite-svelte';
  import type { Schemas } from '../api/client';
  import { garden } from '../garden.svelte';
  import { say } from '../units/tell';
  import { whatHolds } from './holds';

  interface Props {
    slider: Schemas['SliderDto'];
    /** What its stops say was found before another slider moved. */
    stale?: boolean;
    /** While it is dragged, and when it is let go. */
    onvalue: (value: number) => void;
  }

  const { slider, stale = false, onvalue }: Props = $props();
  const id = $props.id();

  const last = $derived(slider.notches.length - 1);
  const at = $derived(slider.notches.findIndex((n) => n.value === slider.value));
  const here = $derived(slider.notches[at] ?? slider.notches[0]);
  // A choice has words where a count has a number.
  const choice = $derived(slider.notches.every((n) => n.label));
  // None of it has a word of its own too: "flat on the ground" says more than no millimetre.
  const tell = (value: number) =>
    ((value === 0 || (choice && ['Count', 'One'].includes(slider.unit))) &&
      slider.notches.find((n) => n.value === value)?.label) ||
    say(value, slider.unit, garden.system);
  const words = $derived(tell(slider.value));
  const holdsTo = $derived(whatHolds(slider.notches, tell));
</script>

<div class="band" data-stale={stale ? 'true' : undefined}>
  <div class="head">
    <label for={id}>{slider.name}</label>
    <output for={id} class:choice={choice || words === here.label}>{words}</output>
  </div>
  <div class="rail" style:--at="{last > 0 ? (at / last) * 100 : 0}%">
    <div class="bands" aria-hidden="true">
      {#each slider.notches as notch, i (i)}<i data-verdict={notch.verdict ?? 'CannotBeCut'}></i>{/each}
    </div>
    <Range
      {id}
      min="0"
      max={last}
      step="1"
      value={at}
      aria-valuetext="{words}{here.label ? `, ${here.label}` : ''}, {here.verdict === null
        ? 'cannot be cut'
        : here.verdict}"
      oninput={(e) => onvalue(slider.notches[Number(e.currentTarget.value)].value)}
    />
  </div>
  <p class="ends">
    <span>{tell(slider.notches[0].value)}</span>{#if here.label && here.label !== words}<span>{here.label}</span
      >{/if}<span>{tell(slider.notches[last].value)}</span>
  </p>
  <p class="holds">{holdsTo}</p>
</div>

<style>
  .band {
    margin-bottom: 12px;
  }

  .head {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    gap: 8px;
    font-weight: 600;
  }

  output {
    font-family: var(--font-mono);
    font-size: 1.12rem;
    text-align: right;
    white-space: nowrap;
  }

  /* What is in words may be long; a measure stays with its unit. */
  output.choice {
    white-space: normal;
  }

  .band[data-stale] :is(.bands, .holds) {
    opacity: 0.35;
  }

  .rail {
    position: relative;
    height: 32px;
  }

  .bands {
    position: absolute;
    inset: 12px 0;
    display: flex;
    height: 9px;
    border: 1px solid var(--iron);
  }

  .bands i {
    flex: 1;
    background: var(--sound-soft);
  }

  .bands i[data-verdict='Tight'] {
    background: var(--tight-soft);
  }

  .bands i[data-verdict='ProveFirst'] {
    background: repeating-linear-gradient(90deg, var(--chalk) 0 2px, var(--board) 2px 5px);
  }

  .bands i[data-verdict='Fails'] {
    background: repeating-linear-gradient(135deg, var(--fails) 0 2px, var(--board) 2px 5px);
  }

  .bands i[data-verdict='AskAProfessional'] {
    background: repeating-linear-gradient(135deg, var(--ask) 0 2px, var(--board) 2px 5px);
  }

  .bands i[data-verdict='CannotBeCut'] {
    background: repeating-linear-gradient(45deg, var(--line) 0 2px, var(--board) 2px 5px);
  }

  .rail :global(input) {
    appearance: none;
    -webkit-appearance: none;
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    margin: 0;
    background: transparent;
    cursor: pointer;
  }

  .rail :global(input::-webkit-slider-runnable-track) {
    background: transparent;
    height: 100%;
  }

  .rail :global(input::-webkit-slider-thumb) {
    -webkit-appearance: none;
    width: 18px;
    height: 24px;
    margin-top: 2px;
    background: var(--ink);
    border: 0;
    border-radius: 0;
    clip-path: polygon(0 0, 100% 0, 100% 68%, 50% 100%, 0 68%);
  }

  .rail :global(input::-moz-range-thumb) {
    width: 18px;
    height: 24px;
    background: var(--ink);
    border: 0;
    border-radius: 0;
    clip-path: polygon(0 0, 100% 0, 100% 68%, 50% 100%, 0 68%);
  }

  .rail :global(input:active::-webkit-slider-thumb),
  .rail :global(input:focus-visible::-webkit-slider-thumb) {
    background: var(--accent);
  }

  .ends {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    font-size: 0.8rem;
    color: var(--ink-soft);
    white-space: nowrap;
  }

  .holds {
    font-size: 0.8rem;
    color: var(--ink-soft);
  }

  @media (pointer: coarse) {
    .rail {
      height: var(--target);
    }

    .bands {
      inset: 17px 0;
    }

    .rail :global(input::-webkit-slider-thumb) {
      width: 28px;
      height: 34px;
    }
  }
</style>
