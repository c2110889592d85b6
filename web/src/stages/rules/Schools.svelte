<script lang="ts">
  import { Radio } from 'flowbite-svelte';
  import { garden } from '../../lib/garden.svelte';

  const basis = { Tested: 'tested', HandedDown: 'handed down', Doubtful: 'doubtful' } as const;
</script>

<h2>Where gardeners disagree</h2>
<p class="soft">You choose. The heap is judged again at once; every verdict names the rule behind it.</p>
{#each garden.catalogue?.houseRules ?? [] as rule (rule.id)}
  {@const chosen = garden.info?.rules[rule.id] ?? rule.schools[0].id}
  <fieldset>
    <legend>{rule.question}</legend>
    {#each rule.schools as school, i (school.id)}
      <Radio name={rule.id} value={school.id} group={chosen} onchange={() => void garden.setRule(rule.id, school.id)}
        ><span
          ><b>{school.name}</b>{i === 0 ? ' (ours)' : ''}. {school.reason}
          <em class="soft">{basis[school.basis]}</em></span
        ></Radio
      >
    {/each}
  </fieldset>
{/each}

<style>
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
</style>
