<script lang="ts">
  import { Input } from 'flowbite-svelte';
  import type { HTMLInputAttributes } from 'svelte/elements';

  /** A line to type in: text in, text out, with the events of the input itself. */
  let { value = $bindable(''), ...rest }: Omit<HTMLInputAttributes, 'size' | 'color'> & { value?: string | number } =
    $props();
</script>

<Input bind:value {...rest as object} />
