<script lang="ts">
  import { Toast } from 'flowbite-svelte';
  import { prefersReducedMotion } from 'svelte/motion';
  import Button from '../lib/controls/Button.svelte';
  import { garden } from '../lib/garden.svelte';

  /** Milliseconds that it stays when nobody touches it. */
  const STAYS = 6000;

  /** What just happened, in a few words, and the way back. It is read aloud by the status line, so that this one is silent. */
  let shown = $state(false);
  const change = $derived(garden.news);

  $effect(() => {
    if (change.words === '') return;
    shown = true;
    const timer = setTimeout(() => (shown = false), STAYS);
    return () => clearTimeout(timer);
  });
</script>

{#if change.words !== ''}
  <Toast
    role="presentation"
    bind:toastStatus={shown}
    dismissable={false}
    params={{ y: 12, duration: prefersReducedMotion.current ? 0 : 140 }}
  >
    <span class="words">{change.words}</span>
    {#if change.undo}<Button
        kind="bare"
        class="px-3 font-bold text-paper underline focus-within:text-paper hover:text-paper"
        onclick={() => void garden.undo()}>Take it back</Button
      >{/if}
  </Toast>
{/if}
