<script lang="ts">
  import { Select } from 'flowbite-svelte';
  import { push } from 'svelte-spa-router';
  import { api, type Schemas, type Unit } from '../../lib/api/client';
  import Button from '../../lib/controls/Button.svelte';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { degreesOf, EXPOSURES, WINDS, windOf } from '../../lib/sites';
  import DayOfYear from './DayOfYear.svelte';
  import NorthByStick from './NorthByStick.svelte';

  const { site }: { site: Schemas['PlanSite'] } = $props();

  let typed = $state<Partial<Schemas['PlanSite']>>({});
  let errors = $state<Record<string, string>>({});
  let whole = $state('');
  const all = $derived({ ...site, ...typed });

  const MEASURES: { id: 'latitude' | 'baseLine' | 'bearing'; name: string; hint: string; unit: Unit }[] = [
    { id: 'latitude', name: 'Latitude', hint: 'Degrees north; south of the equator below nothing', unit: 'Degree' },
    { id: 'baseLine', name: 'Base line', hint: 'A to B: two marks that stay, as far apart as you can', unit: 'Metre' },
    {
      id: 'bearing',
      name: 'Direction from A to B',
      hint: 'By compass: north 0, east 90, south 180, west 270. Or by a stick, below',
      unit: 'Degree',
    },
  ];

  const HEIGHTS = [
    ['height', 'Height above the sea', 'By a map'],
    ['frostHeight', 'Height where the frost dates are from', 'Where they are not your own: it is colder higher up'],
  ] as const;

  async function keep() {
    const trouble = await garden.write(
      () => api.PUT('/api/plan/site', { body: all }),
      'Where the garden lies is kept; everything on the plan follows',
    );
    errors = trouble?.fields ?? {};
    whole = trouble?.whole ?? '';
    if (!trouble) void push('/place');
  }
</script>

<form onsubmit={(e) => (e.preventDefault(), void keep())}>
  <h1>Where the garden lies</h1>
  <p class="soft small">
    Everything on the plan is measured from one base line, A to B. The sun follows from the rest.
  </p>
  {#each MEASURES as m (m.id)}
    <MeasureField
      name={m.name}
      hint={m.hint}
      unit={m.unit}
      value={all[m.id]}
      error={errors[m.id]}
      onvalue={(v) => ((typed[m.id] = v), delete errors[m.id])}
      onerror={(w) => (errors[m.id] = w)}
    />
  {/each}
  <NorthByStick
    baseLine={all.baseLine}
    latitude={all.latitude}
    onbearing={(bearing) => ((typed.bearing = bearing), delete errors.bearing)}
  />
  <label class="field"
    >The wind finds it
    <Select
      placeholder=""
      value={all.exposure}
      onchange={(e) => (typed.exposure = e.currentTarget.value as Schemas['Exposure'])}
    >
      {#each EXPOSURES as x (x.id)}<option value={x.id}>{x.name}: {x.where}</option>{/each}
    </Select>
  </label>
  <label class="field"
    >Strong wind comes from the
    <Select
      placeholder=""
      value={all.windFrom === null ? '' : windOf(all.windFrom)}
      onchange={(e) =>
        (typed.windFrom = e.currentTarget.value === '' ? null : degreesOf(Number(e.currentTarget.value)))}
    >
      <option value="">nobody has watched: from anywhere</option>
      {#each WINDS as name, n (name)}<option value={n}>{name}</option>{/each}
    </Select>
  </label>
  {#each [['lastFrost', 'Last frost in the open'], ['firstFrost', 'First frost in the open']] as const as [id, name] (id)}
    <DayOfYear {name} day={all[id]} blank="nobody knows" onday={(day) => (typed[id] = day)} />
  {/each}
  {#each HEIGHTS as [id, name, hint] (id)}
    <MeasureField
      {name}
      {hint}
      unit="Metre"
      value={all[id] ?? null}
      error={errors[id]}
      blank="not looked up"
      onclear={() => ((typed[id] = null), delete errors[id])}
      onvalue={(v) => ((typed[id] = v), delete errors[id])}
      onerror={(w) => (errors[id] = w)}
    />
  {/each}
  <div class="press">
    <Button kind="main" type="submit" class="px-5">Keep it</Button>
    <Button class="px-4" onclick={() => void push('/place')}>Leave it</Button>
  </div>
  {#if whole}<p class="problem" role="alert">{whole}</p>{/if}
</form>

<style>
  form {
    display: grid;
    gap: 8px;
  }

  .field {
    display: grid;
  }

  .press {
    display: flex;
    gap: 8px;
  }
</style>
