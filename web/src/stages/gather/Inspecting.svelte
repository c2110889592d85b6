<script lang="ts">
  import { Checkbox } from 'flowbite-svelte';
  import Button from '../../lib/controls/Button.svelte';
  import type { Schemas } from '../../lib/api/client';
  import VerdictWord from '../../lib/controls/VerdictWord.svelte';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';
  import type { Bench } from './bench.svelte';
  import FitnessWord from './FitnessWord.svelte';
  import { standingOf } from './standing';
  import WalkRound from './WalkRound.svelte';
  import Ways from './Ways.svelte';

  const { bench }: { bench: Bench } = $props();

  const titles: Record<Schemas['FindingGroup'], string> = {
    Marks: 'Marks on it',
    Contents: 'What it held',
    Faults: 'What is wrong with it',
  };
  const groups = ['Contents', 'Marks', 'Faults'] as const;
  const draft = $derived(bench.draft!);
  const preview = $derived(bench.preview);
  const rules = $derived(new Map(garden.catalogue?.houseRules.map((r) => [r.id, r]) ?? []));
  // A new kind, another stuff or another thing begins its own walk.
  const key = $derived(`${draft.id ?? 'new'} ${draft.kind} ${draft.substance}`);
  let walking = $derived(key.startsWith('new'));
  const inspected = $derived(draft.findings.includes('looked-over'));
  const places = { InGround: 'in wet soil', Outdoors: 'outdoors', Sheltered: 'under a roof' } as const;

  function asked(group: Schemas['FindingGroup']) {
    return (bench.kind?.lookFor ?? [])
      .map((id) => garden.findings.get(id))
      .filter((f) => f !== undefined && f.group === group)
      .filter((f) => !bench.neverOn.has(f!.id) || draft.findings.includes(f!.id));
  }
</script>

<aside class="inspecting" aria-label="Inspection and verdict">
  {#if preview}
    <div class="judged" data-fitness={standingOf(preview)} aria-live="polite">
      <p class="word"><FitnessWord judged={preview} /></p>
      {#if preview.open.length > 0}<p>
          Still to be asked: {preview.open.slice(0, 3).join(' ')}{preview.open.length > 3
            ? ` And ${preview.open.length - 3} more.`
            : ''}
        </p>{/if}
      {#each preview.reasons as reason, i (i)}
        <p>
          {reason.sentence}
          {#if reason.houseRule}<a href="#/house-rules" title={rules.get(reason.houseRule)?.question}>house rule</a
            >{/if}
        </p>
      {/each}
      {#if !preview.mayCut}<p>No cutting, drilling or breaking.</p>{/if}
    </div>
  {/if}

  {#if preview?.usable}<p class="usable"><b>Usable:</b> {preview.usable}</p>{/if}
  {#if walking}
    {#key key}<WalkRound {bench} onended={() => (walking = false)} />{/key}
  {:else}
    <p class="walked">
      <Button class="px-4" onclick={() => (walking = true)}
        >{inspected ? 'Walk round it again' : 'Walk round it'}</Button
      >
      <span class="soft small">{inspected ? 'Looked over.' : 'Question by question, the decisive ones first.'}</span>
    </p>
  {/if}
  {#if draft.history.length > 0}
    <h2>It came with</h2>
    <ul class="small">
      {#each draft.history as id (id)}<li>{garden.findings.get(id)?.words ?? id}</li>{/each}
    </ul>
  {/if}
  <h2>Or tick what you see</h2>
  {#each groups as group (group)}
    {@const findings = asked(group)}
    {#if findings.length > 0}
      <fieldset>
        <legend>{titles[group]}</legend>
        {#each findings as finding (finding!.id)}
          <label class="tick">
            <Checkbox
              checked={draft.findings.includes(finding!.id)}
              onchange={(e) => bench.tick(finding!.id, e.currentTarget.checked)}
            />
            <span>{finding!.words}</span>
          </label>
        {/each}
      </fieldset>
    {/if}
  {/each}

  {#if preview && preview.canMake.length > 0}
    <h2>What it could be</h2>
    <ul class="makes">
      {#each preview.canMake as make (make.design)}
        <li>
          <b>{make.designName}</b>
          {#if make.standing === 'WillDo' && make.worst}
            <VerdictWord verdict={make.worst} />
            <p>
              {#if make.litres}<b>{say(make.litres, 'CubicMetre', garden.system)}</b>,
              {/if}{make.size}. {make.drain}
              {make.hold}
            </p>
          {:else}
            <p class="soft">{make.why}</p>
          {/if}
        </li>
      {/each}
    </ul>
  {/if}

  {#if preview}
    <h2>Handle it with</h2>
    <ul>
      {#each preview.handleWith as sentence, i (i)}<li class="small">{sentence}</li>{/each}
    </ul>
    <h2>How long it lasts</h2>
    <p class="small">
      {preview.lives.map((l) => `${l.from} to ${l.to} years ${places[l.place]}`).join(', ')}. Estimates.
    </p>
    <Ways {bench} />
  {/if}
</aside>

<style>
  .walked {
    display: flex;
    align-items: center;
    gap: 10px;
    margin: 8px 0;
  }

  .walked :global(button) {
    flex: none;
  }

  .inspecting {
    padding: 14px 16px;
    border-left: 1px solid var(--line);
    overflow: auto;
  }

  .judged {
    border-left: 5px solid var(--sound-soft);
    padding: 2px 0 4px 12px;
    margin-bottom: 10px;
  }

  .judged[data-fitness='NotLookedAt'] {
    border-color: var(--chalk);
    border-left-style: dashed;
  }

  .judged[data-fitness='Ornamentals'] {
    border-color: var(--tight-soft);
  }

  .judged[data-fitness='StructureOnly'] {
    border-color: var(--ask);
  }

  .judged[data-fitness='Refused'] {
    border-color: var(--fails);
  }

  .judged a {
    color: var(--chalk);
    text-decoration: underline;
    white-space: nowrap;
  }

  .word {
    font-family: var(--font-head);
    font-size: 1.35rem;
  }

  fieldset {
    margin: 4px 0 8px;
  }

  legend {
    color: var(--ink-soft);
    font-size: 0.85rem;
  }

  .tick {
    min-height: 32px;
    padding: 2px 0;
  }

  @media (pointer: coarse) {
    .tick {
      min-height: var(--target);
    }
  }

  .makes li {
    padding: 6px 0;
    border-top: 1px dashed var(--line);
  }

  h2 {
    margin-top: 10px;
  }

  @media (max-width: 1020px) {
    .inspecting {
      grid-column: 2;
      border-left: 0;
    }
  }
</style>
