<script lang="ts">
  import { garden } from '../../lib/garden.svelte';
  import OwnMeasures from './OwnMeasures.svelte';
  import ToolShelf from './ToolShelf.svelte';

  const basis = { Tested: 'tested', HandedDown: 'handed down', Doubtful: 'doubtful' } as const;
</script>

<section class="rules">
  <h1>House rules</h1>
  <p class="soft">
    Where practitioners disagree, you choose. The heap is judged again at once; every verdict names the rule behind it.
  </p>
  {#each garden.catalogue?.houseRules ?? [] as rule (rule.id)}
    {@const chosen = garden.info?.rules[rule.id] ?? rule.schools[0].id}
    <fieldset>
      <legend>{rule.question}</legend>
      {#each rule.schools as school, i (school.id)}
        <label class="tick">
          <input
            type="radio"
            name={rule.id}
            value={school.id}
            checked={chosen === school.id}
            onchange={() => void garden.setRule(rule.id, school.id)}
          />
          <span
            ><b>{school.name}</b>{i === 0 ? ' (ours)' : ''}. {school.reason}
            <em class="soft">{basis[school.basis]}</em></span
          >
        </label>
      {/each}
    </fieldset>
  {/each}
  <OwnMeasures />
  <ToolShelf />
  <h2>Your own constants</h2>
  {#if Object.keys(garden.info?.constants ?? {}).length === 0}
    <p class="soft">None yet. Open any sum and change a constant there; it will stand here with the way back.</p>
  {:else}
    <ul>
      {#each Object.entries(garden.info?.constants ?? {}) as [id, value] (id)}
        {@const row = garden.catalogue?.constants.find((c) => c.id === id)}
        <li>
          {row?.meaning}: {value.toPrecision(4)} in place of {row?.value.toPrecision(4)}
          <button type="button" class="btn-plain rounded-sm px-3" onclick={() => void garden.setConstant(id, null)}
            >Back to ours</button
          >
        </li>
      {/each}
    </ul>
  {/if}
  <p class="caution">Nothing here is a certificate. Local codes and licensed practice come first.</p>
</section>

<style>
  .rules {
    max-width: 820px;
    padding: 18px 24px 40px;
  }

  fieldset {
    margin: 16px 0;
    padding: 4px 0 4px 14px;
    border-left: 5px solid var(--kraft);
  }

  legend {
    font-family: var(--font-head);
    font-weight: 700;
    font-size: 1.1rem;
  }

  h2 {
    margin-top: 22px;
  }

  .caution {
    margin-top: 20px;
    font-weight: 600;
  }
</style>
