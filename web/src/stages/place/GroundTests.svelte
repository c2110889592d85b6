<script lang="ts">
  import { Checkbox, Select } from 'flowbite-svelte';
  import Button from '../../lib/controls/Button.svelte';
  import Field from '../../lib/controls/Field.svelte';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { begun, FEELS, today, WEEDS, type GroundTest } from './groundtests';
  import { table } from './place.svelte';

  /** What was found out about the ground of the spot that is being measured; the latest of each kind counts, the others are remembered. */
  const tests = $derived(table.draft!.tests ?? []);
  const known = $derived(garden.catalogue?.groundTests ?? []);
  /** One of the numbers a test has. */
  type Measured = 'sand' | 'silt' | 'clay' | 'ribbon' | 'fall' | 'seconds' | 'ph' | 'depth';
  const error = (i: number, field: string) => table.errors[`tests.${i}.${field}`];

  function change(to: GroundTest[]) {
    table.draft!.tests = to.length ? to : null;
    void table.look();
  }

  const set = (i: number, to: Partial<GroundTest>) => change(tests.map((t, n) => (n === i ? { ...t, ...to } : t)));
  const wrong = (i: number, field: string, words: string) =>
    (table.errors = { ...table.errors, [`tests.${i}.${field}`]: words });
</script>

{#snippet choice(i: number, field: 'feel' | 'weeds', name: string, from: readonly (readonly [string, string])[])}
  <label class="field"
    >{name}
    <Select
      placeholder=""
      value={tests[i][field] ?? ''}
      onchange={(e) => set(i, { [field]: e.currentTarget.value || null })}
    >
      <option value="">…</option>
      {#each from as [id, words] (id)}<option value={id}>{words}</option>{/each}
    </Select>
  </label>
  {#if error(i, field)}<p class="problem">{error(i, field)}</p>{/if}
{/snippet}

<fieldset>
  <legend>Tests of the ground</legend>
  {#each tests as test, i (i)}
    {@const how = known.find((t) => t.kind === test.kind)}
    <fieldset class="test">
      <legend>{how?.name}</legend>
      <p class="soft small">{how?.how}</p>
      {#each how?.asks ?? [] as m (m.field)}
        <MeasureField
          name={m.name}
          unit={m.unit}
          value={test[m.field as Measured] ?? null}
          error={error(i, m.field)}
          blank="not yet"
          onclear={() => set(i, { [m.field]: null })}
          onvalue={(v) => set(i, { [m.field]: v })}
          onerror={(w) => wrong(i, m.field, w)}
        />
      {/each}
      {#if test.kind === 'Hand'}{@render choice(i, 'feel', 'It feels', FEELS)}
      {:else if test.kind === 'Weeds'}{@render choice(i, 'weeds', 'There are', WEEDS)}
      {:else if test.kind === 'Rod'}
        <label class="tick"
          ><Checkbox
            checked={test.struck ?? false}
            onchange={(e) => set(i, { struck: e.currentTarget.checked })}
          /><span>It stopped at something hard</span></label
        >
      {/if}
      <label class="field"
        >On
        <Field
          type="date"
          value={test.day}
          onchange={(e) => e.currentTarget.value && set(i, { day: e.currentTarget.value })}
        />
      </label>
      <Button class="px-4" onclick={() => change(tests.filter((_, n) => n !== i))}>Leave it out</Button>
    </fieldset>
  {/each}
  {#if table.errors.tests}<p class="problem">{table.errors.tests}</p>{/if}
  <label class="field"
    >Write one down
    <Select
      placeholder=""
      value=""
      onchange={(e) => {
        const kind = e.currentTarget.value as GroundTest['kind'];
        e.currentTarget.value = '';
        if (kind) change([...tests, begun(kind, today())]);
      }}
    >
      <option value="">which test?</option>
      {#each known as t (t.kind)}<option value={t.kind}>{t.name}</option>{/each}
    </Select>
  </label>
</fieldset>

<style>
  fieldset {
    border: 0;
    padding: 0;
    margin: 4px 0;
    min-width: 0;
  }

  legend {
    font-weight: 700;
    padding: 0;
  }

  .test {
    border-left: 4px solid var(--line);
    padding-left: 10px;
    margin: 8px 0 14px;
    display: grid;
    gap: 6px;
    justify-items: stretch;
  }
</style>
