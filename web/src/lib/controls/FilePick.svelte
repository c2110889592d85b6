<script lang="ts">
  interface Props {
    /** What the button says. */
    words: string;
    /** Of the file chosen; empty while none is. */
    name: string;
    accept: string;
    onpick: (file: File) => Promise<void>;
  }

  const { words, name, accept, onpick }: Props = $props();

  async function chosen(event: Event & { currentTarget: HTMLInputElement }) {
    const input = event.currentTarget;
    if (input.files?.[0]) await onpick(input.files[0]);
    // So that the same file, put right, can be chosen again.
    input.value = '';
  }
</script>

<label class="pick">
  <span class="btn-plain rounded-sm px-4">{words}</span>
  <input class="sr" type="file" {accept} onchange={chosen} />
  {name}
</label>

<style>
  .pick {
    display: inline-flex;
    gap: 12px;
    align-items: center;
    margin: 8px 0;
    cursor: pointer;
  }

  .pick span {
    display: inline-flex;
    align-items: center;
    min-height: var(--target);
    border: 1px solid var(--ink);
    font-weight: 600;
  }

  .pick:focus-within span {
    outline: 3px solid var(--chalk);
    outline-offset: 2px;
  }
</style>
