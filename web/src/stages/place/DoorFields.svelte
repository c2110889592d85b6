<script lang="ts">
  import { Checkbox, Select } from 'flowbite-svelte';
  import { degreesOf, WINDS, windOf } from '../../lib/sites';
  import { table, type Draft } from './place.svelte';

  /** How a door hangs, and whether it leads to the kitchen. */
  const { draft, set }: { draft: Draft; set: (change: Partial<Draft>) => void } = $props();

  /** Which side it opens to is asked as soon as somebody says where it points. */
  const shut = (to: string) =>
    set(
      to === '' ? { shut: null, opensLeft: null } : { shut: degreesOf(Number(to)), opensLeft: draft.opensLeft ?? true },
    );
</script>

<label class="field"
  >Shut, its leaf points from the hinge to the
  <Select
    placeholder=""
    value={draft.shut == null ? '' : windOf(draft.shut)}
    onchange={(e) => shut(e.currentTarget.value)}
  >
    <option value="">not looked at: it may open any way</option>
    {#each WINDS as name, n (name)}<option value={n}>{name}</option>{/each}
  </Select>
</label>
{#if draft.shut != null}
  <label class="field"
    >Seen that way, it opens to the
    <Select
      placeholder=""
      value={draft.opensLeft ? 'left' : 'right'}
      onchange={(e) => set({ opensLeft: e.currentTarget.value === 'left' })}
    >
      <option value="left">left</option>
      <option value="right">right</option>
    </Select>
  </label>
{/if}
{#each [table.errors.shut, table.errors.opensLeft] as words, i (i)}{#if words}<p class="problem">{words}</p>{/if}{/each}
<label class="tick"
  ><Checkbox checked={draft.kitchen ?? false} onchange={(e) => set({ kitchen: e.currentTarget.checked })} /><span
    >What is picked goes in here, to the kitchen</span
  ></label
>

<style>
  .field {
    display: grid;
    margin: 6px 0;
  }
</style>
