<script lang="ts">
  import type { Schemas } from '../../lib/api/client';

  const { tools }: { tools: Schemas['ToolDto'][] } = $props();
  const said = { Owned: '', Borrowed: ' (borrow)', Lacking: ' (lacking)' } as const;
</script>

{#each tools as t, i (t.words)}{i > 0 ? ', ' : ''}<span data-having={t.having}
    >{t.words}{said[t.having]}{t.who ? ` (only ${t.who})` : ''}</span
  >{/each}

<style>
  [data-having='Lacking'] {
    color: var(--fails);
    font-weight: 600;
  }

  [data-having='Borrowed'] {
    font-weight: 600;
  }
</style>
