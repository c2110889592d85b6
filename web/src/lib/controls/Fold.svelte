<script lang="ts">
  import { Accordion, AccordionItem } from 'flowbite-svelte';
  import type { Snippet } from 'svelte';
  import { prefersReducedMotion } from 'svelte/motion';

  interface Props {
    /** What it says closed and open. */
    title: string | Snippet;
    open?: boolean;
    /** The heading it is, for those who go from heading to heading; none where it stands in a line of text. */
    heading?: 'h2' | 'h3' | 'h4';
    class?: string;
    children: Snippet;
  }

  let { title, open = $bindable(false), heading, class: more, children }: Props = $props();

  /** Milliseconds that it takes to open. */
  const OPENS_IN = 140;
</script>

{#snippet arrow(path: string)}
  <svg class="size-3 shrink-0" aria-hidden="true" viewBox="0 0 10 10"><path d={path} fill="currentColor" /></svg>
{/snippet}

<Accordion data-fold flush multiple class={more}>
  <AccordionItem
    bind:open
    headingTag={heading ?? 'div'}
    transitionParams={{ duration: prefersReducedMotion.current ? 0 : OPENS_IN }}
  >
    {#snippet header()}{#if typeof title === 'string'}{title}{:else}<span>{@render title()}</span>{/if}{/snippet}
    {#snippet arrowup()}{@render arrow('M0 2h10L5 9z')}{/snippet}
    {#snippet arrowdown()}{@render arrow('M2 0v10l7 -5z')}{/snippet}
    {@render children()}
  </AccordionItem>
</Accordion>
