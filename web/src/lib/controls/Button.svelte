<script lang="ts">
  import { Button, type ButtonProps } from 'flowbite-svelte';

  /**
   * A press. `main` is the one thing to do here, `plain` anything else, `link` a word in a line, `bare` brings no look of its own: a slat, a silhouette, a line that opens.
   */
  let { kind = 'plain', class: more, ...rest }: ButtonProps & { kind?: 'main' | 'plain' | 'link' | 'bare' } = $props();

  const looks = {
    main: 'bg-accent text-accent-ink border-accent font-bold hover:bg-accent hover:text-accent-ink focus-within:text-accent-ink',
    plain: '',
    link: 'min-h-0 border-0 bg-transparent p-0 underline underline-offset-2 font-normal text-chalk hover:bg-transparent hover:text-chalk focus-within:text-chalk',
    bare: 'min-h-0 rounded-none border-0 bg-transparent p-0 text-left font-normal hover:bg-transparent',
  };
</script>

<Button {...rest} class={[looks[kind], more]} />
