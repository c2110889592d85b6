<script lang="ts">
  import {
    Progressbar,
    Table,
    TableBody,
    TableBodyCell,
    TableBodyRow,
    TableHead,
    TableHeadCell,
  } from 'flowbite-svelte';
  import Button from '../../lib/controls/Button.svelte';
  import FilePick from '../../lib/controls/FilePick.svelte';
  import { fileIn } from './file.svelte';
</script>

<section class="file">
  <h1>In and out by file</h1>
  <h2>Out</h2>
  <p>
    The whole heap as comma-separated values, one line a thing: <a
      class="tag"
      href="/api/things/csv"
      download="heap.csv">heap.csv</a
    >
  </p>
  <h2>In</h2>
  <p class="soft">
    A file like the one that comes out. The first line names the columns; name and kind are enough, measures carry their
    units. Nothing is kept until you have seen what it brings, and then all of it or nothing.
  </p>
  <FilePick words="Choose a file" name={fileIn.name} accept=".csv,text/csv" onpick={(file) => fileIn.look(file)} />
  {#if fileIn.preview}
    {@const p = fileIn.preview}
    {#if p.problems.length === 0}
      <p><b>{p.things} things, {p.pieces} pieces.</b> {p.first.join(', ')}{p.things > p.first.length ? '…' : ''}</p>
      {#if fileIn.done === null}
        <div class="actions">
          <Button kind="main" class="px-5" onclick={() => void fileIn.keep()}>Put all {p.things} on the heap</Button>
          <Button class="px-4" onclick={() => fileIn.forget()}>Leave it</Button>
        </div>
      {/if}
    {:else}
      <p class="problem" role="alert">
        {p.problems.length + p.moreProblems} things in it do not fit, so nothing of it can be kept. Put these right and choose
        it again.
      </p>
      <Table>
        <TableHead
          >{#each ['Line', 'Column', 'What is wrong'] as head (head)}<TableHeadCell>{head}</TableHeadCell
            >{/each}</TableHead
        >
        <TableBody>
          {#each p.problems as problem, i (i)}<TableBodyRow
              >{#each [problem.line, problem.column, problem.sentence] as cell, j (j)}<TableBodyCell
                  >{cell}</TableBodyCell
                >{/each}</TableBodyRow
            >{/each}
        </TableBody>
      </Table>
      {#if p.moreProblems > 0}<p>and {p.moreProblems} more.</p>{/if}
    {/if}
  {/if}
  {#if fileIn.done !== null}
    <p>
      Keeping… {fileIn.done} of {fileIn.total}
      <Progressbar
        progress={(100 * fileIn.done) / (fileIn.total || 1)}
        aria-label="Things kept"
        class="my-2 max-w-96"
      />
      <Button class="px-4" onclick={() => fileIn.stop()}>Stop</Button>
    </p>
  {/if}
  {#if fileIn.kept}<p role="status"><b>{fileIn.kept}</b></p>{/if}
  {#if fileIn.wrong}<p class="problem" role="alert">{fileIn.wrong}</p>{/if}
</section>

<style>
  .file {
    grid-column: 2 / -1;
    padding: 14px 24px 30px;
    overflow: auto;
    max-width: 900px;
  }

  h2 {
    margin-top: 14px;
  }

  .actions {
    display: flex;
    gap: 10px;
    margin-top: 8px;
  }
</style>
