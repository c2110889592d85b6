<script lang="ts">
  import { Select } from 'flowbite-svelte';
  import type { Attachment } from 'svelte/attachments';
  import Field from '../../lib/controls/Field.svelte';
  import type { Bench } from './bench.svelte';

  interface Props {
    bench: Bench<unknown>;
    /** Done with the field of its name once it is there. */
    ready?: Attachment<HTMLElement>;
  }

  /** What it is called, how many there are and what it is made of: three labels for a grid. */
  const { bench, ready }: Props = $props();

  const draft = $derived(bench.draft!);
</script>

<label
  >Name
  <Field
    bind:value={draft.name}
    {@attach ready}
    placeholder="What you would call it"
    maxlength={200}
    aria-invalid={bench.errors.name ? 'true' : undefined}
    oninput={() => bench.rename()}
  />
</label>
<label
  >How many
  <Field
    class="mono"
    value={draft.count}
    inputmode="numeric"
    aria-invalid={bench.errors.count ? 'true' : undefined}
    onchange={(e: Event & { currentTarget: HTMLInputElement }) => bench.count(e.currentTarget.value)}
  />
</label>
<label
  >Made of
  <Select
    placeholder=""
    value={draft.substance}
    onchange={(e) => bench.setSubstance(e.currentTarget.value as typeof draft.substance)}
  >
    {#each bench.kind!.substances as s (s.id)}<option value={s.id}>{s.name}</option>{/each}
  </Select>
</label>
