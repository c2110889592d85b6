<script lang="ts">
  import { Tooltip } from 'flowbite-svelte';

  /** What the control right before it does, told to a pointer and to the keyboard alike. */
  const { words }: { words: string } = $props();
</script>

<Tooltip
  type="custom"
  arrow={false}
  placement="bottom"
  transitionParams={{ duration: 0 }}
  class="max-w-[min(92vw,320px)] rounded-none border border-iron bg-board px-2.5 py-1.5 text-sm text-ink shadow-none"
  >{words}</Tooltip
>
