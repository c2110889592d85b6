<script lang="ts">
  import Field from '../../lib/controls/Field.svelte';
  import { Select, Table, TableBody, TableBodyCell, TableBodyRow, TableHead, TableHeadCell } from 'flowbite-svelte';
  import type { Schemas } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';

  type Having = Schemas['Having'];
  const words: [Having, string][] = [
    ['Owned', 'have it'],
    ['Borrowed', 'can borrow'],
    ['Lacking', 'lack it'],
  ];
  let wrong = $state('');
  const tools = $derived(garden.info?.tools ?? {});

  const before = { having: 'Owned', sizes: '', who: '' } as const;

  async function set(tool: string, change: Partial<Schemas['ShelvedTool']>) {
    const trouble = await garden.setTool(tool, (now) => ({ ...(now ?? before), ...change }));
    wrong = trouble?.whole ?? '';
  }
</script>

<h2>Tool shelf</h2>
<p class="soft">
  Steps and ways of taking a thing apart that want a tool you lack, or a size you lack, say so and offer another. What
  you say nothing of counts as had; <span data-either
    >sizes are in mm, or in inches where you say so: “4, 6, 8” or “1/8, 1/4 in”</span
  >.
</p>
{#if wrong}<p class="problem" role="alert">{wrong}</p>{/if}
<Table class="shelf">
  <TableHead
    >{#each ['Tool', 'Had or lacking', 'Sizes', 'Who may use it'] as head (head)}<TableHeadCell>{head}</TableHeadCell
      >{/each}</TableHead
  >
  <TableBody>
    {#each garden.catalogue?.tools ?? [] as tool (tool)}
      <TableBodyRow>
        <TableBodyCell>{tool}</TableBodyCell>
        <TableBodyCell>
          <Select
            placeholder=""
            aria-label="{tool}: had, borrowed or lacking"
            value={tools[tool]?.having ?? 'Owned'}
            onchange={(e) => void set(tool, { having: e.currentTarget.value as Having })}
          >
            {#each words as [id, name] (id)}<option value={id}>{name}</option>{/each}
          </Select>
        </TableBodyCell>
        <TableBodyCell
          ><Field
            aria-label="{tool}: sizes"
            placeholder="sizes"
            value={tools[tool]?.sizes ?? ''}
            maxlength={120}
            onchange={(e) => void set(tool, { sizes: e.currentTarget.value })}
          /></TableBodyCell
        >
        <TableBodyCell
          ><Field
            aria-label="{tool}: who may use it"
            placeholder="anybody"
            value={tools[tool]?.who ?? ''}
            maxlength={120}
            onchange={(e) => void set(tool, { who: e.currentTarget.value })}
          /></TableBodyCell
        >
      </TableBodyRow>
    {/each}
  </TableBody>
</Table>

<style>
  :global(.shelf :is(input, select)) {
    min-height: 38px;
    padding-block: 4px;
  }

  /* On a phone the tool and whether it is had come first, sizes and people below them. */
  @media (max-width: 760px) {
    :global(.shelf thead) {
      display: none;
    }

    :global(.shelf tr) {
      display: grid;
      grid-template-columns: 1fr 1fr;
      align-items: center;
      padding: 6px 0;
    }

    :global(.shelf :is(input, select)) {
      width: 100%;
      min-height: 44px;
    }
  }
</style>
