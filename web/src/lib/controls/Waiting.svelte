<script lang="ts">
  import { Spinner } from 'flowbite-svelte';

  /** What is being waited for, with something that turns. */
  const { words }: { words: string } = $props();
</script>

<p class="waits" role="status"><Spinner role="presentation" aria-hidden="true" /> {words}</p>

<style>
  .waits {
    display: flex;
    gap: 10px;
    align-items: center;
    color: var(--ink-soft);
  }
</style>
