<script lang="ts">
  import { Table, TableBody, TableBodyCell, TableBodyRow, TableHead, TableHeadCell } from 'flowbite-svelte';
  import type { Schemas } from '../../lib/api/client';
  import { garden } from '../../lib/garden.svelte';
  import { say } from '../../lib/units/tell';

  /** Where each hole of a template is, from two edges. */
  const { holes }: { holes: Schemas['TemplateHole'][] } = $props();
</script>

<Table>
  <caption class="soft small text-left">From the left and the near edge</caption>
  <TableHead
    >{#each ['Hole', 'From left', 'From near'] as head (head)}<TableHeadCell>{head}</TableHeadCell>{/each}</TableHead
  >
  <TableBody>
    {#each holes as h (h.number)}<TableBodyRow
        ><TableBodyCell>{h.number}</TableBodyCell><TableBodyCell class="mono"
          >{say(h.fromLeft, 'Metre', garden.system)}</TableBodyCell
        ><TableBodyCell class="mono">{say(h.fromNear, 'Metre', garden.system)}</TableBodyCell></TableBodyRow
      >{/each}
  </TableBody>
</Table>
