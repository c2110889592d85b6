<script lang="ts">
  import { Select } from 'flowbite-svelte';
  import Field from '../../lib/controls/Field.svelte';
  import { garden } from '../../lib/garden.svelte';
  import type { Lengths } from '../../lib/units/system';
  import { money, say } from '../../lib/units/tell';

  let errors = $state<Record<string, string>>({});
  const info = $derived(garden.info);

  async function set(change: Parameters<typeof garden.change>[0], words: string) {
    const trouble = await garden.change(change, words);
    const [field] = Object.keys(change);
    errors = trouble ? { ...errors, [field]: trouble.fields[field] ?? trouble.whole } : { ...errors, [field]: '' };
  }

  const choices: { field: 'decimal' | 'dates' | 'paper'; name: string; of: [string, string][] }[] = [
    {
      field: 'decimal',
      name: 'Decimals follow',
      of: [
        ['.', 'a point: 2.5'],
        [',', 'a comma: 2,5'],
      ],
    },
    {
      field: 'dates',
      name: 'Days',
      of: [
        ['iso', '2027-05-31'],
        ['dmy', '31.5.2027'],
        ['mdy', '5/31/2027'],
      ],
    },
    {
      field: 'paper',
      name: 'Paper',
      of: [
        ['A4', 'A4'],
        ['Letter', 'Letter'],
      ],
    },
  ];
</script>

<h2>Units and manner</h2>
<p class="soft">
  How the garden is called and how it is told. Whatever you type in another unit is still understood: 92 cm, 3 ft, 20
  gal.
</p>
{#if info}
  <div class="fields">
    <label
      >The garden’s name <Field
        data-own
        maxlength={80}
        value={info.name}
        aria-invalid={errors.name ? 'true' : undefined}
        onchange={(e) => void set({ name: e.currentTarget.value }, 'The garden has its name')}
      /></label
    >
    <label
      >Where it is <Field
        data-own
        maxlength={80}
        value={info.manner.place}
        placeholder="behind the old slipway"
        onchange={(e) => void set({ place: e.currentTarget.value }, 'The garden has its place')}
      /></label
    >
    <label
      >Lengths <Select
        placeholder=""
        value={garden.system.lengths}
        onchange={(e) => void garden.setUnits(e.currentTarget.value as Lengths)}
      >
        <option value="mm">millimetres</option>
        <option value="cm">centimetres</option>
        <option value="in">inches, gallons, pounds</option>
      </Select></label
    >
    <label
      >Volumes <Select
        placeholder=""
        value={info.manner.volumes}
        onchange={(e) => void set({ volumes: e.currentTarget.value }, 'Volumes are told so')}
      >
        <option value="">{garden.system.lengths === 'in' ? 'US gallons' : 'litres'}</option>
        {#each Object.keys(info.measures) as measure (measure)}<option value={measure}>{measure}s</option>{/each}
      </Select></label
    >
    {#each choices as { field, name, of } (field)}
      <label
        >{name}
        <Select
          placeholder=""
          value={info.manner[field]}
          onchange={(e) => void set({ [field]: e.currentTarget.value }, 'Written so from now on')}
        >
          {#each of as [value, words] (value)}<option {value}>{words}</option>{/each}
        </Select></label
      >
    {/each}
    <label
      >Money <Field
        value={info.manner.currency}
        maxlength={4}
        aria-invalid={errors.currency ? 'true' : undefined}
        onchange={(e) => void set({ currency: e.currentTarget.value }, 'Money is told so')}
      /></label
    >
  </div>
  {#each Object.values(errors).filter(Boolean) as wrong (wrong)}<p class="problem" role="alert">{wrong}</p>{/each}
  <p>
    A bed of {say(1.245, 'Metre', garden.system)} by {say(0.6, 'Metre', garden.system)}, filled with {say(
      0.224,
      'CubicMetre',
      garden.system,
    )} for {money(37.4, garden.system)}.
  </p>
  <p class="soft small">
    The sign changes, the prices do not: they are guesses until you put in your own in <a
      class="underline"
      href="#/house-rules/handbook">the handbook, under Prices</a
    >.
  </p>
{/if}

<style>
  .fields {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
    gap: 12px 20px;
    margin: 12px 0;
    max-width: 820px;
  }

  label {
    display: grid;
    gap: 2px;
    font-size: 0.9rem;
  }
</style>
