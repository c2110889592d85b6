<script lang="ts">
  import { garden } from '../lib/garden.svelte';
  import BackupList from '../stages/rules/BackupList.svelte';
</script>

<section class="hurt" aria-labelledby="hurt">
  <h1 id="hurt">The garden cannot be opened</h1>
  <p class="why" role="alert">{garden.trouble?.whole}</p>
  <p>
    Nothing of it was changed. Go back to a backup below; the file as it is now is set aside in its folder and not
    thrown away. Photographs come back with it.
  </p>
  <h2>What can be gone back to</h2>
  <BackupList />
</section>

<style>
  .hurt {
    max-width: 820px;
    margin: 0 auto;
    padding: 28px 20px 40px;
    display: grid;
    gap: 12px;
  }

  .why {
    border-left: 5px solid var(--fails);
    padding: 6px 0 6px 14px;
    font-weight: 600;
    font-size: 1.1rem;
    overflow-wrap: anywhere;
  }
</style>
