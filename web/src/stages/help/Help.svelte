<script lang="ts">
  import { Kbd, Table, TableBody, TableBodyCell, TableBodyRow } from 'flowbite-svelte';
  import Marks from '../../shell/Marks.svelte';
  import { stages } from '../../shell/stages';

  const keys: { keys: string[]; between?: string; does: string }[] = [
    { keys: ['Ctrl', 'Z'], does: 'take back what was done last, wherever nothing is being typed' },
    { keys: ['Ctrl', 'Y'], does: 'do it again; Ctrl, Shift and Z as well' },
    ...stages.map((s, i) => ({ keys: [String(i + 1)], does: `go to ${s.name}` })),
    {
      keys: ['←', '→'],
      between: ' or ',
      does: 'along the heap at the foot of the page, once it has the focus; Home and End to its ends',
    },
    { keys: ['Enter'], does: 'keep a number typed on a drawing' },
    { keys: ['Tab'], does: 'on to the next thing to do; the first Tab of a page leads past the tape' },
  ];
</script>

<section class="help">
  <h1>Keys and marks</h1>
  <p>Everything can be done without a mouse. No letter by itself does anything.</p>
  <Table>
    <TableBody>
      {#each keys as k (k.does)}<TableBodyRow
          ><TableBodyCell class="whitespace-nowrap"
            >{#each k.keys as key, i (i)}{i > 0 ? (k.between ?? ' + ') : ''}<Kbd>{key}</Kbd>{/each}</TableBodyCell
          ><TableBodyCell>{k.does}</TableBodyCell></TableBodyRow
        >{/each}
    </TableBody>
  </Table>
  <h2>What the marks say</h2>
  <Marks />
  <p class="soft">Nothing Metaplant says is a certificate. Local rules and a qualified person come first.</p>
</section>

<style>
  .help {
    padding: 18px 24px 30px;
    max-width: 760px;
  }
</style>
