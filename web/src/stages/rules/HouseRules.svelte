<script lang="ts">
  import { garden } from '../../lib/garden.svelte';
  import Handbook from './Handbook.svelte';
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
  <Handbook />
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

  .caution {
    margin-top: 20px;
    font-weight: 600;
  }
</style>
