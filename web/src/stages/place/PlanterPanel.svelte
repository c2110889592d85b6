<script lang="ts">
  import { Select } from 'flowbite-svelte';
  import { push } from 'svelte-spa-router';
  import Button from '../../lib/controls/Button.svelte';
  import MeasureField from '../../lib/controls/MeasureField.svelte';
  import SumOpener from '../../lib/controls/SumOpener.svelte';
  import VerdictWord from '../../lib/controls/VerdictWord.svelte';
  import { middleOf } from '../../lib/drawing/frame';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';
  import Waiting from '../../lib/controls/Waiting.svelte';
  import { troubleWith } from '../../lib/api/held';
  import { spotsForAsked, table, type Planter } from './place.svelte';

  /** A project, where it stands or where it may be set down. */
  const { project, planter }: { project: number; planter: Planter | null } = $props();

  const kept = $derived(garden.projects.find((p) => p.id === project) ?? null);
  const ranked = spotsForAsked(() => project);
  let wrong = $state('');
  let errors = $state<Record<string, string>>({});

  async function stand(change: Partial<{ spot: number; x: number; y: number; turned: number }>) {
    errors = {};
    const at = {
      spot: planter?.spot ?? 0,
      x: planter?.x ?? 0,
      y: planter?.y ?? 0,
      turned: planter?.turned ?? 0,
      ...change,
    };
    wrong = await table.stand(project, at);
  }

  /** Into the middle of a spot. */
  function into(id: number) {
    const [x, y] = middleOf(garden.spots.find((s) => s.id === id)?.points ?? [0, 0]);
    void stand({ spot: id, x, y });
  }

  async function off() {
    wrong = await table.stand(project, null);
  }
</script>

{#if kept}
  <h1>{kept.name}</h1>
  <p class="soft">
    {kept.designName}{#if planter}, {say(planter.length, 'Metre', garden.system)} by {say(
        planter.width,
        'Metre',
        garden.system,
      )}, {say(planter.height, 'Metre', garden.system)} high{/if}
  </p>
  <label class="field"
    >Stands at
    <Select placeholder="" value={planter?.spot ?? ''} onchange={(e) => into(Number(e.currentTarget.value))}>
      {#if !planter}<option value="">no spot yet</option>{/if}
      {#each garden.spots as s (s.id)}<option value={s.id}>{s.drawn.name}</option>{/each}
    </Select>
  </label>
  {#if planter}
    <div class="fields">
      <MeasureField
        name="Middle, along the base line"
        unit="Metre"
        value={planter.x}
        error={errors.x}
        onvalue={(x) => void stand({ x })}
        onerror={(s) => (errors = { ...errors, x: s })}
      />
      <MeasureField
        name="Middle, off the base line"
        unit="Metre"
        value={planter.y}
        error={errors.y}
        onvalue={(y) => void stand({ y })}
        onerror={(s) => (errors = { ...errors, y: s })}
      />
      <MeasureField
        name="Turned to the left"
        unit="Degree"
        value={planter.turned}
        error={errors.turned}
        onvalue={(turned) => void stand({ turned })}
        onerror={(s) => (errors = { ...errors, turned: s })}
      />
      {#each planter.edges as e (e.name)}<MeasureField
          name="From {e.name}"
          unit="Metre"
          value={e.away}
          onvalue={(v) =>
            void stand({ x: planter.x + e.toward[0] * (e.away - v), y: planter.y + e.toward[1] * (e.away - v) })}
          error={errors[e.name]}
          onerror={(s) => (errors = { ...errors, [e.name]: s })}
        />{/each}
    </div>
    <p class="soft small">
      Let go of near a wall it is drawn to it. Drag it on the plan, or move it there with the arrow keys; with Shift a
      finger’s breadth.
    </p>
    {#if table.changed.length}
      <div class="changed" role="status">
        <h2>At this spot</h2>
        {#each table.changed as words (words)}<p>{words}</p>{/each}
      </div>
    {/if}
    <ul class="remarks">
      {#each planter.remarks as r, i (i)}<li>
          <VerdictWord verdict={r.verdict} />
          <span>{r.words}</span>
        </li>{:else}<li>Nothing stands in its way.</li>{/each}
    </ul>
    {#if planter.water.length}
      <h2 class="mt-4">How its water is worked out</h2>
      {#each planter.water as sum (sum.title)}<p>{sum.title}: <SumOpener {sum} /></p>{/each}
    {/if}
    <p class="press">
      <Button class="px-4" onclick={() => void push(`/place/pegs-${project}`)}>Peg it out</Button>
      <Button class="px-4" onclick={() => void off()}>Off the plan</Button>
    </p>
  {/if}
  <h2 class="mt-4">Where it would do best</h2>
  {#if ranked.data}
    <ol class="remarks">
      {#each ranked.data as r (r.spot)}<li>
          <Button
            kind="bare"
            class="justify-start px-0 underline underline-offset-3"
            aria-current={r.spot === planter?.spot}
            onclick={() => into(r.spot)}><b>{r.name}</b></Button
          >
          <VerdictWord verdict={r.worst} />
          <span>{r.words}</span>
        </li>{/each}
    </ol>
  {:else if troubleWith(ranked)}<p class="problem">{troubleWith(ranked)?.whole}</p>
  {:else}<Waiting words="Trying it at every spot…" />{/if}
  {#if wrong}<p class="problem" role="alert">{wrong}</p>{/if}
{:else}<p class="problem">There is no such project.</p>{/if}

<style>
  .field {
    display: grid;
    max-width: 22em;
    margin: 8px 0;
  }

  .fields {
    display: grid;
    gap: 6px;
    max-width: 26em;
  }

  .press {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 14px;
  }

  .changed {
    border-left: 4px solid var(--accent);
    padding-left: 10px;
    margin: 10px 0;
  }

  .remarks {
    list-style: none;
    padding: 0;
    margin: 10px 0;
    display: grid;
    gap: 8px;
  }

  .remarks li {
    display: grid;
    gap: 2px;
  }
</style>
