<script lang="ts">
  import Waiting from '../../lib/controls/Waiting.svelte';
  import Button from '../../lib/controls/Button.svelte';
  import FilePick from '../../lib/controls/FilePick.svelte';
  import { counted } from '../../lib/when';
  import BackupList from './BackupList.svelte';
  import { backups } from './backups.svelte';
  import { gardenIn } from './gardenin.svelte';

  /** "3 new, 1 changed, 2 gone", or that all are as they are here. */
  function change(fresh: number, changed: number, gone: number): string {
    const parts = [fresh && `${fresh} new`, changed && `${changed} changed`, gone && `${gone} gone`].filter(Boolean);
    return parts.length > 0 ? parts.join(', ') : 'all as they are here';
  }
</script>

<h2>The garden file</h2>
<h3>Out</h3>
<p>
  <a class="tag" href="/api/garden/archive" download="garden.zip">garden.zip</a> everything, with the photographs ·
  <a class="tag" href="/api/garden/document" download="garden.json">garden.json</a> everything but the photographs
</p>

<h3>In</h3>
<p class="soft">
  A garden as it comes out above, yours or another’s. It takes the place of this one, whole or not at all, and you see
  what would change first.
</p>
<FilePick
  words="Choose a garden"
  name={gardenIn.file?.name ?? ''}
  accept=".zip,.json,application/zip,application/json"
  onpick={(file) => gardenIn.look(file)}
/>
{#if gardenIn.busy}
  <div class="flex flex-wrap items-center gap-3">
    <Waiting words={gardenIn.busy} />
    <Button class="px-4" onclick={() => gardenIn.stop()}>Stop</Button>
  </div>
{/if}
{#if gardenIn.differences}
  {@const d = gardenIn.differences}
  <div class="differences">
    <p>
      <b>{d.name}</b>: {counted(d.things, 'thing')}, {counted(d.projects, 'project')}, {counted(
        d.photographs,
        'photograph',
      )}.
    </p>
    <dl>
      <dt>Things</dt>
      <dd>{change(d.thingsNew, d.thingsChanged, d.thingsGone)}</dd>
      <dt>Projects</dt>
      <dd>{change(d.projectsNew, d.projectsChanged, d.projectsGone)}</dd>
      <dt>Settings</dt>
      <dd>{d.settingsChange ? 'become those of the file' : 'as they are here'}</dd>
    </dl>
    {#if d.photographsMissing > 0}<p class="problem">
        {counted(d.photographsMissing, 'photograph')} named in it {d.photographsMissing === 1 ? 'is' : 'are'} not in the file
        and will be missing.
      </p>{/if}
    {#if d.needLook.length > 0}<p class="problem">
        Not everything in it is known here: {d.needLook.slice(0, 5).join(', ')}{d.needLook.length > 5 ? '…' : ''} will need
        a look.
      </p>{/if}
    {#if d.undoEnds > 0}<p>
        What can be undone now, {counted(d.undoEnds, 'change')}, ends with it; the garden as it is now is kept as a
        backup.
      </p>{/if}
    <div class="actions">
      <Button kind="main" class="px-5" disabled={!!gardenIn.busy} onclick={() => void gardenIn.keep()}
        >Put it in place of this garden</Button
      >
      <Button class="px-4" onclick={() => gardenIn.forget()}>Leave it</Button>
    </div>
  </div>
{/if}
{#if gardenIn.wrong}<p class="problem" role="alert">{gardenIn.wrong}</p>{/if}
{#if gardenIn.problems.length > 1}
  <ul>
    {#each gardenIn.problems as [place, words] (place)}<li><span class="mono">{place}</span> {words}</li>{/each}
  </ul>
{/if}
{#if gardenIn.kept}<p role="status"><b>{gardenIn.kept}</b></p>{/if}

<h3>Backups</h3>
<p class="soft">
  One a day for two weeks, one before each change of form, each restore and each garden taken in, with the photographs.
  They lie beside the garden: copy its folder to another disk now and then, for a disk is lost whole.
</p>
<Button class="px-4" disabled={backups.busy} onclick={() => void backups.keep()}>Keep one now</Button>
<BackupList />

<style>
  h3 {
    margin-top: 22px;
    font-size: 1.1rem;
    font-weight: 700;
  }

  .differences {
    border-left: 5px solid var(--chalk);
    padding-left: 14px;
    display: grid;
    gap: 8px;
    justify-items: start;
  }

  .actions {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
  }

  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 2px 18px;
  }

  dt {
    font-weight: 600;
  }
</style>
