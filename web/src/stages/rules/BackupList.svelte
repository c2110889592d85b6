<script lang="ts">
  import { garden } from '../../lib/garden.svelte';
  import Button from '../../lib/controls/Button.svelte';
  import { onMount } from 'svelte';
  import { counted, when } from '../../lib/when';
  import { backups } from './backups.svelte';

  onMount(() => void backups.read());
</script>

{#if backups.wrong}<p class="problem" role="alert">{backups.wrong}</p>{/if}
{#if backups.said}<p role="status"><b>{backups.said}</b></p>{/if}
{#if backups.all}
  {#if backups.all.backups.length === 0}
    <p class="soft">None yet. The first is kept at the next start, and then one each day.</p>
  {:else}
    <ul class="listed backups">
      {#each backups.all.backups as kept (kept.name)}
        <li>
          <div>
            <b>{when(kept.at, garden.dates)}</b>
            <small class="soft"
              >{kept.why || `${counted(kept.things, 'thing')}, ${counted(kept.projects, 'project')}`} · {kept.name}</small
            >
          </div>
          {#if backups.chosen === kept.name}
            <div class="sure">
              <span>Everything since then is replaced; what is there now is kept first.</span>
              <Button kind="main" class="px-4" disabled={backups.busy} onclick={() => void backups.restore(kept.name)}
                >Go back to it</Button
              >
              <Button class="px-4" onclick={() => (backups.chosen = null)}>Leave it</Button>
            </div>
          {:else if kept.why === ''}
            <Button class="px-4" onclick={() => (backups.chosen = kept.name)}
              >Restore<span class="sr"> the backup of {when(kept.at, garden.dates)}</span></Button
            >
          {/if}
        </li>
      {/each}
    </ul>
  {/if}
{/if}

<style>
  small {
    display: block;
    overflow-wrap: anywhere;
  }

  .sure {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px;
  }
</style>
